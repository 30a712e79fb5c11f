import type { DayNumber, DayRange } from '../measure/index.ts';
import { forecastSeason, type ForecastInput, type SeasonForecast, type StageSighting } from '../stages/index.ts';
import { forecastWindow, type WindowSpec } from '../windows/index.ts';

/** What a look at a stand on a day is worth. */
export interface LookWorth {
  /** The stage to look for, and the day on which it is as likely there as not. */
  readonly stage: string;
  readonly day: DayNumber;
  /** Windows whose opening would be known better, by index, and by how many days its band of 8 in 10 would be narrower. */
  readonly narrowed: readonly { readonly window: number; readonly days: number }[];
}

/** Less than this is not worth a way. */
const LEAST_DAYS = 0.5;

/**
 * What would be learned from a look for the next stage on its likely day: the forecast is made once as if it were seen there and
 * once as if not, and the widths of the windows' openings, weighed by how likely each is, are held against those of today.
 * @param within days between which the look must lie and windows must open. @returns `null` where no stage is due in time
 * Cost: three forecasts.
 */
export function worthOfLook(
  input: ForecastInput,
  windows: readonly WindowSpec[],
  within: { readonly from: DayNumber; readonly to: DayNumber },
): LookWorth | null {
  const now = forecastSeason(input);
  const next = now.stages.find(
    ({ seen, reached: { p50 } }) => seen.by === null && p50 !== null && p50 >= within.from && p50 <= within.to,
  );
  if (!next) return null;
  const day = next.reached.p50!;
  const likely = shareBy(now, next.dates, day);
  const after = (reached: boolean): readonly (number | null)[] => {
    const sightings: readonly StageSighting[] = [...input.sightings, { stage: next.key, day, reached }];
    return widths(forecastSeason({ ...input, sightings }), windows);
  };
  const [there, notYet] = [after(true), after(false)];
  const narrowed = widths(now, windows).flatMap((width, window) => {
    const [a, b] = [there[window]!, notYet[window]!];
    if (width === null || a === null || b === null) return [];
    const days = width - (likely * a + (1 - likely) * b);
    return days >= LEAST_DAYS ? [{ window, days }] : [];
  });
  return { stage: next.key, day, narrowed };

  /** Widths of the openings that lie within the days asked for. */
  function widths(forecast: SeasonForecast, specs: readonly WindowSpec[]): readonly (number | null)[] {
    return specs.map((spec) => {
      const { opens } = forecastWindow(spec, forecast);
      return opens.p50 !== null && opens.p50 >= within.from ? widthOf(opens) : null;
    });
  }
}

const widthOf = ({ p10, p90 }: DayRange): number | null => (p10 === null || p90 === null ? null : p90 - p10);

function shareBy({ weight, firstDay }: SeasonForecast, dates: Float64Array, day: DayNumber): number {
  let [by, total] = [0, 0];
  dates.forEach((d, j) => {
    total += weight[j]!;
    if (firstDay + d <= day) by += weight[j]!;
  });
  return total > 0 ? by / total : 0;
}
