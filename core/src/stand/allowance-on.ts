// How much of a part of a stand may be taken on a day.
import { allowanceFor, type Allowance, type AllowanceInput } from '../allowance/index.ts';
import { tapsOf, type CountEstimate } from '../counting/index.ts';
import type { Clearance } from '../identity/index.ts';
import { seasonOf, type DayNumber } from '../measure/index.ts';
import { isDug, isGoneBackTo, methodOr, partBy, type MethodKey, type ProfilePart } from '../plants/index.ts';
import { freeOn, nextFree } from '../tide/index.ts';
import type { WindowForecast } from '../windows/index.ts';
import { datedRulesOn, planOn, seasonStartsOn, type Book } from './book.ts';
import { ceilingsOf, spentBy } from './ceilings.ts';
import { countOn } from './count-on.ts';
import type { RecordedCount } from './counts.ts';
import { standGround } from './ground.ts';
import { heldOn, type Held } from './holds.ts';
import { identityOn } from './identity-standing.ts';
import { locksOn } from './locks.ts';
import { lookAlikesOn } from './look-alikes.ts';
import { permitCeilings } from './permits.ts';
import type { RecordedTake } from './record.ts';
import type { Seasons } from './season.ts';
import { inUnit, killedBy, takenFrom } from './takes.ts';

const DAYS_A_YEAR = 365;

export interface Asked {
  readonly window: WindowForecast;
  readonly day: DayNumber;
  /** In which way it is taken; left out: as the stand's plan for the part says, else the usual one. */
  readonly method?: MethodKey | undefined;
  /**
   * Takes count up to this day; the day itself when left out. A take that arrives late is judged against everything stored of
   * its season: then it lies beyond the day.
   */
  readonly takesUpTo?: DayNumber;
  /** Who takes: what they have set aside is theirs. Left out: nobody in particular, and all that is set aside is gone. */
  readonly who?: string | undefined;
  /** Of the person who takes; `null`, or left out: nobody in particular is asked about. */
  readonly clearance?: Clearance | null;
  /** Of a take: the look-alikes that every piece was held against, by scientific name. Left out: nothing was taken yet. */
  readonly checkedAgainst?: readonly string[];
  /** It was taken: whoever did has tried the ground, and got there. */
  readonly tried?: boolean;
}

/** Allowance of a part for a window's season, from what was taken, lost and counted up to a day. */
export const allowanceOn = (book: Book, seasons: Seasons, part: ProfilePart, asked: Asked): Allowance =>
  allowanceFor(inputOn(book, seasons, part, asked));

/** From so large a share of what is allowed on, more is worth a count. */
const WORTH_COUNTING = 0.1;

/**
 * How much more would be left if a new count found as many as the last one likely had, and was sure of it: its range is what holds that back. In the part's
 * unit; 0 where it is not worth the way, or where something forbids the take.
 */
export function freedByCount(book: Book, seasons: Seasons, part: ProfilePart, asked: Asked): number {
  const input = inputOn(book, seasons, part, asked);
  const sure = (count: CountEstimate | null): CountEstimate | null =>
    count && { ...count, low: Math.max(count.low, count.value) };
  const [now, then] = [
    allowanceFor(input),
    allowanceFor({
      ...input,
      plants: sure(input.plants),
      mature: sure(input.mature),
      flowering: sure(input.flowering),
    }),
  ];
  if (now.kind !== 'counted') return 0;
  const freed = Math.round(1000 * ((then.amountLeft ?? 0) - (now.amountLeft ?? 0))) / 1000;
  return freed >= WORTH_COUNTING * Math.max(1, now.amount ?? 0) ? freed : 0;
}

function inputOn(book: Book, seasons: Seasons, whole: ProfilePart, asked: Asked): AllowanceInput {
  const { profile, record } = book;
  const { window, day, takesUpTo = day } = asked;
  const method = asked.method ?? methodOn(book, whole, day);
  const part = partBy(whole, method);
  const from = firstDayOf(window, seasonStartsOn(book, window.season));
  const count = countOn(book, day);
  const spending = [part.key, ...spentBy(profile, part.key)];
  const spends = (t: RecordedTake): boolean => t.day >= from && t.day <= takesUpTo && spending.includes(t.part);
  const takes = record.takes.filter(spends);
  const kept = record.losses
    .filter((l) => l.day >= from && l.day <= day)
    .reduce((share, l) => share * (1 - l.share), 1);
  const ofItsYear = count && inYearOfLife(count, part);
  const wrongYear = ofItsYear !== null && ofItsYear.value <= 0 && count!.day >= seasonStartsOn(book, window.season);
  const taken = takes.map((t) => ({ amount: inUnit(t, part), plants: t.plants, tried: t.tried }));
  return {
    plantYield: part.perPlant.value,
    trees: treesOn(book, part, day),
    goneBackTo: isGoneBackTo(profile),
    costsSeed: part.costsSeed || part.kills,
    plants: ofItsYear ?? count?.plants ?? null,
    mature: count?.mature ?? null,
    flowering: count?.flowering ?? null,
    lossShare: 1 - kept,
    killed: count ? killedSince(book, count, (t) => t.day <= takesUpTo && !spends(t)) : 0,
    seedSpent: part.costsSeed ? seedSpent(book, takes, { from, until: takesUpTo }) : 0,
    ceilings: [
      ...permitCeilings(book.permits, record, { part, day, takesUpTo, who: asked.who, counted: sumOf(taken) }),
      ...ceilingsThere(book, seasons, part, { ...asked, method, from, wrongYear }),
    ],
    held: day < book.today ? 0 : heldByOthers(heldOn(record, part, day), asked.who),
    taken,
  };
}

/** A trunk grows a few centimetres in so many years: what was measured then still holds. */
const MEASURED_HOLDS_DAYS = 5 * DAYS_A_YEAR;

/** What each tree bears that was measured one by one: sap by the girth, tips as they were counted on it. */
function treesOn({ record, profile }: Book, part: ProfilePart, day: DayNumber): AllowanceInput['trees'] {
  const trees = record.counts.findLast((c) => c.trees && c.day <= day && c.day > day - MEASURED_HOLDS_DAYS)?.trees;
  if (!trees) return null;
  const each = part.perPlant.value;
  for (const { parts, rule } of profile.ceilings)
    if (rule.kind === 'sapTaps' && (parts?.includes(part.key) ?? true))
      return { by: 'girth', each: trees.map((t) => each * tapsOf(t.girthCm, rule)) };
  return part.unit === 'tip' && trees.some((t) => t.tips !== null)
    ? { by: 'tips', each: trees.map((t) => t.tips ?? each) }
    : null;
}

/** What takes come to together; of one that nobody can turn to the unit nobody knows. */
const sumOf = (takes: AllowanceInput['taken']): number | null =>
  takes.reduce<number | null>((sum, t) => (sum === null || t.amount === null ? null : sum + t.amount), 0);

const heldByOthers = (held: readonly Held[], who: string | undefined): number =>
  held.reduce((sum, h) => sum + (h.byId === who ? 0 : h.amount), 0);

/** The way that is asked about where nobody says which: the one that the plan in force was played with. */
export const methodOn = (
  { rules }: Pick<Book, 'rules'>,
  part: Pick<ProfilePart, 'key' | 'methods'>,
  day: DayNumber,
): MethodKey => methodOr(part, planOn(rules, part.key, day)?.rule.method);

interface There extends Asked {
  readonly method: MethodKey;
  /** First day whose takes count for the window. */
  readonly from: DayNumber;
  /** By the season's count no plant is in the year of life that the part is of. */
  readonly wrongYear: boolean;
}

/** The rules that hold for a part of the stand on a day. */
function ceilingsThere(
  book: Book,
  seasons: Seasons,
  part: ProfilePart,
  { window, day, method, clearance = null, checkedAgainst, tried = false, from, wrongYear }: There,
): ReturnType<typeof ceilingsOf> {
  const { stand, place, profile, record } = book;
  const dated = datedRulesOn(book.rules, day);
  const houseRules = dated.map((r) => r.rule);
  const startsOn = (season: number): DayNumber => seasonStartsOn(book, season);
  const earlier = record.takes.filter((t) => t.part === part.key && t.day < from).at(-1);
  return ceilingsOf({
    profile,
    part,
    method,
    patch: place,
    houseRules: dated,
    day,
    clearance,
    checkedAgainst: checkedAgainst ?? null,
    locks: locksOn(window, lookAlikesOn(book, day, houseRules), day),
    confirmedBefore: identityOn(book, startsOn(window.season) - 1, houseRules).status === 'confirmed',
    wrongYear,
    covered: tried ? null : coveredOn(book, day),
    frozen: tried || !isDug(part) ? null : frozenOn(book, seasons, day),
    sinceYear: stand.sinceYear,
    restUntil: stand.restUntil,
    identity: identityOn(book, day, houseRules).status,
    season: window.season,
    lastTakenSeason: earlier ? seasonOf(earlier.day, profile.seasonStart, place.latitudeDeg) : null,
    seasonStartsOn: startsOn,
  });
}

/**
 * Plants of the year of life that a part is of, where the count tells them apart: those that flower are in their second year.
 * `null` where the part is of any, or nobody said how many flower.
 */
function inYearOfLife({ plants, flowering }: RecordedCount, { yearOfLife }: ProfilePart): CountEstimate | null {
  if (yearOfLife === undefined || flowering === null) return null;
  if (yearOfLife === 2) return flowering;
  return {
    value: Math.max(0, plants.value - flowering.value),
    low: Math.max(0, plants.low - flowering.high),
    high: Math.max(0, plants.high - flowering.low),
  };
}

/** Whether the tide keeps the place covered by daylight all of a day. */
function coveredOn({ shore }: Book, day: DayNumber): { readonly until: DayNumber | null } | null {
  return shore && freeOn(shore, day)?.length === 0 ? { until: nextFree(shore, day) } : null;
}

function frozenOn(book: Book, seasons: Seasons, day: DayNumber): { readonly openFrom: DayNumber | null } | null {
  const ground = standGround(book, seasons.frozen, day);
  return ground?.frozen ? { openFrom: ground.openFrom } : null;
}

/** A winter window reaches over New Year: takes of its tail belong to it, not to the window of the next winter. */
function firstDayOf(window: WindowForecast, seasonFirst: DayNumber): DayNumber {
  return window.closes.p50 === null ? seasonFirst : Math.max(seasonFirst, window.closes.p50 - DAYS_A_YEAR + 1);
}

/**
 * Plants that takes of the season have cost their seed, beside those that count already: of trees and bushes as much of one as was taken of it, of all
 * else every plant that was touched.
 */
function seedSpent(
  { profile, record }: Book,
  counted: readonly RecordedTake[],
  { from, until }: { readonly from: DayNumber; readonly until: DayNumber },
): number {
  const goneBackTo = isGoneBackTo(profile);
  return record.takes.reduce((sum, t) => {
    const part = profile.parts.find((p) => p.key === t.part);
    if (!part || t.day < from || t.day > until || counted.includes(t)) return sum;
    const as = partBy(part, t.method);
    // What kills is taken off as killed.
    if (!as.costsSeed || as.kills) return sum;
    const amount = inUnit(t, part);
    // A take that nobody can turn to the unit may have been of every plant.
    if (amount === null) return sum + (t.plants ?? Infinity);
    return sum + (goneBackTo ? amount / Math.max(part.perPlant.value, 1e-9) : takenFrom(t, part));
  }, 0);
}

/** Plants that takes have killed since a count. */
const killedSince = ({ profile, record }: Book, count: RecordedCount, of: (t: RecordedTake) => boolean): number =>
  record.takes.reduce((sum, t) => sum + (t.day > count.day && of(t) ? killedBy(profile, t) : 0), 0);
