import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { Entry, HearthView, PoisonView, StandView } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import {
  entryOf,
  findBody,
  patchBody,
  person,
  searchBody,
  standOf,
  takeBody,
  TODAY,
  type Person,
} from '../testing/test-server.ts';

/** So many metres east of where stands of these specs grow. */
const eastM = (m: number) => ({
  geometry: {
    type: 'Point' as const,
    coordinates: [-30 + m / (111_320 * Math.cos((46 * Math.PI) / 180)), 46] as const,
  },
});

describe('poison that was seen close by', function () {
  this.timeout(60_000);
  const group = openedGroup();
  let ramsons: { readonly patchId: string; readonly standId: string };
  beforeEach(async () => {
    ramsons = await group.stand('ramsons');
  });
  const view = (): Promise<StandView> => group.get<StandView>(`stands/${ramsons.standId}`);
  const crocus = async () => (await view()).lookAlikes.find((l) => l.plantKey === 'autumn-crocus')!;
  /** What shuts the leaves because something was seen, and where. */
  const lock = async () => {
    const leaf = (await view()).outlooks.find((o) => o.part === 'leaf')!;
    return leaf.allowance.ceilings.find((c) => c.kind === 'lookAlikeSeen')?.values['where'] ?? null;
  };
  async function foundAt(m: number, ...mayBe: string[]): Promise<Entry> {
    const patch = patchBody({ name: 'Find 1', ...eastM(m) });
    await group.ask('post', 'patches').send(patch).expect(200);
    const entry = entryOf({ patchId: patch.id, standId: newId() }, 'find', findBody({ mayBe }), {
      standId: null,
      day: TODAY,
    });
    expect((await group.tell(entry))[0]!.status).to.equal('stored');
    return entry;
  }

  it('on a walk locks the stand as a sighting does: on its page, on the Hearth and for a take', async () => {
    expect(await lock()).to.equal(null);
    await foundAt(40, 'autumn-crocus');
    expect(await lock()).to.equal('near');
    expect(await crocus()).to.include({ search: 'found', where: 'near', since: TODAY });
    const { outlooks } = await group.get<HearthView>('hearth');
    expect(outlooks.filter((o) => o.standId === ramsons.standId).map((o) => o.thorns)).to.deep.equal([
      true,
      true,
      true,
    ]);
    const [take] = await group.tell(entryOf(ramsons, 'take', takeBody(2, { part: 'leaf', plants: 2 })));
    expect(take).to.have.nested.property('take.verdict', 'over');
  });
  it('farther than 50 m, or of no harm to this plant, does not', async () => {
    await foundAt(70, 'autumn-crocus');
    await foundAt(10, 'yew');
    await foundAt(10, 'nettle');
    expect(await lock()).to.equal(null);
  });
  it('may be any of what a find may be, until one of the others stands there as a stand', async () => {
    const entry = await foundAt(20, 'garlic-mustard', 'autumn-crocus');
    expect(await lock()).to.equal('near');
    const stand = { id: newId(), patchId: entry.patchId, plantKey: 'garlic-mustard', where: '', since: null };
    await group
      .ask('post', 'stands')
      .send({ ...stand, restUntil: null })
      .expect(200);
    expect(await lock()).to.equal(null);
  });
  it('that is a stand of its own counts as long as it is gone to', async () => {
    const stand = { id: newId(), patchId: ramsons.patchId, plantKey: 'autumn-crocus', where: '', since: null };
    await group
      .ask('post', 'stands')
      .send({ ...stand, restUntil: null })
      .expect(200);
    expect(await lock()).to.equal('place');
    await group.ask('put', `stands/${stand.id}/retirement`).send({ retired: true, why: 'dug out' }).expect(204);
    expect(await lock()).to.equal(null);
  });
  it('is told on the page of the place, each plant once, to everyone of the group and nobody else', async () => {
    await foundAt(40, 'autumn-crocus', 'hemlock');
    await group.tell(entryOf(ramsons, 'search', searchBody('Hemlock', true, { plantKey: 'hemlock' })));
    const path = `patches/${ramsons.patchId}/poison`;
    const told = await group.get<readonly PoisonView[]>(path, await group.join('watcher'));
    expect(told.map((p) => [p.plantKey, p.where, p.day])).to.have.deep.members([
      ['hemlock', 'place', TODAY],
      ['autumn-crocus', 'near', TODAY],
    ]);
    await group.ask('get', path, await person(group.server)).expect(404);
  });
  it('does not give a secret place away: neither that it lies close by, nor to whoever is not to know where it is', async () => {
    const watcher = await group.join('watcher');
    const secret = await standOf(group.server, group.keeper, group.groupId, 'ramsons', {
      patch: { ...eastM(20), secret: true },
    });
    await foundAt(40, 'autumn-crocus');
    const seen = async (who?: Person) => {
      const stand = await group.get<StandView>(`stands/${secret.standId}`, who);
      return stand.lookAlikes.find((l) => l.plantKey === 'autumn-crocus')!.where;
    };
    expect([await seen(), await seen(watcher)]).to.deep.equal(['place', null]);
    expect(await group.get(`patches/${secret.patchId}/poison`, watcher)).to.deep.equal([]);
    // What was found in the secret place locks the stand beside it all the same, and does not say from where.
    const lily = searchBody('Lily of the valley', true, { plantKey: 'lily-of-the-valley' });
    await group.tell(entryOf({ patchId: secret.patchId, standId: newId() }, 'search', lily, { standId: null }));
    const beside = (await group.get<StandView>(`stands/${ramsons.standId}`, watcher)).lookAlikes;
    expect(beside.find((l) => l.plantKey === 'lily-of-the-valley')).to.include({ search: 'found', where: 'place' });
  });
  it('found at a stand locks its neighbour; withdrawn it does not', async () => {
    const neighbour = await standOf(group.server, group.keeper, group.groupId, 'nettle', { patch: eastM(30) });
    const sighting = entryOf(neighbour, 'search', searchBody('Autumn crocus', true, { plantKey: 'autumn-crocus' }));
    await group.tell(sighting);
    expect(await lock()).to.equal('near');
    await group.tell(entryOf(neighbour, 'withdrawal', { reason: 'was a young flag' }, { replaces: sighting.id }));
    expect(await lock()).to.equal(null);
  });
  it('is no more once the stand itself was searched in vain while it shows', async () => {
    await foundAt(40, 'autumn-crocus');
    await group.tell(entryOf(ramsons, 'search', searchBody('Autumn crocus', false, { plantKey: 'autumn-crocus' })));
    expect(await lock()).to.equal(null);
    expect(await crocus()).to.include({ search: 'absent', where: null });
  });
  it('is not there where the whole place was searched in vain, which counts for all of its stands', async () => {
    const search = searchBody('Lily of the valley', false, { plantKey: 'lily-of-the-valley' });
    await group.tell(entryOf({ patchId: ramsons.patchId, standId: newId() }, 'search', search, { standId: null }));
    const lily = (await view()).lookAlikes.find((l) => l.plantKey === 'lily-of-the-valley')!;
    expect(lily).to.include({ search: 'absent', since: TODAY });
  });
});
