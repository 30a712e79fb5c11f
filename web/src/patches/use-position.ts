import { ref, type Ref } from 'vue';
import type { PatchGeometry } from '@emberfield/contract';
import { useWords } from '../session/words.ts';
import { pointFrom } from './new-patch.ts';

export interface FoundPosition {
  readonly geometry: PatchGeometry;
  /** `null` where the device does not know. */
  readonly heightM: number | null;
  readonly accuracyM: number;
}

const LONGEST_WAIT_MS = 15_000;

/** Where the device is, asked for once at a press; `problem` says why not. */
export function usePosition(found: (position: FoundPosition) => void): {
  readonly problem: Ref<string>;
  readonly locating: Ref<boolean>;
  readonly locate: () => void;
} {
  const words = useWords();
  const problem = ref('');
  const locating = ref(false);
  const fail = (why: string): void => {
    locating.value = false;
    problem.value = words.value.t('patch.noPosition', { why });
  };
  function locate(): void {
    problem.value = '';
    if (!('geolocation' in navigator)) return fail('');
    locating.value = true;
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => {
        locating.value = false;
        found({
          geometry: pointFrom(coords.latitude, coords.longitude),
          heightM: coords.altitude,
          accuracyM: coords.accuracy,
        });
      },
      (error) => fail(error.message),
      { enableHighAccuracy: true, timeout: LONGEST_WAIT_MS },
    );
  }
  return { problem, locating, locate };
}
