import sharp from 'sharp';
import { v5 as idWithin, v7 as newId } from 'uuid';
import { PHOTO_SIZES, type PhotoSize } from '@emberfield/contract';
import { putResetLink } from '../../people/index.ts';
import { insertPhoto, type PhotoRow } from '../../photos/index.ts';
import type { Database, Transaction } from '../../platform/database/database.ts';
import { isDangling, isDuplicate } from '../../platform/database/transact.ts';
import { ARCHIVED, type ArchivedTable } from '../archive-table.ts';
import { closeFounding, groupIsHere, insertRows, stepsTaken, type Row } from '../repository.ts';
import { readRow, written } from './cells.ts';
import { assertFits } from './fits.ts';
import { dataFile, PEOPLE, photoFile } from './format.ts';
import { jsonIn, openArchive, type OpenArchive } from './open-archive.ts';
import { peopleIn, settle, type Settled } from './settle-people.ts';

export interface Restored {
  readonly name: string;
  readonly rows: number;
  readonly photos: number;
  /** Photos of which the picture was forgotten while the archive was made. */
  readonly withoutPicture: number;
  readonly people: readonly (Settled & { readonly token: string | null })[];
}

/**
 * Puts a group back from an archive, in one transaction: all of it, or nothing. Ids stay as they were, so that what waits on
 * somebody's device still finds its place.
 * @param as a name: then it becomes a group of its own beside whatever is there, with ids of its own.
 * @throws Error with a sentence that says what is wrong
 */
export async function restoreArchive(
  db: Database,
  path: string,
  { as, now }: { readonly as: string | null; readonly now: Date },
): Promise<Restored> {
  const archive = await openArchive(path);
  try {
    const { manifest } = archive;
    if (manifest.tables > (await stepsTaken(db)))
      throw new Error('it was made by a newer Emberfield; bring this one up to date first');
    if (as === null && (await groupIsHere(db, manifest.groupId)))
      throw new Error(
        `the group "${manifest.name}" is here. --as "Another name" puts it beside, as a group of its own`,
      );
    const read = await rowsIn(archive, as);
    return await db.transaction((tx) => putBack(tx, archive, { ...read, now }));
  } catch (error) {
    if (isDuplicate(error))
      throw new Error('something of it is here in another group. --as "Another name" gives it ids of its own', {
        cause: error,
      });
    if (isDangling(error)) throw new Error('something in it points at what is not in it', { cause: error });
    throw error;
  } finally {
    archive.close();
  }
}

type Tables = ReadonlyMap<string, readonly Row[]>;
interface ReadRows {
  readonly tables: Tables;
  /** Of each photo the id that it had when the archive was made: its picture is a file by that name. */
  readonly pictures: readonly string[];
}
/** Every row, looked at: it is what belongs there, and of this group. */
async function rowsIn(archive: OpenArchive, as: string | null): Promise<ReadRows> {
  const raw = new Map<string, readonly unknown[]>();
  for (const table of ARCHIVED) {
    const name = dataFile(table.name);
    // A table that came after the archive was made.
    const list = archive.has(name) ? jsonIn(await archive.read(name), name) : [];
    if (!Array.isArray(list)) throw new Error(`${name} in it is no list`);
    raw.set(table.name, list);
  }
  const { groupId } = archive.manifest;
  const given = as === null ? raw : anew(raw, { groupId, name: as });
  const tables = new Map(
    ARCHIVED.map((table) => [table.name, given.get(table.name)!.map((row, n) => readRow(table, row, n))] as const),
  );
  const [group] = tables.get('group_')!;
  if (!group || tables.get('group_')!.length !== 1) throw new Error('it does not hold one group');
  if (as === null && group['id'] !== groupId) throw new Error('it does not hold the group that it names');
  for (const table of ARCHIVED) assertOfGroup(table, tables, String(group['id']));
  for (const table of ARCHIVED)
    tables.get(table.name)!.forEach((row, n) => assertFits(table.name, written(table, row), n));
  return { tables, pictures: raw.get('photo')!.map((row) => String((row as Row)['id'])) };
}

/** The same rows with ids of their own. People stay who they are. */
function anew(
  raw: ReadonlyMap<string, readonly unknown[]>,
  { groupId, name }: { readonly groupId: string; readonly name: string },
): ReadonlyMap<string, readonly unknown[]> {
  const group = newId();
  const own = new Map<string, string>([[groupId, group]]);
  for (const rows of raw.values())
    for (const row of rows) {
      const id = (row as Row | null)?.['id'];
      if (typeof id === 'string' && !own.has(id)) own.set(id, idWithin(id, group));
      const visit = (row as Row | null)?.['visitId'];
      if (typeof visit === 'string' && !own.has(visit)) own.set(visit, idWithin(visit, group));
    }
  const mapped = (value: unknown): unknown => {
    if (typeof value === 'string') return own.get(value) ?? value;
    if (Array.isArray(value)) return value.map(mapped);
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, mapped(inner)]));
  };
  return new Map(
    [...raw].map(([table, rows]) => {
      const fresh = mapped(rows) as readonly Row[];
      return [table, table === 'group_' ? fresh.map((r) => ({ ...r, name: name.slice(0, 80) })) : fresh];
    }),
  );
}

/** A row that is another group's would be written into that one. */
function assertOfGroup({ name, columns, through }: ArchivedTable, tables: Tables, groupId: string): void {
  const rows = tables.get(name)!;
  const owners = through && new Set(tables.get(through.table)!.map((r) => r['id']));
  const stray =
    name === 'group_'
      ? undefined
      : rows.findIndex((r) =>
          owners ? !owners.has(r[through.column]) : 'groupId' in columns && r['groupId'] !== groupId,
        );
  if (stray !== undefined && stray >= 0) throw new Error(`row ${stray + 1} of ${name} is not of this group`);
}

async function putBack(
  tx: Transaction,
  archive: OpenArchive,
  { tables, pictures, now }: ReadRows & { readonly now: Date },
): Promise<Restored> {
  const name = dataFile(PEOPLE);
  const people = await settle(tx, peopleIn(jsonIn(await archive.read(name), name)));
  let rows = 0;
  for (const table of ARCHIVED) {
    const list = tables.get(table.name)!;
    if (table.name === 'photo') continue;
    await insertRows(tx, table, table.name === 'entry' ? replacedFirst(list) : list);
    rows += list.length;
  }
  const photos = await putPhotos(tx, archive, { tables, pictures });
  await closeFounding(tx);
  const keepers = new Set(
    tables
      .get('membership')!
      .filter((m) => m['role'] === 'keeper')
      .map((m) => m['accountId']),
  );
  const links = await Promise.all(
    people.map(async (p) => {
      if (!p.isNew || !keepers.has(p.id)) return { ...p, token: null };
      return { ...p, token: (await putResetLink(tx, { accountId: p.id, madeBy: p.id, madeAt: now })).token };
    }),
  );
  return {
    name: String(tables.get('group_')![0]!['name']),
    rows: rows + photos.put,
    photos: photos.put,
    withoutPicture: photos.without,
    people: links,
  };
}

/** What an entry replaces is there before it. */
function replacedFirst(entries: readonly Row[]): readonly Row[] {
  const byId = new Map(entries.map((e) => [e['id'], e]));
  const put = new Set<unknown>();
  const inOrder: Row[] = [];
  for (const entry of entries) {
    const chain: Row[] = [];
    for (let e: Row | undefined = entry; e && !put.has(e['id']); e = byId.get(e['replaces'])) {
      put.add(e['id']);
      chain.push(e);
    }
    inOrder.push(...chain.reverse());
  }
  return inOrder;
}

async function putPhotos(
  tx: Transaction,
  archive: OpenArchive,
  { tables, pictures }: ReadRows,
): Promise<{ readonly put: number; readonly without: number }> {
  let put = 0;
  for (const [i, row] of tables.get('photo')!.entries()) {
    const both = await picturesOf(archive, pictures[i]!);
    if (!both) continue;
    await insertPhoto(tx, row as PhotoRow, both);
    put += 1;
  }
  return { put, without: pictures.length - put };
}

async function picturesOf(archive: OpenArchive, id: string): Promise<Readonly<Record<PhotoSize, Buffer>> | null> {
  const pictures: Partial<Record<PhotoSize, Buffer>> = {};
  for (const size of PHOTO_SIZES) {
    const name = photoFile(id, size);
    if (!archive.has(name)) return null;
    const content = await archive.read(name);
    if (content.length === 0) return null;
    const kind = await sharp(content)
      .metadata()
      .catch(() => null);
    if (kind?.format !== 'jpeg') throw new Error(`${name} in it is no picture`);
    pictures[size] = content;
  }
  return pictures as Readonly<Record<PhotoSize, Buffer>>;
}
