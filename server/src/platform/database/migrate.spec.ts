import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { createPool, type RowDataPacket } from 'mysql2/promise';
import { connect, type Connection } from './database.ts';
import { migrateDatabase } from './migrate.ts';
import { errorNumber } from './transact.ts';

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

  describe('of a database that is in use', () => {
    const DUMP = new URL('./before-ground.sql.gz', import.meta.url);
    type Rows = readonly Readonly<Record<string, unknown>>[];
    const written = (value: unknown): unknown =>
      Buffer.isBuffer(value) ? value.toString('hex') : value instanceof Date ? value.toISOString() : value;
    /** Every row of every table, by its first columns, with the columns that are asked for. */
    const allRows = async (pool: Connection['pool'], only?: ReadonlyMap<string, readonly string[]>) => {
      const [tables] = await pool.query<RowDataPacket[]>('SHOW TABLES');
      const all = new Map<string, Rows>();
      for (const table of tables.map((t) => String(Object.values(t)[0])).filter((t) => !t.startsWith('__'))) {
        const columns = only ? only.get(table) : null;
        if (columns === undefined) continue;
        const list = columns ? columns.map((c) => `\`${c}\``).join(', ') : '*';
        const [rows] = await pool.query<RowDataPacket[]>(`SELECT ${list} FROM \`${table}\``);
        const plain = rows.map((r) => Object.fromEntries(Object.entries(r).map(([k, v]) => [k, written(v)])));
        all.set(
          table,
          plain.sort((a, b) => (JSON.stringify(a) < JSON.stringify(b) ? -1 : 1)),
        );
      }
      return all;
    };
    let connection: Connection;
    let rowsBefore: ReadonlyMap<string, Rows>;
    beforeEach(async function () {
      this.timeout(120_000);
      const admin = createPool({ uri: url(), multipleStatements: true });
      await admin.query(`SET FOREIGN_KEY_CHECKS = 0; ${gunzipSync(readFileSync(DUMP)).toString()}`);
      await admin.end();
      connection = connect(url());
      rowsBefore = await allRows(connection.pool);
      await migrateDatabase(connection);
    });
    afterEach(() => connection.close());
    const refused = async (sql: string): Promise<number | null> =>
      connection.pool.query(sql).then(
        () => null,
        (error: unknown) => errorNumber(error),
      );

    it('keeps every value of every row', async function () {
      this.timeout(120_000);
      const columns = new Map([...rowsBefore].map(([table, rows]) => [table, Object.keys(rows[0] ?? {})]));
      const filled = new Map([...columns].filter(([, c]) => c.length > 0));
      const after = await allRows(connection.pool, filled);
      expect(filled.size).to.be.greaterThan(12);
      for (const table of filled.keys()) expect(after.get(table), table).to.deep.equal(rowsBefore.get(table));
      const [takes] = await connection.pool.query<RowDataPacket[]>(
        `SELECT COUNT(*) AS n, SUM(taken <> ROUND(JSON_VALUE(body, '$.amount'), 3)) AS other FROM entry WHERE kind = 'take'`,
      );
      expect(Number(takes[0]!['n'])).to.be.greaterThan(100);
      expect(Number(takes[0]!['other'])).to.equal(0);
    });
    it('lets no row of one group point at another’s, whatever the query', async function () {
      this.timeout(120_000);
      const FOREIGN_KEY = 1452;
      await connection.pool.query(
        `INSERT INTO group_ (id, name, zone, units, made_at) SELECT UNHEX(REPEAT('07', 16)), 'others', zone, units, made_at FROM group_`,
      );
      for (const table of ['stand', 'entry', 'photo', 'weather_import'])
        expect(await refused(`UPDATE ${table} SET group_id = UNHEX(REPEAT('07', 16)) LIMIT 1`), table).to.be.oneOf([
          FOREIGN_KEY,
          1451,
        ]);
      await connection.pool.query(
        `INSERT INTO station (id, group_id, name, latitude_deg, longitude_deg, height_m, source, content_digest, made_at)
         SELECT UNHEX(REPEAT('08', 16)), UNHEX(REPEAT('07', 16)), 'theirs', 0, 0, 0, 'csv', content_digest, made_at FROM station LIMIT 1`,
      );
      expect(await refused(`UPDATE patch SET station_id = UNHEX(REPEAT('08', 16)) LIMIT 1`)).to.equal(FOREIGN_KEY);
      expect(await refused(`UPDATE entry SET replaces = UNHEX(REPEAT('09', 16)) LIMIT 1`)).to.equal(FOREIGN_KEY);
    });
    it('refuses what cannot be: a day that is none, less than nothing taken, a place off the earth', async function () {
      this.timeout(120_000);
      expect(await refused(`UPDATE entry SET day = '2026-02-30' LIMIT 1`)).to.equal(1292);
      const CHECK = 4025;
      expect(
        await refused(`UPDATE entry SET body = JSON_SET(body, '$.amount', -1) WHERE kind = 'take' LIMIT 1`),
      ).to.equal(CHECK);
      expect(await refused(`UPDATE patch SET latitude_deg = 91 LIMIT 1`)).to.equal(CHECK);
      expect(await refused(`UPDATE station_day SET min_c = max_c + 1 LIMIT 1`)).to.equal(CHECK);
    });
  });
});
