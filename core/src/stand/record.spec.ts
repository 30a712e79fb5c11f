import { expect } from 'chai';
import { counted, entry, on, saidToBe, took } from './made-book.ts';
import { recordOf, recordWith, stillAwaited, tellsOfEdges } from './record.ts';

describe('what the entries of a stand amount to', () => {
  it('is everything that was neither withdrawn nor corrected', () => {
    const wrong = took('2026-05-01', 12, { part: 'tip' });
    const right = { ...took('2026-05-01', 2, { part: 'tip' }), replaces: wrong.id };
    const gone = counted('2026-05-01', 900);
    const { takes, counts } = recordOf([
      wrong,
      right,
      gone,
      entry('withdrawal', '2026-05-02', { reason: '' }, { replaces: gone.id }),
    ]);
    expect(takes.map((t) => [t.id, t.amount])).to.deep.equal([[right.id, 2]]);
    expect(counts).to.deep.equal([]);
  });
  it('takes each kind for what it says, and those that say nothing of the stand for nothing', () => {
    const record = recordOf([
      entry('visit', '2026-05-01', { note: 'x' }),
      entry('note', '2026-05-01', { text: 'x' }),
      entry('provenance', '2026-05-01', { shownBy: 'x', calledThere: '' }),
      entry('stageSighting', '2026-05-01', { stage: 'shoots', reached: true, share: 0.3 }),
      entry('stageSighting', '2026-05-02', { stage: 'seed', reached: true, share: 1, offSeason: true }),
      counted('2026-05-03', 40, { mature: 30, flowering: 12 }),
      entry('census', '2026-05-04', { method: 'eye', eye: 'dozens' }),
      entry('loss', '2026-05-05', { cause: 'grazed', share: 0.25, note: '' }),
      entry('measurement', '2026-05-06', { part: 'tip', lengthsCm: [12, 14] }),
      entry('search', '2026-05-07', { lookedFor: 'Yew', plantKey: null, found: false, stage: '', deadly: true }),
      saidToBe('provisional', '2026-05-08', 'mirel'),
      entry('ground', '2026-05-09', { frozen: true }),
      took('2026-05-10', 3, { part: 'root', plants: 3, killed: 2, quality: 'good' }),
    ]);
    expect(record.sightings).to.deep.equal([{ stage: 'shoots', day: on('2026-05-01'), reached: true, share: 0.3 }]);
    expect(record.counts[0]).to.deep.include({ day: on('2026-05-03'), method: 'complete', by: 'Ode' });
    expect(record.counts[0]!.mature!.value).to.equal(30);
    expect(record.counts[0]!.flowering!.value).to.equal(12);
    expect(record.losses).to.deep.equal([{ day: on('2026-05-05'), share: 0.25, cause: 'grazed' }]);
    expect(record.measured).to.deep.equal([{ day: on('2026-05-06'), part: 'tip', lengthsCm: [12, 14] }]);
    expect(record.searches).to.deep.equal([
      { day: on('2026-05-07'), lookedFor: 'Yew', plantKey: null, found: false, deadly: true },
    ]);
    expect(record.identities.map((i) => [i.status, i.byId, i.day])).to.deep.equal([
      ['provisional', 'mirel', on('2026-05-08')],
    ]);
    // A root that was dug says that the ground could be; a tip says nothing of it.
    expect(record.ground).to.deep.equal([
      { day: on('2026-05-09'), frozen: true },
      { day: on('2026-05-10'), frozen: false },
    ]);
    expect(recordOf([took('2026-05-10', 3, { part: 'tip' })]).ground).to.deep.equal([]);
    expect(record.takes[0]).to.include({ plants: 3, killed: 2, quality: 'good', wasteShare: null });
  });
  it('leaves out what cannot be read, names it, and keeps the rest', () => {
    const bad = [
      took('0026-05-01', 4, { part: 'tip' }),
      took('2026-02-30', 4, { part: 'tip' }),
      took('1899-12-31', 4, { part: 'tip' }),
    ];
    const record = recordOf([...bad, took('1900-01-01', 5, { part: 'tip' })]);
    expect(record.unreadable).to.deep.equal(bad.map((b) => b.id));
    expect(record.takes.map((t) => t.amount)).to.deep.equal([5]);
    // Anything else that goes wrong is no bad row.
    expect(() => recordOf([entry('census', '2026-05-01', null as never)])).to.throw(TypeError);
  });
  it('knows a cut: half of the stand mown, or half of what was counted by then taken from on one day', () => {
    const cuts = (...entries: Parameters<typeof recordOf>[0]) =>
      recordOf(entries).cuts.map((c) => [c.day - on('2026-05-01'), c.part]);
    const lost = (cause: 'mown' | 'grazed', share: number) => entry('loss', '2026-05-03', { cause, share, note: '' });
    expect(cuts(lost('mown', 0.5))).to.deep.equal([[2, null]]);
    expect(cuts(lost('mown', 0.49))).to.deep.equal([]);
    expect(cuts(lost('grazed', 1))).to.deep.equal([]);
    const count = counted('2026-05-01', 10);
    expect(cuts(count, took('2026-05-02', 9, { part: 'tip', plants: 5 }))).to.deep.equal([[1, 'tip']]);
    expect(cuts(count, took('2026-05-02', 9, { part: 'tip', plants: 4 }))).to.deep.equal([]);
    // Two baskets of one day are one cut; of two days, or of two parts, none.
    const basket = (day: string, part: 'tip' | 'seed' = 'tip') => took(day, 9, { part, plants: 3 });
    expect(cuts(count, basket('2026-05-02'), basket('2026-05-02'))).to.deep.equal([[1, 'tip']]);
    expect(cuts(count, basket('2026-05-02'), basket('2026-05-03'))).to.deep.equal([]);
    expect(cuts(count, basket('2026-05-02'), basket('2026-05-02', 'seed'))).to.deep.equal([]);
    // Counted later, or nobody said from how many: no cut.
    expect(cuts(counted('2026-05-03', 10), took('2026-05-02', 9, { part: 'tip', plants: 9 }))).to.deep.equal([]);
    expect(cuts(counted('2026-05-01', 0), took('2026-05-02', 9, { part: 'tip' }))).to.deep.equal([]);
    expect(cuts(count, lost('mown', 0.9), took('2026-05-02', 9, { part: 'tip', plants: 9 }))).to.deep.equal([
      [1, 'tip'],
      [2, null],
    ]);
  });
  it('has a text that moves with what moves its windows, and stays with what does not', () => {
    const key = (...entries: Parameters<typeof recordOf>[0]) => recordOf(entries).windowsKey;
    const tip = (over: object) => took('2026-05-02', 4, { part: 'tip', ...over });
    expect(key()).to.equal('');
    for (const quiet of [tip({}), tip({ quality: 'good' }), tip({ quality: 'eaten' }), counted('2026-05-01', 4)])
      expect(key(quiet)).to.equal('');
    const telling = [
      tip({ quality: 'young' }),
      tip({ quality: 'tough' }),
      tip({ quality: 'good', wasteShare: 0 }),
      tip({ wasteShare: 0.5 }),
      entry('measurement', '2026-05-02', { part: 'tip', lengthsCm: [4] }),
      entry('measurement', '2026-05-02', { part: 'tip', lengthsCm: [5] }),
      entry('measurement', '2026-05-03', { part: 'tip', lengthsCm: [4] }),
      entry('loss', '2026-05-02', { cause: 'mown', share: 1, note: '' }),
    ];
    const keys = telling.map((t) => key(t));
    expect(new Set([...keys, '']).size).to.equal(telling.length + 1);
    expect(key(telling[0]!, telling[1]!)).to.equal(`${keys[0]} ${keys[1]}`);
  });
  it('knows which takes tell of a window’s edges', () => {
    const tells = (quality: 'young' | 'tough' | 'good' | 'eaten' | 'dirty' | null, wasteShare: number | null = null) =>
      tellsOfEdges({ quality, wasteShare });
    expect((['young', 'tough', 'good', 'eaten', 'dirty', null] as const).map((q) => tells(q))).to.deep.equal([
      true,
      true,
      false,
      false,
      false,
      false,
    ]);
    expect([tells('good', 0), tells(null, 0.2)]).to.deep.equal([true, true]);
  });
  it('waits for a result until an identity names its sign, from the day that it was awaited', () => {
    const awaited = entry('awaited', '2026-05-05', { sign: 'print', due: '2026-05-06', note: 'in the shed' });
    const named = (day: string, sign = 'print') =>
      entry('identity', day, {
        status: 'provisional',
        phase: null,
        seen: [{ sign, state: 'white', present: true }],
        leftOpen: [],
        signs: [],
        note: '',
      });
    const open = (day: string, ...more: Parameters<typeof recordOf>[0]) =>
      stillAwaited(recordOf([awaited, ...more]), on(day)).map((a) => a.due - on('2026-05-06'));
    expect(open('2026-05-04')).to.deep.equal([]);
    expect(open('2026-05-05')).to.deep.equal([0]);
    expect(open('2026-06-01', named('2026-05-04'))).to.deep.equal([0]);
    expect(open('2026-06-01', named('2026-05-05'))).to.deep.equal([]);
    expect(open('2026-06-01', named('2026-05-07', 'smell'))).to.deep.equal([0]);
    expect(open('2026-05-06', named('2026-05-07'))).to.deep.equal([0]);
    expect(open('2026-05-07', named('2026-05-07'))).to.deep.equal([]);
  });
});

describe('a record with entries that came later', () => {
  it('is the record of all of them, but for what is gone without an id', () => {
    const taken = took('2026-05-03', 4, { part: 'leaf', plants: 4 });
    const before = [counted('2026-05-01', 6), taken];
    const later = [
      entry('stageSighting', '2026-05-02', { stage: 'leaf', reached: true, share: null }),
      { ...took('2026-05-04', 4, { part: 'leaf', plants: 4 }), replaces: taken.id },
      took('2026-05-05', 4, { part: 'leaf', plants: 4 }),
    ];
    const all = recordOf([...before, ...later]);
    expect(all.cuts.length).to.equal(2);
    expect(recordWith(recordOf(before), later)).to.deep.equal(all);
    const record = recordOf(before);
    expect(recordWith(record, [])).to.equal(record);
    // Stored, and the answer was lost: what still waits is in what was read.
    expect(recordWith(all, later)).to.deep.equal(all);
  });
});
