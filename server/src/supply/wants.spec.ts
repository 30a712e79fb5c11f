import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { SaveWant, WantView } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, takeBody } from '../testing/test-server.ts';

describe('what a group wants of a season', () => {
  const group = openedGroup();
  const want = (over: Partial<SaveWant> = {}): SaveWant => ({
    revision: 0,
    name: 'Pot of tips',
    of: [{ plantKey: 'nettle', part: 'tip', gives: null }],
    measure: 'unit',
    madeUnit: '',
    amount: 60,
    weekly: false,
    from: '2026-05-01',
    until: '2026-06-30',
    place: 0,
    ...over,
  });
  const save = (body: SaveWant, id = newId(), who = group.keeper) => group.ask('put', `wants/${id}`, who).send(body);
  const made = async (over: Partial<SaveWant> = {}): Promise<string> => {
    const id = newId();
    await save(want(over), id).expect(204);
    return id;
  };
  const listed = async (who = group.keeper) => group.get<readonly WantView[]>('wants', who);
  const one = async (id: string): Promise<WantView> => (await listed()).find((w) => w.id === id)!;

  afterEach(async () => {
    for (const { id } of await listed()) await group.ask('delete', `wants/${id}`).expect(204);
  });

  it('is kept by whoever picks, seen by whoever watches, and edited by whoever saw it as it is', async () => {
    const [picker, watcher] = [await group.join('picker'), await group.join('watcher')];
    const id = newId();
    await save(want(), id, picker).expect(204);
    expect((await listed(watcher)).map((w) => w.terms)).to.deep.equal([want({ revision: 1 })]);
    await save(want({ revision: 1, amount: 80 }), id).expect(204);
    await save(want({ revision: 1, amount: 90 }), id, picker).expect(409);
    expect((await one(id)).terms).to.include({ amount: 80, revision: 2 });
  });
  it('that was removed is put back as it was, and is nobody’s of another group', async () => {
    const id = await made();
    await group.ask('delete', `wants/${id}`).expect(204);
    expect(await listed()).to.deep.equal([]);
    await group.ask('delete', `wants/${id}`).expect(404);
    await save(want({ revision: 2 }), id).expect(204);
    expect((await one(id)).terms.revision).to.equal(3);
  });
  it('comes in the order of its place', async () => {
    await made({ name: 'second', place: 2 });
    await made({ name: 'first', place: 1 });
    expect((await listed()).map((w) => w.terms.name)).to.deep.equal(['first', 'second']);
  });
  it('is refused where it cannot be, with the field that is wrong', async () => {
    const refused = async (over: Partial<SaveWant>, field: string): Promise<void> => {
      const { body } = await save(want(over)).expect(400);
      expect(body.error.field, JSON.stringify(body)).to.equal(field);
    };
    const tip = want().of[0]!;
    await refused({ until: '2026-04-01' }, 'body.until');
    await refused({ amount: 0 }, 'body.amount');
    await refused({ of: [] }, 'body.of');
    await refused({ of: [tip, tip] }, 'body.of');
    await refused({ of: [{ ...tip, part: 'sap' }] }, 'body.of.0');
    await refused({ measure: 'made', madeUnit: 'litres' }, 'body');
    await refused({ of: [tip, { plantKey: 'birch', part: 'sap', gives: null }] }, 'body.measure');
    await save(want({ of: [{ ...tip, plantKey: 'nothing' }] })).expect(404);
    expect(await listed()).to.deep.equal([]);
  });
  it('says what was taken for it in its days: not before, and not what was eaten on the spot', async () => {
    const place = await group.stand('nettle');
    const id = await made();
    const later = await made({ name: 'More of it', place: 1 });
    await group.tell(
      entryOf(place, 'take', takeBody(7), { day: '2026-04-28' }),
      entryOf(place, 'take', takeBody(5, { eatenOnTheSpot: true })),
      entryOf(place, 'take', takeBody(45)),
      entryOf(place, 'take', takeBody(25)),
    );
    expect(await one(id)).to.include({ taken: 60, stocked: 0 });
    // What the first no longer lacks is the next one’s.
    expect(await one(later)).to.include({ taken: 10 });
  });
  it('by weight and dried is told by what one weighs, and takes off what the larder holds from before', async () => {
    const place = await group.stand('nettle');
    const take = entryOf(place, 'take', takeBody(40), { day: '2026-04-25' });
    const batch = {
      ...{
        name: '',
        parents: [take.id],
        part: 'tip' as const,
        massG: 60,
        out: [],
        washed: true,
        way: 'dry' as const,
        form: 'mesh' as const,
      },
      ...{ acrossCm: null, humidityPct: null, note: '' },
    };
    const jar = entryOf(place, 'batch', batch, { day: '2026-04-25' });
    const stored = { batchId: jar.id, step: 'stored', massG: 12, where: 'shelf' } as const;
    await group.tell(take, jar, entryOf(place, 'batchStep', stored, { day: '2026-04-28' }));
    const id = await made({ measure: 'dried', amount: 50 });
    const shown = await one(id);
    expect(shown.stocked).to.be.closeTo(12, 1e-6);
    const { gives } = shown.of[0]!;
    const fresh = await made({ measure: 'gram', amount: 500 });
    expect((await one(fresh)).stocked, 'what is dry is not fresh').to.equal(0);
    const syrup = entryOf(place, 'batch', { ...batch, way: 'syrup', form: null }, { day: '2026-04-26' });
    await group.tell(syrup);
    expect((await one(fresh)).stocked, 'what was made of it is no more it').to.equal(0);
    const frozen = entryOf(place, 'batch', { ...batch, way: 'freeze', form: null }, { day: '2026-04-26' });
    await group.tell(frozen);
    expect((await one(fresh)).stocked).to.be.closeTo(60, 1e-6);
    expect((await one(fresh)).of[0]!.gives).to.be.above(4 * gives!);
  });
});
