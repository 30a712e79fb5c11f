// A season at a place, and the weather that it had.
import { atSite, siteClimate, type Ensemble, type Site } from '../climate/index.ts';
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
  const { series, climatology, heightM } = then;
  const firstDay = seasonFirstDay(season, seasonStart, site.latitudeDeg);
  const minC = new Float64Array(SEASON_HORIZON_DAYS);
  const maxC = new Float64Array(SEASON_HORIZON_DAYS);
  const rainMm = new Float64Array(SEASON_HORIZON_DAYS);
  const firstOfRing = dayOfYear(firstDay) - 1;
  for (let i = 0; i < SEASON_HORIZON_DAYS; i++) {
    const own = firstDay + i - series.firstDay;
    const measured = own >= 0 && own < series.minC.length && firstDay + i <= until;
    const k = (firstOfRing + i) % 366;
    minC[i] = measured ? series.minC[own]! : climatology.minC[k]!;
    maxC[i] = measured ? series.maxC[own]! : climatology.maxC[k]!;
    const mm = measured ? series.rainMm?.[own] : undefined;
    rainMm[i] = mm === undefined || Number.isNaN(mm) ? 0 : mm;
  }
  const asItWas = {
    firstDay,
    knownDays: SEASON_HORIZON_DAYS,
    sharedDays: SEASON_HORIZON_DAYS,
    minC: [minC],
    maxC: [maxC],
    rainMm: series.rainMm && [rainMm],
    years: [season],
  };
  return atSite(asItWas, siteClimate(heightM, site, reference.canopy));
}
