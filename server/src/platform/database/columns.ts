import { customType, date } from 'drizzle-orm/mysql-core';
import { parse, stringify } from 'uuid';

/** A UUID made by the client, kept in 16 bytes. Compare with `eq` only: raw SQL needs `sql.param(id, column)`. */
export const id = customType<{ data: string; driverData: Buffer }>({
  dataType: () => 'binary(16)',
  toDriver: (value) => Buffer.from(parse(value)),
  fromDriver: (value) => stringify(new Uint8Array(value)),
});

/** A SHA-256 digest: of a token that is never stored itself, or of a row's content. */
export const digest = customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => 'binary(32)' });

export const bytes = customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => 'mediumblob' });

/** MariaDB keeps JSON as text; the driver hands it over unparsed. */
export const jsonText = <T>(name: string) =>
  customType<{ data: T; driverData: string }>({
    dataType: () => 'json',
    toDriver: (value) => JSON.stringify(value),
    fromDriver: (value) => (typeof value === 'string' ? (JSON.parse(value) as T) : (value as T)),
  })(name);

/** A day of the calendar, `YYYY-MM-DD`: what is none cannot be stored. */
export const day = (name: string) => date(name, { mode: 'string' });
