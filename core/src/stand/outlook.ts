// What a day says of a stand: one answer for the Hearth, its page, a take's check, the year, the calendar and the phone.
import type { Allowance } from '../allowance/index.ts';
import type { Clearance } from '../identity/index.ts';
import { isoDay, seasonFirstDay, seasonOf, type DayNumber, type IsoDay } from '../measure/index.ts';
import { isDug, methodsOf, NEVER, type MethodKey, type ProfilePart } from '../plants/index.ts';
import { viewFree } from '../tide/index.ts';
import {
  expectedQualityOn,
  KINDLING_DAYS,
  openOn,
  readinessOn,
  type Readiness,
  type WindowForecast,
} from '../windows/index.ts';
import { allowanceOn, freedByCount, methodOn } from './allowance-on.ts';
import { viewAllowance, type AllowanceView } from './allowance-view.ts';
import { planOn, rulesOn, type Book } from './book.ts';
import { leaveDaysOn } from './ceilings.ts';
import { countOn } from './count-on.ts';
import { viewRange } from './day-range-view.ts';
import { standGround } from './ground.ts';
import { heldOn } from './holds.ts';
import { identityOn, type IdentityStanding } from './identity-standing.ts';
import { locksOn, mixedUntil } from './locks.ts';
import { lookAlikesOn, type LookAlikeStanding } from './look-alikes.ts';
import type { MixedIn, PartOutlook, PartWish } from './part-outlook.ts';
import { seasonsOf, type SeasonDates, type Seasons } from './season.ts';

/** What a day says of a stand. */
export interface StandDay {
  readonly identity: IdentityStanding;
  readonly lookAlikes: readonly LookAlikeStanding[];
  /** One a window of the profile, in its order. */
  readonly outlooks: readonly PartOutlook[];
}

/**
 * Everything that a day says of a stand, from its book alone: the same on the server, in a worker and on a phone without signal.
 * Nobody in particular is asked about; see `allowanceOn` for what one person may take.
 * @param seasons costly answers of the book, from wherever they are kept
 */
export function standDay(book: Book, day: DayNumber, seasons: Seasons = seasonsOf(book)): StandDay {
  const houseRules = rulesOn(book.rules, day);
  const identity = identityOn(book, day, houseRules);
  const lookAlikes = lookAlikesOn(book, day, houseRules);
  return {
    identity,
    lookAlikes,
    outlooks: book.profile.windows.map((_, w) => outlookOn(book, seasons, { w, day, identity, lookAlikes })),
  };
}

/** The outlooks as they stand for one reader: what is kept from them, or only for the cleared, has no allowance for them. */
export function outlooksFor(
  book: Book,
  seasons: Seasons,
  { outlooks }: Pick<StandDay, 'outlooks'>,
  {
    day,
    clearance,
    who,
  }: { readonly day: DayNumber; readonly clearance: Clearance; readonly who?: string | undefined },
): readonly PartOutlook[] {
  return outlooks.map((outlook, w) => {
    const part = book.profile.parts.find((p) => p.key === outlook.part)!;
    // What the reader has set aside is theirs to take.
    const same =
      (clearance === 'cleared' || (clearance === 'none' && outlook.leafByLeaf.length === 0)) &&
      !heldOn(book.record, part, day).some((h) => h.byId === who) &&
      !book.permits.some((p) => p.asideElsewhere.some((h) => h.byId === who));
    const others = methodsOf(part).filter((m) => m !== outlook.method);
    const window = windowOn(book, seasons, w, day);
    const freed = freedByCount(book, seasons, part, { window, day, clearance, who });
    if (same && others.length === 0 && freed === 0) return outlook;
    const by = (method: MethodKey): AllowanceView =>
      viewAllowance(allowanceOn(book, seasons, part, { window, day, clearance, who, method }), part);
    return {
      ...outlook,
      ...(same ? {} : { allowance: by(outlook.method) }),
      ...(freed > 0 ? { freedByCount: freed } : {}),
      ...(others.length === 0 ? {} : { otherMethods: others.map((method) => ({ method, allowance: by(method) })) }),
    };
  });
}

interface Looked extends Omit<StandDay, 'outlooks'> {
  readonly w: number;
  readonly day: DayNumber;
}

function outlookOn(book: Book, seasons: Seasons, { w, day, identity, lookAlikes }: Looked): PartOutlook {
  const { stand, place, profile } = book;
  const window = windowOn(book, seasons, w, day);
  const part = profile.parts.find((p) => p.key === window.part)!;
  const { forecast } = seasons.of(window.season);
  const allowance = allowanceOn(book, seasons, part, { window, day });
  const { seen, shut, pieceByPiece, apart, inseparable } = locksOn(window, lookAlikes, day);
  const readiness = readinessNow(window, day, allowance);
  const again = readiness.state === 'ash' ? seasons.of(window.season + 1).windows[w]! : null;
  return {
    standId: stand.id,
    part: part.key,
    partName: part.name,
    use: window.use,
    season: window.season,
    readiness,
    thorns: identity.status !== 'confirmed' || seen !== null || shut.length > 0 || pieceByPiece.length > 0,
    opens: viewRange(window.opens),
    closes: viewRange(window.closes),
    peakShare: window.peakShare,
    bySize: window.bySize,
    again: window.again,
    wished: wishedOf(book, window),
    leaveEnds: leaveEndsOn(place, day),
    tide: book.shore && viewFree(book.shore, day),
    opensAgain: again && viewRange(again.opens),
    separable: mixedUntil(apart, window),
    inseparable,
    neverApart: apart === NEVER,
    leafByLeaf: pieceByPiece.map(mixedInOf),
    openProbability: Math.round(openOn(window, day) * 1000) / 1000,
    frozenFrom: isDug(part) ? iso(standGround(book, seasons.frozen, day)?.frozenFrom ?? null) : null,
    basis: forecast.basis,
    yearCount: forecast.yearCount,
    stageSeen: lastSeen(book, forecast, day),
    method: methodOn(book, part, day),
    allowance: viewAllowance(allowance, part),
    ...countedSincePlan(book, part, day),
  };
}

function leaveEndsOn(place: Book['place'], day: DayNumber): IsoDay | null {
  const days = leaveDaysOn(place, day);
  return days?.open ? isoDay(days.until) : null;
}

/** The coal shows the quality that is to be expected over all that may come, not what the middle days alone would give. */
function readinessNow(window: WindowForecast, day: DayNumber, allowance: Allowance): Readiness {
  const readiness = readinessOn(window, day, banked(allowance));
  const quality = expectedQualityOn(window, day);
  return quality > 0 && 'quality' in readiness ? { ...readiness, quality } : readiness;
}

function wishedOf({ record }: Book, { part, wished }: WindowForecast): PartWish | null {
  if (!wished) return null;
  const { fromCm, toCm, reaches, passes } = wished;
  return {
    fromCm,
    toCm,
    reaches: reaches && viewRange(reaches),
    passes: passes && viewRange(passes),
    measured: record.measured.some((m) => m.part === part),
  };
}

/** The day of a count that whoever chose the plan in force could not know. */
function countedSincePlan(book: Book, part: ProfilePart, day: DayNumber): Pick<PartOutlook, 'countedSincePlan'> {
  const [plan, count] = [planOn(book.rules, part.key, day), countOn(book, day)];
  return plan && count && isoDay(count.day) > plan.since ? { countedSincePlan: isoDay(count.day) } : {};
}

const mixedInOf = ({ lookAlike: { name, scientific, separatedBy } }: LookAlikeStanding): MixedIn => ({
  name,
  scientific,
  separatedBy,
});

/** Why nothing is taken though the window is open. */
function banked({ ceilings, amountLeft, heldAmount, amount }: Allowance): 'resting' | 'nothingLeft' | null {
  if (ceilings.some((c) => c.bars && c.rule.kind === 'rest')) return 'resting';
  // What is set aside for today is still there to be taken, by whoever did.
  const some = (amount ?? 0) > 0 || ceilings.some((c) => c.rule.kind === 'quota' && c.rule.left <= 0);
  return amountLeft !== null && amountLeft + heldAmount <= 0 && some ? 'nothingLeft' : null;
}

/** The last stage that was seen to have come by a day. */
function lastSeen({ profile }: Book, { stages }: SeasonDates, day: DayNumber): PartOutlook['stageSeen'] {
  const at = stages.findLastIndex(({ seen }) => seen.by !== null && seen.by <= day);
  if (at < 0) return null;
  const { key, name } = profile.stages[at]!;
  return { stage: key, stageName: name, day: isoDay(stages[at]!.seen.by!) };
}

const YEAR_DAYS = 365;
/** Estimate: no two years lie farther apart in when a window closes, since the earliest and the latest spring differ by weeks. */
const MOST_YEARS_APART_DAYS = 120;

/** The season's window that matters on a day: last season's while it is still open, the next one once it is near. */
export function windowOn(
  { profile, place }: Pick<Book, 'profile' | 'place'>,
  seasons: Pick<Seasons, 'of'>,
  w: number,
  day: DayNumber,
): WindowForecast {
  const season = seasonOf(day, profile.seasonStart, place.latitudeDeg);
  const { windows, regrown } = seasons.of(season);
  const closes = windows[w]!.closes.p50;
  // Last season's window closed about a year before this one does: it is reckoned only where that may be yet to come.
  if (closes === null || day - (closes - YEAR_DAYS) <= MOST_YEARS_APART_DAYS) {
    const before = seasons.of(season - 1).windows[w]!;
    if (before.opens.p50 !== null && before.opens.p50 <= day && (before.closes.p50 ?? Infinity) >= day) return before;
  }
  const again = regrown[w];
  // After a cut what matters is what comes again, while anything does.
  const now = again && day >= again.cut && again.window.opens.p50 !== null ? again.window : windows[w]!;
  const over = now.closes.p50 !== null && now.closes.p50 < day;
  const nextNear = seasonFirstDay(season + 1, profile.seasonStart, place.latitudeDeg) - day <= KINDLING_DAYS;
  if (over && nextNear) {
    const next = seasons.of(season + 1).windows[w]!;
    if (next.opens.p50 !== null && next.opens.p50 - day <= KINDLING_DAYS) return next;
  }
  return now;
}

/** The window under which a take of a part on a day counts: an open one of that part, else any of it. */
export function windowOfPart(book: Book, seasons: Seasons, part: string, day: DayNumber): WindowForecast {
  const { windows } = book.profile;
  const candidates = windows.flatMap((spec, w) => (spec.part === part ? [windowOn(book, seasons, w, day)] : []));
  return candidates.find((c) => openOn(c, day) >= 0.5) ?? candidates[0] ?? windowOn(book, seasons, 0, day);
}

const iso = (day: DayNumber | null): IsoDay | null => (day === null ? null : isoDay(day));
