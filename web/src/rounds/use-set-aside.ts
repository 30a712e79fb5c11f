import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { derivedId } from '../entries/derived-id.ts';
import { newKey } from '../entries/draft-key.ts';
import { useEntries } from '../entries/use-entries.ts';
import { useHolds } from '../entries/use-holds.ts';
import { signal } from '../platform/signal.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import type { PlaceToVisit } from './places.ts';

/** Sets aside for whoever goes what is left at the places of a round, so that nobody else takes it today. Only where the server answers at once. */
export function useSetAside(places: Ref<readonly PlaceToVisit[]>): {
  readonly may: ComputedRef<boolean>;
  readonly busy: Ref<boolean>;
  readonly problem: Ref<string>;
  readonly setAside: () => Promise<void>;
} {
  const words = useWords();
  const { mayPick } = useGroup();
  const { today, lookingAway } = useDay();
  const { make } = useEntries();
  const holds = useHolds();
  const undo = useUndo();
  const busy = ref(false);
  const problem = ref('');
  const counted = computed(() =>
    places.value.flatMap((p) => p.lines).filter((l) => Math.floor(l.outlook.allowance.amountLeft ?? 0) > 0),
  );
  const may = computed(() => mayPick.value && !lookingAway.value && signal.reached.value && counted.value.length > 0);
  async function setAside(): Promise<void> {
    const key = newKey();
    const entries = counted.value.map(({ stand, outlook: { part, allowance } }) => {
      const body = { part, amount: Math.floor(allowance.amountLeft!) };
      const at = { patchId: stand.patchId, standId: stand.id, day: today.value };
      return make({ kind: 'hold', ...at, body }, { ...key, id: derivedId(key.id, `${stand.id} ${part}`) });
    });
    busy.value = true;
    problem.value = '';
    try {
      // Somebody else may have been quicker at one of them: the rest is set aside.
      const { kept, refused } = await holds.setAside(entries);
      problem.value = refused;
      undo.say(words.value.t('round.setAsideDone', { n: kept.length }), () => holds.giveBack(kept));
    } catch (error) {
      problem.value = (error as Error).message;
    } finally {
      busy.value = false;
    }
  }
  return { may, busy, problem, setAside };
}
