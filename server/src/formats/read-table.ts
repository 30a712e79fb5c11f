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
import { AppError } from '../platform/errors.ts';
import { numberIn, positionIn } from './cells.ts';
import type { LeftOut, Position, ReadFeature } from './feature.ts';
import { positionProblem } from './geometry-check.ts';

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
  return withSplitPositions({ headers: headers.map((h) => h.trim()), rows: rows.map((cells) => cells.map(unguarded)) });
}

/** Such a share of a column's cells holds latitude and longitude in one: it is a column of positions. */
const POSITIONS_FROM = 0.8;

/** A table that has a place's latitude and longitude in one column gets a column for each behind the others. */
function withSplitPositions(table: Table): Table {
  const { headers, rows } = table;
  if (headers.some((h) => HEADS.latitude.test(h))) return table;
  const column = headers.findIndex((_, i) => {
    const written = rows.flatMap((row) => row[i]?.trim() || []);
    const positions = written.filter((cell) => positionIn(cell) !== null);
    return positions.length > 0 && positions.length >= POSITIONS_FROM * written.length;
  });
  if (column < 0) return table;
  return {
    headers: [...headers, 'latitude', 'longitude'],
    rows: rows.map((row) => {
      // A line with more cells than heads stays as it is: it is left out below.
      if (row.length > headers.length) return row;
      const [longitudeDeg, latitudeDeg] = positionIn(row[column]) ?? [];
      const filled = headers.map((_, i) => row[i] ?? '');
      return [...filled, `${latitudeDeg ?? ''}`, `${longitudeDeg ?? ''}`];
    }),
  };
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
  amount: /^(amount|quantity|harvest(ed)?|how much)$/i,
  stage: /^(stage|phase|phenophase|stadium)$/i,
  reached: /^(reached|reached or not|seen|erreicht)$/i,
  count: /^(count|counted|number|how many|plants counted|anzahl)$/i,
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
  // What was counted is what was taken where a part is named.
  if (columns.amount === null && columns.part !== null) columns.amount = columns.count;
  const saysSomething = (['note', 'stage', 'count'] as const).some((f) => columns[f] !== null);
  const fits = (kind: TableKind): boolean =>
    NEEDED_COLUMNS[kind].every((f) => columns[f] !== null) && (kind !== 'visits' || saysSomething);
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
): {
  readonly lines: readonly TableLine[];
  readonly leftOut: readonly LeftOut[];
  readonly missing: TableField | null;
} {
  const leftOut: LeftOut[] = [];
  const missing = NEEDED_COLUMNS[kind].find((f) => columns[f] === null || columns[f] >= table.headers.length) ?? null;
  const lines = table.rows.flatMap((row, i): readonly TableLine[] => {
    // The first line holds the heads, and people count from 1.
    const at = i + 2;
    // A comma in a text without quotes moves every cell behind it: such a line says something else than it means.
    if (row.slice(table.headers.length).some((cell) => cell.trim() !== '')) {
      leftOut.push({ at, reason: 'moreCells' });
      return [];
    }
    const values: Partial<Record<TableField, string>> = {};
    for (const field of FIELDS_OF[kind]) {
      const column = columns[field];
      const text = column === null ? '' : (row[column] ?? '').trim();
      if (text !== '') values[field] = text;
    }
    return [{ at, values }];
  });
  return { lines, leftOut, missing };
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
    const problem = positionProblem(coordinates);
    if (problem !== null) return refuse(problem);
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
