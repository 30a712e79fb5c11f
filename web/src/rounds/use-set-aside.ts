import { computed, ref, type ComputedRef, type Ref } from 'vue';
import type { Entry } from '@emberfield/contract';
import { derivedId } from '../entries/derived-id.ts';
import { newKey } from '../entries/draft-key.ts';
import { useEntries } from '../entries/use-entries.ts';
import { signal } from '../platform/signal.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import type { PlaceToVisit } from './round.ts';

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
  const { make, send, withdraw } = useEntries();
  const undo = useUndo();
  const busy = ref(false);
  const problem = ref('');
  const counted = computed(() =>
    places.value.flatMap((p) => p.lines).filter((l) => Math.floor(l.outlook.allowance.amountLeft ?? 0) > 0),
  );
  const may = computed(() => mayPick.value && !lookingAway.value && signal.reached.value && counted.value.length > 0);
  const takeBack = async (entries: readonly Entry[]): Promise<void> => {
    const [first, ...others] = entries;
    if (first) await withdraw(first, today.value, others);
  };
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
      const sent = await send(entries, words.value.t('hold.set'));
      // Later it would be refused or, worse, hold back others for nothing.
      if (sent.kind === 'waiting') {
        await takeBack(entries);
        problem.value = words.value.t('hold.noSignal');
        return;
      }
      // Somebody else may have been quicker at one of them: the rest is set aside.
      const refused = new Set(sent.results.flatMap((r) => (r.status === 'needsAttention' ? [r.id] : [])));
      const kept = entries.filter((e) => !refused.has(e.id));
      if (sent.kind === 'refused') problem.value = sent.message;
      if (kept.length > 0) undo.say(words.value.t('round.setAsideDone', { n: kept.length }), () => takeBack(kept));
    } catch (error) {
      problem.value = (error as Error).message;
    } finally {
      busy.value = false;
    }
  }
  return { may, busy, problem, setAside };
}
