import { ref, type Ref } from 'vue';
import type { PatchGeometry } from '@emberfield/contract';
import { once, positionSource } from '../platform/position.ts';
import { useWords } from '../session/words.ts';
import { pointFrom } from './new-patch.ts';

export interface FoundPosition {
  readonly geometry: PatchGeometry;
  /** `null` where the device does not know. */
  readonly heightM: number | null;
  readonly accuracyM: number;
}

/** Where the device is, asked for once at a press; `problem` says why not. */
export function usePosition(found: (position: FoundPosition) => void): {
  readonly problem: Ref<string>;
  readonly locating: Ref<boolean>;
  readonly locate: () => void;
} {
  const words = useWords();
  const problem = ref('');
  const locating = ref(false);
  function locate(): void {
    problem.value = '';
    locating.value = true;
    once(
      positionSource.value,
      ({ latitudeDeg, longitudeDeg, heightM, accuracyM }) => {
        locating.value = false;
        found({ geometry: pointFrom(latitudeDeg, longitudeDeg), heightM, accuracyM });
      },
      (why) => {
        locating.value = false;
        problem.value = words.value.t('patch.noPosition', { why });
      },
    );
  }
  return { problem, locating, locate };
}
