import { computed, type ComputedRef, type Ref } from 'vue';
import type { PartOutlook, StandView } from '@emberfield/contract';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { useLowerStand } from './queries.ts';

/** Why a window is when it is: what it is reckoned from, and, once the stand has been read, what was learned of it. */
export function useWindowReasons(said: {
  readonly standId: Ref<string>;
  readonly stand: Ref<StandView | undefined>;
  readonly stationName: Ref<string | null>;
  readonly outlook: Ref<PartOutlook>;
  readonly day: Ref<string>;
}): ComputedRef<readonly string[]> {
  const words = useWords();
  const { groupId } = useGroup();
  const lower = useLowerStand(groupId, said.standId);
  return computed(() => {
    const { windowReasons, learnedReasons } = words.value;
    const [outlook, day, stand] = [said.outlook.value, said.day.value, said.stand.value];
    return [
      ...windowReasons(outlook, day, said.stationName.value),
      ...(stand ? learnedReasons({ learned: stand.learned, lower: lower.data.value ?? null }, outlook, day) : []),
    ];
  });
}
