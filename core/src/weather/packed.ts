// A station's record as it travels to another device.
import type { DayNumber } from '../measure/index.ts';
import type { StationWeather } from './stations.ts';

/** Numbers as they travel: hundredths of a degree or millimetre as whole numbers, `null` for none. */
type Hundredths = readonly (number | null)[];

export interface PackedWeather {
  readonly heightM: number;
  readonly firstDay: DayNumber;
  readonly minC: Hundredths;
  readonly maxC: Hundredths;
  readonly mark: readonly number[];
  readonly rainMm: Hundredths | null;
  readonly usual: { readonly minC: readonly number[]; readonly maxC: readonly number[] } | null;
}

const PER_ONE = 100;
const packed = (values: Float64Array): Hundredths =>
  Array.from(values, (v) => (Number.isNaN(v) ? null : Math.round(v * PER_ONE)));
const unpacked = (values: Hundredths): Float64Array =>
  Float64Array.from(values, (v) => (v === null ? NaN : v / PER_ONE));

/** Years of weather that go along: as many as the climate of a place is told by (WMO), and no more. */
export const PACKED_YEARS = 30;
const DAYS_A_YEAR = 365.25;

/**
 * A record in plain lists, in hundredths, which joined records are kept in: it comes out as it went in.
 * @param asOf day of knowledge; so many years before it go along
 */
export function packWeather({ series, climatology, heightM }: StationWeather, asOf: DayNumber): PackedWeather {
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

export function unpackWeather({ heightM, firstDay, minC, maxC, mark, rainMm, usual }: PackedWeather): StationWeather {
  return {
    heightM,
    series: {
      firstDay,
      minC: unpacked(minC),
      maxC: unpacked(maxC),
      mark: Uint8Array.from(mark),
      rainMm: rainMm && unpacked(rainMm),
    },
    climatology: usual && { minC: Float64Array.from(usual.minC), maxC: Float64Array.from(usual.maxC) },
  };
}
