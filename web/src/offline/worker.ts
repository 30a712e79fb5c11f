import { shallowRef } from 'vue';
import { registerSW } from 'virtual:pwa-register';

/** True once a newer Emberfield has been fetched and waits; the pages in use go on until somebody takes it. */
export const newer = shallowRef(false);
let take: (() => Promise<void>) | null = null;

/** Keeps the pages themselves on the device, so that Emberfield opens where there is no signal. */
export function keepPages(): void {
  take = registerSW({ onNeedRefresh: () => (newer.value = true) });
}
export const takeNewer = (): void => void take?.();
