import { asc, eq, inArray, sql } from 'drizzle-orm';
import { account, foundingCode, group } from '../people/table.ts';
import type { Database, Queryable, Transaction } from '../platform/database/database.ts';
import type { ArchivedTable } from './archive-table.ts';

export type Row = Readonly<Record<string, unknown>>;
const PAGE = 2_000;

/** Everything that is read in `work` is as it was when it read for the first time. */
export const atOneMoment = <T>(db: Database, work: (tx: Transaction) => Promise<T>): Promise<T> =>
  db.transaction(work, {
    isolationLevel: 'repeatable read',
    accessMode: 'read only',
  });

/** The rows of a group in a table, a page at a time. */
export async function* pagesOf(
  db: Queryable,
  { table, of, order }: ArchivedTable,
  groupId: string,
): AsyncGenerator<readonly Row[]> {
  for (let offset = 0; ; offset += PAGE) {
    const page = await db
      .select()
      .from(table)
      .where(of(db, groupId))
      .orderBy(...order.map((c) => asc(c)))
      .limit(PAGE)
      .offset(offset);
    if (page.length > 0) yield page;
    if (page.length < PAGE) return;
  }
}

/** How many steps of its tables a database has taken: an archive is read by no older one than made it. */
export async function stepsTaken(db: Queryable): Promise<number> {
  const [rows] = (await db.execute(sql`SELECT COUNT(*) AS n FROM __drizzle_migrations`)) as unknown as [
    readonly { readonly n: number }[],
  ];
  return Number(rows[0]!.n);
}

export const peopleOf = async (db: Queryable, ids: readonly string[]) =>
  ids.length === 0
    ? []
    : db
        .select()
        .from(account)
        .where(inArray(account.id, [...ids]))
        .orderBy(asc(account.id));

/** Names that are taken, of those asked for. */
export const signInNamesTaken = async (db: Queryable, names: readonly string[]): Promise<ReadonlySet<string>> =>
  new Set(
    names.length === 0
      ? []
      : (
          await db
            .select({ name: account.signInName })
            .from(account)
            .where(inArray(account.signInName, [...names]))
        ).map((a) => a.name.toLowerCase()),
  );
export const groupIsHere = async (db: Queryable, id: string): Promise<boolean> =>
  (await db.select({ id: group.id }).from(group).where(eq(group.id, id))).length > 0;
export const insertPeople = (db: Queryable, rows: readonly (typeof account.$inferInsert)[]) =>
  db.insert(account).values([...rows]);
/** Whoever restores a group onto an empty server has no more need of founding one. */
export const closeFounding = (db: Queryable) => db.delete(foundingCode);

const AT_ONCE = 500;
export async function insertRows(db: Queryable, { table }: ArchivedTable, rows: readonly Row[]): Promise<void> {
  for (let i = 0; i < rows.length; i += AT_ONCE) await db.insert(table).values(rows.slice(i, i + AT_ONCE));
}
