import type { Clearance, HouseRule, PartOutlook, ProfilePart } from '@emberfield/contract';
import { allowanceFor, type Allowance } from '@emberfield/core/allowance';
import { isoDay, type DayNumber } from '@emberfield/core/measure';
import {
  expectedQualityOn,
  KINDLING_DAYS,
  openOn,
  readinessOn,
  seasonFirstDay,
  seasonOf,
  type DayRange,
  type Readiness,
  type WindowForecast,
} from '@emberfield/core/phenology';
import type { CountEstimate } from '@emberfield/core/stand';
import { Kept } from '../../platform/kept.ts';
import { freeOn, nextFree, viewFree } from '../../tide/index.ts';
import { viewAllowance } from './allowance-view.ts';
import { ceilingsOf, leaveDaysOn, spentBy } from './ceilings.ts';
import type { Dossier } from './dossier.ts';
import { standGround } from './ground.ts';
import { identityOn } from './identity-standing.ts';
import { deadlyFound, deadlyOpen, lookAlikesOn, milderOpen } from './look-alikes.ts';
import { standSeason } from './season-forecast.ts';
import type { RecordedCount, RecordedTake } from './stand-record.ts';

const DAYS_A_YEAR = 365;
const MOST_OUTLOOKS_KEPT = 12_000;
/** House rules are the group's: its revision, which the dossier's key holds, moves with them. */
const kept = new Kept<{ readonly key: string; readonly revision: number; readonly outlooks: readonly PartOutlook[] }>(
  MOST_OUTLOOKS_KEPT,
);

/** Everything a row of the Hearth says, for every window of a stand on a day, as seen today. */
export function outlooksOn(
  dossier: Dossier,
  day: DayNumber,
  today: DayNumber,
  houseRules: readonly HouseRule[],
): readonly PartOutlook[] {
  const [name, key] = namesOf(dossier, day, today);
  const before = kept.peek(name);
  if (before?.key === key) return before.outlooks;
  const outlooks = dossier.plant.profile.windows.map((_, w) => outlookOn(dossier, w, day, today, houseRules));
  kept.put(name, { key, revision: dossier.stand.revision, outlooks });
  return outlooks;
}

/** What was last said of a stand for a day; `current` while nothing that it depends on has changed. */
export function keptOutlooks(
  dossier: Dossier,
  day: DayNumber,
  today: DayNumber,
): { readonly outlooks: readonly PartOutlook[]; readonly current: boolean; readonly revision: number } | null {
  const [name, key] = namesOf(dossier, day, today);
  const before = kept.peek(name);
  return before ? { ...before, current: before.key === key } : null;
}

/** One answer is kept a stand and day: a later one takes its place. */
const namesOf = ({ stand, key }: Dossier, day: DayNumber, today: DayNumber): readonly [name: string, key: string] => [
  `${stand.id}:${day}`,
  `${key}:${today}`,
];

function outlookOn(
  dossier: Dossier,
  w: number,
  day: DayNumber,
  today: DayNumber,
  houseRules: readonly HouseRule[],
): PartOutlook {
  const {
    stand,
    patch,
    plant: { profile },
  } = dossier;
  const window = windowOn(dossier, w, day, today);
  const part = profile.parts.find((p) => p.key === window.part)!;
  const { forecast } = standSeason(dossier, window.season, today);
  const allowance = allowanceOn(dossier, part, window, day, houseRules, { today });
  const { status } = identityOn(dossier, day, houseRules);
  const lookAlikes = lookAlikesOn(dossier, day, houseRules);
  const inseparable = window.separable?.p50 != null && day < window.separable.p50;
  const milder = milderOpen(lookAlikes, inseparable);
  const deadly = deadlyFound(lookAlikes) !== null || (inseparable && deadlyOpen(lookAlikes).length > 0);
  const resting = allowance.binding?.rule.kind === 'rest';
  const nothingLeft = allowance.amountLeft !== null && allowance.amountLeft <= 0 && (allowance.amount ?? 0) > 0;
  const seen = forecast.stages
    .flatMap((s, i) => (s.seen.by !== null && s.seen.by <= day ? [{ spec: profile.stages[i]!, by: s.seen.by }] : []))
    .at(-1);
  const readiness = withQuality(
    readinessOn(window, day, resting ? 'resting' : nothingLeft ? 'nothingLeft' : null),
    expectedQualityOn(window, day),
  );
  const leaveDays = leaveDaysOn(patch, day);
  const again = readiness.state === 'ash' ? standSeason(dossier, window.season + 1, today).windows[w]! : null;
  return {
    standId: stand.id,
    part: part.key,
    partName: part.name,
    use: window.use,
    season: window.season,
    readiness,
    thorns: status !== 'confirmed' || deadly || milder.length > 0,
    opens: isoRange(window.opens),
    closes: isoRange(window.closes),
    bySize: window.bySize,
    again: window.again,
    leaveEnds: leaveDays?.open ? isoDay(leaveDays.until) : null,
    tide: dossier.shore && viewFree(dossier.shore, day),
    opensAgain: again && isoRange(again.opens),
    separable: window.separable && isoRange(window.separable),
    inseparable,
    leafByLeaf: milder.map((l) => l.lookAlike.name),
    openProbability: Math.round(openOn(window, day) * 1000) / 1000,
    frozenFrom: isDug(part) ? iso(standGround(dossier, day, today)?.frozenFrom ?? null) : null,
    basis: forecast.basis,
    yearCount: forecast.yearCount,
    stageSeen: seen ? { stage: seen.spec.key, stageName: seen.spec.name, day: isoDay(seen.by) } : null,
    allowance: viewAllowance(allowance, part),
  };
}

/** The coal shows what is to be expected over all that may come, not what the middle days alone would give. */
const withQuality = (readiness: Readiness, quality: number): Readiness =>
  quality > 0 && 'quality' in readiness ? { ...readiness, quality } : readiness;

/** The season's window that matters on a day: last season's while it is still open, the next one once it is near. */
export function windowOn(dossier: Dossier, w: number, day: DayNumber, today: DayNumber): WindowForecast {
  const {
    plant: { profile },
    patch,
  } = dossier;
  const season = seasonOf(day, profile.seasonStart, patch.latitudeDeg);
  const before = standSeason(dossier, season - 1, today).windows[w]!;
  if (before.opens.p50 !== null && before.opens.p50 <= day && (before.closes.p50 ?? Infinity) >= day) return before;
  const { windows, regrown } = standSeason(dossier, season, today);
  const again = regrown[w];
  // After a cut what matters is what comes again, while anything does.
  const now = again && day >= again.cut && again.window.opens.p50 !== null ? again.window : windows[w]!;
  const over = now.closes.p50 !== null && now.closes.p50 < day;
  const nextNear = seasonFirstDay(season + 1, profile.seasonStart, patch.latitudeDeg) - day <= KINDLING_DAYS;
  if (over && nextNear) {
    const next = standSeason(dossier, season + 1, today).windows[w]!;
    if (next.opens.p50 !== null && next.opens.p50 - day <= KINDLING_DAYS) return next;
  }
  return now;
}

/**
 * Allowance of a part for the window's season, from what was taken, lost and counted up to the day. A take that arrives late
 * is judged against everything stored of its season: then `takesUpTo` lies beyond the day. `clearance` is that of the person who
 * takes; the group's own answer asks for nobody's.
 */
export function allowanceOn(
  dossier: Dossier,
  part: ProfilePart,
  window: WindowForecast,
  day: DayNumber,
  houseRules: readonly HouseRule[],
  {
    takesUpTo = day,
    clearance = null,
    today = takesUpTo,
    tried = false,
  }: {
    readonly takesUpTo?: DayNumber;
    readonly clearance?: Clearance | null;
    readonly today?: DayNumber;
    /** It was taken: whoever did has tried the ground. */
    readonly tried?: boolean;
  } = {},
): Allowance {
  const {
    stand,
    patch,
    plant: { profile },
    record,
  } = dossier;
  const startsOn = (season: number): DayNumber => seasonFirstDay(season, profile.seasonStart, patch.latitudeDeg);
  const from = firstDayOf(window, startsOn(window.season));
  const count = record.counts.findLast((c) => c.day <= day) ?? null;
  const spending = [part.key, ...spentBy(profile, part.key)];
  const takes = record.takes.filter((t) => t.day >= from && t.day <= takesUpTo && spending.includes(t.part));
  const earlier = record.takes.filter((t) => t.part === part.key && t.day < from).at(-1);
  const kept = record.losses
    .filter((l) => l.day >= from && l.day <= day)
    .reduce((share, l) => share * (1 - l.share), 1);
  const ofItsYear = count && inYearOfLife(count, part);
  return allowanceFor({
    plantYield: part.perPlant.value,
    costsSeed: part.costsSeed || part.kills,
    plants: ofItsYear ?? count?.plants ?? null,
    mature: count?.mature ?? null,
    flowering: count?.flowering ?? null,
    lossShare: 1 - kept,
    ceilings: ceilingsOf({
      profile,
      part,
      patch,
      houseRules,
      day,
      clearance,
      lookAlikes: lookAlikesOn(dossier, day, houseRules),
      confirmedBefore: identityOn(dossier, startsOn(window.season) - 1, houseRules).status === 'confirmed',
      wrongYear: ofItsYear !== null && ofItsYear.value <= 0 && count!.day >= startsOn(window.season),
      covered: tried ? null : coveredOn(dossier, day),
      frozen: tried ? null : frozenFor(dossier, part, day, today),
      sinceYear: stand.sinceYear,
      restUntil: stand.restUntil,
      identity: identityOn(dossier, day, houseRules).status,
      season: window.season,
      separableFrom: window.separable?.p50 ?? null,
      lastTakenSeason: earlier ? seasonOf(earlier.day, profile.seasonStart, patch.latitudeDeg) : null,
      seasonStartsOn: startsOn,
    }),
    taken: { amount: sum(takes.map((t) => inUnit(t, part))), plants: sum(takes.map((t) => t.plants ?? 0)) },
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
function coveredOn({ shore }: Dossier, day: DayNumber): { readonly until: DayNumber | null } | null {
  return shore && freeOn(shore, day)?.length === 0 ? { until: nextFree(shore, day) } : null;
}

/** What lies in the ground is dug out of it. */
const isDug = (part: ProfilePart): boolean => part.key === 'root';

function frozenFor(
  dossier: Dossier,
  part: ProfilePart,
  day: DayNumber,
  today: DayNumber,
): { readonly openFrom: DayNumber | null } | null {
  const ground = isDug(part) ? standGround(dossier, day, today) : null;
  return ground?.frozen ? { openFrom: ground.openFrom } : null;
}

/** The window under which a take of a part on a day counts: an open one of that part, else any of it. */
export function windowOfPart(dossier: Dossier, part: string, day: DayNumber, today: DayNumber): WindowForecast {
  const { windows } = dossier.plant.profile;
  const candidates = windows.flatMap((spec, w) => (spec.part === part ? [windowOn(dossier, w, day, today)] : []));
  return candidates.find((c) => openOn(c, day) >= 0.5) ?? candidates[0] ?? windowOn(dossier, 0, day, today);
}

/** A winter window reaches over New Year: takes of its tail belong to it, not to the window of the next winter. */
export function firstDayOf(window: WindowForecast, seasonFirst: DayNumber): DayNumber {
  return window.closes.p50 === null ? seasonFirst : Math.max(seasonFirst, window.closes.p50 - DAYS_A_YEAR + 1);
}

/** Amount in the part's unit; weighed takes through the profile's mass of one unit. */
export function inUnit(take: Pick<RecordedTake, 'amount' | 'measure'>, part: ProfilePart): number {
  if (take.measure === 'unit' || part.unit === 'gram') return take.amount;
  return part.massG === null ? 0 : take.amount / part.massG.value;
}

export const isoRange = ({ p10, p50, p90 }: DayRange) => ({ p10: iso(p10), p50: iso(p50), p90: iso(p90) });
const iso = (day: DayNumber | null): string | null => (day === null ? null : isoDay(day));
const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);
