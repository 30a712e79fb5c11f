import { ref, type Ref } from 'vue';
import type { PatchGeometry } from '@emberfield/contract';
import { usePosition } from '../patches/use-position.ts';

/** Where the device is now, with how sure it is. */
export function useHereNow(
  found: (here: { readonly geometry: PatchGeometry; readonly heightM: number | null }) => void,
): {
  readonly problem: Ref<string>;
  readonly locating: Ref<boolean>;
  readonly accuracyM: Ref<number | null>;
  readonly locate: () => void;
} {
  const accuracyM = ref<number | null>(null);
  const { problem, locating, locate } = usePosition(({ geometry, heightM, accuracyM: sure }) => {
    accuracyM.value = Math.round(sure);
    found({ geometry, heightM });
  });
  return { problem, locating, accuracyM, locate };
}
