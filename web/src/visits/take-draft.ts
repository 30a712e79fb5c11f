import type { AllowanceView, EntryBodies, EntryResult, PartKey, PlantingWay, ProfilePart } from '@emberfield/contract';
import { takenBy, type MethodKey } from '@emberfield/core/plants';
import { diedOf } from '@emberfield/core/stand';
import type { Words } from '@emberfield/words';
import { newKey, type DraftKey } from '../entries/draft-key.ts';
import { stepsFor, type Counted } from './tally.ts';

/** What the take form holds while it is filled in; kept in the browser until it is sent. */
export interface TakeDraft {
  /** What it is stored under, however often it is sent. */
  readonly key: DraftKey;
  readonly part: PartKey | null;
  /** Of what is counted: pieces, grams, handfuls. */
  readonly amount: number;
  readonly counted: Counted;
  readonly minutes: number | null;
  readonly note: string;
  readonly plants: number;
  /** In which way; `null`: as the stand's plan says, else the usual one. */
  readonly method: MethodKey | null;
  /** Of the plants so many snapped off, were pulled at and left, and died, where somebody said. */
  readonly snapped: number;
  readonly tried: number;
  readonly died: number | null;
  readonly quality: EntryBodies['take']['quality'];
  /** Share that was woody or past; `null` where nobody said. */
  readonly waste: number | null;
  readonly eaten: boolean;
  readonly overReason: string;
  /** Look-alikes, by scientific name, that every piece was held against. */
  readonly checkedAgainst: readonly string[];
  /** Set back at once from what was taken: by which way, and how many; 0: nothing. */
  readonly setBack: number;
  readonly setBackAs: PlantingWay | null;
  readonly savours: NonNullable<EntryBodies['take']['savours']>;
  /** Empty means today. */
  readonly day: string;
}

export const blankTake = (part: PartKey | null = null): TakeDraft => ({
  key: newKey(),
  part,
  amount: 0,
  counted: 'unit',
  minutes: null,
  note: '',
  plants: 0,
  method: null,
  snapped: 0,
  tried: 0,
  died: null,
  quality: null,
  waste: null,
  eaten: false,
  overReason: '',
  checkedAgainst: [],
  setBack: 0,
  setBackAs: null,
  savours: [],
  day: '',
});

/** The form on another part: what was tallied, held against and set back was of the one before. */
export const ofAnotherPart = (draft: TakeDraft, part: PartKey): TakeDraft => ({
  ...draft,
  part,
  method: null,
  amount: 0,
  counted: 'unit',
  overReason: '',
  checkedAgainst: [],
  snapped: 0,
  tried: 0,
  died: null,
  setBack: 0,
  setBackAs: null,
});

/** The form on another way of taking the part: it is allowed another amount, and nothing is left of a root to set back where only a part was taken. */
export const inAnotherWay = (draft: TakeDraft, method: MethodKey): TakeDraft => ({
  ...draft,
  method,
  amount: 0,
  overReason: '',
  died: null,
  setBack: 0,
  setBackAs: null,
});

/** Amounts are tallied in tenths, so that half litres add up. */
export const added = (draft: TakeDraft, amount: number): TakeDraft => ({
  ...draft,
  amount: Math.max(0, Math.round((draft.amount + amount) * 10) / 10),
});

/** Where something grows among it, what comes into the hand anew was not held against it yet: it is ticked once more, after the last. */
export const heldAnew = (
  draft: TakeDraft,
  more: number,
  mixedIn: readonly { readonly scientific: string }[],
): TakeDraft =>
  more <= 0
    ? draft
    : { ...draft, checkedAgainst: draft.checkedAgainst.filter((s) => !mixedIn.some((m) => m.scientific === s)) };

/** A tick is of the pieces in hand: it is of no use to who comes again another day. */
const TICKS_HOLD_MS = 4 * 3_600_000;
/** A draft that was begun hours ago, without what was ticked then. What is tallied stays, under the key that it may have been sent by. */
export const freshTicks = (draft: TakeDraft, now: number): TakeDraft =>
  draft.checkedAgainst.length === 0 || now - Date.parse(draft.key.madeAt) <= TICKS_HOLD_MS
    ? draft
    : { ...draft, checkedAgainst: [] };

/** The reason for going over, and the one step that was held back. */
export const overruled = (draft: TakeDraft, reason: string, allowance: AllowanceView): TakeDraft => ({
  ...added(draft, stepsFor(allowance, draft.counted)[0] ?? 1),
  overReason: reason,
});

/** Part that the form stands on: what is filled in already, what the address asks for, else the hottest. */
export function partToTake(
  parts: readonly PartKey[],
  { drafted, asked }: { readonly drafted: PartKey | null; readonly asked: unknown },
): PartKey | null {
  return parts.find((p) => p === drafted) ?? parts.find((p) => p === asked) ?? parts[0] ?? null;
}

/**
 * The entry that a filled-in form amounts to. Taking a part in a way that always kills says how many plants died: those tallied, or as many
 * as the amount usually comes from, but for the snapped ones. `each` is how many units of the part one of what was counted is.
 */
export function takeBody(
  draft: TakeDraft & { readonly part: PartKey },
  part: ProfilePart | undefined,
  each: number,
): EntryBodies['take'] {
  const { counted, plants, snapped, tried, quality, waste, eaten, overReason, minutes, note, checkedAgainst, savours } =
    draft;
  const method = draft.method ?? 'usual';
  const inUnits = Math.round(draft.amount * each * 10) / 10;
  const { amount, measure } =
    counted === 'gram'
      ? ({ amount: draft.amount, measure: 'gram' } as const)
      : ({ amount: inUnits, measure: 'unit' } as const);
  const taken = { amount, measure, plants: plants > 0 ? plants : null };
  // Of a way that kills some of them how many died is left to its chance.
  const killsAll = part !== undefined && takenBy(part, method).kills === 1;
  return {
    part: draft.part,
    ...taken,
    killed: draft.died ?? (killsAll ? diedOf({ ...taken, method, snapped }, part) : null),
    ...(method === 'usual' ? {} : { method }),
    ...(snapped > 0 ? { snapped } : {}),
    ...(tried > 0 ? { tried } : {}),
    quality,
    // How much of something eaten or dirty was lost says nothing of its age.
    ...(quality === 'tough' && waste !== null ? { wasteShare: waste } : {}),
    eatenOnTheSpot: eaten,
    overReason,
    ...(counted === 'handful' || counted === 'bag'
      ? { countedBy: { vessel: counted, count: draft.amount, holds: each } }
      : {}),
    ...(minutes === null ? {} : { minutes }),
    ...(note.trim() === '' ? {} : { note: note.trim() }),
    ...(checkedAgainst.length === 0 ? {} : { checkedAgainst }),
    ...(savours.length === 0 ? {} : { savours }),
  };
}

/** What was set back from a take, as an entry of its own; `null`: nothing was. */
export const setBackBody = (
  { setBack, setBackAs }: Pick<TakeDraft, 'setBack' | 'setBackAs'>,
  takeId: string,
): EntryBodies['planting'] | null =>
  setBack > 0 && setBackAs !== null
    ? { way: setBackAs, number: setBack, source: 'here', fromStandId: null, takeId, minutes: null, note: '' }
    : null;

/** What is said once a take is stored: what it left, or why it is over. */
export function takeSaid(
  words: Words,
  { take }: Exclude<EntryResult, { status: 'needsAttention' }>,
  {
    amount,
    unit,
    leftIn = unit,
  }: { readonly amount: number; readonly unit: AllowanceView['unit']; readonly leftIn?: AllowanceView['unit'] },
): { readonly text: string; readonly over: boolean } {
  const what = words.amount(amount, unit);
  if (take?.verdict === 'over')
    return { text: words.t('take.storedOver', { what, why: words.heldBy(take.allowance) }), over: true };
  if (take?.leftAfter == null) return { text: words.t('take.stored', { what }), over: false };
  return { text: words.t('take.storedLeft', { what, left: words.amount(take.leftAfter, leftIn) }), over: false };
}
