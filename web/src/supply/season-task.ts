// The season's task, from what the stands say of themselves on a day.
import type { EffortView, HearthView, PartOutlook, StandRef, UnitKey, WantView } from '@emberfield/contract';
import { dayNumber, type DayNumber } from '@emberfield/core/measure';
import {
  stillWanted,
  type OpenDays,
  type SeasonSource,
  type SeasonTask,
  type SeasonWant,
} from '@emberfield/core/supply';

/** A part at a stand, as the task has it. */
export interface SourceAt {
  readonly stand: StandRef;
  readonly outlook: PartOutlook;
  /** Plants that stand there; `null`: nobody counted them. */
  readonly standing: number | null;
}
interface Missed {
  readonly at: SourceAt;
  /** The day on which it closed, in the middle of what is known of it. */
  readonly closed: string;
  /** In the part's unit. */
  readonly left: number;
}
/** A season that is planned, with what its figures stand for. */
export interface Laid {
  readonly task: SeasonTask;
  readonly sources: readonly SourceAt[];
  /** Of each want of the task which of the group's it is. */
  readonly wants: readonly WantView[];
  /** Open some time, and nobody has counted them: no amount can be planned there. */
  readonly uncounted: readonly SourceAt[];
  /** This season's windows that are past with something left: what was to come from there has to come from elsewhere. */
  readonly missed: readonly Missed[];
  /** Names of what stands share. */
  readonly sharedNames: ReadonlyMap<string, string>;
}

const WEEKS = 53;
const DAYS = 7;
const A_MONDAY = dayNumber('2026-01-05');
const QUANTILES = ['p10', 'p50', 'p90'] as const;
/** Weighed or measured: halves can be taken. */
const IN_HALVES: readonly UnitKey[] = ['gram', 'litre'];

/** @param minutesPerWeek `null`: nobody said how much time there is. */
export function layOut(
  hearth: Pick<HearthView, 'day' | 'stands' | 'outlooks'>,
  wants: readonly WantView[],
  efforts: readonly EffortView[],
  minutesPerWeek: number | null,
): Laid {
  const today = dayNumber(hearth.day);
  const from = today - ((((today - A_MONDAY) % DAYS) + DAYS) % DAYS);
  const still = wants.flatMap((view) => {
    const want = stillWanted(seasonWant(view), view, today);
    return want ? [{ view, want }] : [];
  });
  const needed = new Set(still.flatMap(({ want }) => want.of.map((o) => o.what)));
  const horizon = from + DAYS * WEEKS - 1;
  const all = partsOf(hearth).filter(({ outlooks: [o], stand }) => needed.has(whatOf(stand.plantKey, o!.part)));
  const shared = new Map<string, number>();
  const sharedNames = new Map<string, string>();
  for (const { outlooks } of all)
    for (const { id, name, left } of sharesOf(outlooks[0]!)) {
      shared.set(id, left);
      sharedNames.set(id, name);
    }
  const sources = all.map((at) => sourceAt(at));
  return {
    task: {
      ...{ from, weeks: WEEKS, minutesPerWeek: minutesPerWeek ?? Infinity, shared },
      wants: still.map(({ want }) => want),
      sources: all.map((at) => seasonSource(at, { all, efforts, horizon })),
    },
    sources,
    wants: still.map(({ view }) => view),
    missed: all.flatMap((part) => missedAt(part)),
    uncounted: sources.filter((s) => s.outlook.allowance.kind === 'relative'),
    sharedNames,
  };
}

export const whatOf = (plantKey: string, part: string): string => `${plantKey}:${part}`;

const seasonWant = ({ id, terms, of }: WantView): SeasonWant => ({
  ...{ id, amount: terms.amount, weekly: terms.weekly },
  ...{ first: dayNumber(terms.from), last: dayNumber(terms.until) },
  of: of.map((o) => ({ what: whatOf(o.plantKey, o.part), gives: o.gives ?? 0 })),
});

interface PartAt {
  readonly stand: StandRef;
  /** Of each of its windows one, in order; at least one. */
  readonly outlooks: readonly PartOutlook[];
}

function partsOf({ stands, outlooks }: Pick<HearthView, 'stands' | 'outlooks'>): readonly PartAt[] {
  const standBy = new Map(stands.map((s) => [s.id, s]));
  const parts = new Map<string, { stand: StandRef; outlooks: PartOutlook[] }>();
  for (const outlook of outlooks) {
    const stand = standBy.get(outlook.standId);
    if (!stand) continue;
    const key = `${stand.id}:${outlook.part}`;
    const known = parts.get(key);
    if (known) known.outlooks.push(outlook);
    else parts.set(key, { stand, outlooks: [outlook] });
  }
  return [...parts.values()];
}

const sourceAt = ({ stand, outlooks: [o] }: PartAt): SourceAt => ({
  ...{ stand, outlook: o! },
  standing: o!.allowance.plantsStanding,
});

function missedAt(at: PartAt): readonly Missed[] {
  const closed = at.outlooks
    .map((o) => o.closes.p50 ?? '')
    .sort()
    .at(-1)!;
  const { kind, amountLeft } = at.outlooks[0]!.allowance;
  const isOver = closed !== '' && at.outlooks.every((o) => o.readiness.state === 'ash');
  return isOver && kind === 'counted' && (amountLeft ?? 0) > 0 ? [{ at: sourceAt(at), closed, left: amountLeft! }] : [];
}

function seasonSource(
  at: PartAt,
  {
    all,
    efforts,
    horizon,
  }: { readonly all: readonly PartAt[]; readonly efforts: readonly EffortView[]; readonly horizon: DayNumber },
): SeasonSource {
  const { stand, outlooks } = at;
  const [o] = outlooks;
  const { allowance } = o!;
  // Once this year's windows are over, what is had next is next year's.
  const next = outlooks.every((x) => x.readiness.state === 'ash');
  const left = allowance.kind === 'counted' ? ((next ? allowance.amount : allowance.amountLeft) ?? 0) : 0;
  return {
    id: `${stand.id}:${o!.part}`,
    what: whatOf(stand.plantKey, o!.part),
    left: allowance.kind === 'all' ? Infinity : left,
    unbarred: unbarredAt(at, all),
    whole: !IN_HALVES.includes(allowance.unit),
    minutesPerUnit: minutesAt(at, efforts),
    shares: sharesOf(o!).map((s) => s.id),
    // Beside one that is to come, what is over has its next window from next year's allowance.
    windows: outlooks
      .filter((x) => next || x.readiness.state !== 'ash')
      .map((x) => QUANTILES.map((q) => openDays(x, q, horizon))),
    peakShare: o!.peakShare,
  };
}

/** The days on which it is open in one spring; from when on look-alikes can be told apart, and no longer than there is leave. */
function openDays(o: PartOutlook, q: (typeof QUANTILES)[number], horizon: DayNumber): OpenDays | null {
  if (o.neverApart) return null;
  const over = o.readiness.state === 'ash';
  const opens = over ? o.opensAgain?.[q] : o.opens[q];
  if (!opens) return null;
  const length = o.closes.p50 && o.opens.p50 ? dayNumber(o.closes.p50) - dayNumber(o.opens.p50) : null;
  const apart = over ? null : o.separable?.[q];
  const first = Math.max(dayNumber(opens), apart ? dayNumber(apart) : -Infinity);
  const closes = over
    ? length === null
      ? null
      : dayNumber(opens) + length
    : o.closes[q] === null
      ? horizon
      : dayNumber(o.closes[q]);
  if (closes === null) return null;
  const last = Math.min(closes, !over && o.leaveEnds ? dayNumber(o.leaveEnds) : Infinity);
  return last < first ? null : { first, last };
}

/** Where nothing may be taken now: as much a plant as the best other stand of its kind gives. */
function unbarredAt({ stand, outlooks: [o] }: PartAt, all: readonly PartAt[]): number | null {
  const { allowance } = o!;
  if (allowance.kind === 'counted') return allowance.amount;
  if (allowance.kind !== 'none' || !allowance.plantsStanding) return null;
  const each = all.flatMap(({ stand: s, outlooks: [x] }) => {
    const { amount, plantsStanding } = x!.allowance;
    return s.plantKey === stand.plantKey && x!.part === o!.part && amount && plantsStanding
      ? [amount / plantsStanding]
      : [];
  });
  return each.length === 0 ? null : Math.floor(Math.max(...each) * allowance.plantsStanding);
}

/** As the takes there say, else those of its kind; nobody has timed any: it is reckoned to cost no time. */
function minutesAt({ stand, outlooks: [o] }: PartAt, efforts: readonly EffortView[]): number {
  const kind = efforts.find((e) => e.plantKey === stand.plantKey && e.part === o!.part);
  const own = kind?.stands.find((s) => s.standId === stand.id && s.timed > 0 && s.amount);
  const known = own ?? (kind && kind.timed > 0 ? kind : null);
  return known?.amount ? known.minutes / known.amount : 0;
}

const sharesOf = ({ allowance: { ceilings } }: PartOutlook): readonly { id: string; name: string; left: number }[] =>
  ceilings.flatMap(({ kind, values }) =>
    kind === 'quota'
      ? [{ id: values['permit'] as string, name: values['name'] as string, left: Number(values['left']) }]
      : [],
  );
