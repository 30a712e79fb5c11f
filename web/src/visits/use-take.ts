import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { AllowanceView, Entry, PartKey, PartOutlook, StandView } from '@emberfield/contract';
import type { MethodKey } from '@emberfield/core/plants';
import { useDraft } from '../session/use-draft.ts';
import { useDay } from '../session/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { partsByHeat } from '../stands/heats.ts';
import type { useStand } from '../stands/queries.ts';
import { useWayOn } from './use-way-on.ts';
import { useStandHere } from '../stands/use-own-season.ts';
import {
  added,
  blankTake,
  freshTicks,
  heldAnew,
  inAnotherWay,
  ofAnotherPart,
  overruled,
  partToTake,
  setBackBody,
  takeBody,
  takeSaid,
  type TakeDraft,
} from './take-draft.ts';
import { goesOver } from './tally.ts';
import { useCounting, type Counting } from './use-counting.ts';
import { derivedId } from '../entries/derived-id.ts';
import { useEntries } from '../entries/use-entries.ts';

interface Taking extends Counting {
  readonly query: ReturnType<typeof useStand>;
  readonly stand: ComputedRef<StandView | undefined>;
  readonly draft: Ref<TakeDraft>;
  readonly outlooks: ComputedRef<readonly PartOutlook[]>;
  readonly outlook: ComputedRef<PartOutlook | undefined>;
  /** The way it is taken, and how much that lets one take. */
  readonly method: ComputedRef<MethodKey>;
  readonly allowed: ComputedRef<AllowanceView | undefined>;
  readonly chooseMethod: (method: MethodKey) => void;
  readonly holding: Ref<boolean>;
  readonly busy: Ref<boolean>;
  readonly failure: Ref<string>;
  readonly choosePart: (part: PartKey) => void;
  readonly add: (amount: number) => void;
  readonly overrule: (reason: string) => void;
  readonly keep: () => Promise<void>;
}

/** The way it is taken, and how much that lets one take: as the plan of the stand says until another is chosen. */
function useWay(
  draft: Ref<TakeDraft>,
  outlook: ComputedRef<PartOutlook | undefined>,
): Pick<Taking, 'method' | 'allowed' | 'chooseMethod'> {
  const method = computed(() => draft.value.method ?? outlook.value?.method ?? 'usual');
  return {
    method,
    allowed: computed(
      () => outlook.value?.otherMethods?.find((m) => m.method === method.value)?.allowance ?? outlook.value?.allowance,
    ),
    chooseMethod: (to) => void (draft.value = inAnotherWay(draft.value, to)),
  };
}

/** A take while it is tallied: the draft, what holds it back, and how it is sent. */
export function useTake(): Taking {
  const words = useWords();
  const route = useRoute();
  const router = useRouter();
  const { today } = useDay();
  const undo = useUndo();
  const { make, sendOne, withdraw } = useEntries();
  const { on } = useWayOn('take');
  const standId = computed(() => String(route.params['standId']));
  // Takes are of the real today, whatever day the ribbon looks at.
  const { query, stand } = useStandHere(standId, today);
  const draft = useDraft<TakeDraft>(() => `take-${standId.value}`, blankTake());
  draft.value = freshTicks(draft.value, Date.now());
  const outlooks = computed(() => partsByHeat(stand.value?.outlooks ?? []));
  const outlook = computed(() => outlooks.value.find((o) => o.part === draft.value.part));
  const { method, allowed, chooseMethod } = useWay(draft, outlook);
  const holding = ref(false);
  const busy = ref(false);
  const failure = ref('');

  // The same draft may be saved in another tab: here it is blank then, and stands on a part again.
  watch(
    [outlooks, () => draft.value.part],
    ([now]) => {
      // Before the stand is known there is nothing to choose from, and a tally begun before a reload must stay.
      if (now.length === 0) return;
      const part = partToTake(
        now.map((o) => o.part),
        { drafted: draft.value.part, asked: route.query['part'] },
      );
      if (part !== draft.value.part) draft.value = blankTake(part);
    },
    { immediate: true },
  );

  const { part, each, holds, count } = useCounting(draft, stand);

  function add(amount: number): void {
    const next = heldAnew(added(draft.value, amount), amount, outlook.value?.leafByLeaf ?? []);
    const over = amount > 0 && draft.value.overReason === '' && goesOver(allowance(), next.amount * (each.value ?? 0));
    if (over) holding.value = true;
    else draft.value = next;
  }

  function overrule(reason: string): void {
    draft.value = overruled(draft.value, reason, allowance());
    holding.value = false;
  }

  const choosePart = (part: PartKey): void => void (draft.value = ofAnotherPart(draft.value, part));

  async function keep(): Promise<void> {
    // Nobody said what a handful holds: there is no amount that could be stored, and none is made up.
    if (each.value === null) return;
    const { id, patchId } = stand.value!;
    const { day } = draft.value;
    const body = takeBody({ ...draft.value, part: draft.value.part!, method: method.value }, part.value, each.value);
    const { amount, unit } = {
      amount: body.amount,
      unit: body.measure === 'gram' ? 'gram' : allowance().unit,
    } as const;
    busy.value = true;
    failure.value = '';
    try {
      const entry = make({ kind: 'take', patchId, standId: id, day: day || today.value, body }, draft.value.key);
      const along = setBack(entry);
      const what = words.value.amount(amount, unit);
      const label = words.value.t('outbox.take', { what, plant: words.value.text(stand.value!.plantName) });
      const sent = await sendOne(entry, label, along);
      const { text, over } =
        sent.kind === 'waiting'
          ? { text: words.value.t('outbox.kept', { what }), over: false }
          : takeSaid(words.value, sent.result, { amount, unit, leftIn: allowance().unit });
      undo.say(text, () => withdraw(entry, today.value, along), over);
      draft.value = blankTake();
      await router.replace(on.value);
    } catch (error) {
      failure.value = (error as Error).message;
    } finally {
      busy.value = false;
    }
  }

  /** What was set back from a take, to go along with it. */
  function setBack({ id: takeId, patchId, standId, day }: Entry): readonly Entry[] {
    const body = setBackBody(draft.value, takeId);
    const key = { ...draft.value.key, id: derivedId(takeId, 'setBack') };
    return body ? [make({ kind: 'planting', patchId, standId, day, body }, key)] : [];
  }

  /** Only asked for once the form stands, which it does not before the stand is known. */
  const allowance = (): AllowanceView => allowed.value!;

  return {
    query,
    stand,
    draft,
    outlooks,
    outlook,
    method,
    allowed,
    chooseMethod,
    holding,
    busy,
    failure,
    part,
    each,
    holds,
    count,
    choosePart,
    add,
    overrule,
    keep,
  };
}
