// What a season is forecast from.
import type { Site } from '../climate/index.ts';
import type { GrowthFit, GrowthSpec, Regrowth } from '../growth/index.ts';
import type { DayNumber, MonthDay } from '../measure/index.ts';
import type { StationWeather } from '../weather/index.ts';
import type { StageEffects } from './effects.ts';
import type { StageSpec } from './stage-model.ts';
import type { StageSighting } from './stage-sighting.ts';
import type { Reference } from './usual-year.ts';

/** One way in which a season is dated: the same stages by one clock, what was learned of them under it, and its weight. */
export interface SeasonClock {
  readonly stages: readonly StageSpec[];
  readonly effects: StageEffects;
  /** By stage; those of a season's clocks add up to 1 at each, or to less: the rest is how likely it does not come at all. */
  readonly weights: readonly number[];
}

export interface ForecastInput {
  readonly stages: readonly StageSpec[];
  readonly seasonStart: MonthDay;
  /** Where the profile's figures hold. */
  readonly reference: Reference;
  readonly site: Site;
  readonly season: number;
  readonly weather: StationWeather | null;
  /** The day of knowledge: weather after it is unknown. */
  readonly asOf: DayNumber;
  /** Sightings of this season, made up to `asOf`. */
  readonly sightings: readonly StageSighting[];
  /** Spread within the stand, days: what its shares are worth; the usual one when left out. */
  readonly spreadDays?: number;
  /** The ways in which it is dated, as learned beforehand; left out, the profile's stages with their spread alone. */
  readonly clocks?: readonly SeasonClock[];
  /** Parts that are measured or were cut: dated beside the stages where there is weather to date them by. */
  readonly parts?: readonly PartGrowth[];
}

/** What is dated of a part beside its stages. */
export interface PartGrowth {
  readonly part: string;
  /** Growth fitted to the stand's measurements, and the lengths asked for, cm. */
  readonly measured: {
    readonly spec: GrowthSpec;
    readonly fit: GrowthFit;
    readonly lengthsCm: readonly number[];
  } | null;
  /** The last cut of the season, and what comes again after it. */
  readonly cut: { readonly day: DayNumber; readonly regrowth: Regrowth } | null;
}
