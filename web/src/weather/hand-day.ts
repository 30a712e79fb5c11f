import { numberFrom } from '../kit/typed-number.ts';

const MM_PER_INCH = 25.4;
const tenth = (value: number): number => Math.round(value * 10) / 10;

export interface TypedDay {
  readonly day: string;
  readonly min: string;
  readonly max: string;
  readonly rain: string;
}

/** A reading as typed, in °C and mm, for the schema to judge: what is no number is NaN, what is missing is not there. */
export function handDay(
  { day, min, max, rain }: TypedDay,
  imperial: boolean,
): {
  readonly day: string;
  readonly minC: number | undefined;
  readonly maxC: number | undefined;
  readonly rainMm: number | null;
} {
  const celsius = (typed: string): number | undefined => {
    const value = numberFrom(typed, undefined);
    return value === undefined ? undefined : tenth(imperial ? ((value - 32) * 5) / 9 : value);
  };
  const fallen = numberFrom(rain, null);
  return {
    day,
    minC: celsius(min),
    maxC: celsius(max),
    rainMm: fallen === null ? null : tenth(imperial ? fallen * MM_PER_INCH : fallen),
  };
}
