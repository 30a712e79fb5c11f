import { ref, type Ref } from 'vue';
import { useEntries } from '../entries/use-entries.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import type { SortDraft } from './sort-draft.ts';
import { asBefore, tableEntries } from './table-entries.ts';

type Around = Omit<Parameters<typeof tableEntries>[1], 'make' | 'today' | 'unknownNote' | 'foundNote'>;

/** Keeps what was sorted, and takes all of it back at once. */
export function useSort(): {
  readonly busy: Ref<boolean>;
  readonly failure: Ref<string>;
  /** @returns the first batch, or `null` where it waits on the device; `undefined`: it was refused */
  readonly keep: (draft: SortDraft, around: Around, what: string) => Promise<string | null | undefined>;
} {
  const words = useWords();
  const undo = useUndo();
  const entries = useEntries();
  const { today } = useDay();
  const busy = ref(false);
  const failure = ref('');
  async function keep(draft: SortDraft, around: Around, what: string): Promise<string | null | undefined> {
    busy.value = true;
    failure.value = '';
    const all = {
      ...around,
      ...{ make: entries.make, today: today.value },
      ...{ unknownNote: words.value.t('larder.unknownNote'), foundNote: words.value.t('larder.foundNote') },
    };
    const made = tableEntries(draft, all);
    const [first, ...jars] = made.batches;
    const others = [...jars, ...made.told];
    try {
      // What is refused of another stand leaves this one as it was.
      const sent = await entries.sendInTurn([made.ofOthers, made.putRight, [first, ...others]], {
        id: first.id,
        label: what,
      });
      undo.say(words.value.t(sent === 'waiting' ? 'larder.keptHere' : 'larder.keptSaid', { what }), () =>
        entries.withdraw(first, today.value, [...others, ...made.ofOthers], asBefore(made, all)),
      );
      return sent === 'waiting' ? null : first.id;
    } catch (error) {
      failure.value = (error as Error).message;
      return undefined;
    } finally {
      busy.value = false;
    }
  }
  return { busy, failure, keep };
}
