import { fileURLToPath } from 'node:url';
import { migrate } from 'drizzle-orm/mysql2/migrator';
import { sql } from 'drizzle-orm';
import type { RowDataPacket } from 'mysql2/promise';
import type { Connection } from './database.ts';

/** As seen from the sources. */
const FOLDER = new URL('../../../migrations', import.meta.url);
const LOCK_SECONDS = 60;

/** Brings the tables up to date. Several servers may start at once: one migrates, the others wait for it. */
export async function migrateDatabase({ db, pool }: Connection, folder: URL = FOLDER): Promise<void> {
  const holder = await pool.getConnection();
  try {
    const [rows] = await holder.query<RowDataPacket[]>('SELECT GET_LOCK(?, ?) AS got', [
      'emberfield-migration',
      LOCK_SECONDS,
    ]);
    if (rows[0]?.['got'] !== 1)
      throw new Error(
        `Another server has been bringing the tables up to date for ${LOCK_SECONDS} s. Start again when it is done.`,
      );
    await migrate(db, { migrationsFolder: fileURLToPath(folder) });
    await db.execute(sql`SELECT 1`);
  } finally {
    await holder.query('SELECT RELEASE_LOCK(?)', ['emberfield-migration']);
    holder.release();
  }
}
