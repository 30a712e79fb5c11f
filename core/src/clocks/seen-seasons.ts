import { type DayNumber, seasonFirstDay } from '../measure/index.ts';
import { boundsOf, type SeasonPlace, sightingSeasons, spreadWithin } from '../stages/index.ts';
import type { StageBounds, StageSighting } from '../stages/index.ts';

/** A stand as far as learning goes: where it grows, what it is, and all that was seen of its stages. */
export interface SeenStand {
  readonly standId: string;
  readonly plantKey: string;
  readonly place: SeasonPlace;
  readonly sightings: readonly StageSighting[];
}

/** What was seen in one season of a stand: between which days of the season each of its stages came. */
export interface SeenSeason {
  readonly season: number;
  readonly firstDay: DayNumber;
  readonly bounds: readonly StageBounds[];
}

/** Older seasons say little of how things are now, and cost as much. */
const MOST_SEASONS = 12;

/** The seasons of which anything was seen, newest first. Nothing after `until` is known, and no season after `season`. */
export function seenSeasons(
  { place, sightings }: Pick<SeenStand, 'place' | 'sightings'>,
  { until, season: last = Infinity }: { readonly until: DayNumber; readonly season?: number },
): readonly SeenSeason[] {
  const { stages, seasonStart, site } = place;
  const seasonOfSighting = sightingSeasons(place);
  const bySeason = new Map<number, StageSighting[]>();
  for (const s of sightings) {
    if (s.day > until) continue;
    const season = seasonOfSighting(s);
    if (season > last) continue;
    const of = bySeason.get(season);
    if (of) of.push(s);
    else bySeason.set(season, [s]);
  }
  const spreadDays = spreadWithin([...bySeason.values()].flat());
  const keys = stages.map((s) => s.key);
  return [...bySeason.keys()]
    .sort((a, b) => b - a)
    .slice(0, MOST_SEASONS)
    .map((season) => {
      const firstDay = seasonFirstDay(season, seasonStart, site.latitudeDeg);
      return { season, firstDay, bounds: boundsOf(keys, bySeason.get(season)!, firstDay, spreadDays) };
    });
}
