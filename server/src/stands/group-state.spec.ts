import { expect } from 'chai';
import request from 'supertest';
import { v7 as newId } from 'uuid';
import type { HearthView, PatchDetail } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, searchBody, takeBody } from '../testing/test-server.ts';
import { groupState } from './operations/group-state.ts';

describe('what the answers of a group hang on', () => {
  const group = openedGroup();
  const state = async (role: 'keeper' | 'picker' = 'keeper', accountId = group.keeper.accountId) => {
    const view = await group.server.connection.pool.query('SELECT revision FROM group_ WHERE id = UNHEX(?)', [
      group.groupId.replaceAll('-', ''),
    ]);
    const [{ revision }] = view[0] as unknown as [{ revision: number }];
    return groupState(group.server.deps, {
      id: group.groupId,
      revision,
      today: '2026-05-15',
      zone: 'UTC',
      regions: [],
      viewer: { role, accountId, language: 'en' },
    });
  };

  it('moves with everything that is entered or changed, and with nothing else', async () => {
    const place = await group.stand('nettle');
    await group.get('hearth');
    const patch = await group.get<PatchDetail>(`patches/${place.patchId}`);
    const { id: _i, version, areaM2: _a, blurred: _b, stands: _s, retiredOn: _r, retiredWhy: _w, ...rest } = patch;
    const { stationId: _t, stationsInUse: _u, thermometer: _h, lifted: _l, finds: _f, inVain: _v, ...facts } = rest;
    const changes: Record<string, () => Promise<unknown>> = {
      'a take': () => group.tell(entryOf(place, 'take', takeBody(1))),
      'a sighting': () => group.tell(entryOf(place, 'stageSighting', { stage: 'shoots', reached: true, share: null })),
      'a search at the place itself': () =>
        group.tell(entryOf({ ...place, standId: null as never }, 'search', searchBody('Hemlock', false))),
      'an edit of the place': () =>
        group
          .ask('put', `patches/${place.patchId}`)
          .send({ version, facts: { ...facts, heightM: 90 }, liftReason: '' })
          .expect(200),
      'another stand': () =>
        group
          .ask('post', 'stands')
          .send({ id: newId(), patchId: place.patchId, plantKey: 'elder', where: '', since: null, restUntil: null })
          .expect(200),
      'a rule of the house': () =>
        group
          .ask('put', 'rules')
          .send({ on: true, rule: { kind: 'matureOnly' } })
          .expect(200),
      weather: () => group.station(() => 10),
      'the end of a stand': () =>
        group.ask('put', `stands/${place.standId}/retirement`).send({ retired: true, why: '' }).expect(204),
    };
    const seen = new Set([await state()]);
    for (const [what, change] of Object.entries(changes)) {
      await change();
      const now = await state();
      expect(seen.has(now), what).to.equal(false);
      expect(await state()).to.equal(now);
      seen.add(now);
    }
    // Keepers see the same; anybody else may see something else of secret places.
    expect(await state('keeper', newId())).to.equal(await state());
    expect(await state('picker', newId())).not.to.equal(await state('picker', newId()));
  });
  it('lets an answer be given again as it was, packed or not as whoever asks can read it', async function () {
    this.timeout(60_000);
    for (let i = 0; i < 90; i++) await group.stand('elder');
    const asked = (encoding: string) =>
      request(group.server.url)
        .get(group.at('hearth'))
        .set('cookie', group.keeper.cookie)
        .set('accept-encoding', encoding)
        .expect(200);
    let [packed, plain] = [await asked('gzip'), await asked('identity')];
    // Until all of it is reckoned, and what was learned behind the answers has come in, one answer may hold more than the one before.
    while ([packed, plain].some(({ body }) => (body as HearthView).waiting > 0)) {
      await new Promise((go) => setTimeout(go, 50));
      [packed, plain] = [await asked('gzip'), await asked('identity')];
    }
    expect(packed.headers['content-encoding']).to.equal('gzip');
    expect(plain.headers['content-encoding']).to.equal(undefined);
    expect(packed.body).to.deep.equal(plain.body);
    expect((plain.body as HearthView).standCount).to.equal(90);
  });
});
