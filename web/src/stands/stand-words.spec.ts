import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import type { EntryBodies, EntryKind, EntryView, StandView } from '@emberfield/contract';
import { createWords } from '@emberfield/words';
import { sayEntry } from './say-entry.ts';
import { seasonRows } from './season-rows.ts';

const elder = CATALOGUE.find((p) => p.key === 'elder')!;
const words = createWords('en');
const entry = <K extends EntryKind>(kind: K, body: EntryBodies[K], over: Partial<EntryView> = {}) =>
  ({ id: 'x', kind, body, day: '2026-05-15', standing: 'valid', take: null, ...over }) as EntryView;
const take = (amount: number, over: Partial<EntryBodies['take']> = {}): EntryBodies['take'] => ({
  part: 'flower',
  amount,
  measure: 'unit',
  plants: null,
  killed: null,
  quality: null,
  eatenOnTheSpot: false,
  overReason: '',
  ...over,
});

describe('a line of the record', () => {
  const said: readonly (readonly [EntryView, string])[] = [
    [entry('stageSighting', { stage: 'buds', reached: true, share: 0.5 }), 'flower buds tight: reached · 50 %'],
    [entry('stageSighting', { stage: 'ripe', reached: false, share: null }), 'berries black: not yet'],
    [entry('census', { method: 'complete', plants: 9, mature: null, flowering: null }), '9 plants · every plant'],
    [entry('census', { method: 'eye', eye: 'dozens' }), 'by eye · dozens'],
    [
      entry('take', take(12, { plants: 3, quality: 'good', eatenOnTheSpot: true })),
      'flower heads · 12 heads · 3 plants · good · eaten on the spot',
    ],
    [entry('take', take(400, { measure: 'gram' })), 'flower heads · 400 g'],
    [entry('wish', { part: 'flower', fromCm: 10, toCm: 25 }), 'flower heads · wanted 10 cm to 25 cm'],
    [entry('loss', { cause: 'mown', share: 0.3, note: 'the verge' }), 'Lost to others · mown · 30 % · the verge'],
    [
      entry('search', { lookedFor: 'Dwarf elder', plantKey: null, found: false, stage: '', deadly: false }),
      'Looked for · Dwarf elder · not found',
    ],
    [entry('provenance', { shownBy: 'Ode', calledThere: 'bore tree' }), 'Who showed the place · Ode · bore tree'],
    [
      entry('identity', { status: 'confirmed', phase: null, seen: [], leftOpen: [], signs: ['warty twigs'], note: '' }),
      'Identity · confirmed · warty twigs',
    ],
    [entry('note', { text: 'wet' }), 'wet'],
  ];
  for (const [of, text] of said) it(`says ${text}`, () => expect(sayEntry(of, elder, words)).to.equal(text));
  it('says a part or stage that the plant no longer has by its key, not nothing', () => {
    expect(sayEntry(entry('stageSighting', { stage: 'gone', reached: true, share: null }), elder, words)).to.equal(
      'gone: reached',
    );
    expect(sayEntry(entry('take', take(1, { part: 'sap' })), elder, words)).to.include('sap');
  });
});

describe('season by season', () => {
  const reached = (day: string) => ({ p10: day, p50: day, p90: day });
  const season = (s: number) => ({
    season: s,
    stages: elder.stages.map((x) => ({ key: x.key, reached: reached(`${s}-05-24`), seenAfter: null, seenBy: null })),
  });
  const taken = (day: string, amount: number, over: object = {}) => ({
    ...{ day, part: 'flower', amount, measure: 'unit', allowed: null, over: false },
    ...over,
  });
  const stand = {
    day: '2026-06-10',
    outlooks: [],
    profile: elder,
    ladder: { season: season(2026), past: [season(2025)], firstDay: '2026-01-01' },
    counts: [
      { value: 8, day: '2025-04-20' },
      { value: 9, day: '2025-09-01' },
      { value: 10, day: '2026-05-01' },
    ],
    takes: [
      taken('2025-06-03', 7, { allowed: 18 }),
      taken('2025-09-03', 4, { part: 'fruit' }),
      taken('2026-05-30', 5, { allowed: 25 }),
      taken('2026-06-02', 30, { allowed: 20, over: true }),
    ],
  } as unknown as StandView;
  it('adds up what was taken of a part, and says where it went over', () => {
    const [now, before] = seasonRows(stand, 'flower');
    expect(now).to.deep.include({ season: 2026, opens: '2026-05-24', taken: 35, allowed: 20, over: true, counted: 10 });
    expect(before).to.deep.include({ season: 2025, taken: 7, allowed: 18, over: false, counted: 9 });
  });
  it('counts a take of March to the season before in the south, where seasons start in July', () => {
    const south = {
      ...stand,
      ladder: { ...stand.ladder, firstDay: '2026-07-02' },
      takes: [taken('2026-03-10', 6)],
    } as unknown as StandView;
    expect(seasonRows(south, 'flower').map((r) => [r.season, r.taken])).to.deep.equal([
      [2026, 0],
      [2025, 6],
    ]);
  });
  it('keeps the parts apart, and says nothing of what was not judged', () => {
    expect(seasonRows(stand, 'fruit')[1]).to.deep.include({ taken: 4, allowed: null, over: false });
  });
});
