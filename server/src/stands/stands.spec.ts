import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { ChangeStand, EntryPage, ErrorBody, StandView } from '@emberfield/contract';
import { createApp } from '../app.ts';
import { connect } from '../platform/database/database.ts';
import { transact } from '../platform/database/transact.ts';
import { openedGroup } from '../testing/opened-group.ts';
import { as, entryOf, send, takeBody, TODAY } from '../testing/test-server.ts';
import request from 'supertest';
import { claimStand } from './repository.ts';

const full = (plants: number) => ({ method: 'complete', plants, mature: null, flowering: null }) as const;

describe('a stand', () => {
  const group = openedGroup();
  const path = (standId: string, rest = '') => `/api/groups/${group.groupId}/stands/${standId}${rest}`;
  const view = async (standId: string, who = group.keeper): Promise<StandView> =>
    (await as(group.server, who, 'get', path(standId)).expect(200)).body as StandView;
  const page = async (standId: string, before?: string): Promise<EntryPage> =>
    (
      await as(group.server, group.keeper, 'get', path(standId, `/entries${before ? `?before=${before}` : ''}`)).expect(
        200,
      )
    ).body as EntryPage;
  const change = (v: StandView, over: Partial<ChangeStand>): ChangeStand => ({
    version: v.version,
    where: v.where,
    since: v.since,
    restUntil: v.restUntil,
    restReason: v.restReason,
    ...over,
  });

  it('names the station its days are reckoned from, or none', async () => {
    const { standId } = await group.stand('nettle');
    expect((await view(standId)).stationName).to.equal(null);
    const station = { id: newId(), name: 'Low Hill', latitudeDeg: 46, longitudeDeg: -30, heightM: 50 };
    await group.ask('post', 'stations').send(station).expect(200);
    expect((await view(standId)).stationName).to.equal('Low Hill');
  });
  it('rests when told so, and a stale word changes nothing', async () => {
    const { standId } = await group.stand('nettle');
    const first = await view(standId);
    const rest = change(first, { restUntil: '2027-12-31', restReason: 'was thin', where: ' sunny end ' });
    await as(group.server, group.keeper, 'put', path(standId)).send(rest).expect(200);
    const after = await view(standId);
    expect(after).to.include({ restUntil: '2027-12-31', restReason: 'was thin', where: 'sunny end' });
    expect(after.outlooks[0]!.allowance).to.include({ kind: 'none' });
    expect(after.outlooks[0]!.readiness.state).to.equal('banked');
    // Sent again, because the answer was lost, it is the same change.
    await as(group.server, group.keeper, 'put', path(standId)).send(rest).expect(200);
    expect((await view(standId)).version).to.equal(after.version);
    await as(group.server, group.keeper, 'put', path(standId))
      .send(change(first, { restUntil: null }))
      .expect(409);
    expect((await view(standId)).restUntil).to.equal('2027-12-31');
  });
  it('neither rests until a day that has passed nor is there since a year to come', async () => {
    const { standId } = await group.stand('nettle');
    const first = await view(standId);
    const refusal = async (over: Partial<ChangeStand>): Promise<unknown> => {
      const answer = await as(group.server, group.keeper, 'put', path(standId)).send(change(first, over)).expect(400);
      const { field, reason } = (answer.body as ErrorBody).error;
      return [field, reason];
    };
    expect(await refusal({ restUntil: '2020-05-01' })).to.deep.equal(['body.restUntil', 'dayPassed']);
    expect(await refusal({ since: 2190 })).to.deep.equal(['body.since', 'yearAhead']);
    expect((await view(standId)).version).to.equal(first.version);
  });
  it('of a plant that nobody knows, or at a place that is not there, is refused', async () => {
    const { patchId } = await group.stand('nettle');
    const body = {
      id: newId(),
      patchId,
      plantKey: 'triffid',
      where: '',
      since: null,
      restUntil: null,
    };
    const stands = `/api/groups/${group.groupId}/stands`;
    await as(group.server, group.keeper, 'post', stands).send(body).expect(400);
    await as(group.server, group.keeper, 'post', stands)
      .send({ ...body, plantKey: 'nettle', patchId: newId() })
      .expect(404);
  });
  it('tells its record newest first, a page at a time, nothing twice and nothing left out', async function () {
    this.timeout(60_000);
    const place = await group.stand('nettle');
    const notes = Array.from({ length: 130 }, (_, i) => entryOf(place, 'note', { text: `note ${i}` }));
    for (let i = 0; i < notes.length; i += 50) await group.tellAll(notes.slice(i, i + 50));
    const seen: string[] = [];
    let before: string | undefined;
    let pages = 0;
    do {
      const { entries, next } = await page(place.standId, before);
      seen.push(...entries.map((e) => e.id));
      before = next ?? undefined;
      pages++;
    } while (before !== undefined);
    expect(pages).to.equal(3);
    expect(seen).to.deep.equal(notes.map((n) => n.id).reverse());
    await as(group.server, group.keeper, 'get', path(place.standId, '/entries?before=yesterday')).expect(400);
  });
  it('shows in its record what was withdrawn and corrected, by whom, and whose it is', async () => {
    const place = await group.stand('nettle');
    const picker = await group.join('picker');
    const [gone, wrong] = [entryOf(place, 'note', { text: 'gone' }), entryOf(place, 'note', { text: 'wrong' })];
    await send(group.server, picker, group.groupId, [gone, wrong]);
    await send(group.server, picker, group.groupId, [
      entryOf(place, 'withdrawal', { reason: '' }, { replaces: gone.id }),
      entryOf(place, 'note', { text: 'right' }, { replaces: wrong.id }),
    ]);
    const entries = new Map((await page(place.standId)).entries.map((e) => [e.id, e]));
    expect(entries.get(gone.id)).to.include({ standing: 'withdrawn', by: picker.signInName, mine: false });
    expect(entries.get(wrong.id)).to.include({ standing: 'corrected' });
  });
  it('shows the visits to its patch, not those of a neighbour on it', async () => {
    const place = await group.stand('nettle');
    const neighbour = await group.stand('ramsons');
    const visit = entryOf(place, 'visit', { note: 'wet' }, { standId: null });
    await group.tellAll([visit, entryOf(neighbour, 'note', { text: 'elsewhere' })]);
    expect((await page(place.standId)).entries.map((e) => e.id)).to.deep.equal([visit.id]);
  });
});

describe('what is kept in memory of a stand', () => {
  const group = openedGroup();
  const left = async (standId: string): Promise<number | null> =>
    ((await group.ask('get', `stands/${standId}`).expect(200)).body as StandView).outlooks[0]!.allowance.amountLeft;

  it('agrees with what the database holds after every kind of change, in whatever order the days come', async () => {
    const place = await group.stand('nettle');
    await group.tellAll([entryOf(place, 'census', full(40))]);
    const start = (await left(place.standId))!;
    const takes = [3, 2, 4].map((n, i) => entryOf(place, 'take', takeBody(n), { day: `2026-05-${12 - i}` }));
    await group.tellAll(takes);
    expect(await left(place.standId)).to.equal(start - 9);
    await group.tellAll([entryOf(place, 'withdrawal', { reason: '' }, { replaces: takes[1]!.id })]);
    expect(await left(place.standId)).to.equal(start - 7);
    await group.tellAll([entryOf(place, 'census', full(20))]);
    expect(await left(place.standId)).to.equal(start / 2 - 7);
  });
  it('looked back at shows what had been noted by that day, however much came after', async () => {
    const place = await group.stand('nettle');
    const note = (day: string) => entryOf(place, 'note', { text: day }, { day, madeAt: `${day}T09:00:00Z` });
    await group.tellAll([note('2024-05-01')]);
    await group.tellAll(Array.from({ length: 70 }, () => note('2026-05-01')));
    const back = await group.get<StandView>(`stands/${place.standId}?day=2024-06-01`);
    expect(back.entries.map((e) => e.day)).to.deep.equal(['2024-05-01']);
  });
  it('gives way to what another server wrote', async function () {
    this.timeout(30_000);
    const place = await group.stand('nettle');
    await group.tellAll([entryOf(place, 'census', full(40))]);
    const start = (await left(place.standId))!;
    // As another server would write: past this one's memory, straight to the database, with the stand's revision moved on.
    const pool = connect(process.env['DATABASE_URL']!.replace(/\/[^/]*$/, '/emberfield_specs'));
    const [taken, noted] = [entryOf(place, 'take', takeBody(5)), entryOf(place, 'take', takeBody(2))];
    try {
      await group.tellAll([taken]);
      const id = (uuid: string) => `X'${uuid.replaceAll('-', '')}'`;
      await pool.pool.query(
        `INSERT INTO entry (id, group_id, kind, schema_version, patch_id, stand_id, visit_id, day, zone, made_at, stored_at, device, replaces, body, content_digest, made_by)
         SELECT ${id(noted.id)}, group_id, kind, schema_version, patch_id, stand_id, visit_id, day, zone, made_at, stored_at, device, replaces, '${JSON.stringify(noted.body)}', content_digest, made_by FROM entry WHERE id = ${id(taken.id)}`,
      );
      await pool.pool.query(`UPDATE stand SET revision = revision + 1 WHERE id = ${id(place.standId)}`);
    } finally {
      await pool.close();
    }
    expect(await left(place.standId)).to.equal(start - 7);
    const [result] = await group.tellAll([entryOf(place, 'take', takeBody(1))]);
    expect(result).to.deep.include({ status: 'stored' });
    expect((result as { take: { leftBefore: number } }).take.leftBefore).to.equal(start - 7);
  });
  it('forgets what was rolled back', async () => {
    const place = await group.stand('nettle');
    await group.tellAll([entryOf(place, 'census', full(40))]);
    const start = await left(place.standId);
    const failed = await transact(group.server.deps.db, async (tx) => {
      await claimStand(tx, group.groupId, place.standId);
      throw new Error('the disk is full');
    }).then(
      () => null,
      (error: unknown) => error,
    );
    expect(failed).to.be.instanceOf(Error);
    expect(await left(place.standId)).to.equal(start);
    const [result] = await group.tellAll([entryOf(place, 'take', takeBody(1))]);
    expect((result as { take: { leftBefore: number } }).take.leftBefore).to.equal(start);
  });
  it('is the same for a second application on the same database', async () => {
    const place = await group.stand('nettle');
    await group.tellAll([entryOf(place, 'census', full(40)), entryOf(place, 'take', takeBody(3))]);
    const second = createApp(group.server.deps);
    const answer = await request(second)
      .get(`/api/groups/${group.groupId}/stands/${place.standId}?day=${TODAY}`)
      .set('cookie', group.keeper.cookie)
      .expect(200);
    expect((answer.body as StandView).outlooks[0]!.allowance.amountLeft).to.equal(await left(place.standId));
  });
});
