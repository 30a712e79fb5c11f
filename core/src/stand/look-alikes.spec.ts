import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import type { HouseRule } from '../allowance/house-rule.ts';
import { binomialOf } from '../plants/names.ts';
import { dayNumber, isoDay } from '../measure/day.ts';
import type { Book, BookPlace } from './book.ts';
import { identityOn } from './identity-standing.ts';
import { deadlyFound } from './locks.ts';
import { lookAlikesOn, showsNext, showsOn, toLookFor } from './look-alikes.ts';
import type { Nearby } from './nearby.ts';
import { recordOf } from './record.ts';

const known = (key: string) => CATALOGUE.find((p) => p.key === key)!;
const kin = new Map(CATALOGUE.map((p) => [binomialOf(p.scientific), p]));
const NORTH = { latitudeDeg: 50, heightM: 100 } as BookPlace;
const SOUTH = { latitudeDeg: -50, heightM: 100 } as BookPlace;
type Search = Book['record']['searches'][number];
const search = (lookedFor: string, day: string, found: boolean, over: Partial<Search> = {}): Search => ({
  lookedFor,
  plantKey: null,
  day: dayNumber(day),
  found,
  deadly: false,
  ...over,
});
interface Told {
  readonly on?: string;
  readonly rules?: readonly HouseRule[];
  readonly nearby?: readonly Nearby[];
  readonly of?: string;
}
const standings = (
  searches: readonly Search[],
  { on = '2026-05-10', rules = [], nearby = [], of = 'ramsons' }: Told = {},
) =>
  lookAlikesOn(
    { profile: known(of), place: NORTH, kin, record: { ...recordOf([]), searches }, nearby },
    dayNumber(on),
    rules,
  );
const nearBy = (key: string, day: string, over: Partial<Nearby> = {}): Nearby => {
  const { names: name, scientific, family, severity } = known(key);
  const kinOf = { name, scientific, family, severity: severity as Nearby['kin']['severity'] };
  return {
    day: dayNumber(day),
    found: true,
    lookedFor: scientific,
    plantKey: key,
    kin: kinOf,
    where: 'place',
    ...over,
  };
};
const said = (list: ReturnType<typeof standings>) => list.map((l) => `${l.lookAlike.name['en']}: ${l.search.state}`);

describe('look-alikes of a stand', () => {
  it('are those of its plant, each with its own profile', () => {
    const list = standings([]);
    expect(said(list)).to.deep.equal([
      'Autumn crocus: neverLooked',
      'Lily of the valley: neverLooked',
      'Lords-and-ladies: neverLooked',
      'White hellebore: neverLooked',
    ]);
    expect(list.map((l) => l.plant?.key)).to.deep.equal([
      'autumn-crocus',
      'lily-of-the-valley',
      'lords-and-ladies',
      'white-hellebore',
    ]);
  });
  it('are found by key, by name and by scientific name', () => {
    const list = standings([
      search('whatever it was called', '2026-05-02', true, { plantKey: 'autumn-crocus' }),
      search('Lily of the valley', '2026-05-02', false),
      search('Arum maculatum', '2026-05-02', true),
    ]);
    expect(said(list).slice(0, 3)).to.deep.equal([
      'Autumn crocus: found',
      'Lily of the valley: absent',
      'Lords-and-ladies: found',
    ]);
  });
  it('take in a deadly one that is not on the plant’s own list', () => {
    const list = standings([search('Monkshood', '2026-05-02', true, { deadly: true })]);
    expect(said(list).at(-1)).to.equal('Monkshood: found');
    expect(deadlyFound(list)?.lookAlike.name['en']).to.equal('Monkshood');
    expect(said(standings([search('A daisy', '2026-05-02', true)]))).to.have.length(known('ramsons').lookAlikes.length);
  });
  it('are to be looked for while they are deadly and not known to be absent, and as far as a search shows anything', () => {
    const list = standings([search('Autumn crocus', '2026-05-02', false)]);
    expect(toLookFor(list).map((l) => l.plant!.key)).to.deep.equal(['lily-of-the-valley', 'white-hellebore']);
    expect(toLookFor(standings([], { of: 'velvet-shank' })).map((l) => l.plant!.key)).to.deep.equal([]);
  });
  it('of fungi are never absent, however often nothing came up', () => {
    const looked = ['2023-10-10', '2024-10-10', '2025-10-10'].map((day) => search('Funeral bell', day, false));
    const [bell] = standings(looked, { of: 'velvet-shank', on: '2025-11-20' });
    expect(bell!.search.state).to.equal('neverLooked');
    const found = standings([...looked, search('Funeral bell', '2025-10-20', true)], {
      of: 'velvet-shank',
      on: '2025-11-20',
    });
    expect(found[0]!.search.state).to.equal('found');
  });
  it('count what was found elsewhere in the place and close by as found here, until it is looked for in vain', () => {
    const near = [nearBy('autumn-crocus', '2026-04-20', { where: 'near' })];
    const [crocus] = standings([], { nearby: near });
    expect([crocus!.search.state, crocus!.where]).to.deep.equal(['found', 'near']);
    const [again] = standings([search('Autumn crocus', '2026-05-02', false)], { nearby: near });
    expect([again!.search.state, again!.where]).to.deep.equal(['absent', null]);
    const [late] = standings([search('Autumn crocus', '2026-04-10', false)], { nearby: near });
    expect(late!.search.state, 'what came after the search').to.equal('found');
    const [unsaid] = standings([], { nearby: near, on: '2026-04-19' });
    expect(unsaid!.search.state, 'nothing is known before its day').to.equal('neverLooked');
    // A search of the whole place counts for its stands.
    const [searched] = standings([], { nearby: [nearBy('autumn-crocus', '2026-05-02', { found: false })] });
    expect(searched!.search.state).to.equal('absent');
  });
  it('take in dangerous kin from close by that the plant’s own list leaves out, and nothing else', () => {
    const named = (nearby: readonly Nearby[]) =>
      said(standings([], { of: 'sweet-cicely', nearby })).filter((x) => x.endsWith('found'));
    expect(named([nearBy('fools-parsley', '2026-05-02')])).to.deep.equal(['Fool’s parsley: found']);
    expect(named([nearBy('yew', '2026-05-02')])).to.deep.equal([]);
    // Before its day nobody knew of it, and nothing is asked about it.
    const later = standings([], { of: 'sweet-cicely', nearby: [nearBy('fools-parsley', '2026-05-11')] });
    expect(later).to.have.length(known('sweet-cicely').lookAlikes.length);
  });
  it('hold a search for as long as the house rule says', () => {
    const looked = [search('Autumn crocus', '2024-05-05', false)];
    expect(said(standings(looked))[0]).to.equal('Autumn crocus: absent');
    expect(said(standings(looked, { rules: [{ kind: 'searchHolds', years: 1 }] }))[0]).to.equal(
      'Autumn crocus: expired',
    );
  });
});

describe('whether a plant shows', () => {
  const crocus = known('autumn-crocus');
  it('follows its stages: leaves in spring, nothing in high summer, flowers in autumn', () => {
    const shows = (day: string, at = NORTH) => showsOn(crocus, at, dayNumber(day));
    expect(['2026-04-10', '2026-07-20', '2026-09-10'].map((d) => shows(d))).to.deep.equal([true, false, true]);
    expect(shows('2026-10-10', SOUTH)).to.equal(true);
    expect(shows('2027-01-20', SOUTH)).to.equal(false);
  });
  it('says when it shows next, into the next year', () => {
    const next = (day: string) => isoDay(showsNext(crocus, NORTH, dayNumber(day))!).slice(0, 7);
    expect([next('2026-07-20'), next('2026-12-01')]).to.deep.equal(['2026-09', '2027-03']);
  });
  it('of every plant in the catalogue at some time within a year of any day', () => {
    for (const p of CATALOGUE)
      for (const day of ['2026-01-15', '2026-07-15', '2026-11-15']) {
        const next = showsNext(p, NORTH, dayNumber(day));
        const now = showsOn(p, NORTH, dayNumber(day));
        expect(now || (next !== null && next - dayNumber(day) <= 366), `${p.key} ${day}`).to.equal(true);
      }
  });
});

describe('how settled an identity is', () => {
  const entry = (day: string, status: string, byId: string) => ({
    day: dayNumber(day),
    status,
    byId,
    seen: [],
    signs: [],
  });
  const standing = (
    identities: readonly ReturnType<typeof entry>[],
    { initial = 'unconfirmed', on = '2026-05-10', rules = [] as readonly HouseRule[] } = {},
  ) =>
    identityOn(
      { stand: { identity: initial, madeBy: 'maker' }, record: { identities } } as unknown as Book,
      dayNumber(on),
      rules,
    );
  const TWO: readonly HouseRule[] = [{ kind: 'secondPerson' }];
  it('is what was said last by the day, else what it was entered as', () => {
    expect(standing([]).status).to.equal('unconfirmed');
    const said2 = [entry('2026-05-01', 'confirmed', 'a'), entry('2026-05-20', 'provisional', 'a')];
    expect(standing(said2).status).to.equal('confirmed');
    expect(standing(said2, { on: '2026-05-20' }).status).to.equal('provisional');
  });
  it('counts whoever entered it as confirmed as one of the two', () => {
    expect(standing([], { initial: 'confirmed', rules: TWO })).to.deep.equal({
      status: 'provisional',
      secondNeeded: true,
    });
    const second = [entry('2026-05-01', 'confirmed', 'b')];
    expect(standing(second, { initial: 'confirmed', rules: TWO }).status).to.equal('confirmed');
    expect(
      standing([entry('2026-05-01', 'confirmed', 'maker')], { initial: 'confirmed', rules: TWO }).secondNeeded,
    ).to.equal(true);
  });
  it('asks for nobody else while it is not confirmed at all', () => {
    expect(standing([], { rules: TWO })).to.deep.equal({ status: 'unconfirmed', secondNeeded: false });
  });
});
