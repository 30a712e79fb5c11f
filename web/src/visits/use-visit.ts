import { computed, type ComputedRef, type Ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Entry, StandView } from '@emberfield/contract';
import { useForm, type Form } from '../form/use-form.ts';
import { useDraft } from '../session/use-draft.ts';
import { useDay } from '../session/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import type { useStand } from '../stands/queries.ts';
import { useWayOn } from './use-way-on.ts';
import { useStandHere } from '../stands/use-own-season.ts';
import { entriesSchema } from '../entries/entries-schema.ts';
import { useEntries, type Draft } from '../entries/use-entries.ts';
import { blankVisit, draftsOf, type VisitDraft } from '../entries/visit-draft.ts';

/** A visit while it is filled in, the entries it amounts to, and how they are sent. */
export function useVisit(): {
  readonly query: ReturnType<typeof useStand>;
  readonly stand: ComputedRef<StandView | undefined>;
  readonly visit: Ref<VisitDraft>;
  readonly drafts: ComputedRef<readonly Draft[]>;
  readonly form: Form<unknown>;
  /** Where in the form's body an entry of a kind stands; a path that is nowhere while there is none. */
  readonly at: (kind: Draft['kind']) => string;
  readonly keep: () => Promise<void>;
} {
  const words = useWords();
  const route = useRoute();
  const router = useRouter();
  const { today } = useDay();
  const undo = useUndo();
  const entries = useEntries();
  const { on } = useWayOn('visit');
  const standId = computed(() => String(route.params['standId']));
  // A visit is of the real today, whatever day the ribbon looks at.
  const { query, stand } = useStandHere(standId, today);
  const visit = useDraft<VisitDraft>(() => `visit-${standId.value}`, blankVisit());
  const day = computed(() => visit.value.day || today.value);
  const lookAlike = (name: string) => {
    const known = stand.value?.lookAlikes.find((l) => words.value.text(l.name) === name);
    return { plantKey: known?.plantKey ?? null, deadly: known?.severity === 'deadly' };
  };
  const drafts = computed(() =>
    draftsOf(visit.value, {
      patchId: stand.value?.patchId ?? '',
      standId: standId.value,
      day: day.value,
      lookAlike,
      stageNow: stand.value?.outlooks[0]?.stageSeen?.stage ?? '',
    }),
  );

  const entriesOf = (): readonly [Entry, ...Entry[]] =>
    entries.visit({ patchId: stand.value?.patchId ?? '', day: day.value }, drafts.value, visit.value.key);
  const form = useForm({ schema: entriesSchema, body: () => ({ entries: entriesOf() }) });
  const at = (kind: Draft['kind']): string => `entries[${1 + drafts.value.findIndex((d) => d.kind === kind)}].body`;

  async function keep(): Promise<void> {
    const { plantName } = stand.value!;
    const done = await form.send(async ({ entries: noted }) => {
      const sent = await entries.send(noted, words.value.t('outbox.visit', { plant: words.value.text(plantName) }));
      if (sent.kind === 'refused') {
        const said = sent.results.flatMap((r) => (r.status === 'needsAttention' ? [r.message] : []));
        const each = (said.length ? said : [sent.message]).map((message) =>
          words.value.t('visit.needsAttention', { message }),
        );
        throw new Error(each.join(' '));
      }
      return { kind: sent.kind, entries: noted };
    });
    if (!done) return;
    undo.say(words.value.t(done.kind === 'waiting' ? 'outbox.keptVisit' : 'visit.stored'), () =>
      entries.takeBack(done.entries, today.value),
    );
    visit.value = blankVisit();
    await router.replace(on.value);
  }

  return { query, stand, visit, drafts, form: form, at, keep };
}
