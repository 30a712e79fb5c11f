import { datetime, index, int, mysqlTable, varchar } from 'drizzle-orm/mysql-core';

/** Counters of the rate limits, in the database so that several servers share them. */
export const rateLimit = mysqlTable(
  'rate_limit',
  {
    key: varchar('limit_key', { length: 120 }).primaryKey(),
    hits: int('hits').notNull(),
    resetAt: datetime('reset_at', { fsp: 3 }).notNull(),
  },
  (t) => [index('rate_limit_reset').on(t.resetAt)],
);
