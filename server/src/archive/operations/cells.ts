// A row of a table as it stands in an archive, and back: ids and days as text, instants in UTC, digests as hex, the rest as it is.
import type { ArchivedTable } from '../archive-table.ts';
import type { Row } from '../repository.ts';

type Column = ArchivedTable['columns'][string];
const DIGEST = /^[0-9a-f]{64}$/;
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

/** Columns that are stored, not reckoned by the database. */
export const storedColumns = ({ columns }: ArchivedTable): readonly (readonly [string, Column])[] =>
  Object.entries(columns).filter(([, c]) => c.generated === undefined);

export function written(table: ArchivedTable, row: Row): Readonly<Record<string, unknown>> {
  return Object.fromEntries(
    storedColumns(table).map(([key]) => {
      const value = row[key] ?? null;
      if (value instanceof Date) return [key, value.toISOString()];
      return [key, Buffer.isBuffer(value) ? value.toString('hex') : value];
    }),
  );
}

/** What was written, as the database takes it. @throws Error that names the cell where it is not what belongs there */
export function readRow(table: ArchivedTable, input: unknown, n: number): Row {
  const at = `row ${n + 1} of ${table.name}`;
  if (typeof input !== 'object' || input === null || Array.isArray(input)) throw new Error(`${at} is no row`);
  const row = input as Row;
  const known = new Map(storedColumns(table));
  const odd = Object.keys(row).find((key) => !known.has(key));
  if (odd !== undefined) throw new Error(`${at} has "${odd.slice(0, 40)}", which is no column of it`);
  return Object.fromEntries(
    [...known].flatMap(([key, column]) => {
      // An older archive has fewer columns: the database has a value for those.
      if (!(key in row)) {
        if (column.notNull && !column.hasDefault) throw new Error(`${at} lacks "${key}"`);
        return [];
      }
      const value = cellOf(column, row[key] ?? null);
      if (value === undefined) throw new Error(`"${key}" in ${at} is not what belongs there`);
      return [[key, value]];
    }),
  );
}

/** `undefined`: it does not belong there. */
function cellOf(column: Column, value: unknown): unknown {
  if (value === null) return column.notNull ? undefined : null;
  const { dataType, enumValues } = column;
  switch (column.getSQLType()) {
    case 'binary(16)':
      return typeof value === 'string' && UUID.test(value) ? value : undefined;
    case 'binary(32)':
      return typeof value === 'string' && DIGEST.test(value) ? Buffer.from(value, 'hex') : undefined;
    case 'json':
      return value;
    default:
  }
  if (dataType === 'date') {
    const at = typeof value === 'string' ? new Date(value) : null;
    return at && Number.isFinite(at.getTime()) ? at : undefined;
  }
  if (dataType === 'number') return typeof value === 'number' && Number.isFinite(value) ? value : undefined;
  if (dataType === 'boolean') return typeof value === 'boolean' ? value : undefined;
  if (typeof value !== 'string') return undefined;
  return enumValues && enumValues.length > 0 && !enumValues.includes(value) ? undefined : value;
}
