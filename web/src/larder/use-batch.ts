import { computed, ref, type ComputedRef, type Ref } from 'vue';
import type { BatchView, EntryBodies } from '@emberfield/contract';
import type { BatchStep } from '@emberfield/core/larder';
import { useEntries } from '../entries/use-entries.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { useLarderClock } from './use-larder-clock.ts';

/** What can be noted of a batch: its weight, and what became of it; each can be taken back. */
export function useBatch(batch: ComputedRef<BatchView | undefined>): {
  readonly busy: Ref<boolean>;
  readonly failure: Ref<string>;
  readonly weigh: (massG: number) => Promise<void>;
  /** Takes back something that was noted of it, or the whole of it: then its takes lie on the table again. */
  readonly takeBack: (id: string) => Promise<void>;
  readonly step: (step: BatchStep, massG: number | null, where?: string) => Promise<void>;
} {
  const words = useWords();
  const { today } = useDay();
  const entries = useEntries();
  const undo = useUndo();
  const { now } = useLarderClock();
  const busy = ref(false);
  const failure = ref('');
  const at = computed(() => ({
    patchId: batch.value!.patchId,
    standId: batch.value!.standId,
    // Of a batch that was made on a later day than the device thinks it is, nothing is noted before it was made.
    day: today.value < batch.value!.day ? batch.value!.day : today.value,
  }));

  async function during(work: () => Promise<void>): Promise<void> {
    busy.value = true;
    failure.value = '';
    try {
      await work();
    } catch (error) {
      failure.value = (error as Error).message;
    } finally {
      busy.value = false;
    }
  }
  const note = <K extends 'batchWeighing' | 'batchStep'>(kind: K, body: EntryBodies[K], said: string): Promise<void> =>
    during(async () => {
      const entry = entries.make({ kind, ...at.value, body });
      await entries.sendOne(entry, said);
      undo.say(said, () => entries.withdraw(entry, today.value));
    });
  const takeBack = (id: string): Promise<void> =>
    during(async () => {
      const { patchId, standId } = at.value;
      await entries.withdraw({ id, patchId, standId }, today.value);
      undo.say(words.value.t('common.undone'));
    });
  return {
    busy,
    failure,
    takeBack,
    weigh: (massG) =>
      note(
        'batchWeighing',
        { batchId: batch.value!.id, massG, at: new Date(now.value).toISOString() },
        `${words.value.t('larder.weighed')}: ${words.value.format.mass(massG)}`,
      ),
    step: (step, massG, where = '') =>
      note('batchStep', { batchId: batch.value!.id, step, massG, where }, words.value.t(`larder.steps.${step}`)),
  };
}
