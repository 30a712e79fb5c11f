import { ref, type Ref } from 'vue';
import type { EntryBodies, StandView } from '@emberfield/contract';
import { useDay } from '../platform/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../platform/words.ts';
import { useEntries } from '../visits/use-entries.ts';

type Place = Pick<StandView, 'id' | 'patchId'>;

/** Writes down what a stand is said to be, or what is awaited of it; true once it is kept. */
export function useSettle(): {
  readonly busy: Ref<boolean>;
  readonly failure: Ref<string>;
  readonly keep: (stand: Place, body: EntryBodies['identity']) => Promise<boolean>;
  readonly wait: (stand: Place, body: EntryBodies['awaited']) => Promise<boolean>;
} {
  const words = useWords();
  const { today } = useDay();
  const undo = useUndo();
  const { make, send, withdraw } = useEntries();
  const busy = ref(false);
  const failure = ref('');

  async function store(entry: ReturnType<typeof make>, said: string): Promise<boolean> {
    busy.value = true;
    failure.value = '';
    try {
      const [result] = await send([entry]);
      if (!result || result.status === 'needsAttention') {
        failure.value = result?.message ?? words.value.t('errors.internal', { logId: '' });
        return false;
      }
      undo.say(said, () => withdraw(entry, today.value));
      return true;
    } catch (error) {
      failure.value = (error as Error).message;
      return false;
    } finally {
      busy.value = false;
    }
  }
  const at = ({ id, patchId }: Place) => ({ patchId, standId: id, day: today.value });
  return {
    busy,
    failure,
    keep: (stand, body) => store(make({ kind: 'identity', ...at(stand), body }), words.value.t('identify.kept')),
    wait: (stand, body) =>
      store(
        make({ kind: 'awaited', ...at(stand), body }),
        words.value.t('identify.awaiting', {
          sign: words.value.t(`sign.${body.sign}`),
          day: words.value.format.day(body.due, today.value),
        }),
      ),
  };
}
