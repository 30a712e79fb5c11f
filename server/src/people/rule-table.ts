import { datetime, foreignKey, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { day, id, jsonText } from '../platform/database/columns.ts';
import { stand } from '../stands/table.ts';
import { account, group } from './table.ts';

/** House rules are dated: a change ends the row in force and begins another, so past days keep theirs. */
export const houseRule = mysqlTable(
  'house_rule',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    kind: varchar('kind', { length: 30 }).notNull(),
    /** Whom it is for: all stands, those of one plant, or one stand; at most one of the two is set. */
    plantKey: varchar('plant_key', { length: 60 }),
    standId: id('stand_id'),
    reason: varchar('reason', { length: 200 }).notNull().default(''),
    rule: jsonText<unknown>('rule').notNull(),
    since: day('since_day').notNull(),
    until: day('until_day'),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [
    index('house_rule_group').on(t.groupId, t.kind),
    foreignKey({
      name: 'house_rule_stand',
      columns: [t.groupId, t.standId],
      foreignColumns: [stand.groupId, stand.id],
    }),
  ],
);
