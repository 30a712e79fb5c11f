import { isIsoDay } from '@emberfield/core/measure';
import type { HandDays } from '@emberfield/contract';

type Typed = number | null | undefined;
const MM_PER_INCH = 25.4;
const tenth = (value: number): number => Math.round(value * 10) / 10;

/** A reading as typed, in °C and mm; `null` while it is not complete. */
export function handDay(
  typed: { readonly day: string; readonly min: Typed; readonly max: Typed; readonly rain: Typed },
  imperial: boolean,
): HandDays['days'][number] | null {
  const { day, min, max, rain } = typed;
  if (!isIsoDay(day) || typeof min !== 'number' || typeof max !== 'number') return null;
  const celsius = (value: number): number => tenth(imperial ? ((value - 32) * 5) / 9 : value);
  return {
    day,
    minC: celsius(min),
    maxC: celsius(max),
    rainMm: typeof rain === 'number' ? tenth(imperial ? rain * MM_PER_INCH : rain) : null,
  };
}
