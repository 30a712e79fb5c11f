import { expect } from 'chai';
import { lastCut, movedEdges, partsOf, shiftsOf, type StageDays } from './edges.ts';
import { bookOf, counted, entry, evenWeather, on, profileOf, took } from './made-book.ts';

/** Hand high on 20 April and in flower on 20 June of each year: tips from 14 April to 14 June. */
const stageDays: StageDays = (season) =>
  new Map([
    ['handHigh', on(`${season}-04-20`)],
    ['flowering', on(`${season}-06-20`)],
  ]);
const tip = (day: string, over: object = {}) => took(day, 4, { part: 'tip', plants: 1, ...over });
const nettle = (
  entries: Parameters<typeof bookOf>[1] extends infer _ ? ReturnType<typeof took>[] : never,
  over: object = {},
) => bookOf('nettle', { entries, book: over });
const shifts = (...entries: ReturnType<typeof took>[]) => shiftsOf(nettle(entries), 0, stageDays);
const still = { opens: { meanDays: 0, sdDays: 0 }, closes: { meanDays: 0, sdDays: 0 } };

describe('the edges of a stand’s windows', () => {
  it('stay where their stages say while no take tells of them', () => {
    expect(shifts()).to.deep.equal(still);
    expect(shifts(tip('2026-05-02', { quality: 'good' }))).to.deep.equal(still);
    expect(shifts(tip('2026-05-02', { quality: 'tough', part: 'seed' }))).to.deep.equal(still);
  });
  it('close earlier where it was tough early, and open later where it was young late', () => {
    const tough = shifts(tip('2026-05-10', { quality: 'tough' }));
    expect(tough.closes.meanDays).to.be.below(-3);
    const young = shifts(tip('2026-05-05', { quality: 'young' }));
    expect(young.opens.meanDays).to.be.above(2);
    // Waste says how far it had closed: the more, the earlier.
    const waste = (wasteShare: number) => shifts(tip('2026-05-10', { quality: 'good', wasteShare })).closes.meanDays;
    expect(waste(0.8)).to.be.below(waste(0.3));
    // Young stuff that was thrown away was not too old.
    expect(shifts(tip('2026-05-05', { quality: 'young', wasteShare: 0.9 }))).to.deep.equal(young);
  });
  it('hear of good takes too once one of the season tells, and not of eaten or dirty ones', () => {
    const tough = tip('2026-05-10', { quality: 'tough' });
    const alone = shifts(tough);
    expect(shifts(tough, tip('2026-05-12', { quality: 'good' })).closes.meanDays).to.be.above(alone.closes.meanDays);
    for (const quality of ['eaten', 'dirty', null])
      expect(shifts(tough, tip('2026-05-12', { quality }))).to.deep.equal(alone);
  });
  it('hear nothing of days far off the window, of tomorrow, of seasons long ago, or where a stage has no day', () => {
    const tough = tip('2026-05-10', { quality: 'tough' });
    const alone = shifts(tough);
    // 45 days beyond the closing is as far as a take is of the window.
    expect(shifts(tough, tip('2025-07-29', { quality: 'tough' }))).not.to.deep.equal(alone);
    expect(shifts(tough, tip('2025-07-30', { quality: 'tough' }))).to.deep.equal(alone);
    expect(shifts(tough, tip('2025-02-28', { quality: 'young' }))).not.to.deep.equal(alone);
    expect(shifts(tough, tip('2025-02-27', { quality: 'young' }))).to.deep.equal(alone);
    expect(shifts(tough, tip('2026-05-16', { quality: 'tough' }))).to.deep.equal(alone);
    const six = [2020, 2021, 2022, 2023, 2024, 2025].map((y) => tip(`${y}-05-10`, { quality: 'tough' }));
    expect(shifts(tip('2019-05-10', { quality: 'young' }), ...six)).to.deep.equal(shifts(...six));
    const no = shiftsOf(
      nettle([tough]),
      0,
      () =>
        new Map([
          ['handHigh', null],
          ['flowering', on('2026-06-20')],
        ]),
    );
    expect(no).to.deep.equal(still);
  });
  it('are as they were reckoned elsewhere, where they were', () => {
    const known = { opens: { meanDays: 1, sdDays: 2 }, closes: { meanDays: 3, sdDays: 4 } };
    const book = nettle([], { learned: { clocks: () => undefined, shifts: [known] } });
    expect(shiftsOf(book, 0, stageDays)).to.equal(known);
    expect(shiftsOf(book, 1, stageDays)).to.deep.equal(still);
  });
  it('are told with the newest word that moved them so, by whole days', () => {
    const moved = (...entries: ReturnType<typeof took>[]) => movedEdges(nettle(entries), stageDays);
    expect(moved()).to.deep.equal([]);
    const tough = [tip('2025-05-10', { quality: 'tough' }), tip('2026-05-08', { quality: 'good', wasteShare: 0.6 })];
    const [first, ...others] = moved(...tough, tip('2026-05-12', { quality: 'good' }));
    expect(first).to.deep.include({ part: 'tip', use: 'cooked', edge: 'closes', said: 'tough', day: on('2026-05-08') });
    expect(first!.days).to.equal(Math.round(shifts(...tough, tip('2026-05-12', { quality: 'good' })).closes.meanDays));
    expect(others).to.deep.equal([]);
    // Too far off the window to say anything of it, it moved nothing and is not named.
    const off = moved(tip('2025-05-10', { quality: 'tough' }), tip('2025-07-30', { quality: 'tough' }));
    expect(off.map((m) => m.day)).to.deep.equal([on('2025-05-10')]);
    const late = moved(tip('2026-05-05', { quality: 'young' }));
    expect(late.map((m) => [m.edge, m.said, Math.sign(m.days)])).to.deep.include(['opens', 'young', 1]);
  });
});

describe('cuts and lengths of a stand', () => {
  const mown = (day: string) => entry('loss', day, { cause: 'mown', share: 0.9, note: '' });
  const cut = (day: string, ...entries: ReturnType<typeof took>[]) =>
    lastCut(nettle(entries, { today: on(day) }), { key: 'tip' }, 2026);
  it('name the last day of the season on which the part was cut off, by the day of knowledge', () => {
    const both = [mown('2026-05-01'), mown('2026-06-10'), mown('2025-06-10')];
    expect(cut('2026-04-30', ...both)).to.equal(undefined);
    expect(cut('2026-05-01', ...both)).to.equal(on('2026-05-01'));
    expect(cut('2026-07-01', ...both)).to.equal(on('2026-06-10'));
    const taken = [counted('2026-04-01', 10), took('2026-05-03', 40, { part: 'tip', plants: 9 })];
    expect(cut('2026-07-01', ...taken)).to.equal(on('2026-05-03'));
    expect(lastCut(nettle(taken), { key: 'seed' }, 2026)).to.equal(undefined);
    // What was mown is cut for every part.
    expect(lastCut(nettle([mown('2026-05-01')]), { key: 'seed' }, 2026)).to.equal(on('2026-05-01'));
  });
  it('are handed to the forecast part by part: a cut only where it comes again, lengths only with weather to grow by', () => {
    const of = (season: number, book = nettle([mown('2026-05-01')])) =>
      partsOf(book, season).map((p) => [p.part, p.cut?.day, p.measured !== null]);
    expect(of(2026)).to.deep.equal([['tip', on('2026-05-01'), false]]);
    expect(of(2025)).to.deep.equal([]);
    expect(of(2026, bookOf('elder', { entries: [mown('2026-05-01')] }))).to.deep.equal([]);
    const weather = evenWeather();
    const long = entry('measurement', '2026-05-10', { part: 'tip', lengthsCm: [20, 24] });
    expect(of(2026, nettle([long], { weather }))).to.deep.equal([['tip', undefined, true]]);
    expect(of(2026, nettle([long]))).to.deep.equal([]);
    const [grown] = partsOf(nettle([long], { weather }), 2026);
    const spec = profileOf('nettle').windows[0]!;
    expect(grown!.measured!.lengthsCm).to.deep.equal([spec.opens.lengthCm, spec.closes.lengthCm]);
  });
});
