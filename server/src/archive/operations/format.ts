// How an archive is laid out. `emberfield.json` says what it is; `data/` holds every row as JSON; `csv/` the same for people and their
// tables; `photos/` the pictures; `SHA256SUMS` the digest of each file, as the usual programs check it.
export const FORMAT = 'emberfield-group';
export const FORMAT_VERSION = 1;
export const MANIFEST = 'emberfield.json';
export const SUMS = 'SHA256SUMS';
export const PEOPLE = 'people';
export const dataFile = (table: string): string => `data/${table}.json`;
export const csvFile = (table: string): string => `csv/${table}.csv`;
export const photoFile = (id: string, size: 'small' | 'large'): string => `photos/${id}.${size}.jpg`;

export interface Manifest {
  readonly format: typeof FORMAT;
  readonly version: number;
  /** How many steps the tables had taken. */
  readonly tables: number;
  readonly madeAt: string;
  readonly groupId: string;
  readonly name: string;
  readonly rows: Readonly<Record<string, number>>;
}

/** Who is in it, without password, language or whether they are of a demo. */
export interface Person {
  readonly id: string;
  readonly name: string;
  readonly signInName: string;
  readonly removedAt: string | null;
  readonly madeAt: string;
}
