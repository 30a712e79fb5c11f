import { sql } from 'drizzle-orm';
import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2';
import { createPool, type Pool } from 'mysql2/promise';

export type Database = MySql2Database;
export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0];
/** What a repository takes: the database, or a transaction on it. */
export type Queryable = Database | Transaction;

export interface Connection {
  readonly db: Database;
  readonly pool: Pool;
  readonly close: () => Promise<void>;
}

const CONNECT_TIMEOUT_MS = 5_000;

/** A pool on the database at `url` ("mysql://…"). Days stay text, instants are UTC. */
export function connect(url: string, connectionLimit = 12): Connection {
  const pool = createPool({
    uri: url,
    connectionLimit,
    connectTimeout: CONNECT_TIMEOUT_MS,
    timezone: 'Z',
    dateStrings: ['DATE'],
    decimalNumbers: true,
    charset: 'utf8mb4_unicode_520_ci',
  });
  return { db: drizzle(pool), pool, close: () => pool.end() };
}

/** Asks the database for nothing, to see whether it answers. */
export const ping = async (db: Database): Promise<void> => void (await db.execute(sql`SELECT 1`));
