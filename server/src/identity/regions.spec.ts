import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import type { EntryResult, IdentityTable, PlantListItem } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, identityBody, searchBody, signsOf } from '../testing/test-server.ts';

describe('a group that says where it gathers', () => {
  const group = openedGroup();
  const gatherIn = (...regions: string[]) =>
    group.ask('put', '').send({ name: 'Hill people', zone: 'UTC', units: 'metric', regions });
  const plants = () => group.get<PlantListItem[]>('plants');
  const elsewhere = async (key: string): Promise<boolean> =>
    (await group.get<IdentityTable>('signs')).plants.find((p) => p.key === key)!.elsewhere;

  it('sees what grows there first, as it does there, and nothing is left out', async () => {
    expect((await plants()).every((p) => p.here)).to.equal(true);
    await gatherIn('easternAmerica').expect(200);
    const list = await plants();
    expect(list).to.have.length(CATALOGUE.length);
    const last = list.findLastIndex((p) => p.here);
    expect(list.slice(0, last + 1).every((p) => p.here)).to.equal(true);
    expect(list.find((p) => p.key === 'wild-leek')).to.include({ here: true, status: 'slow' });
    expect(list.find((p) => p.key === 'garlic-mustard')).to.include({ here: true, status: 'invasive' });
    expect(list.find((p) => p.key === 'ramsons')).to.include({ here: false });
  });
  it('refuses a region that there is not, and the same one a hundred times', async () => {
    await gatherIn('atlantis').expect(400);
    await gatherIn(...Array<string>(100).fill('prairie')).expect(400);
  });
  it('holds less against what is not known from there, until somebody notes it', async () => {
    expect(await elsewhere('savin')).to.equal(false);
    await gatherIn('westernAmerica').expect(200);
    expect(await elsewhere('savin')).to.equal(true);
    const place = await group.stand('nettle');
    const found = entryOf(place, 'search', searchBody('Savin', true, { plantKey: 'savin' }));
    expect((await group.tell(found))[0]!.status).to.equal('stored');
    expect(await elsewhere('savin')).to.equal(false);
  });
  it('has here what it wrote or brought in itself, whatever a file says of where it grows', async () => {
    await gatherIn('westernAmerica').expect(200);
    const savin = CATALOGUE.find((p) => p.key === 'savin')!;
    for (const regions of [{ mediterranean: 'common' }, {}] as const) {
      const key = `our-savin-${Object.keys(regions).length}`;
      const profile = { ...savin, key, regions };
      await group
        .ask('put', `plants/${key}`)
        .send({ copiedFrom: 'savin', baseRevision: 0, profile, note: '' })
        .expect(200);
      expect(await elsewhere(key)).to.equal(false);
      expect((await plants()).find((p) => p.key === key)).to.include({ here: true });
    }
  });
  it('may confirm what only a plant of elsewhere stands against, by the same rule on the server', async () => {
    const place = await group.stand('juniper', { identity: 'unconfirmed' });
    const seen = signsOf('juniper');
    const confirm = async (): Promise<EntryResult> =>
      (await group.tell(entryOf(place, 'identity', identityBody('confirmed', { phase: 'leaf', seen }))))[0]!;
    expect(await confirm()).to.include({ status: 'needsAttention', code: 'dangerousOpen' });
    await gatherIn('westernAmerica').expect(200);
    expect((await confirm()).status).to.equal('stored');
  });
});
