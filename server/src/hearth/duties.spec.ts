import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { binomialOf, type Duty, type IdentityStatus } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { NOTHING_SEEN, seasonsOf, standDay, type Book } from '@emberfield/core/stand';
import type { Dossier } from '../stands/index.ts';
import { byDay, dutiesOf, isNear, permitsEnding } from './operations/duties.ts';

const DAY = dayNumber('2026-05-15');
const KIN = new Map(CATALOGUE.map((profile) => [binomialOf(profile.scientific), profile]));
let made = 0;

function dossier(
  over: {
    readonly plant?: string;
    readonly identity?: IdentityStatus;
    readonly countedOn?: string | null;
    readonly leave?: string;
    readonly leaveUntil?: string | null;
    readonly permits?: Book['permits'];
    readonly identities?: readonly { readonly day: number; readonly status: IdentityStatus }[];
  } = {},
): Dossier {
  const {
    plant = 'nettle',
    identity = 'confirmed',
    countedOn = '2026-05-01',
    leave = 'notNeeded',
    leaveUntil = null,
  } = over;
  const profile = CATALOGUE.find((p) => p.key === plant)!;
  const plants = { value: 40, low: 30, high: 50 };
  const counts = countedOn === null ? [] : [{ day: dayNumber(countedOn), plants, mature: null, flowering: null }];
  const stand = { id: `duty-${++made}`, identity, madeBy: 'x', sinceYear: null, restUntil: null };
  const place = {
    latitudeDeg: 46,
    longitudeDeg: -30,
    heightM: 50,
    version: 1,
    facts: { leave, leaveUntil, hazards: [] },
  };
  const record = {
    ...NOTHING_SEEN,
    counts,
    losses: [],
    searches: [],
    ground: [],
    holds: [],
    plantings: [],
    plantingChecks: [],
    identities: (over.identities ?? []).map((i) => ({ seen: [], signs: [], ...i })),
    awaited: [],
  };
  const book = {
    stand,
    profile,
    plantRevision: 0,
    kin: KIN,
    place,
    record,
    nearby: [],
    rules: [],
    permits: over.permits ?? [],
    weather: null,
    thermometer: null,
    learned: { clocks: () => undefined },
    shore: null,
    today: DAY,
  } as unknown as Book;
  const seasons = seasonsOf(book);
  const answers = { seasons, on: (day: number) => standDay(book, day, seasons), held: () => null };
  return { stand, patch: place, plant: { profile }, record, book, answers } as unknown as Dossier;
}
const duties = (d: Dossier, day = DAY): readonly Duty[] => dutiesOf(d, day);
const kinds = (d: Dossier, day = DAY) => duties(d, day).map((x) => x.kind);

describe('what a stand asks for', () => {
  it('is nothing where all is known', () => expect(duties(dossier())).to.deep.equal([]));
  it('is a second look where the identity is open, at the next stage that shows most, with what is not ruled out', () => {
    const [duty] = duties(dossier({ plant: 'ramsons', identity: 'provisional' }));
    expect(duty).to.include({ kind: 'settleIdentity' });
    if (duty?.kind !== 'settleIdentity') return;
    const spec = CATALOGUE.find((p) => p.key === 'ramsons')!;
    const telling = spec.stages.filter((s) => s.bbch === 6 || s.bbch === 8).map((s) => s.name['en']);
    expect(telling).to.include(duty.lookAgainStage!['en']);
    expect(dayNumber(duty.lookAgain!.p50!)).to.be.at.least(DAY);
    const dangerous = spec.lookAlikes.filter((l) => l.severity === 'deadly' || l.severity === 'poisonous');
    expect(duty.notRuledOut).to.deep.equal(dangerous.map((l) => l.name));
  });
  it('looks to next season once this one shows nothing more', () => {
    const late = dayNumber('2026-12-20');
    const [duty] = dutiesOf(dossier({ plant: 'ramsons', identity: 'unconfirmed' }), late);
    expect(duty?.kind === 'settleIdentity' && duty.lookAgain?.p50?.slice(0, 4)).to.equal('2027');
  });
  it('is no second look once somebody settled it, from that day on', () => {
    const settled = dossier({ identity: 'provisional', identities: [{ day: DAY - 10, status: 'confirmed' }] });
    expect(kinds(settled)).to.deep.equal([]);
    expect(kinds(settled, DAY - 11)).to.include('settleIdentity');
  });
  it('is a count where there is none, or none for more than a year', () => {
    const [first] = duties(dossier({ countedOn: null }));
    expect(first).to.deep.include({ kind: 'countStand', lastCount: null });
    expect(kinds(dossier({ countedOn: '2025-05-01' }))).to.deep.equal([]);
    const [again] = duties(dossier({ countedOn: '2025-03-01' }));
    expect(again).to.deep.include({ kind: 'countStand', lastCount: '2025-03-01' });
  });
  it('is no count of what nobody knows yet', () => {
    expect(kinds(dossier({ countedOn: null, identity: 'unconfirmed' }))).to.deep.equal(['settleIdentity']);
  });
  it('is no count of what is only watched, of which nothing is taken', () => {
    expect(CATALOGUE.find((p) => p.key === 'autumn-crocus')!.windows).to.deep.equal([]);
    expect(kinds(dossier({ plant: 'autumn-crocus', countedOn: null }))).not.to.include('countStand');
  });
  it('does not count a count of a day that lies ahead of the day looked at', () => {
    expect(kinds(dossier({ countedOn: '2026-05-10' }), dayNumber('2026-05-09'))).to.deep.equal(['countStand']);
  });
  it('is to ask for the next permit in the two months before one ends, unless another goes on after it', () => {
    const permit = (until: string, over: Partial<Book['permits'][number]> = {}): Book['permits'][number] => ({
      ...{ id: 'p', name: 'Low wood', kind: 'permit', part: 'leaf', measure: 'unit', amount: 40 },
      ...{ from: '2026-01-01', until, elsewhere: [], asideElsewhere: [] },
      ...over,
    });
    const ends = (...permits: Book['permits']) =>
      permitsEnding([dossier({ permits })], DAY).flatMap((d) => (d.kind === 'permitEnds' ? [d.until] : []));
    expect(ends(permit('2026-07-14'))).to.deep.equal(['2026-07-14']);
    expect(ends(permit('2026-05-15'))).to.deep.equal(['2026-05-15']);
    expect(ends(permit('2026-07-15'))).to.deep.equal([]);
    expect(ends(permit('2026-05-14'))).to.deep.equal([]);
    // One that has not begun does not end yet, and a limit of one's own just ends.
    expect(ends(permit('2026-06-30', { from: '2026-06-01' }))).to.deep.equal([]);
    expect(ends(permit('2026-06-30', { kind: 'own' }))).to.deep.equal([]);
    const next = (from: string, part: 'leaf' | 'seed' = 'leaf') => permit('2026-12-31', { id: 'q', from, part });
    expect(ends(permit('2026-06-30'), next('2026-07-01'))).to.deep.equal([]);
    expect(ends(permit('2026-06-30'), next('2026-07-05'))).to.deep.equal(['2026-06-30']);
    expect(ends(permit('2026-06-30'), next('2026-07-01', 'seed'))).to.deep.equal(['2026-06-30']);
  });
  it('that several stands have together is asked for once, at the first', () => {
    const permit = (id: string): Book['permits'][number] => ({
      ...{ id, name: id, kind: 'permit', part: 'leaf', measure: 'unit', amount: 40 },
      ...{ from: '2026-01-01', until: '2026-06-30', elsewhere: [], asideElsewhere: [] },
    });
    const [a, b] = [dossier({ permits: [permit('p')] }), dossier({ permits: [permit('p'), permit('q')] })];
    expect(permitsEnding([a, b], DAY)).to.deep.equal([
      { kind: 'permitEnds', standId: a.stand.id, permitId: 'p', name: 'p', until: '2026-06-30' },
      { kind: 'permitEnds', standId: b.stand.id, permitId: 'q', name: 'q', until: '2026-06-30' },
    ]);
  });
  it('is to ask for leave again in the two months before it ends, and not after', () => {
    const ends = (leaveUntil: string | null) => kinds(dossier({ leave: 'given', leaveUntil }));
    expect(ends('2026-07-14')).to.deep.equal(['leaveEnds']);
    expect(ends('2026-05-15')).to.deep.equal(['leaveEnds']);
    expect(ends('2026-07-15')).to.deep.equal([]);
    expect(ends('2026-05-14')).to.deep.equal([]);
    expect(ends(null)).to.deep.equal([]);
    expect(kinds(dossier({ leave: 'refused', leaveUntil: '2026-06-01' }))).to.deep.equal([]);
  });
});

describe('the order of duties', () => {
  const TODAY = '2026-05-15';
  const leave = (until: string): Duty => ({ kind: 'leaveEnds', standId: 'l', until });
  const search = (showsNow: boolean, showsNext: string | null): Duty => ({
    kind: 'searchLookAlike',
    standId: 's',
    name: { en: 'Yew' },
    last: null,
    showsNow,
    showsNext,
  });
  const awaited = (due: string): Duty => ({ kind: 'awaited', standId: 'a', sign: 'sporePrint', due });
  const count: Duty = { kind: 'countStand', standId: 'c', lastCount: null };
  it('is by the day they fall due, what is late first and what has no day last', () => {
    const all = [count, leave('2026-06-20'), search(false, '2026-06-01'), awaited('2026-05-10')];
    expect(byDay(all, TODAY)).to.deep.equal([all[3], all[2], all[1], all[0]]);
  });
  it('is by weight on one day', () => {
    const all = [search(true, null), { kind: 'secondPerson', standId: 'p' } as const, awaited(TODAY)];
    expect(byDay(all, TODAY).map((d) => d.kind)).to.deep.equal(['awaited', 'secondPerson', 'searchLookAlike']);
  });
  it('has near what falls due within six weeks, and what can be done on any day', () => {
    expect(
      [leave('2026-06-26'), leave('2026-06-27'), count, search(false, '2026-09-01')].map((d) => isNear(d, TODAY)),
    ).to.deep.equal([true, false, true, false]);
  });
});
