// What a group's archive holds, table by table, and what it leaves out and why. A specification sees that no table is forgotten.
import { eq, getTableColumns, getTableName, inArray, type SQL } from 'drizzle-orm';
import { getTableConfig, type MySqlColumn, type MySqlTable } from 'drizzle-orm/mysql-core';
import { entry, sought, takeVerdict } from '../entries/table.ts';
import { patch, patchHistory } from '../patches/table.ts';
import { houseRule } from '../people/rule-table.ts';
import { account, audit, clearance, group, membership } from '../people/table.ts';
import { permit } from '../permits/table.ts';
import { photo } from '../photos/table.ts';
import { path } from '../places/table.ts';
import { ownProfile } from '../plants/table.ts';
import type { Queryable } from '../platform/database/database.ts';
import { stand } from '../stands/table.ts';
import { seasonWant } from '../supply/table.ts';
import { tidePlace } from '../tide/table.ts';
import { station, stationDay } from '../weather/table.ts';

export interface ArchivedTable {
  readonly name: string;
  readonly table: MySqlTable;
  readonly columns: Readonly<Record<string, MySqlColumn>>;
  /** Its rows of a group. */
  readonly of: (db: Queryable, groupId: string) => SQL;
  /** Rows are put in order by these, so that the same group is the same archive. */
  readonly order: readonly MySqlColumn[];
  /** The column that names the table's owner, where that is not the group itself. */
  readonly through: { readonly column: string; readonly table: string } | null;
}

/** As they are put back: what is pointed at comes before what points. */
export const ARCHIVED: readonly ArchivedTable[] = [
  archived(group, (_db, id) => eq(group.id, id)),
  ofGroup(membership),
  ofGroup(station),
  through(stationDay, 'stationId', station),
  ofGroup(patch),
  through(patchHistory, 'patchId', patch),
  ofGroup(stand),
  ofGroup(houseRule),
  ofGroup(clearance),
  ofGroup(ownProfile),
  ofGroup(permit),
  ofGroup(seasonWant),
  ofGroup(sought),
  ofGroup(path),
  ofGroup(tidePlace),
  ofGroup(entry),
  through(takeVerdict, 'entryId', entry),
  ofGroup(photo),
  ofGroup(audit),
];
/** People are written apart, without passwords; photos as pictures. */
export const ACCOUNT = archived(account, (_db, id) => eq(account.id, id));

/** Tables of which nothing goes into an archive. */
export const LEFT_OUT: Readonly<Record<string, string>> = {
  photo_piece: 'the pictures themselves are files',
  photo_arriving: 'files that are on their way',
  session: 'who is signed in where',
  taste: 'what somebody eats and does not bear is theirs, and no keeper’s to take along',
  invitation: 'links that open a door',
  reset_link: 'links that open a door',
  calendar_feed: 'links that open a door',
  founding_code: 'of the server, not of a group',
  rate_limit: 'of the server, not of a group',
  announcement: 'what calendars were told; it is told anew',
  place_import: 'uploaded files that are waiting to be stored',
  weather_import: 'uploaded files that are waiting to be stored',
};

function archived(table: MySqlTable, of: ArchivedTable['of'], via: ArchivedTable['through'] = null): ArchivedTable {
  const columns = getTableColumns(table) as Record<string, MySqlColumn>;
  const { primaryKeys } = getTableConfig(table);
  const order = primaryKeys[0]?.columns ?? Object.values(columns).filter((c) => c.primary);
  return { name: getTableName(table), table, columns, of, order, through: via };
}
function ofGroup(table: MySqlTable & { readonly groupId: MySqlColumn }): ArchivedTable {
  return archived(table, (_db, id) => eq(table.groupId, id));
}
function through(
  table: MySqlTable,
  column: string,
  owner: MySqlTable & { readonly id: MySqlColumn; readonly groupId: MySqlColumn },
): ArchivedTable {
  return archived(
    table,
    (db, id) =>
      inArray(
        (getTableColumns(table) as Record<string, MySqlColumn>)[column]!,
        db.select({ id: owner.id }).from(owner).where(eq(owner.groupId, id)),
      ),
    { column, table: getTableName(owner) },
  );
}
