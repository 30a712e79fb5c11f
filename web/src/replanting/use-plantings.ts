import { ref, type Ref } from 'vue';
import type { EntryBodies, StandView } from '@emberfield/contract';
import { useDay } from '../session/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { useEntries } from '../entries/use-entries.ts';
import type { DraftKey } from '../entries/draft-key.ts';

type Kind = 'planting' | 'plantingCheck' | 'tending';
interface Noted<K extends Kind> {
  readonly kind: K;
  readonly day: string;
  readonly body: EntryBodies[K];
}

/** Notes what was put in, looked at or worked on at a stand, with the way back. */
export function usePlantings(stand: Ref<StandView>): {
  /** @param said what is said once it is stored; what is refused is thrown */
  readonly note: <K extends Kind>(what: Noted<K>, key: DraftKey, said: string) => Promise<void>;
  /** The same where no form says what was refused: `failure` does. @returns whether it was noted */
  readonly tryNote: <K extends Kind>(what: Noted<K>, key: DraftKey, said: string) => Promise<boolean>;
  readonly busy: Ref<boolean>;
  readonly failure: Ref<string>;
} {
  const words = useWords();
  const undo = useUndo();
  const { today } = useDay();
  const { make, sendOne, withdraw } = useEntries();
  const busy = ref(false);
  const failure = ref('');
  async function note<K extends Kind>(what: Noted<K>, key: DraftKey, said: string): Promise<void> {
    const { id, patchId, plantName } = stand.value;
    const entry = make({ ...what, patchId, standId: id }, key);
    const label = `${words.value.text(plantName)}: ${words.value.t('putBack.title')}`;
    const sent = await sendOne(entry, label);
    undo.say(sent.kind === 'waiting' ? words.value.t('outbox.keptWord') : said, () => withdraw(entry, today.value));
  }
  async function tryNote<K extends Kind>(what: Noted<K>, key: DraftKey, said: string): Promise<boolean> {
    busy.value = true;
    failure.value = '';
    try {
      await note(what, key, said);
      return true;
    } catch (error) {
      failure.value = (error as Error).message;
      return false;
    } finally {
      busy.value = false;
    }
  }
  return { note, tryNote, busy, failure };
}
