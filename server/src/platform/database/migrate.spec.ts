import { expect } from 'chai';
import { createPool, type RowDataPacket } from 'mysql2/promise';
import { connect } from './database.ts';
import { migrateDatabase } from './migrate.ts';

const NAME = 'emberfield_migrate_spec';

describe('bringing the tables up to date', () => {
  const url = (): string => process.env['DATABASE_URL']!.replace(/\/[^/]*$/, `/${NAME}`);
  beforeEach(async () => {
    const admin = createPool({ uri: process.env['DATABASE_URL']!, multipleStatements: true });
    await admin.query(`DROP DATABASE IF EXISTS ${NAME}; CREATE DATABASE ${NAME}`);
    await admin.end();
  });

  it('is done once by servers that start at the same time', async function () {
    this.timeout(120_000);
    const connections = [connect(url()), connect(url()), connect(url())];
    try {
      await Promise.all(connections.map((c) => migrateDatabase(c)));
      const { pool } = connections[0]!;
      const [tables] = await pool.query<RowDataPacket[]>('SHOW TABLES');
      const names = tables.map((row) => String(Object.values(row)[0]));
      expect(names).to.include.members([
        'account',
        'session',
        'patch',
        'stand',
        'entry',
        'take_verdict',
        'station_day',
      ]);
      const [done] = await pool.query<RowDataPacket[]>(
        'SELECT COUNT(*) AS n, COUNT(DISTINCT hash) AS d FROM __drizzle_migrations',
      );
      expect(done[0]!['n']).to.equal(done[0]!['d']);
      // A later start finds nothing to do, and the lock free.
      await migrateDatabase(connections[1]!);
    } finally {
      await Promise.all(connections.map((c) => c.close()));
    }
  });
  it('keeps keys in sixteen bytes and text in every script', async function () {
    this.timeout(120_000);
    const connection = connect(url());
    try {
      await migrateDatabase(connection);
      const [columns] = await connection.pool.query<RowDataPacket[]>(
        `SELECT table_name AS t, column_name AS c, column_type AS k, collation_name AS l FROM information_schema.columns WHERE table_schema = '${NAME}' AND table_name NOT LIKE '\\_\\_%'`,
      );
      const ids = columns.filter((c) => c['c'] === 'id');
      expect(ids.length).to.be.greaterThan(8);
      for (const { t, k } of ids) expect(k, String(t)).to.equal('binary(16)');
      for (const { t, c, k, l } of columns)
        if (String(k).startsWith('varchar')) expect(String(l), `${String(t)}.${String(c)}`).to.match(/^utf8mb4/);
    } finally {
      await connection.close();
    }
  });
});
