import type { LadderSeason, LookAlikeView, StandRef, StandView } from '@emberfield/contract';
import { identitiesBy, verdictsOf } from '../../entries/index.ts';
import { clearanceIn } from '../../people/index.ts';
import type { Dependencies } from '../../dependencies.ts';
import { dayNumber, isoDay, type DayNumber } from '@emberfield/core/measure';
import { areaOf } from '../../formats/ring-area.ts';
import { placeKey } from '../../patches/index.ts';
import { lookedAtDay } from '../../platform/clock.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import {
  canBeAbsent,
  countOn,
  heldOn,
  identityOn,
  learnedFrom,
  lookAlikesOn,
  outlooksFor,
  rulesOn,
  seasonNow,
  seasonsSeen,
  sightingsOf,
  showsNext,
  showsOn,
  stillAwaited,
  viewRange,
  type Book,
  type LookAlikeStanding,
  type Seasons,
} from '@emberfield/core/stand';
import { dossiersOf, type Dossier } from './dossier.ts';
import { commonsOf } from './group-commons.ts';
import { practisedDays } from './practised.ts';
import { knowledgeThen } from './group-knowledge.ts';
import { learnedView } from './learned-view.ts';
import { pageOfEntries } from './entry-page.ts';
import { namesOf } from '../../weather/index.ts';
import { seasonsFor } from './stand-answers.ts';

const MOST_PAST_SEASONS = 8;

export function refOf({ stand, patch, weather, book }: Dossier, day: DayNumber): StandRef {
  const { profile } = book;
  const { status, secondNeeded } = identityOn(book, day, rulesOn(book.rules, day));
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
    stationName: weather && namesOf(weather),
  };
}

/** What is set aside on a day, and what of it is the reader's own. */
const holdsOf = (
  { profile, record }: Pick<Book, 'profile' | 'record'>,
  day: DayNumber,
  reader: string,
): StandView['holds'] =>
  profile.parts.flatMap((part) =>
    heldOn(record, part, day).map(({ byId, by, amount, ids }) => ({
      ...{ part: part.key, amount, by },
      ownIds: byId === reader ? ids : [],
    })),
  );

/** The stand page: everything about a stand on a day. */
export async function viewStand(deps: Dependencies, context: GroupContext<unknown>): Promise<StandView> {
  const { group, account, params, query } = context;
  const {
    stands: [dossier],
    clearances,
  } = await dossiersOf(deps, group, params['standId']);
  if (!dossier) throw notFound('stand');
  const iso = lookedAtDay(query['day'], group.today, dayNumber);
  const [day, today] = [dayNumber(iso), dayNumber(group.today)];
  const { stand, patch, plant, record, book, answers } = dossier;
  const knownOn = query['known'] === 'then' ? Math.min(day, today) : today;
  const season = seasonNow(book, day);
  const { forecast } = answers.seasons.of(season);
  const known = knownOn < today ? await asKnownThen(deps, group, dossier, knownOn) : answers.seasons;
  const houseRules = rulesOn(book.rules, day);
  const clearance = clearanceIn(clearances, account.accountId, plant.profile.family);
  const told = (text: string): string => (patch.blurred ? '' : text);
  const losses = record.losses.filter((l) => l.day <= day && l.day >= forecast.firstDay);
  const countNow = countOn(book, day);
  const kept = losses.reduce((share, l) => share * (1 - l.share), 1);
  return {
    ...refOf(dossier, day),
    version: stand.version,
    retiredOn: stand.retiredOn ?? patch.retiredOn,
    retiredWhy: told(stand.retiredWhy || patch.retiredWhy),
    since: stand.sinceYear,
    restUntil: stand.restUntil,
    restReason: told(stand.restReason),
    day: iso,
    profile: plant.profile,
    patch: viewGround(patch),
    practised: practisedDays(
      await identitiesBy(deps.db, group.id, account.accountId),
      plant.profile.family,
      await commonsOf(deps, group),
    ),
    outlooks: outlooksFor(book, answers.seasons, answers.on(day), { day, clearance, who: account.accountId }),
    learned: learnedView(deps, dossier),
    ladder: {
      season: ladderSeason(known, season, day),
      past: pastSeasons(book, season).map((s) => ladderSeason(known, s, day)),
      firstDay: isoDay(forecast.firstDay),
      noted: sightingsOf(book, season).map((s) => ({ stage: s.stage, day: isoDay(s.day) })),
      basis: forecast.basis,
      yearCount: forecast.yearCount,
    },
    counts: record.counts.filter((c) => c.day <= day).map(viewCount),
    count: countNow && { ...viewCount(countNow), weighedWith: countNow.weighedWith },
    holds: holdsOf(book, dayNumber(group.today), account.accountId),
    takes: takesOf(record, day, await verdictsOf(deps.db, stand.id)),
    lossShare: Math.round((1 - kept) * 1000) / 1000,
    losses: losses.map((l) => ({ ...l, day: isoDay(l.day) })),
    entries: (
      await pageOfEntries(deps, {
        stand,
        accountId: account.accountId,
        before: null,
        until: iso,
        blurred: patch.blurred,
      })
    ).entries,
    lookAlikes: lookAlikesOn(book, day, houseRules).map((l) => viewLookAlike(l, book, day)),
    identities: record.identities
      .filter((i) => i.day <= day)
      .map(({ byId: _, ...said }) => ({
        ...said,
        day: isoDay(said.day),
        note: told(said.note),
        signs: patch.blurred ? [] : said.signs,
      }))
      .reverse(),
    clearance,
    awaited: stillAwaited(record, day).map(({ id, sign, due, note }) => ({
      id,
      sign,
      note: told(note),
      due: isoDay(due),
    })),
  };
}

const viewCount = ({
  plants,
  day,
  method,
  fit,
  trees,
  by,
}: Book['record']['counts'][number]): StandView['counts'][number] => ({
  ...plants,
  day: isoDay(day),
  method,
  ...(fit ? { fit } : {}),
  ...(trees ? { trees } : {}),
  by,
});

const takesOf = (
  { takes }: Book['record'],
  day: DayNumber,
  verdicts: Awaited<ReturnType<typeof verdictsOf>>,
): StandView['takes'] =>
  takes
    .filter((t) => t.day <= day)
    .map(({ id, part, amount, measure, day: on }) => ({
      day: isoDay(on),
      part,
      amount,
      measure,
      allowed: verdicts.get(id)?.allowed ?? null,
      over: verdicts.get(id)?.over ?? false,
    }));

function viewGround({ facts, geometry }: Dossier['patch']): StandView['patch'] {
  const { owner, leave, leaveUntil, leaveDays = null, hazards, neighbours } = facts;
  const areaM2 = geometry.type === 'Polygon' ? areaOf(geometry.coordinates) : null;
  return { owner, leave, leaveUntil, leaveDays, hazards, neighbours, areaM2 };
}

/** Seasons of the stand as its group would have told them on a day that is past. */
async function asKnownThen(
  deps: Dependencies,
  group: GroupContext<unknown>['group'],
  { book, patch, weather }: Dossier,
  day: DayNumber,
): Promise<Seasons> {
  const { stands } = await dossiersOf(deps, group);
  const knowledge = await knowledgeThen(
    deps,
    group,
    stands.map((s) => ({ ...s, unlearned: s.book })),
    day,
  );
  const then: Book = { ...book, learned: learnedFrom(knowledge.learning), today: day };
  return seasonsFor(deps.answers, {
    book: then,
    placeKey: placeKey(patch),
    weatherKey: weather?.key ?? '-',
    knowledge,
  });
}

function viewLookAlike(
  { lookAlike, plant, search, where }: LookAlikeStanding,
  { place }: Book,
  day: DayNumber,
): LookAlikeView {
  const { name, severity, separatedBy } = lookAlike;
  const next = plant && showsNext(plant, place, day);
  return {
    name,
    severity,
    separatedBy,
    plantKey: plant?.key ?? null,
    search: search.state,
    since: 'since' in search ? isoDay(search.since) : null,
    until: 'until' in search ? isoDay(search.until) : null,
    where,
    canBeAbsent: canBeAbsent(plant),
    showsNow: plant === null || showsOn(plant, place, day),
    showsNext: next === null ? null : isoDay(next),
  };
}

/** Seasons with sightings before this one, newest first. */
function pastSeasons(book: Book, season: number): readonly number[] {
  return [...seasonsSeen(book)]
    .filter((s) => s < season)
    .sort((a, b) => b - a)
    .slice(0, MOST_PAST_SEASONS);
}

function ladderSeason(seasons: Seasons, season: number, day: DayNumber): LadderSeason {
  const { forecast } = seasons.of(season);
  const upTo = (d: DayNumber | null): string | null => (d === null || d > day ? null : isoDay(d));
  return {
    season,
    stages: forecast.stages.map((s) => ({
      key: s.key,
      reached: viewRange(s.reached),
      seenAfter: upTo(s.seen.after),
      seenBy: upTo(s.seen.by),
    })),
  };
}
