// Which rules hold for a part of a stand on a day, whoever sets them.
import type { Ceiling, CeilingRule, HouseRule } from '../allowance/index.ts';
import type { Clearance, IdentityStatus } from '../identity/index.ts';
import { dayNumber, monthDayIn, yearOf, type DayNumber, type Text } from '../measure/index.ts';
import {
  isDug,
  lookAlikesUnnamed,
  type MethodKey,
  type PartKey,
  type PlantProfile,
  type ProfilePart,
} from '../plants/index.ts';
import type { BookPlace, DatedRule } from './book.ts';
import type { Locks } from './locks.ts';
import type { LookAlikeStanding } from './look-alikes.ts';
import { CONTAMINATING, type PatchFacts } from './place.ts';

export interface CeilingFacts {
  readonly profile: PlantProfile;
  /** As it is when taken in the way asked about. */
  readonly part: ProfilePart;
  readonly method: MethodKey;
  readonly patch: Pick<BookPlace, 'facts'>;
  readonly sinceYear: number | null;
  readonly restUntil: string | null;
  readonly identity: IdentityStatus;
  /** What its look-alikes lock in the window. */
  readonly locks: Locks;
  /** It was settled before this season's early stage began. */
  readonly confirmedBefore: boolean;
  /** What the person may do with the family; `null`: nobody in particular is asked about. */
  readonly clearance: Clearance | null;
  /** Of a take: the look-alikes that every piece was held against, by scientific name; `null`: nothing was taken yet. */
  readonly checkedAgainst: readonly string[] | null;
  readonly houseRules: readonly Pick<DatedRule, 'rule' | 'reason'>[];
  readonly season: number;
  readonly day: DayNumber;
  /** Season of the last take of this part before this season. */
  readonly lastTakenSeason: number | null;
  /** The ground cannot be dug now; `null` where it can, or where the part is not dug. */
  readonly frozen: { readonly openFrom: DayNumber | null } | null;
  /** The tide keeps the place covered by daylight on the day; `null` where it does not, or where nobody can say. */
  readonly covered: { readonly until: DayNumber | null } | null;
  /** By the season's count no plant is in the year of life that the part is of. */
  readonly wrongYear: boolean;
  /** First day of a season. */
  readonly seasonStartsOn: (season: number) => DayNumber;
}

/** All ceilings on one part of one stand on one day, whoever sets them. */
export function ceilingsOf(facts: CeilingFacts): readonly Ceiling[] {
  return [
    ...ofLaw(facts),
    ...ofOwner(facts),
    ...ofIdentity(facts),
    ...ofStand(facts),
    ...ofHouse(facts),
    ...ofProfile(facts),
  ];
}

function ofLaw({ profile }: CeilingFacts): Ceiling[] {
  return profile.ceilings.some((c) => c.rule.kind === 'protected')
    ? [{ source: 'law', rule: { kind: 'protected' } }]
    : [];
}

/** Days of the year on which the place is open for taking, about a day: whether it lies within, and the next change. */
export function leaveDaysOn(
  { facts }: { readonly facts: Pick<PatchFacts, 'leaveDays'> },
  day: DayNumber,
): { readonly open: boolean; readonly until: DayNumber } | null {
  if (!facts.leaveDays) return null;
  const { from, to } = facts.leaveDays;
  const year = yearOf(day);
  for (const y of [year - 1, year, year + 1]) {
    const first = monthDayIn(y, from);
    const last = monthDayIn(from <= to ? y : y + 1, to);
    if (day < first) return { open: false, until: first };
    if (day <= last) return { open: true, until: last };
  }
  return null;
}

/** Refused or run-out leave forbids; leave that was never asked for forbids digging only. */
function ofOwner({ patch, part, day }: CeilingFacts): Ceiling[] {
  const { leave, leaveUntil } = patch.facts;
  const until = leaveUntil === null ? null : dayNumber(leaveUntil);
  const out: Ceiling[] = [];
  const bar = (rule: CeilingRule): void => void out.push({ source: 'owner', rule });
  if (leave === 'refused') bar({ kind: 'ownerLeave', leave: 'refused', until: null });
  else if (leave === 'given' && until !== null && until < day) bar({ kind: 'ownerLeave', leave: 'ended', until });
  else if (leave === 'notAsked' && (part.kills || isDug(part)))
    bar({ kind: 'ownerLeave', leave: 'notAsked', until: null });
  // Days say when leave that is there holds: they open nothing that is shut.
  const days = leaveDaysOn(patch, day);
  if (days && !days.open) bar({ kind: 'closedDays', until: days.until });
  return out;
}

function ofIdentity(facts: CeilingFacts): Ceiling[] {
  const { profile, identity, locks, confirmedBefore, clearance, checkedAgainst } = facts;
  const bar = (rule: CeilingRule): Ceiling => ({ source: 'identity', rule });
  const out: Ceiling[] = [];
  if (identity === 'unconfirmed') out.push(bar({ kind: 'identity', status: identity }));
  if (identity === 'provisional' && profile.lookAlikes.some((l) => l.severity === 'deadly'))
    out.push(bar({ kind: 'identity', status: identity }));
  if (lookAlikesUnnamed(profile)) out.push(bar({ kind: 'lookAlikesUnnamed' }));
  const { seen, shut, pieceByPiece, early } = locks;
  if (seen) out.push(bar({ kind: 'lookAlikeSeen', name: nameOf(seen), where: seen.where ?? 'here' }));
  if (identity === 'confirmed') {
    if (early && !confirmedBefore) out.push(bar({ kind: 'notConfirmedBefore' }));
    for (const open of shut)
      out.push(
        bar({
          kind: 'lookAlikeUnsearched',
          name: nameOf(open),
          search: open.search.state === 'expired' ? 'expired' : 'neverLooked',
        }),
      );
  }
  const { family } = profile;
  if (clearance === 'closed') out.push(bar({ kind: 'familyClosed', family }));
  const unchecked = (l: LookAlikeStanding): boolean => !(checkedAgainst?.includes(l.lookAlike.scientific) ?? true);
  const mixed = clearance === 'none' ? pieceByPiece[0] : pieceByPiece.find(unchecked);
  if (mixed && clearance === 'none') out.push(bar({ kind: 'leafByLeaf', name: nameOf(mixed), family }));
  else if (mixed) out.push(bar({ kind: 'notHeldAgainst', name: nameOf(mixed) }));
  return out;
}

const nameOf = ({ lookAlike }: LookAlikeStanding): Text => lookAlike.name;

function ofStand({
  patch,
  part,
  restUntil,
  day,
  frozen,
  covered,
  wrongYear,
  season,
  seasonStartsOn,
}: CeilingFacts): Ceiling[] {
  const out: Ceiling[] = [];
  if (wrongYear && part.yearOfLife)
    out.push({
      source: 'stand',
      rule: { kind: 'wrongYear', yearOfLife: part.yearOfLife, until: seasonStartsOn(season + 1) },
    });
  if (covered) out.push({ source: 'stand', rule: { kind: 'tide', until: covered.until } });
  if (frozen) out.push({ source: 'stand', rule: { kind: 'frozen', until: frozen.openFrom } });
  if (restUntil !== null && dayNumber(restUntil) >= day)
    out.push({ source: 'stand', rule: { kind: 'rest', until: dayNumber(restUntil) } });
  if (patch.facts.hazards.some((h) => CONTAMINATING.includes(h)))
    out.push({ source: 'stand', rule: { kind: 'contaminated' } });
  return out;
}

function ofHouse(facts: CeilingFacts): Ceiling[] {
  return facts.houseRules.flatMap(({ rule, reason }): Ceiling[] =>
    ceilingsOfRule(facts, rule).map((c) => (reason ? { ...c, because: reason } : c)),
  );
}

function ceilingsOfRule(facts: CeilingFacts, rule: HouseRule): readonly Ceiling[] {
  switch (rule.kind) {
    case 'secondPerson':
    case 'searchHolds':
      return [];
    case 'restYears':
      return restAfter(facts, rule.years, 'houseRule');
    case 'plan':
      return rule.part === facts.part.key ? ofPlan(facts, rule) : [];
    default:
      return [{ source: 'houseRule', rule }];
  }
}

/** What was played with one way of taking says nothing of another. */
function ofPlan(facts: CeilingFacts, rule: Extract<HouseRule, { kind: 'plan' }>): readonly Ceiling[] {
  if (rule.method !== undefined && rule.method !== facts.method)
    return [{ source: 'houseRule', rule: { kind: 'otherMethod', method: rule.method } }];
  return [{ source: 'houseRule', rule }, ...restAfter(facts, rule.everyYears - 1, 'houseRule')];
}

/** So many seasons of rest after the last one in which the part was taken. */
function restAfter(
  { lastTakenSeason, season, seasonStartsOn }: CeilingFacts,
  years: number,
  source: Ceiling['source'],
): Ceiling[] {
  if (lastTakenSeason === null || season - lastTakenSeason > years) return [];
  return [{ source, rule: { kind: 'rest', until: seasonStartsOn(lastTakenSeason + years + 1) - 1 } }];
}

function ofProfile(facts: CeilingFacts): Ceiling[] {
  const { profile, part, sinceYear, season } = facts;
  return profile.ceilings.flatMap(({ parts, rule }): Ceiling[] => {
    if (parts !== null && !parts.includes(part.key)) return [];
    if (rule.kind === 'protected') return [];
    if (rule.kind === 'restYears') return restAfter(facts, rule.years, 'profile');
    if (rule.kind === 'age')
      return [
        {
          source: 'profile',
          rule: { ...rule, ageYears: sinceYear === null ? null : season - sinceYear, kills: part.kills },
        },
      ];
    return [{ source: 'profile', rule }];
  });
}

/** Parts whose taking uses up this one: flower heads taken are berries lost. */
export const spentBy = (profile: PlantProfile, part: PartKey): readonly PartKey[] =>
  profile.parts.filter((p) => p.spends.includes(part)).map((p) => p.key);
