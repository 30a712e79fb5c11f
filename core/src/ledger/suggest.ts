// What a season suggests for the next one: only with evidence, and never done by itself.
import jStat from 'jstat';
import type { DayNumber } from '../measure/index.ts';
import type { Growth } from '../population/index.ts';
import type { SeasonSum } from './line.ts';

/** A part of a stand, as far as suggestions ask. */
export interface SuggestLine {
  readonly standId: string;
  /** The same for the same part of the same plant. */
  readonly what: string;
  readonly part: string;
  readonly sum: SeasonSum;
  /** What the rules gave for the season, in the part's unit; `null`: no amount is known, or none is set. */
  readonly allowed: number | null;
  /** Share of the plants that the rules let be taken from; `null`: none is set. */
  readonly share: number | null;
  /** Of one plant the house's rules let at most so many be taken, of whichever part; `null`: they set none. */
  readonly cap: number | null;
  /** So many days earlier its window closes than its stages alone would say, by what its takes were like; 0 or less: not earlier. */
  readonly closesEarlier: number;
}
export interface SuggestStand {
  readonly standId: string;
  /** Growth from its counts; `null`: it was counted but once, or never. */
  readonly growth: Growth | null;
  readonly timesCounted: number;
  readonly lastCount: DayNumber | null;
  /** It rests through the next season already. */
  readonly rests: boolean;
  /** A share or a cap was set that holds for it, in the season or since. */
  readonly hasShare: boolean;
  /** An invader: nothing of it is spared. */
  readonly invades: boolean;
}

/** What is suggested, and the figures that it stands on. */
export type Suggestion =
  /** Let it rest through the next season. */
  | {
      readonly kind: 'rest';
      readonly standId: string;
      readonly why:
        | { readonly of: 'shrinks'; readonly aYear: number; readonly sure: number; readonly counts: number }
        | { readonly of: 'over'; readonly part: string; readonly taken: number; readonly allowed: number };
    }
  /** Take from a smaller share of its plants. */
  | {
      readonly kind: 'share';
      readonly standId: string;
      readonly part: string;
      readonly share: number;
      readonly now: number;
      readonly aYear: number;
      readonly sure: number;
      readonly counts: number;
    }
  /** Take less of each plant. */
  | {
      readonly kind: 'cap';
      readonly standId: string;
      readonly part: string;
      readonly cap: number;
      readonly now: number;
      readonly aYear: number;
      readonly sure: number;
      readonly counts: number;
    }
  /** Go there earlier: what was taken was past. The window has moved by itself. */
  | {
      readonly kind: 'earlier';
      readonly standId: string;
      readonly part: string;
      readonly days: number;
      readonly takes: number;
      /** Takes that were said to be tough, and the share that was thrown away; `null`: nobody said. */
      readonly tough: number;
      readonly wasteShare: number | null;
    }
  /** Count it: what may be taken stands on a count that is old, or on none. */
  | { readonly kind: 'count'; readonly standId: string; readonly lastCount: DayNumber | null; readonly takes: number }
  /** Go there no more: it costs several times the time of the others. */
  | {
      readonly kind: 'drop';
      readonly standId: string;
      readonly part: string;
      /** Minutes for one unit there, and at the others, by the middle of them. */
      readonly minutes: number;
      readonly elsewhere: number;
      readonly takes: number;
    };

/** So sure has it to be that a stand shrinks for a rest, and for a smaller share. Estimates. */
const [SURE_TO_REST, SURE_TO_SPARE] = [0.95, 0.8];
/** Beyond what was allowed by so much: more than a slip. */
const OVER = 1.1;
/** Of the takes so many tough, or so much thrown away; and a closing that moved by so many days. Estimates. */
const [PAST_SHARE, LEAST_EARLIER] = [0.25, 2];
/** A count is old after so many days; takes since then stand on nothing better. */
const OLD_DAYS = 730;
/** So many times the time of the others, of as many timed takes at least. */
const [COSTLY, LEAST_TIMED] = [3, 2];

/**
 * What a season suggests, each with its evidence. A stand gets one of rest and share, the stronger.
 * @param today first day that is not looked back on
 */
export function suggest(
  stands: readonly SuggestStand[],
  lines: readonly SuggestLine[],
  today: DayNumber,
): readonly Suggestion[] {
  return stands.flatMap((stand) => {
    const own = lines.filter((l) => l.standId === stand.standId);
    const spare = stand.invades ? null : (overTaken(stand, own) ?? shrinking(stand, own));
    return [...(spare ? [spare] : []), ...past(own), ...counting(stand, own, today), ...costly(own, lines)];
  });
}

function overTaken({ standId, rests }: SuggestStand, own: readonly SuggestLine[]): Suggestion | null {
  const worst = own
    .filter((l) => l.allowed !== null && l.allowed > 0 && l.sum.amount > OVER * l.allowed)
    .sort((a, b) => b.sum.amount / b.allowed! - a.sum.amount / a.allowed!)[0];
  if (!worst || rests) return null;
  const { part, sum, allowed } = worst;
  return { kind: 'rest', standId, why: { of: 'over', part, taken: sum.amount, allowed: allowed! } };
}

/** How sure it is that a stand shrinks, 0–1. */
export const shrinkProbability = ({ meanLog, sdLog }: Growth): number =>
  jStat.normal.cdf(-meanLog / Math.max(sdLog, 1e-9), 0, 1);

function shrinking(
  { standId, growth, timesCounted, rests, hasShare }: SuggestStand,
  own: readonly SuggestLine[],
): Suggestion | null {
  if (!growth || rests || growth.meanLog >= 0) return null;
  const taken = own.filter((l) => l.sum.takes > 0);
  if (taken.length === 0) return null;
  const sure = shrinkProbability(growth);
  const said = { aYear: Math.expm1(growth.meanLog), sure, counts: timesCounted };
  if (sure >= SURE_TO_REST) return { kind: 'rest', standId, why: { of: 'shrinks', ...said } };
  if (sure < SURE_TO_SPARE || hasShare) return null;
  const mostTaken = [...taken].sort((a, b) => b.sum.takes - a.sum.takes);
  const most = mostTaken.find((l) => l.share !== null && l.share > 0);
  // Where no share is set there may be a number for each plant: half of that, and of one nothing less.
  const capped = mostTaken.find((l) => l.cap !== null && l.cap >= 2);
  if (!most && capped)
    return { kind: 'cap', standId, part: capped.part, cap: Math.floor(capped.cap! / 2), now: capped.cap!, ...said };
  if (!most) return null;
  const share = Math.max(0.01, Math.round(50 * most.share!) / 100);
  return { kind: 'share', standId, part: most.part, share, now: most.share!, ...said };
}

/** Where a good part of a season's takes was tough or thrown away, and that has moved the closing. */
function past(own: readonly SuggestLine[]): readonly Suggestion[] {
  return own.flatMap(({ standId, part, sum, closesEarlier: days }): readonly Suggestion[] => {
    const { takes, wasteShare, qualities } = sum;
    const tough = qualities.tough ?? 0;
    const isPast = takes > 0 && (tough >= PAST_SHARE * takes || (wasteShare ?? 0) >= PAST_SHARE);
    return isPast && days >= LEAST_EARLIER ? [{ kind: 'earlier', standId, part, days, takes, tough, wasteShare }] : [];
  });
}

function counting(
  { standId, lastCount }: SuggestStand,
  own: readonly SuggestLine[],
  today: DayNumber,
): readonly Suggestion[] {
  const takes = own.reduce((sum, l) => sum + l.sum.takes, 0);
  const isOld = lastCount === null || today - lastCount > OLD_DAYS;
  return takes > 0 && isOld ? [{ kind: 'count', standId, lastCount, takes }] : [];
}

function costly(own: readonly SuggestLine[], all: readonly SuggestLine[]): readonly Suggestion[] {
  const perUnit = ({ sum: { timed } }: SuggestLine): number => timed.minutes / timed.amount;
  return own
    .filter((l) => l.sum.timed.takes >= LEAST_TIMED)
    .flatMap((l): readonly Suggestion[] => {
      const others = all
        .filter((x) => x.what === l.what && x.standId !== l.standId && x.sum.timed.takes > 0)
        .map(perUnit)
        .sort((a, b) => a - b);
      const elsewhere = others[Math.floor((others.length - 1) / 2)];
      if (elsewhere === undefined || perUnit(l) < COSTLY * elsewhere) return [];
      const { standId, part, sum } = l;
      return [{ kind: 'drop', standId, part, minutes: perUnit(l), elsewhere, takes: sum.timed.takes }];
    });
}
