import { expect } from 'chai';
import { createHash } from 'node:crypto';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { PassThrough } from 'node:stream';
import { join } from 'node:path';
import { sql } from 'drizzle-orm';
import { createPool } from 'mysql2/promise';
import { v7 as newId } from 'uuid';
import type { LedgerView } from '@emberfield/contract';
import { connect, type Connection } from '../platform/database/database.ts';
import { migrateDatabase } from '../platform/database/migrate.ts';
import type { AppError } from '../platform/errors.ts';
import type { GroupContext } from '../platform/http/context.ts';
import { changedArchive, filesIn, type Files } from '../testing/archive-files.ts';
import { livedGroup } from '../testing/lived-group.ts';
import { openedGroup } from '../testing/opened-group.ts';
import { as, PASSWORD, TODAY } from '../testing/test-server.ts';
import { ACCOUNT, ARCHIVED, LEFT_OUT } from './archive-table.ts';
import { atOneMoment } from './repository.ts';
import { dataFile, MANIFEST, SUMS } from './operations/format.ts';
import { makeArchive } from './operations/make-archive.ts';
import { restoreArchive } from './operations/restore-archive.ts';

const NOW = new Date('2026-06-01T10:00:00Z');

describe('the archive of a group', () => {
  const group = openedGroup();
  let folder: string;
  let elsewhere: Connection;
  before(async function () {
    this.timeout(120_000);
    folder = mkdtempSync(join(tmpdir(), 'emberfield-archive-spec-'));
    const base = process.env['DATABASE_URL']!;
    const admin = createPool({ uri: base, multipleStatements: true });
    await admin.query('DROP DATABASE IF EXISTS emberfield_elsewhere; CREATE DATABASE emberfield_elsewhere');
    await admin.end();
    elsewhere = connect(base.replace(/\/[^/]*$/, '/emberfield_elsewhere'));
    await migrateDatabase(elsewhere);
  });
  after(async () => {
    await elsewhere.close();
    rmSync(folder, { recursive: true, force: true });
  });

  const lived = (over: { readonly weather?: boolean } = {}) => livedGroup(group, over);
  async function made(groupId = group.groupId, who = group.keeper): Promise<Buffer> {
    const answer = await fetch(`${group.server.url}/api/groups/${groupId}/archive`, {
      headers: { cookie: who.cookie, 'x-emberfield-token': who.token },
    });
    expect(answer.status).to.equal(200);
    return Buffer.from(await answer.arrayBuffer());
  }
  let n = 0;
  const saved = (content: Buffer): string => {
    const path = join(folder, `${n++}.zip`);
    writeFileSync(path, content);
    return path;
  };
  /** The same with some files changed, and digests that fit: as somebody does who knows what they do. */
  const forged = async (content: Buffer, change: (name: string, json: unknown) => unknown): Promise<string> =>
    saved(await changedArchive(content, change));
  const ofTable = (files: Files, table: string) =>
    JSON.parse(files.get(dataFile(table))!.toString()) as Record<string, unknown>[];
  const data = (files: Files, except: readonly string[] = ['audit']) =>
    Object.fromEntries(ARCHIVED.filter((t) => !except.includes(t.name)).map((t) => [t.name, ofTable(files, t.name)]));
  /** Of all its tables, the rows of a database. */
  const rowsOf = async ({ db }: Pick<Connection, 'db'>): Promise<Readonly<Record<string, number>>> =>
    atOneMoment(db, async (tx) =>
      Object.fromEntries(
        await Promise.all(
          [...ARCHIVED, ACCOUNT].map(
            async ({ name, table }) => [name, (await tx.select().from(table)).length] as const,
          ),
        ),
      ),
    );
  const refused = (path: string, { db }: Pick<Connection, 'db'> = elsewhere, asName: string | null = null) =>
    restoreArchive(db, path, { as: asName, now: NOW }).then(
      () => 'restored',
      (error: unknown) => (error as Error).message,
    );
  /** The archive of the same group as it is in the other database. */
  const asked = (gone: boolean) =>
    ({
      group: { id: group.groupId, name: 'there', today: TODAY },
      account: { accountId: group.keeper.accountId },
      gone: () => gone,
    }) as unknown as GroupContext<null>;
  async function filesElsewhere(): Promise<Files> {
    const context = asked(false);
    const answer = await makeArchive({ ...group.server.deps, db: elsewhere.db }, context);
    const into = Object.assign(new PassThrough(), { setHeader: () => undefined });
    answer.begin(into as never);
    const pieces: Buffer[] = [];
    for await (const piece of into) pieces.push(piece as Buffer);
    return filesIn(Buffer.concat(pieces));
  }

  it('knows of every table whether it is in it, and why not', async () => {
    const [tables] = (await elsewhere.db.execute(sql`SHOW TABLES`)) as unknown as [readonly object[]];
    const names = tables.map((t) => String(Object.values(t)[0])).filter((t) => t !== '__drizzle_migrations');
    const known = [...ARCHIVED.map((t) => t.name), ACCOUNT.name, ...Object.keys(LEFT_OUT)];
    expect(names.sort()).to.deep.equal(known.sort());
  });

  it('brings a group back elsewhere row by row, pictures included, and again after all of it was deleted', async () => {
    await lived({ weather: true });
    const content = await made();
    const files = await filesIn(content);
    for (const { name } of ARCHIVED) expect(ofTable(files, name), name).not.to.be.empty;
    const path = saved(content);
    const told = await restoreArchive(elsewhere.db, path, { as: null, now: NOW });
    expect(told).to.include({ photos: 1, withoutPicture: 0 });
    expect(told.people.map((p) => [p.signInName, p.isNew, p.token !== null])).to.deep.equal([
      [group.keeper.signInName, true, true],
    ]);
    const counts = await rowsOf(elsewhere);
    expect(await refused(path)).to.match(/is here\. --as/);
    expect(await rowsOf(elsewhere)).to.deep.equal(counts);

    for (const { table, of } of [...ARCHIVED].reverse()) {
      if (table === ARCHIVED.find((t) => t.name === 'photo')!.table)
        await elsewhere.db.execute(sql`DELETE FROM photo_piece`);
      if (table === ARCHIVED.find((t) => t.name === 'entry')!.table)
        await elsewhere.db.execute(sql`UPDATE entry SET replaces = NULL`);
      await elsewhere.db.delete(table).where(of(elsewhere.db, group.groupId));
    }
    expect((await rowsOf(elsewhere))['entry']).to.equal(0);
    await restoreArchive(elsewhere.db, path, { as: null, now: NOW });
    expect(await rowsOf(elsewhere)).to.deep.equal(counts);

    const again = await filesElsewhere();
    expect(data(again)).to.deep.equal(data(files));
    const pictures = (f: Files) => [...f].filter(([name]) => name.startsWith('photos/'));
    expect(pictures(files)).to.have.lengthOf(2);
    expect(pictures(again)).to.deep.equal(pictures(files));
  });

  it('is made one at a time of a group; whoever goes away before it begins is in nobody’s way', async () => {
    await lived();
    const { deps } = group.server;
    const said = (gone: boolean) => makeArchive(deps, asked(gone)).catch((error: unknown) => (error as AppError).code);
    expect(await said(true)).to.equal('busy');
    const first = makeArchive(deps, asked(false));
    expect(await said(false)).to.equal('busy');
    const into = Object.assign(new PassThrough(), { setHeader: () => undefined });
    (await first).begin(into as never);
    const ended = new Promise((resolve) => into.once('close', resolve));
    into.destroy();
    await ended;
    // Broken off on its way it is out of the way as well.
    let size = 0;
    for (let tries = 0; size === 0 && tries < 50; tries++)
      size = await made().then(
        (content) => content.length,
        () => 0,
      );
    expect(size).to.be.above(1000);
  });

  it('holds a digest of every file, no password, and cells that no spreadsheet reckons', async () => {
    await lived();
    const files = await filesIn(await made());
    const sums = files.get(SUMS)!.toString().trim().split('\n');
    expect(sums.map((line) => line.slice(66)).sort()).to.deep.equal([...files.keys()].filter((f) => f !== SUMS).sort());
    for (const line of sums)
      expect(
        createHash('sha256')
          .update(files.get(line.slice(66))!)
          .digest('hex'),
      ).to.equal(line.slice(0, 64));
    const all = Buffer.concat([...files.values()]).toString('latin1');
    expect(all).not.to.match(/argon2|passwordHash|tokenDigest/);
    expect(all).not.to.include(PASSWORD);
    const places = files.get('csv/patch.csv')!.toString();
    expect(places).to.include('\'=SUM(A1) the ""Mill"", hedge');
    expect(places.trimEnd().split('\r\n')).to.have.lengthOf(2);
    expect(files.get('READ-ME.txt')!.toString()).to.include('exact positions');
  });

  it('becomes a group of its own beside the first: the same answers, and nothing of the first is touched', async () => {
    const place = await lived();
    const before = await filesIn(await made());
    const copied = await restoreArchive(group.server.deps.db, await forged(await made(), () => undefined), {
      ...{ as: 'Beside', now: NOW },
    });
    expect(copied).to.include({ name: 'Beside' });
    expect(copied.people.every((p) => !p.isNew && p.token === null)).to.equal(true);
    const session = (await as(group.server, group.keeper, 'get', '/api/session').expect(200)).body as {
      readonly groups: readonly { readonly id: string; readonly name: string }[];
    };
    const beside = session.groups.find((g) => g.name === 'Beside')!;
    const views = async (id: string) => {
      const at = (path: string) => as(group.server, group.keeper, 'get', `/api/groups/${id}/${path}`).expect(200);
      const { lines } = (await at('ledger')).body as LedgerView;
      return { id: lines[0]!.standId, lines: lines.map(({ standId: _, ...line }) => line) };
    };
    const [mine, theirs] = [await views(group.groupId), await views(beside.id)];
    expect([mine.id, theirs.id === mine.id]).to.deep.equal([place.standId, false]);
    expect(mine.lines.some((l) => l.amount === 2)).to.equal(true);
    expect(theirs.lines).to.deep.equal(mine.lines);
    const after = await filesIn(await made());
    expect(data(after)).to.deep.equal(data(before));
    // No id of the first is left in the second.
    const own = new Set(
      ARCHIVED.flatMap((t) => ofTable(before, t.name)).flatMap((r) => (typeof r['id'] === 'string' ? [r['id']] : [])),
    );
    const text = JSON.stringify(data(await filesIn(await made(beside.id))));
    expect([...own].filter((id) => text.includes(id))).to.deep.equal([]);
  });

  it('that is damaged, none, forged or of a newer Emberfield is refused with a reason, and nothing is stored', async () => {
    await lived({ weather: true });
    const content = await made();
    const counts = await rowsOf(elsewhere);
    const damaged = Buffer.from(content);
    damaged.fill(0, 2000, 2040);
    expect(await refused(saved(damaged)), 'damaged').not.to.equal('restored');
    expect(await refused(saved(content.subarray(0, content.length - 100)))).to.match(/breaks off/);
    expect(await refused(saved(Buffer.from('no archive at all')))).to.match(/cannot be read/);
    const rows = (table: string, over: object) =>
      forged(content, (name, json) =>
        name === dataFile(table) ? (json as object[]).map((r) => ({ ...r, ...over })) : undefined,
      );
    const asked: readonly (readonly [RegExp, Promise<string>])[] = [
      [
        /newer/,
        forged(content, (name, json) => (name === MANIFEST ? { ...(json as object), tables: 900 } : undefined)),
      ],
      [
        /no archive/,
        forged(content, (name, json) => (name === MANIFEST ? { ...(json as object), format: 'x' } : undefined)),
      ],
      [/row 1 of stand is not of this group/, rows('stand', { groupId: newId() })],
      [/row 1 of station_day is not of this group/, rows('station_day', { stationId: newId() })],
      [/row 1 of take_verdict is not of this group/, rows('take_verdict', { entryId: newId() })],
      [/"version" in row 1 of patch is not/, rows('patch', { version: '1; DROP' })],
      [/"role" in row 1 of membership/, rows('membership', { role: 'owner' })],
      [/no column/, rows('patch', { colour: 'red' })],
      [
        /patch does not hold together \(geometry/,
        rows('patch', { geometry: { type: 'Point', coordinates: [700, 4] } }),
      ],
      [/of entry does not hold together/, rows('entry', { body: { amount: -4 } })],
      [/list of people cannot be read/, rows('people', { signInName: 5 })],
      [/points at what is not in it/, rows('stand', { patchId: newId() })],
      [/is no picture/, forged(content, (name) => (name.startsWith('photos/') ? '<script>' : undefined))],
    ];
    for (const [reason, path] of asked) expect(await refused(await path)).to.match(reason);
    expect(await rowsOf(elsewhere)).to.deep.equal(counts);
  });
  it('of somebody whose name is taken gives them another, and no password opens it', async () => {
    await lived();
    const path = await forged(await made(), (name, json) =>
      name === dataFile('people')
        ? (json as { id: string }[]).map((p) => ({ ...p, id: STRANGER, signInName: group.keeper.signInName }))
        : /^data\//.test(name)
          ? (JSON.parse(JSON.stringify(json).replaceAll(group.keeper.accountId, STRANGER)) as unknown)
          : undefined,
    );
    const { people } = await restoreArchive(group.server.deps.db, path, { as: 'Strange', now: NOW });
    expect(people).to.have.lengthOf(1);
    expect(people[0]).to.deep.include({ signInName: `${group.keeper.signInName}-2`, renamed: true, isNew: true });
    for (const password of ['-', '', PASSWORD])
      await as(group.server, null, 'post', '/api/session')
        .send({ signInName: people[0]!.signInName, password })
        .expect((answer) => expect(answer.status).to.be.oneOf([400, 401, 403]));
  });
  const STRANGER = newId();
});
