import type { DayNumber } from '@emberfield/core/measure';
import {
  forecastRegrowth,
  forecastSeason,
  forecastWindow,
  type SeasonForecast,
  type StageForecast,
  type WindowForecast,
} from '@emberfield/core/phenology';
import { Kept } from '../../platform/kept.ts';
import { forecastInput, forecastKey, type Forecastable } from './forecast-input.ts';
import { partsOf, shiftsOf } from './window-knowledge.ts';

/** Changes when the model does: verdicts keep the one they were reckoned under. */
export const MODEL_REVISION = 'c3';

/** A forecast without its draws: they make its windows and are let go, or thousands of stands would fill the memory. */
export interface KeptForecast extends Omit<SeasonForecast, 'stages' | 'weight' | 'marks'> {
  readonly stages: readonly Omit<StageForecast, 'dates'>[];
}

export interface StandSeason {
  readonly forecast: KeptForecast;
  readonly windows: readonly WindowForecast[];
  /** By window: what comes again after the last cut of the season; `null` where the part does not, or nobody cut. */
  readonly regrown: readonly ({ readonly cut: DayNumber; readonly window: WindowForecast } | null)[];
}

const MOST_SEASONS_KEPT = 16_000;
const kept = new Kept<StandSeason>(MOST_SEASONS_KEPT);

/** One season of a stand as seen today: a whole-year answer, kept under all that it depends on. */
export function standSeason(dossier: Forecastable, season: number, today: DayNumber): StandSeason {
  return kept.get(`${forecastKey(dossier, season, today)}:${dossier.record.windowsKey}`, () => {
    const { profile } = dossier.plant;
    const parts = partsOf(dossier, season, today);
    const forecast = forecastSeason({ ...forecastInput(dossier, season, today), parts });
    const { stages, weight: _w, marks: _m, ...rest } = forecast;
    return {
      forecast: { ...rest, stages: stages.map(({ key, reached, seen }) => ({ key, reached, seen })) },
      windows: profile.windows.map((spec, w) => forecastWindow(spec, forecast, shiftsOf(dossier, w, today))),
      regrown: profile.windows.map((spec) => {
        const cut = parts.find((p) => p.part === spec.part)?.cut?.day;
        const window = cut === undefined ? null : forecastRegrowth(spec, forecast);
        return window && cut !== undefined ? { cut, window } : null;
      }),
    };
  });
}
