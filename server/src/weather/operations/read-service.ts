import { dayNumber, isIsoDay } from '@emberfield/core/measure';
import type { WeatherFields } from '../weather-service.ts';

interface ServiceDay {
  readonly day: number;
  readonly minC: number;
  readonly maxC: number;
  readonly rainMm: number | null;
}
export interface ServiceReading {
  readonly days: readonly ServiceDay[];
  /** Days that were there and made no sense: not a day, not a number, impossible. */
  readonly leftOut: number;
}

const COLDEST_C = -90;
const WARMEST_C = 65;
const WETTEST_MM = 2_000;
const MOST_DAYS = 800;

/**
 * Daily weather in a service's answer, by the operator's field names. `days` names, with dots, where they stand: a list with an
 * object a day, or an object with a list a field. `null` where nothing of that kind is there.
 */
export function readService(answer: unknown, fields: WeatherFields): ServiceReading | null {
  const there = fields.days.split('.').reduce<unknown>((at, name) => (name === '' ? at : valueOf(at, name)), answer);
  const rows = Array.isArray(there) ? (there as unknown[]) : rowsOf(there, fields);
  if (!rows || rows.length === 0 || rows.length > MOST_DAYS) return null;
  const days = rows.flatMap((row) => readDay(row, fields) ?? []);
  return { days, leftOut: rows.length - days.length };
}

function readDay(row: unknown, { day: dayField, min, max, rain, temperature }: WeatherFields): ServiceDay | null {
  const day = valueOf(row, dayField);
  const [low, high] = [degrees(valueOf(row, min), temperature), degrees(valueOf(row, max), temperature)];
  const iso = typeof day === 'string' ? day.slice(0, 10) : '';
  if (!isIsoDay(iso) || low === null || high === null || low > high || low < COLDEST_C || high > WARMEST_C) return null;
  const fallen = rain === null ? null : valueOf(row, rain);
  const known = typeof fallen === 'number' && fallen >= 0 && fallen <= WETTEST_MM;
  return { day: dayNumber(iso), minC: low, maxC: high, rainMm: known ? Math.round(fallen * 10) / 10 : null };
}

/** Lists side by side turned to one object a day. */
function rowsOf(columns: unknown, { day, min, max, rain }: WeatherFields): readonly unknown[] | null {
  const days = valueOf(columns, day);
  if (!Array.isArray(days)) return null;
  return days.map((_, i) =>
    Object.fromEntries(
      [day, min, max, ...(rain === null ? [] : [rain])].map((name) => {
        const list = valueOf(columns, name);
        return [name, Array.isArray(list) ? (list[i] as unknown) : undefined];
      }),
    ),
  );
}

const valueOf = (of: unknown, name: string): unknown =>
  of !== null && typeof of === 'object' && Object.hasOwn(of, name) ? (of as Record<string, unknown>)[name] : undefined;

function degrees(value: unknown, unit: WeatherFields['temperature']): number | null {
  if (typeof value !== 'number' || !Number.isFinite(value)) return null;
  const celsius = unit === 'F' ? ((value - 32) * 5) / 9 : value;
  return Math.round(celsius * 10) / 10;
}
