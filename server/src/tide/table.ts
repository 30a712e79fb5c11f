import { datetime, double, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import type { TideSource } from '@emberfield/core/tide';
import { group } from '../people/table.ts';
import { digest, id, jsonText } from '../platform/database/columns.ts';

/** A place of which the tide is known. It is never changed: another file is another row. */
export const tidePlace = mysqlTable(
  'tide_place',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    name: varchar('name', { length: 80 }).notNull(),
    latitudeDeg: double('latitude_deg').notNull(),
    longitudeDeg: double('longitude_deg').notNull(),
    source: jsonText<TideSource>('source').notNull(),
    contentDigest: digest('content_digest').notNull(),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [index('tide_place_group').on(t.groupId)],
);
