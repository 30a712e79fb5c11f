import { type DayNumber, seasonFirstDay } from '../measure/index.ts';
import { cumulateWarmth, type Ensemble } from '../climate/index.ts';
import { seasonAsItWas, type SeasonPlace } from '../stages/index.ts';

/** When a stage came in a past season, as far as that is known: the middle of its interval. */
export interface PastDate {
  readonly season: number;
  readonly day: DayNumber;
}

/** What people go by without a forecast, and what a simple model would say; `null` without a past season. */
export interface Rivals {
  readonly lastYear: DayNumber | null;
  readonly meanDate: DayNumber | null;
  readonly degreeDays: DayNumber | null;
}

/** What is known on the day of issue: nothing after it, and that the stage had not come by a day. */
interface Known {
  readonly issued: DayNumber;
  readonly notYet: DayNumber;
}

const BASES_C = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10];

/**
 * The dates of a stage in one season by three simple rules: that of the last season seen, the mean of all seen, and a plain
 * degree-day fit (the base and sum from New Year's day on whose dates lie nearest to those seen, least squares; the weather so
 * far, then the usual one).
 * @param past dates of earlier seasons A stage that was seen not to have come yet is not dated before that
 * by any of them.
 */
export function rivalsFor(
  place: SeasonPlace,
  season: number,
  past: readonly PastDate[],
  { issued, notYet }: Known,
): Rivals {
  if (past.length === 0) return { lastYear: null, meanDate: null, degreeDays: null };
  const start = (of: number): DayNumber => seasonFirstDay(of, place.seasonStart, place.site.latitudeDeg);
  const offset = ({ season: of, day }: PastDate): number => day - start(of);
  const last = past.reduce((a, b) => (b.season > a.season ? b : a));
  const degreeDays = plainFit(place, season, past, issued);
  const mean = past.reduce((sum, p) => sum + offset(p), 0) / past.length;
  return {
    lastYear: Math.max(notYet + 1, Math.round(start(season) + offset(last))),
    meanDate: Math.max(notYet + 1, Math.round(start(season) + mean)),
    degreeDays: degreeDays === null ? null : Math.max(notYet + 1, degreeDays),
  };
}

function plainFit(place: SeasonPlace, season: number, past: readonly PastDate[], issued: DayNumber): DayNumber | null {
  const weatherOf = (of: number): Ensemble | null => seasonAsItWas(place, of, issued);
  const seasons = past.flatMap((p) => {
    const weather = weatherOf(p.season);
    return weather ? [{ weather, at: Math.round(p.day - weather.station.firstDay) }] : [];
  });
  const now = weatherOf(season);
  if (!now || seasons.length === 0) return null;
  let best: { readonly error: number; readonly day: number } | null = null;
  for (const baseC of BASES_C) {
    const sums = seasons.map(({ weather }) => cumulateWarmth(weather, baseC, Infinity, 0)[0]!);
    const reached = seasons.map(({ at }, i) => sums[i]![Math.max(0, Math.min(sums[i]!.length - 1, at))]!);
    const sum = reached.reduce((a, b) => a + b, 0) / reached.length;
    const error = seasons.reduce((e, { at }, i) => e + (dayOf(sums[i]!, sum) - at) ** 2, 0);
    if (!best || error < best.error)
      best = { error, day: now.station.firstDay + dayOf(cumulateWarmth(now, baseC, Infinity, 0)[0]!, sum) };
  }
  return best && Number.isFinite(best.day) ? best.day : null;
}

function dayOf(sums: Float64Array, needed: number): number {
  const day = sums.findIndex((s) => s >= needed);
  return day < 0 ? sums.length : day;
}
