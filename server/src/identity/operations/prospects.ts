import type { Prospect } from '@emberfield/contract';
import { dayNumber, isoDay, seasonOf } from '@emberfield/core/measure';
import type { Dependencies } from '../../dependencies.ts';
import { spotOf, learnedFrom, NOTHING_SEEN, viewRange } from '@emberfield/core/stand';
import { patchById, placeKey, standKeysOf, visibleTo } from '../../patches/index.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { bookPlace, commonsOf, heldKnowledge, KNOWS_NOTHING, seasonOfStand } from '../../stands/index.ts';
import { weatherAt } from '../../weather/index.ts';

const MOST_PLANTS = 8;
const HORIZON_DAYS = 365;

/** What the plants asked for would give at a place within a year: so a find of one stage becomes the later ones of the year. */
export async function viewProspects(
  deps: Dependencies,
  { group, params, query }: GroupContext<null>,
): Promise<readonly Prospect[]> {
  const known = await patchById(deps.db, group.id, params['patchId']!);
  if (!known) throw notFound('patch');
  const patch = visibleTo(group.viewer, known, deps.words);
  const { plants, stations } = await commonsOf(deps, group);
  const weather = await weatherAt(deps, stations, spotOf(patch));
  const here = (await standKeysOf(deps.db, group.id)).filter((s) => s.patchId === patch.id);
  const today = dayNumber(group.today);
  const knowledge = heldKnowledge(deps, group.id) ?? KNOWS_NOTHING;
  const asked = (query['plants'] ?? '').split(',').slice(0, MOST_PLANTS);
  return asked.flatMap((key): Prospect[] => {
    const plant = plants.get(key);
    if (!plant) return [];
    const { profile } = plant;
    const seasonOfPlant = seasonOfStand(deps.answers, {
      book: {
        stand: { id: `${patch.id}/${key}` },
        profile,
        plantRevision: plant.revision,
        place: bookPlace(patch),
        weather: weather?.weather ?? null,
        thermometer: weather?.thermometer?.reading ?? null,
        learned: learnedFrom(knowledge.learning),
        record: NOTHING_SEEN,
        today,
      },
      placeKey: placeKey(patch),
      weatherKey: weather?.key ?? '-',
      knowledge,
    });
    const season = seasonOf(today, profile.seasonStart, patch.latitudeDeg);
    const seasons = [season, season + 1].map(seasonOfPlant);
    const ahead = (day: number | null): day is number => day !== null && day > today && day <= today + HORIZON_DAYS;
    const windows = profile.windows.flatMap((spec, w) => {
      const next = seasons.map((s) => s.windows[w]!).find((x) => ahead(x.opens.p50));
      const part = profile.parts.find((p) => p.key === spec.part)!;
      return next ? [{ partName: part.name, use: spec.use, opens: viewRange(next.opens) }] : [];
    });
    const stages = profile.stages.flatMap((spec, i) => {
      const day = seasons.map((s) => s.forecast.stages[i]!.reached.p50).find(ahead);
      return day === undefined || day === null ? [] : [{ name: spec.name, day: isoDay(day) }];
    });
    return [
      {
        plantKey: key,
        plantName: profile.names,
        stages: stages.sort((a, b) => a.day.localeCompare(b.day)),
        windows: windows.sort((a, b) => (a.opens.p50 ?? '').localeCompare(b.opens.p50 ?? '')),
        standId: here.find((s) => s.plantKey === key)?.id ?? null,
      },
    ];
  });
}
