import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** When something was entered or tried, by the clock of the group. */
export function useWaitingTimes(): (ms: number) => string {
  const words = useWords();
  const { group } = useGroup();
  return (ms) => words.value.format.instant(new Date(ms).toISOString(), group.value?.zone ?? 'UTC');
}
