import { expect } from 'chai';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createPool, type RowDataPacket } from 'mysql2/promise';
import { freshDatabase, islandDatabase } from './application.ts';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

describe('a backup', () => {
  let folder: string;
  let from: string;
  before(async () => {
    folder = mkdtempSync(join(tmpdir(), 'emberfield-backup-'));
    from = await islandDatabase('emberfield_backup_from');
    const pool = createPool({ uri: from });
    // A picture with every byte in it: text would not bring that back.
    const picture = Buffer.from(Array.from({ length: 4096 }, (_, i) => i % 256));
    await pool.query(
      `INSERT INTO photo (id, group_id, patch_id, stand_id, day, width_px, height_px, content_digest, made_by, made_at)
       SELECT UNHEX(REPEAT('05', 16)), group_id, patch_id, id, '2026-05-02', 2, 1, content_digest, made_by, made_at FROM stand LIMIT 1`,
    );
    await pool.query(`INSERT INTO photo_piece VALUES (UNHEX(REPEAT('05', 16)), 'large', 0, ?)`, [picture]);
    await pool.end();
  });
  after(() => rmSync(folder, { recursive: true, force: true }));

  const run = (url: string, script: string, ...args: readonly string[]) =>
    spawnSync(process.execPath, [`scripts/${script}.mjs`, ...args], {
      cwd: ROOT,
      encoding: 'utf8',
      env: { ...process.env, DATABASE_URL: url, EMBERFIELD_DATA: join(folder, 'data') },
    });
  const files = () => readdirSync(join(folder, 'kept')).sort();
  /** Every table with a checksum of all its rows. */
  const tables = async (url: string): Promise<Readonly<Record<string, string>>> => {
    const pool = createPool({ uri: url });
    const [names] = await pool.query<RowDataPacket[]>('SHOW TABLES');
    const list = names.map((n) => `\`${String(Object.values(n)[0])}\``).join(', ');
    const [sums] = list ? await pool.query<RowDataPacket[]>(`CHECKSUM TABLE ${list}`) : [[]];
    await pool.end();
    return Object.fromEntries(sums.map((s) => [String(s['Table']).split('.')[1]!, String(s['Checksum'])]));
  };

  it('holds everything, pictures included: restored into an empty database every table is equal', async () => {
    const made = run(from, 'backup', '--to', join(folder, 'kept'));
    expect(made.status, made.stderr).to.equal(0);
    const [file] = files();
    const to = await freshDatabase('emberfield_backup_to');
    const restored = run(to, 'restore', join(folder, 'kept', file!));
    expect(restored.status, restored.stderr).to.equal(0);
    const [before, after] = [await tables(from), await tables(to)];
    expect(Object.keys(before).length).to.be.greaterThan(20);
    expect(after).to.deep.equal(before);
  });
  it('is never put over what is there', async () => {
    const before = await tables(from);
    const refused = run(from, 'restore', join(folder, 'kept', files()[0]!));
    expect(refused.status).to.equal(1);
    expect(refused.stderr).to.match(/holds \d+ tables already/);
    expect(await tables(from)).to.deep.equal(before);
  });
  it('that is damaged, or none, is refused with a sentence', async () => {
    const to = await freshDatabase('emberfield_backup_to');
    const broken = join(folder, 'broken.sql.gz');
    const whole = readFileSync(join(folder, 'kept', files()[0]!));
    writeFileSync(broken, whole.subarray(0, whole.length / 2));
    const refused = run(to, 'restore', broken);
    expect([refused.status, refused.stderr]).to.satisfy(
      ([status, said]: [number, string]) => status === 1 && /Not restored: .+/.test(said),
    );
    expect(await tables(to)).to.deep.equal({});
    expect(run(to, 'restore', join(folder, 'nothing.sql.gz')).stderr).to.include('There is no file');
  });
  it('is made of nothing that cannot be read: earlier files stay', async () => {
    const before = files();
    const failed = run(from.replace(/:[^:@]+@/, ':wrong@'), 'backup', '--to', join(folder, 'kept'));
    expect(failed.status).to.equal(1);
    expect(failed.stderr).to.include('Nothing was backed up');
    expect(files()).to.deep.equal(before);
  });
  it('takes the place of the oldest one when there are enough', async () => {
    for (const day of ['2020-01-01', '2020-01-02'])
      writeFileSync(join(folder, 'kept', `emberfield-${day}T00-00-00.sql.gz`), '');
    writeFileSync(join(folder, 'kept', 'something-else.txt'), 'mine');
    const made = run(from, 'backup', '--to', join(folder, 'kept'), '--keep', '2');
    expect(made.status, made.stderr).to.equal(0);
    const kept = files();
    expect(kept).to.include('something-else.txt').and.not.include('emberfield-2020-01-02T00-00-00.sql.gz');
    expect(kept.filter((f) => f.endsWith('.sql.gz'))).to.have.length(2);
  });
});
