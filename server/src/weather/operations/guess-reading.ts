import { DATE_ORDERS, type ColumnMeaning, type DateOrder, type ImportReading } from '@emberfield/contract';
import { cellsOf, parseDay, parseNumber } from './read-csv.ts';

const DELIMITERS = [';', '\t', ','] as const;
const LOOKED_AT_LINES = 400;
const LOOKED_AT_CHARACTERS = 400_000;

/**
 * First guess at how a file of daily weather is to be read; what it gets wrong, the user puts right in the preview.
 * @param imperial the group's units, for a file whose headings and figures leave it open
 */
export function guessReading(text: string, imperial = false): ImportReading {
  const head = text.slice(0, LOOKED_AT_CHARACTERS).split(/\r?\n/, LOOKED_AT_LINES).join('\n');
  const delimiter = bestOf(DELIMITERS, (d) => consistency(cellsOf(head, d)));
  const rows = cellsOf(head, delimiter);
  // Also between commas: a quoted cell may hold one.
  const decimal = countOf(rows, /^-?\d+,\d+$/) > countOf(rows, /^-?\d+\.\d+$/) ? ',' : '.';
  const width = Math.max(0, ...rows.map((r) => r.length));
  const { column: dayColumn, order } = findDays(rows, width);
  // Headings are the last line with words above the first day; station names and remarks may stand before them.
  const firstDay = rows.findIndex((row) => parseDay(row[dayColumn] ?? '', order) !== null);
  const headings =
    rows.slice(0, Math.max(0, firstDay)).findLast((row) => row.length > 1 && row.some((c) => /[a-z]/i.test(c))) ?? [];
  const columns = meaningsOf(headings, rows, { width, dayColumn, decimal });
  return {
    delimiter,
    decimal,
    dateOrder: order,
    temperature: isFahrenheit(headings, warmestOf(rows, columns.indexOf('max'), decimal), imperial) ? 'F' : 'C',
    rain: /inch|\bin\b/i.test(headings[columns.indexOf('rain')] ?? '') ? 'inch' : 'mm',
    columns,
  };
}

function bestOf<T>(options: readonly T[], score: (option: T) => number): T {
  return options.reduce((best, o) => (score(o) > score(best) ? o : best));
}

/** Lines that share the commonest width beyond one column. */
function consistency(rows: readonly (readonly string[])[]): number {
  const widths = new Map<number, number>();
  for (const row of rows) if (row.length > 1) widths.set(row.length, (widths.get(row.length) ?? 0) + 1);
  return Math.max(0, ...[...widths].map(([width, n]) => n * Math.min(width, 4)));
}

const countOf = (rows: readonly (readonly string[])[], pattern: RegExp): number =>
  rows.reduce((n, row) => n + row.filter((c) => pattern.test(c)).length, 0);

/** The column and order under which most lines read as days; of two equal ones, days that rise one by one win. */
function findDays(
  rows: readonly (readonly string[])[],
  width: number,
): { readonly column: number; readonly order: DateOrder } {
  let best = { column: 0, order: 'ymd' as DateOrder, score: -1 };
  for (let column = 0; column < width; column++)
    for (const order of DATE_ORDERS) {
      const days = rows.map((row) => parseDay(row[column] ?? '', order)).filter((d): d is number => d !== null);
      const steps = days.filter((d, i) => i > 0 && d - days[i - 1]! === 1).length;
      const score = days.length + 2 * steps;
      if (score > best.score) best = { column, order, score };
    }
  return best;
}

interface Shape {
  readonly width: number;
  readonly dayColumn: number;
  readonly decimal: '.' | ',';
}

/** By headings where they speak; else the two columns of numbers of which one is always the lower. */
function meaningsOf(
  headings: readonly string[],
  rows: readonly (readonly string[])[],
  { width, dayColumn, decimal }: Shape,
): ColumnMeaning[] {
  const columns: ColumnMeaning[] = Array.from({ length: width }, (_, c) =>
    c === dayColumn ? 'day' : headingMeaning(headings[c] ?? ''),
  );
  const seen = new Set<ColumnMeaning>();
  columns.forEach((meaning, c) => {
    if (meaning !== 'ignore' && seen.has(meaning)) columns[c] = 'ignore';
    seen.add(meaning);
  });
  if (columns.includes('min') && columns.includes('max')) return columns;
  const numeric = columns
    .flatMap((m, c) => (m === 'ignore' || m === 'min' || m === 'max' ? [c] : []))
    .filter((c) => shareOfNumbers(rows, c, decimal) > 0.5);
  const [a, b] = numeric;
  if (a === undefined || b === undefined) return columns;
  const aLower =
    rows.filter((r) => num(r[a], decimal) < num(r[b], decimal)).length >=
    rows.filter((r) => num(r[a], decimal) > num(r[b], decimal)).length;
  columns[a] = aLower ? 'min' : 'max';
  columns[b] = aLower ? 'max' : 'min';
  return columns;
}

const num = (cell: string | undefined, decimal: '.' | ','): number => {
  const value = parseNumber(cell ?? '', decimal);
  return typeof value === 'number' ? value : NaN;
};

function shareOfNumbers(rows: readonly (readonly string[])[], column: number, decimal: '.' | ','): number {
  return (
    rows.filter((r) => typeof parseNumber(r[column] ?? '', decimal) === 'number').length / Math.max(1, rows.length)
  );
}

function headingMeaning(heading: string): ColumnMeaning {
  const h = heading.toLowerCase();
  if (/ground|grass|soil|wind|humid|press|sun|snow|hour|flag|quality|dew/.test(h)) return 'ignore';
  if (/\bt?_?min|minimum|\btn\b|_tn|tmin|low/.test(h)) return 'min';
  if (/\bt?_?max|maximum|\btx\b|_tx|tmax|high/.test(h)) return 'max';
  if (/rain|regen|niederschl|precip|prcp|pluie|lluvia|\brr\b|_rr|\bmm\b|_mm\b/.test(h)) return 'rain';
  if (/mean|avg|average|\btg\b|\btm\b/.test(h)) return 'mean';
  return 'ignore';
}

/** A handful of days tells nothing of a climate, and one slip among them everything. */
const LEAST_TELLING = 20;

/** The warmer half and the warmest twentieth of the days. */
interface Warmth {
  readonly median: number;
  readonly warm: number;
}
function warmestOf(rows: readonly (readonly string[])[], column: number, decimal: '.' | ','): Warmth | null {
  const values = rows
    .map((r) => num(r[column], decimal))
    .filter(Number.isFinite)
    .sort((a, b) => a - b);
  if (values.length < LEAST_TELLING) return null;
  return { median: values[Math.floor(values.length / 2)]!, warm: values[Math.floor(values.length * 0.95)]! };
}

/** No station has one day in twenty above this in °C. */
const TOO_WARM_FOR_C = 50;
/** Days of a temperate winter in °F, which in °C would be the hottest months there are. */
const WARM_IN_C = 34;

/** By the headings where they say; else by the figures of the whole file; what they leave open the group's own units decide. */
function isFahrenheit(headings: readonly string[], warmth: Warmth | null, imperial: boolean): boolean {
  if (fahrenheitHeading(headings)) return true;
  if (celsiusHeading(headings) || !warmth) return false;
  return warmth.warm > TOO_WARM_FOR_C || (imperial && warmth.median > WARM_IN_C);
}
const celsiusHeading = (headings: readonly string[]): boolean =>
  headings.some((h) => /°\s*c\b|\(c\)|\[c\]|celsius|centigrade|_c\b/i.test(h));
const fahrenheitHeading = (headings: readonly string[]): boolean =>
  headings.some((h) => /°\s*f\b|\(f\)|\[f\]|fahrenheit|_f\b/i.test(h));
