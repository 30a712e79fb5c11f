import { useQueryClient } from '@tanstack/vue-query';
import { ref, type Ref } from 'vue';
import type { Entry, StandView } from '@emberfield/contract';
import { useEntries } from '../entries/use-entries.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { standAsk } from '../stands/queries.ts';
import { blankLog, draftsOfLog, type PlaceLog, type Stay } from './place-log.ts';

/** What is noted at a place while it is noted, and how all of it is kept at once. */
export function usePlaceLog(patchId: Ref<string>): {
  readonly log: Ref<PlaceLog>;
  readonly busy: Ref<boolean>;
  readonly failure: Ref<string>;
  /** @param stay minutes at the place, and on foot to it; `null`: nobody measured it */
  readonly keep: (standIds: readonly string[], place: string, stay: Stay) => Promise<boolean>;
} {
  const words = useWords();
  const client = useQueryClient();
  const { groupId } = useGroup();
  const { today } = useDay();
  const entries = useEntries();
  const undo = useUndo();
  const log = useDraft<PlaceLog>(() => `place-${patchId.value}`, blankLog());
  const busy = ref(false);
  const failure = ref('');

  /** The visit with what was beside, and everything noted in it. */
  function entriesOf(standIds: readonly string[]): readonly Entry[] {
    const { key, beside, stay } = log.value;
    const at = { patchId: patchId.value, day: today.value };
    // Whatever was noted was noted of a stand that stood in the list.
    const stands = standIds.flatMap((id) => {
      const stand = client.getQueryData<StandView>(standAsk(groupId.value, id).queryKey);
      return stand ? [stand] : [];
    });
    const drafts = draftsOfLog(log.value, stands, {
      ...at,
      nothingSaid: words.value.t('field.nothingSaid'),
    });
    if (drafts.length === 0 && beside.length === 0) return [];
    const note = beside.map((b) => words.value.t(`field.besideOf.${b}`)).join(', ');
    return entries.visit({ ...at, note, ...stay }, drafts, key);
  }

  /** True once it is kept, or there was nothing to keep. */
  async function keep(standIds: readonly string[], place: string, stay: Stay): Promise<boolean> {
    log.value = { ...log.value, stay: log.value.stay ?? stay };
    const noted = entriesOf(standIds);
    if (noted.length === 0) return true;
    busy.value = true;
    failure.value = '';
    try {
      const sent = await entries.send(noted, words.value.t('field.outbox', { place }));
      if (sent.kind === 'refused') throw new Error(sent.message);
      undo.say(words.value.t(sent.kind === 'waiting' ? 'field.keptHere' : 'field.kept', { place }), () =>
        entries.takeBack(noted, today.value),
      );
      log.value = blankLog();
      return true;
    } catch (error) {
      failure.value = (error as Error).message;
      return false;
    } finally {
      busy.value = false;
    }
  }
  return { log, busy, failure, keep };
}
