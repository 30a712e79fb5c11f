// A season at a place, and the weather that it had.
import { atSite, Held, siteClimate, type Ensemble, type Site, type StationSeason } from '../climate/index.ts';
import { dayOfYear, seasonFirstDay, SEASON_HORIZON_DAYS, type DayNumber, type MonthDay } from '../measure/index.ts';
import { asKnownOn, type StationWeather } from '../weather/index.ts';
import type { StageSpec } from './stage-model.ts';
import type { Reference } from './usual-year.ts';

export interface SeasonPlace {
  readonly stages: readonly StageSpec[];
  readonly seasonStart: MonthDay;
  readonly reference: Reference;
  readonly site: Site;
  readonly weather: StationWeather | null;
}

/**
 * Weather of one season at a place as it was, the station's usual day where nothing was measured (up to and after the
 * station's record, and after `until`). `null` without a climatology.
 */
export function seasonAsItWas(
  { weather, site, reference, seasonStart }: SeasonPlace,
  season: number,
  until: DayNumber,
): Ensemble | null {
  const then = weather && asKnownOn(weather, until);
  if (!then?.climatology) return null;
  const { heightM } = then;
  const firstDay = seasonFirstDay(season, seasonStart, site.latitudeDeg);
  // What is over is the same from whichever later day it is looked at.
  const known = firstDay + SEASON_HORIZON_DAYS <= until ? 'all' : until;
  return SEASONS.get([then], JSON.stringify([firstDay, known, site, reference.canopy]), () =>
    atSite(asItWas(then, { season, firstDay, until }), siteClimate(heightM, site, reference.canopy)),
  );
}

/** Stands of one place, and the clocks of one stand, ask for the same seasons. */
const SEASONS = new Held<Ensemble>(96);

function asItWas(
  { series, climatology }: StationWeather,
  { season, firstDay, until }: { readonly season: number; readonly firstDay: DayNumber; readonly until: DayNumber },
): StationSeason {
  const minC = new Float64Array(SEASON_HORIZON_DAYS);
  const maxC = new Float64Array(SEASON_HORIZON_DAYS);
  const rainMm = new Float64Array(SEASON_HORIZON_DAYS);
  const firstOfRing = dayOfYear(firstDay) - 1;
  for (let i = 0; i < SEASON_HORIZON_DAYS; i++) {
    const own = firstDay + i - series.firstDay;
    const measured = own >= 0 && own < series.minC.length && firstDay + i <= until;
    const k = (firstOfRing + i) % 366;
    minC[i] = measured ? series.minC[own]! : climatology!.minC[k]!;
    maxC[i] = measured ? series.maxC[own]! : climatology!.maxC[k]!;
    const mm = measured ? series.rainMm?.[own] : undefined;
    rainMm[i] = mm === undefined || Number.isNaN(mm) ? 0 : mm;
  }
  return {
    firstDay,
    knownDays: SEASON_HORIZON_DAYS,
    sharedDays: SEASON_HORIZON_DAYS,
    minC: [minC],
    maxC: [maxC],
    rainMm: series.rainMm && [rainMm],
    years: [season],
  };
}
