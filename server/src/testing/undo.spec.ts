import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type {
  ActivityPage,
  HearthView,
  ImportPreview,
  PatchDetail,
  PlaceImportPreview,
  RuleView,
  StandView,
  StationDays,
  StationView,
  StoredPlaces,
  UndonePlaces,
} from '@emberfield/contract';
import { openedGroup } from './opened-group.ts';
import { entryOf, patchBody, takeBody } from './test-server.ts';

const count = (plants: number) => ({ method: 'complete', plants, mature: null, flowering: null }) as const;

describe('what was done can be taken back', () => {
  const group = openedGroup();
  const { ask, get, join, stand, tell } = group;

  describe('a place and a stand', () => {
    it('on which nothing hangs yet go for good, by whoever entered them or a keeper', async () => {
      const picker = await join('picker');
      const other = await join('picker');
      const patch = patchBody();
      await ask('post', 'patches', picker).send(patch).expect(200);
      const standId = newId();
      await ask('post', 'stands', picker)
        .send({ id: standId, patchId: patch.id, plantKey: 'nettle', where: '', since: null, restUntil: null })
        .expect(200);
      const full = await ask('delete', `patches/${patch.id}`, picker);
      expect([full.status, full.body.error.reason]).to.deep.equal([409, 'notEmpty']);
      await ask('delete', `stands/${standId}`, other).expect(403);
      await ask('delete', `stands/${standId}`, picker).expect(204);
      await ask('delete', `patches/${patch.id}`, picker).expect(204);
      await ask('get', `patches/${patch.id}`).expect(404);
      expect((await get<HearthView>('hearth')).standCount).to.equal(0);
    });
    it('of which something was noted stay; retired they are asked for nothing, teach on, and come back as they were', async () => {
      const place = await stand('nettle');
      await tell(entryOf(place, 'take', takeBody(3)));
      const removed = await ask('delete', `stands/${place.standId}`);
      expect([removed.status, removed.body.error.reason]).to.deep.equal([409, 'notEmpty']);
      const before = await get<HearthView>('hearth');
      expect(before.standCount).to.equal(1);
      await ask('put', `stands/${place.standId}/retirement`).send({ retired: true, why: 'mown away' }).expect(204);
      const without = await get<HearthView>('hearth');
      expect([without.standCount, without.outlooks, without.duties]).to.deep.equal([0, [], []]);
      const page = await get<StandView>(`stands/${place.standId}`);
      expect(page).to.include({ retiredOn: '2026-05-15', retiredWhy: 'mown away' });
      expect(page.entries.map((e) => e.kind)).to.deep.equal(['take']);
      expect((await get<PatchDetail>(`patches/${place.patchId}`)).stands).to.deep.include({
        id: place.standId,
        plantKey: 'nettle',
        plantName: page.plantName,
        retired: true,
      });
      await ask('put', `stands/${place.standId}/retirement`).send({ retired: false, why: '' }).expect(204);
      expect((await get<HearthView>('hearth')).outlooks).to.deep.equal(before.outlooks);
    });
    it('go and come with their place', async () => {
      const place = await stand('nettle');
      await ask('put', `patches/${place.patchId}/retirement`).send({ retired: true, why: 'built over' }).expect(204);
      expect((await get<HearthView>('hearth')).standCount).to.equal(0);
      expect(await get<StandView>(`stands/${place.standId}`)).to.include({ retiredWhy: 'built over' });
      await ask('put', `patches/${place.patchId}/retirement`).send({ retired: false, why: '' }).expect(204);
      expect((await get<HearthView>('hearth')).standCount).to.equal(1);
      const kinds = (await get<ActivityPage>('activity')).items.map((i) => i.kind);
      expect(kinds).to.deep.equal(['patchBack', 'patchRetired']);
    });
  });

  describe('weather', () => {
    const file = (max: number) => ['day;tmin;tmax', ...[1, 2, 3].map((d) => `2026-05-0${d};1,5;${max},0`)].join('\n');
    const bring = async (stationId: string, text: string): Promise<string> => {
      const id = newId();
      await ask('post', `stations/${stationId}/imports/${id}?fileName=a.csv`)
        .set('content-type', 'application/octet-stream')
        .send(Buffer.from(text))
        .expect(200);
      await ask('post', `imports/${id}/store`).expect(200);
      return id;
    };
    const newStation = async (): Promise<string> => {
      const id = newId();
      await ask('post', 'stations')
        .send({ id, name: 'Harbour', latitudeDeg: 46, longitudeDeg: -30, heightM: 20 })
        .expect(200);
      return id;
    };
    const days = async (id: string) =>
      (await get<StationDays>(`stations/${id}/days?from=2026-05-01&to=2026-05-31`)).days.map((d) => d.maxC);

    it('of a file goes again, and what it replaced stands there as before', async () => {
      const station = await newStation();
      await bring(station, file(9).split('\n').slice(0, 3).join('\n'));
      const second = await bring(station, file(20));
      expect(await days(station)).to.deep.equal([20, 20, 20]);
      await ask('delete', `imports/${second}/days`).expect(200);
      expect(await days(station)).to.deep.equal([9, 9]);
      // It can be stored again, and not taken back twice.
      await ask('delete', `imports/${second}/days`).expect(409);
      expect((await get<ImportPreview[]>('imports')).map((i) => i.id)).to.deep.equal([second]);
      await ask('post', `imports/${second}/store`).expect(200);
      expect(await days(station)).to.deep.equal([20, 20, 20]);
    });
    it('of a station is reckoned from no longer once it is retired; one without days goes for good', async () => {
      const station = await newStation();
      await bring(station, file(9));
      const full = await ask('delete', `stations/${station}`);
      expect([full.status, full.body.error.reason]).to.deep.equal([409, 'notEmpty']);
      const place = await stand('nettle');
      const source = async () => (await get<StandView>(`stands/${place.standId}`)).stationName;
      expect(await source()).to.equal('Harbour');
      await ask('put', `stations/${station}/retirement`).send({ retired: true, why: '' }).expect(204);
      expect(await source()).to.equal(null);
      expect((await get<StationView[]>('stations'))[0]).to.include({ retiredOn: '2026-05-15', dayCount: 3 });
      await ask('put', `stations/${station}/retirement`).send({ retired: false, why: '' }).expect(204);
      expect(await source()).to.equal('Harbour');
      const empty = await newStation();
      await ask('delete', `stations/${empty}`).expect(204);
    });
  });

  it('places of a file go again, but for those that somebody has used since', async () => {
    const places = {
      type: 'FeatureCollection',
      features: ['North hedge', 'South hedge'].map((name, i) => ({
        type: 'Feature',
        properties: { name },
        geometry: { type: 'Point', coordinates: [-30 - i / 100, 46] },
      })),
    };
    const id = newId();
    const preview = await ask('post', `place-imports/${id}?fileName=hedges.geojson`)
      .set('content-type', 'application/octet-stream')
      .send(Buffer.from(JSON.stringify(places)))
      .expect(200);
    expect((preview.body as PlaceImportPreview).problem).to.equal(null);
    const stored = (await ask('post', `place-imports/${id}/store`).expect(200)).body as StoredPlaces;
    expect(stored.places).to.equal(2);
    const [north] = await get<PatchDetail[]>('patches');
    await ask('post', 'stands')
      .send({ id: newId(), patchId: north!.id, plantKey: 'nettle', where: '', since: null, restUntil: null })
      .expect(200);
    const undone = (await ask('delete', `place-imports/${id}/places`).expect(200)).body as UndonePlaces;
    expect(undone).to.deep.equal({ removed: 1, kept: 1 });
    expect((await get<PatchDetail[]>('patches')).map((p) => p.name)).to.deep.equal(['North hedge']);
    await ask('delete', `place-imports/${id}/places`).expect(409);
  });

  describe('a rule of the house', () => {
    it('is for one stand, for a plant or for all; the narrower never gives more', async () => {
      const [here, there] = [await stand('nettle'), await stand('nettle')];
      for (const place of [here, there]) await tell(entryOf(place, 'census', count(100)));
      const left = async (place: typeof here) =>
        (await get<StandView>(`stands/${place.standId}`)).outlooks.find((o) => o.part === 'tip')!.allowance.amount!;
      const [before, other] = [await left(here), await left(there)];
      const rule = { kind: 'leaveForOthers', share: 0.9 };
      await ask('put', 'rules').send({ on: true, rule, standId: here.standId, reason: 'thin this year' }).expect(200);
      expect(await left(here)).to.be.lessThan(before);
      expect(await left(there)).to.equal(other);
      const rules = await get<RuleView[]>('rules');
      expect(rules.find((r) => r.standId === here.standId)).to.include({ reason: 'thin this year' });
      await ask('put', 'rules').send({ on: true, rule, plantKey: 'nettle', reason: '' }).expect(200);
      expect(await left(there)).to.be.lessThan(other);
      const strict = await left(here);
      await ask('put', 'rules')
        .send({ on: true, rule: { kind: 'leaveForOthers', share: 0.1 }, standId: here.standId })
        .expect(200);
      expect(await left(here)).to.be.at.most(strict);
      await ask('put', 'rules').send({ on: false, rule, plantKey: 'nettle' }).expect(200);
      expect(await left(there)).to.equal(other);
    });
    it('is for no stand of another group, nor for two things at once', async () => {
      const rule = { kind: 'matureOnly' };
      await ask('put', 'rules').send({ on: true, rule, standId: newId() }).expect(404);
      const place = await stand('nettle');
      await ask('put', 'rules').send({ on: true, rule, standId: place.standId, plantKey: 'nettle' }).expect(400);
      expect(await get<RuleView[]>('rules')).to.deep.equal([]);
    });
  });
});
