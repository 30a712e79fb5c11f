import { computed, type Ref } from 'vue';
import { useDraft } from '../session/use-draft.ts';

/** Latitude and longitude in degrees, s since 1970, m that it is sure to: a way is some thousands of these. */
export type Noted = readonly [number, number, number, number];
export interface WayLog {
  /** It is being noted. */
  readonly on: boolean;
  readonly points: readonly Noted[];
  /** Minutes on foot that went into the record already, with the places that were noted. */
  readonly told: number;
}
export const NO_WAY: WayLog = { on: false, points: [], told: 0 };

/** The way as it is noted on this device; under the account, so that nobody else on it sees it. Part of the first load. */
export const useWayLog = (): Ref<WayLog> => useDraft<WayLog>('way-log', NO_WAY);

/** Share of the usual pace at which this person walked; `null`: nobody noted it. */
export function useOwnPace(): Ref<number | null> {
  const kept = useDraft<{ readonly share: number | null }>('own-pace', { share: null });
  return computed({ get: () => kept.value.share, set: (share) => void (kept.value = { share }) });
}
