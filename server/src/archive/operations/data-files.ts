// The rows of a group, written into files: as JSON to be read back, as CSV to be looked at.
import { open, type FileHandle } from 'node:fs/promises';
import { join } from 'node:path';
import { writeCsv } from '../../formats/write.ts';
import type { Transaction } from '../../platform/database/database.ts';
import { ARCHIVED, type ArchivedTable } from '../archive-table.ts';
import { pagesOf, peopleOf, type Row } from '../repository.ts';
import { storedColumns, written } from './cells.ts';
import { csvFile, dataFile, PEOPLE, type Person } from './format.ts';

/** Columns that name somebody. */
const NAMING = ['madeBy', 'accountId', 'changedBy'] as const;
type Written = Readonly<Record<string, unknown>>;

export interface DataFiles {
  /** In the order in which they go into the archive. */
  readonly files: readonly string[];
  readonly rows: Readonly<Record<string, number>>;
  readonly photos: readonly string[];
}

export async function writeDataFiles(tx: Transaction, groupId: string, folder: string): Promise<DataFiles> {
  const [files, rows, photos, people]: [string[], Record<string, number>, string[], Set<string>] = [
    [],
    {},
    [],
    new Set(),
  ];
  for (const table of ARCHIVED) {
    const out = await TableFiles.open(
      folder,
      table.name,
      storedColumns(table).map(([key]) => key),
    );
    for await (const page of pagesOf(tx, table, groupId)) {
      for (const row of page) for (const key of NAMING) if (typeof row[key] === 'string') people.add(row[key]);
      if (table.name === 'photo') photos.push(...page.map((r: Row) => String(r['id'])));
      await out.add(page.map((row) => written(table, row)));
    }
    rows[table.name] = await out.close();
    files.push(...out.files);
  }
  const out = await TableFiles.open(folder, PEOPLE, ['id', 'name', 'signInName', 'removedAt', 'madeAt']);
  await out.add((await peopleOf(tx, [...people].sort())).map(personOf) as unknown as readonly Written[]);
  rows[PEOPLE] = await out.close();
  return { files: [...files, ...out.files], rows, photos };
}

const personOf = ({
  id,
  name,
  signInName,
  removedAt,
  madeAt,
}: Awaited<ReturnType<typeof peopleOf>>[number]): Person => ({
  ...{ id, name, signInName },
  removedAt: removedAt?.toISOString() ?? null,
  madeAt: madeAt.toISOString(),
});

/** A table on its way into its two files. */
class TableFiles {
  private n = 0;
  private constructor(
    readonly files: readonly [string, string],
    private readonly columns: readonly string[],
    private readonly json: FileHandle,
    private readonly csv: FileHandle,
  ) {}

  static async open(folder: string, name: ArchivedTable['name'], columns: readonly string[]): Promise<TableFiles> {
    const files = [dataFile(name), csvFile(name)] as const;
    const [json, csv] = [await open(join(folder, files[0]), 'w'), await open(join(folder, files[1]), 'w')];
    await json.write('[');
    // The mark by which spreadsheets know how it is written.
    await csv.write(`\uFEFF${writeCsv(columns, []).trimEnd()}\r\n`);
    return new TableFiles(files, columns, json, csv);
  }
  async add(rows: readonly Written[]): Promise<void> {
    if (rows.length === 0) return;
    await this.json.write(`${this.n > 0 ? ',' : ''}\n${rows.map((r) => JSON.stringify(r)).join(',\n')}`);
    const cells = rows.map((r) => this.columns.map((key) => cellOf(r[key])));
    // Without heads: those stand there already.
    await this.csv.write(`${writeCsv(this.columns, cells).split('\r\n').slice(1).join('\r\n')}\r\n`);
    this.n += rows.length;
  }
  async close(): Promise<number> {
    await this.json.write('\n]\n');
    await this.json.close();
    await this.csv.close();
    return this.n;
  }
}
function cellOf(value: unknown): string | number | null {
  if (value === null || value === undefined) return null;
  if (typeof value === 'number' || typeof value === 'string') return value;
  return JSON.stringify(value);
}
