import { boolean, datetime, int, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core';
import { account, group } from '../people/table.ts';
import { id, jsonText } from '../platform/database/columns.ts';

/** A group's own profiles, one row a revision; a revision is never changed. */
export const ownProfile = mysqlTable(
  'own_profile',
  {
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    key: varchar('plant_key', { length: 60 }).notNull(),
    revision: int('revision').notNull(),
    /** `null`: written from nothing. */
    copiedFrom: varchar('copied_from', { length: 60 }),
    /** Taken off the list; a later revision puts it back. */
    removed: boolean('removed').notNull().default(false),
    profile: jsonText<unknown>('profile').notNull(),
    note: varchar('note', { length: 400 }).notNull(),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [primaryKey({ columns: [t.groupId, t.key, t.revision] })],
);
