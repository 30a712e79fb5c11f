import type { DayNumber } from '../measure/index.ts';
import type { ForecastInput, PartGrowth } from './forecast.ts';
import type { StationWeather } from './stations.ts';

/** Numbers as they travel: hundredths of a degree or millimetre as whole numbers, `null` for none. */
type Hundredths = readonly (number | null)[];

/** What a season is forecast from, in plain lists: it travels to another device and gives the same dates there. */
export interface PackedSeason extends Omit<ForecastInput, 'weather' | 'effects' | 'parts'> {
  readonly weather: {
    readonly heightM: number;
    readonly firstDay: DayNumber;
    readonly minC: Hundredths;
    readonly maxC: Hundredths;
    readonly mark: readonly number[];
    readonly rainMm: Hundredths | null;
    readonly usual: { readonly minC: readonly number[]; readonly maxC: readonly number[] } | null;
  } | null;
  readonly effects: { readonly mean: readonly number[]; readonly covariance: readonly number[] } | null;
  readonly parts: readonly (Omit<PartGrowth, 'measured'> & {
    readonly measured:
      | (Omit<NonNullable<PartGrowth['measured']>, 'fit'> & {
          readonly fit: { readonly mean: readonly number[]; readonly covariance: readonly number[] };
        })
      | null;
  })[];
}

const PER_ONE = 100;
const packed = (values: Float64Array): Hundredths =>
  Array.from(values, (v) => (Number.isNaN(v) ? null : Math.round(v * PER_ONE)));
const unpacked = (values: Hundredths): Float64Array =>
  Float64Array.from(values, (v) => (v === null ? NaN : v / PER_ONE));

/** Days of weather before the season's horizon that continue it: as many past years as a forecast needs, and no more. */
export const PACKED_YEARS = 15;
const DAYS_A_YEAR = 365.25;

export function packSeason({ weather, effects, parts = [], ...rest }: ForecastInput): PackedSeason {
  return {
    ...rest,
    weather: weather && packWeather(weather, rest.asOf),
    effects: effects ? { mean: [...effects.mean], covariance: [...effects.covariance] } : null,
    parts: parts.map((p) => ({
      ...p,
      measured: p.measured && {
        ...p.measured,
        fit: { mean: [...p.measured.fit.mean], covariance: [...p.measured.fit.covariance] },
      },
    })),
  };
}

function packWeather({ series, climatology, heightM }: StationWeather, asOf: DayNumber): PackedSeason['weather'] {
  const from = Math.max(0, Math.floor(asOf - PACKED_YEARS * DAYS_A_YEAR) - series.firstDay);
  return {
    heightM,
    firstDay: series.firstDay + from,
    minC: packed(series.minC.subarray(from)),
    maxC: packed(series.maxC.subarray(from)),
    mark: [...series.mark.subarray(from)],
    rainMm: series.rainMm && packed(series.rainMm.subarray(from)),
    usual: climatology && { minC: [...climatology.minC], maxC: [...climatology.maxC] },
  };
}

export function unpackSeason({ weather, effects, parts, ...rest }: PackedSeason): ForecastInput {
  return {
    ...rest,
    weather: weather && {
      heightM: weather.heightM,
      series: {
        firstDay: weather.firstDay,
        minC: unpacked(weather.minC),
        maxC: unpacked(weather.maxC),
        mark: Uint8Array.from(weather.mark),
        rainMm: weather.rainMm && unpacked(weather.rainMm),
      },
      climatology: weather.usual && {
        minC: Float64Array.from(weather.usual.minC),
        maxC: Float64Array.from(weather.usual.maxC),
      },
    },
    ...(effects
      ? { effects: { mean: Float64Array.from(effects.mean), covariance: Float64Array.from(effects.covariance) } }
      : {}),
    parts: parts.map((p) => ({
      ...p,
      measured: p.measured && {
        ...p.measured,
        fit: {
          mean: Float64Array.from(p.measured.fit.mean),
          covariance: Float64Array.from(p.measured.fit.covariance),
        },
      },
    })),
  };
}
