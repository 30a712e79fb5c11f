import { type DayNumber, monthDayInSeason, seasonOf } from '../measure/index.ts';
import { cumulateWarmth, type Ensemble } from '../climate/index.ts';
import type { GrowthSpec, MeasuredLengths } from '../growth/index.ts';
import { seasonAsItWas, type SeasonPlace } from '../stages/index.ts';

/** Lengths of a part measured on a day, cm. */
export interface LengthsOnDay {
  readonly day: DayNumber;
  readonly lengthsCm: readonly number[];
}

/**
 * Measurements put on the warmth that had been gathered at the place by their days. Those after `until`, and those made where or
 * when no weather is known, are left out.
 */
export function measuredAt(
  place: SeasonPlace,
  { start, baseC }: Pick<GrowthSpec, 'start' | 'baseC'>,
  measured: readonly LengthsOnDay[],
  until: DayNumber,
): readonly MeasuredLengths[] {
  const { latitudeDeg } = place.site;
  const seasons = new Map<number, { readonly weather: Ensemble; readonly sums: Float64Array } | null>();
  const warmth = (season: number) => {
    let made = seasons.get(season);
    if (made === undefined) {
      const weather = seasonAsItWas(place, season, until);
      made = weather && {
        weather,
        sums: cumulateWarmth(
          weather,
          baseC.value,
          Infinity,
          monthDayInSeason(weather.station.firstDay, start, latitudeDeg) - weather.station.firstDay,
        )[0]!,
      };
      seasons.set(season, made);
    }
    return made;
  };
  return measured.flatMap(({ day, lengthsCm }) => {
    if (day > until) return [];
    const season = seasonOf(day, place.seasonStart, latitudeDeg);
    const known = warmth(season);
    return known ? [{ season, sum: known.sums[day - known.weather.station.firstDay]!, lengthsCm }] : [];
  });
}
