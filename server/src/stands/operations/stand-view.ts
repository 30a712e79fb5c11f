import type {
  Clearance,
  HouseRule,
  LadderSeason,
  LookAlikeView,
  PartOutlook,
  StandRef,
  StandView,
} from '@emberfield/contract';
import { clearanceIn } from '../../people/index.ts';
import type { Dependencies } from '../../dependencies.ts';
import { dayNumber, isoDay, type DayNumber } from '@emberfield/core/measure';
import { seasonOf } from '@emberfield/core/phenology';
import { areaOfRing, geometryFor, seesExactly } from '../../patches/index.ts';
import { lookedAtDay } from '../../platform/clock.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { dossiersOf, rulesInForce, type Dossier } from './dossier.ts';
import { knowledgeThen } from './group-knowledge.ts';
import { pageOfEntries } from './entry-page.ts';
import { identityOn } from './identity-standing.ts';
import { lookAlikesOn, showsNext, showsOn, type LookAlikeStanding } from './look-alikes.ts';
import { viewAllowance } from './allowance-view.ts';
import { allowanceOn, isoRange, outlooksOn, windowOn } from './outlook.ts';
import { namesOf } from '../../weather/index.ts';
import { stillAwaited } from './stand-record.ts';
import { standSeason } from './season-forecast.ts';

const MOST_PAST_SEASONS = 8;

export function refOf(dossier: Dossier, day: DayNumber, houseRules: readonly HouseRule[]): StandRef {
  const {
    stand,
    patch,
    plant: { profile },
  } = dossier;
  const { status, secondNeeded } = identityOn(dossier, day, houseRules);
  return {
    id: stand.id,
    plantKey: stand.plantKey,
    plantName: profile.names,
    patchId: patch.id,
    patchName: patch.name,
    where: stand.where,
    identity: status,
    secondNeeded,
    deadlyLookAlikes: profile.lookAlikes.filter((l) => l.severity === 'deadly').map((l) => l.name),
    stationName: dossier.weather && namesOf(dossier.weather),
  };
}

/** The stand page: everything about a stand on a day. */
export async function viewStand(deps: Dependencies, context: GroupContext<unknown>): Promise<StandView> {
  const { group, account, params, query } = context;
  const {
    stands: [dossier],
    rules,
    clearances,
  } = await dossiersOf(deps, group, params['standId']);
  if (!dossier) throw notFound('stand');
  const iso = lookedAtDay(query['day'], group.today, dayNumber);
  const [day, today] = [dayNumber(iso), dayNumber(group.today)];
  const { stand, patch, plant, record } = dossier;
  const knownOn = query['known'] === 'then' ? Math.min(day, today) : today;
  const season = seasonOf(day, plant.profile.seasonStart, patch.latitudeDeg);
  const { forecast } = standSeason(dossier, season, today);
  const known = knownOn < today ? await asKnownThen(deps, group, dossier, knownOn) : dossier;
  const houseRules = rulesInForce(rules, iso);
  const clearance = clearanceIn(clearances, account.accountId, plant.profile.family);
  const exact = seesExactly(patch, group, account.accountId);
  const geometry = geometryFor(patch, exact);
  const kept = record.losses
    .filter((l) => l.day <= day && l.day >= forecast.firstDay)
    .reduce((share, l) => share * (1 - l.share), 1);
  return {
    ...refOf(dossier, day, houseRules),
    version: stand.version,
    since: stand.sinceYear,
    restUntil: stand.restUntil,
    restReason: stand.restReason,
    day: iso,
    profile: plant.profile,
    patch: {
      owner: patch.facts.owner,
      leave: patch.facts.leave,
      leaveUntil: patch.facts.leaveUntil,
      leaveDays: patch.facts.leaveDays ?? null,
      hazards: patch.facts.hazards,
      neighbours: patch.facts.neighbours,
      areaM2: geometry.type === 'Polygon' ? areaOfRing(geometry.coordinates[0]!) : null,
    },
    outlooks: outlooksFor(dossier, { day, today, houseRules, clearance }),
    ladder: {
      season: ladderSeason(known, season, knownOn, day),
      past: pastSeasons(dossier, season).map((s) => ladderSeason(known, s, knownOn, day)),
      firstDay: isoDay(forecast.firstDay),
      basis: forecast.basis,
      yearCount: forecast.yearCount,
    },
    counts: record.counts
      .filter((c) => c.day <= day)
      .map((c) => ({ ...c.plants, day: isoDay(c.day), method: c.method, by: c.by })),
    lossShare: Math.round((1 - kept) * 1000) / 1000,
    entries: (await pageOfEntries(deps, { stand, accountId: account.accountId, before: null })).entries.filter(
      (e) => e.day <= iso,
    ),
    lookAlikes: lookAlikesOn(dossier, day, houseRules).map((l) => viewLookAlike(l, dossier, day)),
    identities: record.identities
      .filter((i) => i.day <= day)
      .map(({ byId: _, ...said }) => ({ ...said, day: isoDay(said.day) }))
      .reverse(),
    clearance,
    awaited: stillAwaited(record, day).map(({ id, sign, due, note }) => ({ id, sign, note, due: isoDay(due) })),
  };
}

/** The stand with what its group knew on a day that is past. */
async function asKnownThen(
  deps: Dependencies,
  group: GroupContext<unknown>['group'],
  dossier: Dossier,
  day: DayNumber,
): Promise<Dossier> {
  const { stands } = await dossiersOf(deps, group);
  return { ...dossier, knowledge: await knowledgeThen(group, stands, day) };
}

interface Reading {
  readonly day: DayNumber;
  readonly today: DayNumber;
  readonly houseRules: readonly HouseRule[];
  readonly clearance: Clearance;
}

/** The outlooks as they stand for one reader: what is kept from them, or only for the cleared, has no allowance for them. */
function outlooksFor(dossier: Dossier, { day, today, houseRules, clearance }: Reading): readonly PartOutlook[] {
  return outlooksOn(dossier, day, today, houseRules).map((outlook, w) => {
    if (clearance === 'cleared' || (clearance === 'none' && outlook.leafByLeaf.length === 0)) return outlook;
    const part = dossier.plant.profile.parts.find((p) => p.key === outlook.part)!;
    const window = windowOn(dossier, w, day, today);
    return {
      ...outlook,
      allowance: viewAllowance(allowanceOn(dossier, part, window, day, houseRules, { clearance, today }), part),
    };
  });
}

function viewLookAlike(
  { lookAlike, plant, search }: LookAlikeStanding,
  { patch }: Dossier,
  day: DayNumber,
): LookAlikeView {
  const { name, severity, separatedBy } = lookAlike;
  const next = plant && showsNext(plant.profile, patch, day);
  return {
    name,
    severity,
    separatedBy,
    plantKey: plant?.profile.key ?? null,
    search: search.state,
    since: 'since' in search ? isoDay(search.since) : null,
    until: 'until' in search ? isoDay(search.until) : null,
    showsNow: plant === null || showsOn(plant.profile, patch, day),
    showsNext: next === null ? null : isoDay(next),
  };
}

/** Seasons with sightings before this one, newest first. */
function pastSeasons({ record, plant, patch }: Dossier, season: number): readonly number[] {
  const seen = new Set(record.sightings.map((s) => seasonOf(s.day, plant.profile.seasonStart, patch.latitudeDeg)));
  return [...seen]
    .filter((s) => s < season)
    .sort((a, b) => b - a)
    .slice(0, MOST_PAST_SEASONS);
}

function ladderSeason(dossier: Dossier, season: number, today: DayNumber, day: DayNumber): LadderSeason {
  const { forecast } = standSeason(dossier, season, today);
  const upTo = (d: DayNumber | null): string | null => (d === null || d > day ? null : isoDay(d));
  return {
    season,
    stages: forecast.stages.map((s) => ({
      key: s.key,
      reached: isoRange(s.reached),
      seenAfter: upTo(s.seen.after),
      seenBy: upTo(s.seen.by),
    })),
  };
}
