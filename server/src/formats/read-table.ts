import Papa from 'papaparse';
import {
  FIELDS_OF,
  NEEDED_COLUMNS,
  TABLE_FIELDS,
  TABLE_KINDS,
  type PlaceReading,
  type TableField,
  type TableKind,
} from '@emberfield/contract';
import { isIsoDay } from '@emberfield/core/measure';
import { AppError } from '../platform/errors.ts';
import type { LeftOut, Position, ReadFeature } from './feature.ts';
import { inTheWorld } from './geometry-check.ts';

const MOST_LINES = 20_000;

export interface Table {
  readonly headers: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** Without the apostrophe that our own tables put before what a spreadsheet would run. */
const unguarded = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

/** The lines of a table with commas, semicolons or tabs; the first is its heads. */
export function tableOf(text: string): Table {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  if (errors.some((e) => e.type === 'Quotes')) throw new AppError('unreadableFile', { reason: 'brokenQuotes' });
  const [headers, ...rows] = data;
  if (!headers || headers.length < 2) throw new AppError('unreadableFile', { reason: 'notATable' });
  if (rows.length > MOST_LINES) throw new AppError('unreadableFile', { reason: 'tooManyPlaces' });
  return { headers: headers.map((h) => h.trim()), rows: rows.map((cells) => cells.map(unguarded)) };
}

/** Heads as people and programs write them; the first that fits wins. */
const HEADS: Readonly<Record<TableField, RegExp>> = {
  name: /^(name|place|patch|site|title|where is it)$/i,
  latitude: /^(lat|latitude|latitude ?deg|y|breite)$/i,
  longitude: /^(lon|lng|long|longitude|longitude ?deg|x|länge)$/i,
  height: /^(height|height ?m|elevation|ele|altitude|alt|h(ö|oe)he)$/i,
  plant: /^(plant|taxon|species|what)$/i,
  where: /^(where|where in it|part of the place)$/i,
  since: /^(since|here since|year)$/i,
  day: /^(day|date|datum|on)$/i,
  part: /^(part|organ)$/i,
  amount: /^(amount|quantity|count|how much)$/i,
  plants: /^(plants|from plants|plants touched)$/i,
  note: /^(note|notes|remarks?|description|comment)$/i,
};

export function guessPlaceReading({ headers }: Table): PlaceReading {
  const columns = Object.fromEntries(
    TABLE_FIELDS.map((f) => {
      const at = headers.findIndex((h) => HEADS[f].test(h));
      return [f, at < 0 ? null : at];
    }),
  ) as Record<TableField, number | null>;
  const fits = (kind: TableKind): boolean => NEEDED_COLUMNS[kind].every((f) => columns[f] !== null);
  return { kind: [...TABLE_KINDS].reverse().find(fits) ?? 'places', columns, repair: true };
}

export interface TableLine {
  readonly at: number;
  readonly values: Readonly<Partial<Record<TableField, string>>>;
}
/** The lines with their fields, in order; `missing` names a needed column that was matched to none. */
export function linesOf(
  table: Table,
  { kind, columns }: PlaceReading,
): { readonly lines: readonly TableLine[]; readonly missing: TableField | null } {
  const missing = NEEDED_COLUMNS[kind].find((f) => columns[f] === null || columns[f] >= table.headers.length) ?? null;
  const lines = table.rows.map((row, i): TableLine => {
    const values: Partial<Record<TableField, string>> = {};
    for (const field of FIELDS_OF[kind]) {
      const column = columns[field];
      const text = column === null ? '' : (row[column] ?? '').trim();
      if (text !== '') values[field] = text;
    }
    // The first line holds the heads, and people count from 1.
    return { at: i + 2, values };
  });
  return { lines, missing };
}

/** A number with point or comma; `null` for anything else. */
export function numberIn(text: string | undefined): number | null {
  const normal = (text ?? '').replace(',', '.');
  return /^[+-]?\d+(\.\d+)?$/.test(normal) ? Number(normal) : null;
}

/** "2026-05-15", "15.05.2026" or "15/05/2026": day before month where it is not written the other way about. */
export function dayIn(text: string | undefined): string | null {
  const iso = (text ?? '').slice(0, 10);
  if (isIsoDay(iso)) return iso;
  const found = /^(\d{1,2})[./](\d{1,2})[./](\d{4})$/.exec(text ?? '');
  if (!found) return null;
  const day = `${found[3]}-${found[2]!.padStart(2, '0')}-${found[1]!.padStart(2, '0')}`;
  return isIsoDay(day) ? day : null;
}

/** Points of a table of places; a line without a name or position is left out and says so. */
export function placesOf(lines: readonly TableLine[]): {
  readonly features: readonly (ReadFeature & {
    readonly plant: string | null;
    readonly where: string;
    readonly since: number | null;
  })[];
  readonly leftOut: readonly LeftOut[];
} {
  const leftOut: LeftOut[] = [];
  const features = lines.flatMap(({ at, values: v }) => {
    const [lat, lon] = [numberIn(v.latitude), numberIn(v.longitude)];
    const refuse = (reason: string): [] => (leftOut.push({ at, reason }), []);
    if (!v.name) return refuse('noName');
    if (lat === null || lon === null) return refuse('noPosition');
    const coordinates: Position = [lon, lat];
    if (!inTheWorld(coordinates)) return refuse('outsideTheWorld');
    return [
      {
        at,
        name: v.name,
        note: v.note ?? '',
        heightM: numberIn(v.height),
        geometry: { type: 'Point' as const, coordinates },
        path: null,
        day: null,
        own: null,
        plant: v.plant ?? null,
        where: v.where ?? '',
        since: numberIn(v.since),
      },
    ];
  });
  return { features, leftOut };
}
