import { ref, type Ref } from 'vue';
import type { EntryBodies, StandView } from '@emberfield/contract';
import { useDay } from '../session/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { newKey, type DraftKey } from '../entries/draft-key.ts';
import { useEntries } from '../entries/use-entries.ts';

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
  const { make, sendOne, withdraw } = useEntries();
  /** Of the word that is being given: pressed again after a lost answer it is the same word. */
  const keys = new Map<string, DraftKey>();
  const keyOf = (said: object): DraftKey => {
    const text = JSON.stringify(said);
    const key = keys.get(text) ?? newKey();
    keys.set(text, key);
    return key;
  };
  const busy = ref(false);
  const failure = ref('');

  async function store(entry: ReturnType<typeof make>, said: string): Promise<boolean> {
    busy.value = true;
    failure.value = '';
    try {
      const sent = await sendOne(entry, words.value.t('outbox.identity'));
      undo.say(sent.kind === 'waiting' ? words.value.t('outbox.keptWord') : said, () => withdraw(entry, today.value));
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
    keep: (stand, body) =>
      store(
        make({ kind: 'identity', ...at(stand), body }, keyOf({ stand: stand.id, body })),
        words.value.t('identify.kept'),
      ),
    wait: (stand, body) =>
      store(
        make({ kind: 'awaited', ...at(stand), body }, keyOf({ stand: stand.id, body })),
        words.value.t('identify.awaiting', {
          sign: words.value.t(`sign.${body.sign}`),
          day: words.value.format.day(body.due, today.value),
        }),
      ),
  };
}
