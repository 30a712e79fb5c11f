import { binomialOf, isUuid, UNKNOWN_FACTS, type IdentityRow, type IdentityTable } from '@emberfield/contract';
import { phaseOfBbch } from '@emberfield/core/identity';
import { dayNumber, isoDay, type DayNumber, seasonOf } from '@emberfield/core/measure';

import type { Dependencies } from '../../dependencies.ts';
import { spotOf, learnedFrom, NOTHING_SEEN, type SeasonBook, type StandSeason } from '@emberfield/core/stand';
import { patchById, placeKey, visibleTo } from '../../patches/index.ts';
import { lookedAtDay } from '../../platform/clock.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext, InGroup } from '../../platform/http/context.ts';
import {
  bookPlace,
  commonsOf,
  heldKnowledge,
  KNOWS_NOTHING,
  seasonOfStand,
  taxaOf,
  type GroupCommons,
} from '../../stands/index.ts';
import { weatherAt } from '../../weather/index.ts';

/** Every plant the group knows with its signs, and when its stages come at a place: all that identifying needs. */
export async function identityTable(deps: Dependencies, { group, query }: GroupContext<null>): Promise<IdentityTable> {
  const iso = lookedAtDay(query['day'], group.today, dayNumber);
  const [day, today] = [dayNumber(iso), dayNumber(group.today)];
  const commons = await commonsOf(deps, group);
  const place = await placeOf(deps, group, query['patch'] ?? null, commons);
  const weather = place && (await weatherAt(deps, commons.stations, spotOf(place)));
  const knowledge = heldKnowledge(deps, group.id) ?? KNOWS_NOTHING;
  const elsewhere = new Set(taxaOf(commons, group).flatMap((t) => (t.elsewhere ? [t.key] : [])));
  const plants = [...commons.plants.values()].map((plant) => {
    const patch = place ?? {
      id: '-',
      version: 0,
      blurred: false,
      longitudeDeg: 0,
      facts: UNKNOWN_FACTS,
      ...plant.profile.reference,
    };
    const book: SeasonBook = {
      stand: { id: `${patch.id}/${plant.profile.key}` },
      profile: plant.profile,
      plantRevision: plant.revision,
      place: bookPlace(patch),
      weather: weather?.weather ?? null,
      thermometer: weather?.thermometer?.reading ?? null,
      learned: learnedFrom(knowledge.learning),
      record: NOTHING_SEEN,
      today,
    };
    const seasons = seasonOfStand(deps.answers, {
      book,
      placeKey: placeKey(patch),
      weatherKey: weather?.key ?? '-',
      knowledge,
    });
    return { ...rowOf(book, commons.kin, seasons, day), elsewhere: elsewhere.has(plant.profile.key) };
  });
  return { day: iso, basis: weather ? 'weather' : 'calendar', plants };
}

/** The patch asked for; else the first station, as somewhere near; else nowhere, and the profiles' own places hold. */
async function placeOf(
  deps: Dependencies,
  { id: groupId, viewer }: InGroup,
  patchId: string | null,
  { stations }: GroupCommons,
) {
  const [first] = stations.fit;
  if (patchId === null)
    return first ? { ...first, version: 0, blurred: false, facts: UNKNOWN_FACTS, stationId: null } : null;
  if (!isUuid(patchId)) throw new AppError('badInput', { field: 'query.patch', reason: 'notAnId' });
  const patch = await patchById(deps.db, groupId, patchId);
  if (!patch) throw notFound('patch');
  return visibleTo(viewer, patch, deps.words);
}

function rowOf(
  { profile, place }: SeasonBook,
  kin: GroupCommons['kin'],
  seasons: (season: number) => StandSeason,
  day: DayNumber,
): Omit<IdentityRow, 'elsewhere'> {
  const season = seasonOf(day, profile.seasonStart, place.latitudeDeg);
  const stages = [season - 1, season, season + 1].flatMap((s) =>
    seasons(s).forecast.stages.flatMap(({ reached }, i) => {
      const { name, bbch } = profile.stages[i]!;
      return reached.p50 === null ? [] : [{ name, phase: phaseOfBbch(bbch), day: isoDay(reached.p50) }];
    }),
  );
  return {
    key: profile.key,
    names: profile.names,
    scientific: profile.scientific,
    family: profile.family,
    habit: profile.habit,
    severity: profile.severity,
    gathered: profile.parts.length > 0,
    shows: profile.shows,
    ...(profile.decides ? { decides: profile.decides } : {}),
    stages,
    lookAlikes: profile.lookAlikes.map(({ name, scientific, severity, separatedBy }) => ({
      plantKey: kin.get(binomialOf(scientific))?.key ?? null,
      name,
      severity,
      separatedBy,
    })),
  };
}
