import { expect } from 'chai';
import type { YearStand, YearView } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { emptyGroup, entryOf, person, takeBody } from '../testing/test-server.ts';

describe('the year', () => {
  const group = openedGroup();
  const year = async (query = '', who = group.keeper): Promise<YearView> =>
    (await group.ask('get', `year${query}`, who).expect(200)).body as YearView;
  const rowsOf = ({ stands: [stand] }: YearView, part: string) =>
    (stand as YearStand).rows.filter((r) => r.part === part);

  it('of an empty group is empty', async () =>
    expect(await year()).to.deep.equal({ year: 2026, day: '2026-05-15', stands: [] }));
  it('has a row for every window, with what touches the year', async () => {
    await group.stand('elder');
    const view = await year();
    const [flowers] = rowsOf(view, 'flower');
    expect(flowers!.windows).to.have.length(1);
    const [{ opens, closes }] = flowers!.windows as [YearStand['rows'][number]['windows'][number]];
    expect(opens.p50).to.match(/^2026-0[456]/);
    expect(closes.p50! > opens.p50!).to.equal(true);
    expect(opens.p10! < opens.p90!).to.equal(true);
    expect(flowers!.past).to.deep.equal([]);
  });
  it('shows a winter window at both ends of the year', async () => {
    await group.stand('velvet-shank');
    const [fruit] = rowsOf(await year(), 'fruitBody');
    const opens = fruit!.windows.map((w) => w.opens.p50!.slice(0, 4));
    expect(opens).to.deep.equal(['2025', '2026']);
  });
  it('lays years before under it, as many as asked', async () => {
    await group.stand('elder');
    const [flowers] = rowsOf(await year('?past=2'), 'flower');
    expect(flowers!.past.map((p) => [p.year, p.windows[0]!.opens.p50!.slice(0, 4)])).to.deep.equal([
      [2025, '2025'],
      [2024, '2024'],
    ]);
    for (const past of ['4', '-1', '1.5', 'x']) await group.ask('get', `year?past=${past}`).expect(400);
  });
  it('marks what was taken at its part and what was seen at the window that hangs on it, up to the day looked at', async () => {
    const place = await group.stand('elder');
    await group.tellAll([
      entryOf(place, 'stageSighting', { stage: 'firstFlowers', reached: true, share: null }, { day: '2026-05-14' }),
      entryOf(place, 'take', takeBody(7, { part: 'flower' }), { day: '2026-05-15' }),
      entryOf(place, 'take', takeBody(9, { part: 'flower' }), { day: '2025-06-15' }),
    ]);
    const view = await year();
    expect(rowsOf(view, 'flower').flatMap((r) => r.marks.map((m) => [m.kind, m.day]))).to.deep.equal([
      ['seen', '2026-05-14'],
      ['taken', '2026-05-15'],
    ]);
    expect(rowsOf(view, 'fruit').flatMap((r) => r.marks)).to.deep.equal([]);
    expect(rowsOf(await year('?day=2026-05-14'), 'flower').flatMap((r) => r.marks)).to.have.length(1);
    expect(rowsOf(await year('?day=2025-08-01'), 'flower').flatMap((r) => r.marks.map((m) => m.day))).to.deep.equal([
      '2025-06-15',
    ]);
  });
  it('is for everyone of the group', async () => {
    await group.stand('elder');
    const watcher = await group.join('watcher');
    expect(await year('', watcher)).to.deep.equal(await year());
    const stranger = await person(group.server, [[await emptyGroup(group.server), 'keeper']]);
    await group.ask('get', 'year', stranger).expect(404);
  });
});
