import { useQueryClient } from '@tanstack/vue-query';
import { ref, type Ref } from 'vue';
import type { Entry, StandView } from '@emberfield/contract';
import { derivedId } from '../entries/derived-id.ts';
import { useEntries } from '../entries/use-entries.ts';
import { useOutbox } from '../offline/use-outbox.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { standAsk } from '../stands/queries.ts';
import { blankLog, draftsOfLog, type PlaceLog } from './place-log.ts';

/** What is noted at a place while it is noted, and how all of it is kept at once. */
export function usePlaceLog(patchId: Ref<string>): {
  readonly log: Ref<PlaceLog>;
  readonly busy: Ref<boolean>;
  readonly failure: Ref<string>;
  readonly keep: (standIds: readonly string[], place: string) => Promise<boolean>;
} {
  const words = useWords();
  const client = useQueryClient();
  const { groupId } = useGroup();
  const { today } = useDay();
  const { make, send, withdraw } = useEntries();
  const outbox = useOutbox();
  const undo = useUndo();
  const log = useDraft<PlaceLog>(() => `place-${patchId.value}`, blankLog());
  const busy = ref(false);
  const failure = ref('');

  /** The visit with what was beside, and everything noted in it. A part's key hangs on what it says, so that sent again it is stored once. */
  function entriesOf(standIds: readonly string[]): readonly Entry[] {
    const { key, beside } = log.value;
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
    const head = make(
      {
        kind: 'visit',
        ...at,
        standId: null,
        body: { note: beside.map((b) => words.value.t(`field.besideOf.${b}`)).join(', ') },
      },
      key,
    );
    return [
      head,
      ...drafts.map((d) =>
        make(
          { ...d, visitId: head.id },
          { ...key, id: derivedId(key.id, JSON.stringify([d.standId, d.kind, d.body])) },
        ),
      ),
    ];
  }

  /** True once it is kept, or there was nothing to keep. */
  async function keep(standIds: readonly string[], place: string): Promise<boolean> {
    const entries = entriesOf(standIds);
    if (entries.length === 0) return true;
    busy.value = true;
    failure.value = '';
    try {
      const sent = await send(entries, words.value.t('field.outbox', { place }));
      if (sent.kind === 'refused') throw new Error(sent.message);
      const [head, ...rest] = entries;
      undo.say(words.value.t(sent.kind === 'waiting' ? 'field.keptHere' : 'field.kept', { place }), async () => {
        if (outbox.waiting.some((w) => w.id === head!.id)) return outbox.forget(head!.id);
        for (const entry of rest) await withdraw(entry, today.value);
      });
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
