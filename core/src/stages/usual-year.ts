import { type DayNumber, calendarDayInSeason, seasonFirstDay, type MonthDay } from '../measure/index.ts';
import { hopkinsShiftDays, type Position } from '../weather/index.ts';
import type { Canopy } from '../climate/index.ts';
import { hopkinsDirection, type StageSpec } from './stage-model.ts';

/** Where a profile's figures hold. */
export interface Reference extends Position {
  /** What stands over the plant there; open sky when left out. */
  readonly canopy?: Canopy;
}

export interface UsualYear {
  readonly stages: readonly StageSpec[];
  readonly seasonStart: MonthDay;
  readonly reference: Reference;
  readonly site: Position;
}

/**
 * Usual day of each stage in a season at a site, from the calendar alone: the profile's days moved by Hopkins' law. For what
 * needs no better, such as whether a neighbour shows above ground; a forecast is `forecastSeason`.
 * Days do not run backwards: a stage is not earlier than the one before it.
 * @example // in flower about day 120 at 50° and 100 m → day 120 of the year at the reference place itself
 */
export function usualStageDays(
  { stages, seasonStart, reference, site }: UsualYear,
  season: number,
): readonly DayNumber[] {
  const first = seasonFirstDay(season, seasonStart, site.latitudeDeg);
  let before = -Infinity;
  return stages.map((stage) => {
    const direction = hopkinsDirection(stage, stages);
    const shift = direction === 'none' ? 0 : hopkinsShiftDays(reference, site, direction);
    const day = calendarDayInSeason(first, stage.calendar.value, site.latitudeDeg) + Math.round(shift);
    return (before = Math.max(before, day));
  });
}

/** The same counted from the first day of the season. */
export function usualOffsets(year: UsualYear, season: number): readonly number[] {
  const firstDay = seasonFirstDay(season, year.seasonStart, year.site.latitudeDeg);
  return usualStageDays(year, season).map((d) => d - firstDay);
}

/** The stage that usually holds on a day: the last reached by then in this season or the one before; `null` before the first. */
export function usualStageOn(year: UsualYear, day: DayNumber, season: number): number | null {
  for (const s of [season, season - 1]) {
    const at = usualStageDays(year, s).findLastIndex((d) => d <= day);
    if (at >= 0) return at;
  }
  return null;
}
