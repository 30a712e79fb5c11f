import Papa from 'papaparse';
import type { ColumnMeaning, DateOrder, ImportReading, LeftOutLine } from '@emberfield/contract';
import { dayNumber, fahrenheitToCelsius, type DayNumber } from '@emberfield/core/measure';

interface ReadDay {
  readonly day: DayNumber;
  readonly minC: number;
  readonly maxC: number;
  readonly rainMm: number | null;
}
export interface ReadWeather {
  readonly headers: readonly string[];
  readonly sample: readonly (readonly string[])[];
  readonly days: readonly ReadDay[];
  readonly leftOut: readonly LeftOutLine[];
  /** Code of what makes the file useless as it is read; `null` when days came out. */
  readonly problem: string | null;
}

const MOST_LINES = 60_000;
const SAMPLE_LINES = 6;
const MM_PER_INCH = 25.4;
const LONGEST_QUOTE = 80;
/** What stations write for "no value"; 99.9 is not among them: it is a warm day in °F and a wet one in mm. */
const SENTINELS = new Set([-9999, -999, -99.9, -99, 9999, 999.9, -999.9, -9999.9, 999]);
const NOTHING = new Set(['', '-', '--', 'na', 'n/a', 'nan', 'null', 'none', '*', '---', 'm', 'x']);
const COLDEST_C = -75;
const WARMEST_C = 60;
const WETTEST_MM = 2000;

/** A line of weather is a day with some figures: a wider one, or a longer cell, is something else. */
const MOST_COLUMNS = 200;
const LONGEST_CELL = 60;

/** Cells of a file by line; quoted fields as the CSV convention has them. Lines too many or too wide are not looked at further. */
export function cellsOf(text: string, delimiter: string): readonly (readonly string[])[] {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { delimiter, skipEmptyLines: false });
  return data
    .slice(0, MOST_LINES + 1)
    .map((row) => row.slice(0, MOST_COLUMNS).map((cell) => cell.slice(0, LONGEST_CELL).trim()));
}

/** Reads daily weather as a reading says; every line that gives no day is left out with its reason. */
export function readWeather(text: string, reading: ImportReading, today: DayNumber): ReadWeather {
  const rows = cellsOf(text, reading.delimiter);
  const start = headerIndex(rows, reading);
  const headers = start > 0 ? rows[start - 1]! : [];
  const at = (meaning: ColumnMeaning): number => reading.columns.indexOf(meaning);
  const columns = { day: at('day'), min: at('min'), max: at('max'), mean: at('mean'), rain: at('rain') };
  const sample = rows.slice(start, start + SAMPLE_LINES);
  const nothing = { headers, sample, days: [], leftOut: [] };
  if (rows.length > MOST_LINES) return { ...nothing, problem: 'tooManyLines' };
  if (columns.day < 0) return { ...nothing, problem: 'noDayColumn' };
  if (columns.min < 0 || columns.max < 0) return { ...nothing, problem: 'noMinMaxColumns' };
  const byDay = new Map<DayNumber, ReadDay>();
  const leftOut: LeftOutLine[] = [];
  rows.slice(start).forEach((row, i) => {
    if (row.every((cell) => cell === '')) return;
    const read = readRow(row, columns, reading);
    const leaveOut = (reason: string): void =>
      void leftOut.push({ line: start + i + 1, text: row.join(reading.delimiter).slice(0, LONGEST_QUOTE), reason });
    if (typeof read === 'string') leaveOut(read);
    // By the clock of wherever the station stands it may be tomorrow already.
    else if (read.day > today + 1) leaveOut('futureDay');
    else if (byDay.has(read.day)) leaveOut('sameDayTwice');
    else byDay.set(read.day, read);
  });
  const days = [...byDay.values()].sort((a, b) => a.day - b.day);
  return { headers, sample, days, leftOut, problem: days.length === 0 ? 'noDays' : null };
}

/** The first line whose day cell reads as a day; what stands above is headings. */
function headerIndex(rows: readonly (readonly string[])[], { columns, dateOrder }: ImportReading): number {
  const c = columns.indexOf('day');
  const first = rows.findIndex((row) => c >= 0 && parseDay(row[c] ?? '', dateOrder) !== null);
  return first < 0 ? Math.min(1, rows.length) : first;
}

interface Columns {
  readonly day: number;
  readonly min: number;
  readonly max: number;
  readonly rain: number;
}

/** A day, or the code of why the line is left out. */
function readRow(row: readonly string[], columns: Columns, reading: ImportReading): ReadDay | string {
  const day = parseDay(row[columns.day] ?? '', reading.dateOrder);
  if (day === null) return 'noDate';
  const min = parseNumber(row[columns.min] ?? '', reading.decimal);
  const max = parseNumber(row[columns.max] ?? '', reading.decimal);
  if (min === null || max === null) return 'noTemperature';
  if (min === 'bad' || max === 'bad') return 'notANumber';
  const [minC, maxC] = reading.temperature === 'F' ? [fahrenheitToCelsius(min), fahrenheitToCelsius(max)] : [min, max];
  if (minC < COLDEST_C || maxC > WARMEST_C) return 'impossibleTemperature';
  if (minC > maxC) return 'minAboveMax';
  return {
    day,
    minC: tenth(minC),
    maxC: tenth(maxC),
    rainMm: columns.rain < 0 ? null : readRain(row[columns.rain] ?? '', reading),
  };
}

/** Rain that cannot be read does not cost the day its temperatures. */
function readRain(cell: string, reading: ImportReading): number | null {
  const rain = parseNumber(cell, reading.decimal);
  if (rain === null || rain === 'bad' || rain < 0) return null;
  const mm = reading.rain === 'inch' ? rain * MM_PER_INCH : rain;
  return mm > WETTEST_MM ? null : tenth(mm);
}

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** A number; `null` for an empty cell or a sentinel, "bad" for anything else. */
export function parseNumber(cell: string, decimal: '.' | ','): number | null | 'bad' {
  const bare = cell
    .trim()
    .slice(0, LONGEST_CELL)
    .replace(/ ?°? ?[CF]$/i, '')
    .trim()
    .replace(/^\+/, '');
  if (NOTHING.has(bare.toLowerCase())) return null;
  const normal = decimal === ',' ? bare.replace(',', '.') : bare;
  if (!/^-?\d+(\.\d+)?$/.test(normal)) return 'bad';
  const value = Number(normal);
  return SENTINELS.has(value) ? null : value;
}

const ORDERS: Readonly<Record<DateOrder, readonly [number, number, number]>> = {
  ymd: [0, 1, 2],
  dmy: [2, 1, 0],
  mdy: [2, 0, 1],
};

/** The oldest records by thermometer that anybody has begin about then. */
const FIRST_YEAR = 1700;

/** A day in the given order; a time of day after it is let be. Two-digit years count from 1950 to 2049. */
export function parseDay(cell: string, order: DateOrder): DayNumber | null {
  const bare = cell
    .trim()
    .slice(0, LONGEST_CELL)
    .replace(/[T ]\d{1,2}:\d{2}.*$/, '');
  const compact = /^(\d{4})(\d{2})(\d{2})$/.exec(bare);
  const parts = compact ? compact.slice(1) : bare.split(/[-./ ]/);
  if (parts.length !== 3 || !parts.every((p) => /^\d{1,4}$/.test(p))) return null;
  const [y, m, d] = (compact ? ORDERS.ymd : ORDERS[order]).map((i) => parts[i]!);
  if (y!.length !== 4 && y!.length !== 2) return null;
  const year = y!.length === 4 ? Number(y) : Number(y) + (Number(y) >= 50 ? 1900 : 2000);
  const iso = `${String(year).padStart(4, '0')}-${m!.padStart(2, '0')}-${d!.padStart(2, '0')}`;
  try {
    return year < FIRST_YEAR ? null : dayNumber(iso);
  } catch {
    // Not a day of the calendar in this order.
    return null;
  }
}
