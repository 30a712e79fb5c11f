import type { Trial } from '@emberfield/core/proof';
import { type TrueDay, trueStageDays } from '@emberfield/core/truth';

const yearOf = (day: number): number => new Date(day * 86_400_000).getUTCFullYear();
const newYear = (year: number): number => Math.round(Date.UTC(year, 0, 1) / 86_400_000);

/**
 * What somebody would say who knew how the plants behave to the last figure, but not the weather to come: the middle of the dates
 * that the true mechanism gives when each past year continues this one. No forecast can be much better.
 */
export function limitOf(
  { plantKey, standId, stage, season, issued }: Trial,
  heightM: number,
  weather: readonly TrueDay[],
): number | null {
  const first = weather[0]!.day;
  const start = newYear(season) - 90 - first;
  const known = weather.slice(Math.max(0, start), issued - first + 1);
  const dates: number[] = [];
  for (let year = yearOf(first) + 1; year < season; year++) {
    const shift = newYear(season) - newYear(year);
    const rest = weather
      .slice(issued + 1 - shift - first, issued + 1 - shift - first + 560)
      .map((d) => ({ ...d, day: d.day + shift }));
    const day = trueStageDays(plantKey, { standName: standId, heightM }, season, [...known, ...rest]).get(stage);
    if (day !== undefined) dates.push(day);
  }
  dates.sort((a, b) => a - b);
  return dates[Math.floor(dates.length / 2)] ?? null;
}
