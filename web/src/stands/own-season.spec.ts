import { expect } from 'chai';
import type { Entry, StandKit, StandView } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { packBook, recordOf, type Book, type RecordEntry, type SharedPermit } from '@emberfield/core/stand';
import { drawnAt, notedIn, ownAnswer, waitingAt, withOwnAnswer } from './own-season.ts';

const figure = (value: number, spread: number) => ({
  value,
  low: value - spread,
  high: value + spread,
  source: 'estimate',
});
const profile = {
  key: 'made-up',
  seasonStart: '01-01',
  habit: 'herb',
  reference: { latitudeDeg: 46, heightM: 0, place: { en: 'here' } },
  stages: [
    {
      key: 'leaf',
      name: { en: 'leaf' },
      bbch: 1,
      calendar: figure(130, 12),
      model: { kind: 'calendar', direction: 'spring' },
    },
    {
      key: 'flower',
      name: { en: 'flower' },
      bbch: 6,
      calendar: figure(165, 10),
      model: { kind: 'calendar', direction: 'spring' },
    },
  ],
  parts: [
    {
      key: 'leaf',
      name: { en: 'leaf' },
      unit: 'leaf',
      perPlant: figure(8, 2),
      massG: null,
      kills: false,
      costsSeed: false,
      spends: [],
    },
  ],
  windows: [
    {
      part: 'leaf',
      use: 'fresh',
      opens: { stage: 'leaf', offsetDays: 0 },
      closes: { stage: 'flower', offsetDays: 0 },
      peakShare: 0.3,
      sizeLimit: null,
    },
  ],
  ceilings: [{ parts: null, rule: { kind: 'perPlantCap', perPlant: 2 } }],
  lookAlikes: [],
} as unknown as Book['profile'];
const census = {
  id: 'c',
  kind: 'census',
  day: '2026-04-20',
  replaces: null,
  body: { method: 'complete', plants: 10, mature: null, flowering: null },
  by: 'Ode',
  byId: 'o',
} as const;
const kit: StandKit = {
  who: 'ode',
  clearance: 'none',
  book: packBook({
    stand: { id: 's', identity: 'confirmed', madeBy: 'o', sinceYear: null, restUntil: null },
    profile,
    plantRevision: 0,
    kin: new Map(),
    place: {
      latitudeDeg: 46,
      longitudeDeg: -30,
      heightM: 0,
      facts: {
        aspect: 'flat',
        slopeDeg: 0,
        canopy: 'open',
        leave: 'notNeeded',
        leaveUntil: null,
        leaveDays: null,
        hazards: [],
      },
    },
    record: recordOf([census]),
    nearby: [],
    rules: [],
    permits: [],
    weather: null,
    thermometer: null,
    learned: { clocks: () => undefined },
    shore: null,
    today: dayNumber('2026-05-01'),
  }),
};
const nothing: readonly RecordEntry[] = [];
const visit = { day: '', share: null, offSeason: false, stages: {} as Record<string, 'reached' | 'notYet'> };
const seen = notedIn({ ...visit, stages: { leaf: 'reached' } }, '2026-05-03');

describe('a stand on the device', () => {
  it('counts what stands in the visit', () => {
    const [plain, own] = [ownAnswer(kit, nothing, '2026-05-03'), ownAnswer(kit, seen, '2026-05-03')];
    expect(plain.season.stages[0]!.reached.p50! > '2026-05-03').to.equal(true);
    expect(own.season.stages[0]!.reached.p50! <= '2026-05-03').to.equal(true);
    expect(own.season.stages[0]!.seenBy).to.equal('2026-05-03');
    expect(own.outlooks[0]!.readiness.state).to.equal('glowing');
    expect(own.outlooks[0]!.opens.p50! < plain.outlooks[0]!.opens.p50!).to.equal(true);
  });
  it('counts takes that wait to be sent against what is left, but not those of another stand nor what was taken back', () => {
    const entry = (id: string, over: Partial<Entry> = {}): Entry =>
      ({
        id,
        kind: 'take',
        standId: 's',
        day: '2026-05-03',
        replaces: null,
        body: { part: 'leaf', amount: 6, measure: 'unit', plants: 3, killed: null, quality: null },
        ...over,
      }) as Entry;
    const left = (...entries: readonly Entry[]) =>
      ownAnswer(kit, [...seen, ...waitingAt(entries, 's')], '2026-05-03').outlooks[0]!.allowance.amountLeft!;
    expect(left() - left(entry('t'))).to.equal(6);
    expect(left() - left(entry('t', { standId: 'another' }))).to.equal(0);
    const back = entry('w', { kind: 'withdrawal', replaces: 't', body: { reason: '' } });
    expect(left() - left(entry('t'), back)).to.equal(0);
  });
  it('counts takes that wait at stands which share a permit, not those of others, nor what was taken back', () => {
    const entry = (id: string, over: Partial<Entry> = {}): Entry =>
      ({
        ...{ id, kind: 'take', standId: 'b', day: '2026-05-03', replaces: null },
        body: { part: 'leaf', amount: 6, measure: 'unit' },
        ...over,
      }) as Entry;
    const permits: Readonly<Record<string, readonly string[]>> = { b: ['p'], c: [] };
    const drawn = (...entries: readonly Entry[]) => drawnAt(entries, 's', (id) => permits[id] ?? null).length;
    expect(drawn(entry('t'), entry('u'))).to.equal(2);
    for (const standId of ['s', 'c', 'unknown', null])
      expect(drawn(entry('t', { standId })), String(standId)).to.equal(0);
    expect(drawn(entry('t'), entry('w', { kind: 'withdrawal', replaces: 't', body: { reason: '' } }))).to.equal(0);
    const shared: SharedPermit = {
      ...{ id: 'p', name: '', amount: 10, from: '2026-01-01', until: '2026-12-31', elsewhere: [], asideElsewhere: [] },
      kind: 'own',
      part: 'leaf',
      measure: 'unit',
    };
    const book = { ...kit.book, permits: [shared] };
    const left = (...entries: readonly Entry[]) =>
      ownAnswer(
        { ...kit, book },
        seen,
        '2026-05-03',
        drawnAt(entries, 's', () => ['p']),
      ).outlooks[0]!.allowance;
    expect(left().amountLeft).to.equal(10);
    expect(left(entry('t')).amountLeft).to.equal(4);
  });
  it('takes the visit’s own day and share, and a flush out of season for none', () => {
    const noted = notedIn(
      { ...visit, day: '2026-04-30', share: 0.25, stages: { leaf: 'reached', flower: 'notYet' } },
      '2026-05-03',
    );
    expect(noted.map(({ day, body }) => ({ day, ...body }))).to.deep.equal([
      { stage: 'leaf', day: '2026-04-30', reached: true, share: 0.25 },
      { stage: 'flower', day: '2026-04-30', reached: false, share: null },
    ]);
    expect(notedIn({ ...visit, offSeason: true, stages: { leaf: 'reached' } }, '2026-05-03')).to.deep.equal([]);
  });
  it('takes the place of what was read of the same season', () => {
    const stand = { outlooks: [], ladder: { season: { season: 2026, stages: [] }, past: [] } } as unknown as StandView;
    const own = ownAnswer(kit, seen, '2026-05-03');
    const shown = withOwnAnswer(stand, own);
    expect(shown.outlooks).to.equal(own.outlooks);
    expect(shown.ladder.season).to.equal(own.season);
  });
});
