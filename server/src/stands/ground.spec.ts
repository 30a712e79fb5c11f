import { expect } from 'chai';
import type { HearthView, StandView } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { v7 as newId } from 'uuid';
import { openedGroup } from '../testing/opened-group.ts';
import { as, entryOf, takeBody, TODAY } from '../testing/test-server.ts';

describe('the ground of a stand', () => {
  const group = openedGroup();
  const { get } = group;
  const root = async (standId: string, day = TODAY) =>
    (await get<StandView>(`stands/${standId}?day=${day}`)).outlooks.find((o) => o.part === 'root')!;
  const barred = ({ allowance }: Awaited<ReturnType<typeof root>>) =>
    allowance.ceilings.find((c) => c.kind === 'frozen') ?? null;

  it('bars what is dug while somebody found it frozen, and nothing else', async () => {
    const place = await group.stand('nettle');
    const burdock = await group.stand('burdock');
    for (const p of [place, burdock]) await group.tellAll([entryOf(p, 'ground', { frozen: true })]);
    expect(barred(await root(burdock.standId))).to.include({ bars: true, source: 'stand' });
    const { outlooks } = await get<StandView>(`stands/${place.standId}`);
    expect(outlooks.flatMap((o) => o.allowance.ceilings).some((c) => c.kind === 'frozen')).to.equal(false);
  });
  it('is open again once somebody digs it, and a take is not held against whoever did', async () => {
    const place = await group.stand('dandelion', { since: 2020 });
    await group.tellAll([
      entryOf(place, 'census', { method: 'complete', plants: 40, mature: 40, flowering: null }),
      entryOf(place, 'ground', { frozen: true }, { day: '2026-05-14' }),
    ]);
    expect(barred(await root(place.standId))).not.to.equal(null);
    const [result] = await group.tellAll([entryOf(place, 'take', takeBody(1, { part: 'root', plants: 1 }))]);
    expect(result).to.have.nested.property('take.verdict', 'within');
    expect(barred(await root(place.standId))).to.equal(null);
  });
  it('is foreseen from the weather: frozen in winter, with the day it opens and the last day before', async () => {
    const stationId = newId();
    await group
      .ask('post', 'stations')
      .send({ id: stationId, name: 'High moor', latitudeDeg: 46, longitudeDeg: -30, heightM: 60 })
      .expect(200);
    const lines = ['day,min,max'];
    for (let d = dayNumber('2019-01-01'); d <= dayNumber(TODAY); d++) {
      const md = isoDay(d).slice(5);
      const mean = md >= '12-01' || md <= '02-20' ? -6 : 9;
      lines.push(`${isoDay(d)},${mean - 3},${mean + 3}`);
    }
    const imports = `/api/groups/${group.groupId}/stations/${stationId}/imports/${newId()}?fileName=moor.csv`;
    const { body } = await as(group.server, group.keeper, 'post', imports)
      .set('content-type', 'text/csv')
      .send(lines.join('\n'))
      .expect(200);
    await group.ask('post', `imports/${(body as { id: string }).id}/store`).expect(200);
    const { standId } = await group.stand('burdock');
    const winter = barred(await root(standId, '2026-12-24'))!;
    expect(winter.values['until']).to.match(/^2027-02-2/);
    const before = await root(standId, '2026-11-10');
    expect(barred(before)).to.equal(null);
    expect(before.frozenFrom).to.match(/^2026-12-0/);
    const { conditions } = await get<HearthView>('hearth?day=2026-12-24');
    expect(conditions.ground).to.include({ frozen: true });
  });
  it('is not known without weather and without a word', async () => {
    const { standId } = await group.stand('burdock');
    expect((await root(standId)).frozenFrom).to.equal(null);
    expect((await get<HearthView>('hearth')).conditions.ground).to.equal(null);
  });
});
