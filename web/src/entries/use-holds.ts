import type { Entry } from '@emberfield/contract';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { useEntries } from './use-entries.ts';

/** Setting something aside for today, and giving it back. Only where the server answers at once: later it would be refused or, worse, hold back others for nothing. */
export function useHolds(): {
  /** Which of them are set aside; `refused` says why others are not, and is empty where all are. @throws where none is */
  readonly setAside: (
    entries: readonly Entry[],
  ) => Promise<{ readonly kept: readonly Entry[]; readonly refused: string }>;
  readonly giveBack: (entries: readonly Pick<Entry, 'id' | 'patchId' | 'standId'>[]) => Promise<void>;
} {
  const words = useWords();
  const { today } = useDay();
  const { send, withdraw } = useEntries();
  const giveBack = async (entries: readonly Pick<Entry, 'id' | 'patchId' | 'standId'>[]): Promise<void> => {
    const [first, ...others] = entries;
    if (first) await withdraw(first, today.value, others);
  };
  return {
    giveBack,
    setAside: async (entries) => {
      const sent = await send(entries, words.value.t('hold.set'));
      if (sent.kind === 'waiting') {
        await giveBack(entries);
        throw new Error(words.value.t('hold.noSignal'));
      }
      const open = new Set(sent.results.flatMap((r) => (r.status === 'needsAttention' ? [r.id] : [])));
      const kept = entries.filter((e) => !open.has(e.id));
      const refused = sent.kind === 'refused' ? sent.message : '';
      // Refused as a whole there is no answer to each of them.
      if (sent.results.length === 0 || kept.length === 0) throw new Error(refused);
      return { kept, refused };
    },
  };
}
