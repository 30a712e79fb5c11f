import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import type { HouseRule } from '../allowance/house-rule.ts';
import type { PlantProfile } from '../plants/profile.ts';
import { dayNumber } from '../measure/day.ts';
import type { SearchState } from '../identity/index.ts';
import { ceilingsOf, leaveDaysOn, spentBy, type CeilingFacts } from './ceilings.ts';
import type { Locks } from './locks.ts';
import type { LookAlikeStanding } from './look-alikes.ts';

const standings = (
  profile: PlantProfile,
  searches: Readonly<Record<string, SearchState>> = {},
): readonly LookAlikeStanding[] =>
  profile.lookAlikes.map((lookAlike) => {
    const search = searches[lookAlike.name['en']!] ?? { state: 'neverLooked' };
    return { lookAlike, plant: null, search, where: search.state === 'found' ? 'here' : null };
  });
const NO_LOCKS: Locks = { seen: null, shut: [], pieceByPiece: [], apart: 'always', inseparable: false, early: false };
const profileOf = (key: string) => CATALOGUE.find((p) => p.key === key)!;
const day = dayNumber('2026-05-15');
const inForce = (...rules: HouseRule[]) => rules.map((rule) => ({ rule }));
const freeGround = {
  substrate: 'loam',
  canopy: 'open',
  aspect: 's',
  slopeDeg: 0,
  moisture: 'fresh',
  owner: '',
  leave: 'notNeeded',
  leaveUntil: null,
  access: '',
  hazards: [],
  neighbours: '',
} as const;

function facts(plant: string, part: string, over: Partial<CeilingFacts> & { ground?: object } = {}): CeilingFacts {
  const profile = profileOf(plant);
  const { ground, ...rest } = over;
  return {
    profile,
    part: profile.parts.find((p) => p.key === part)!,
    method: 'usual',
    patch: { facts: { ...freeGround, ...ground } },
    frozen: null,
    wrongYear: false,
    covered: null,
    sinceYear: null,
    restUntil: null,
    identity: 'confirmed',
    locks: NO_LOCKS,
    checkedAgainst: null,
    confirmedBefore: true,
    clearance: null,
    houseRules: [],
    season: 2026,
    day,
    lastTakenSeason: null,
    seasonStartsOn: (s) => dayNumber(`${s}-01-01`),
    ...rest,
  };
}
const kinds = (f: CeilingFacts) => ceilingsOf(f).map((c) => `${c.source}:${c.rule.kind}`);

describe('the ceilings on a part', () => {
  it('come from the profile for that part only', () => {
    expect(kinds(facts('ramsons', 'leaf'))).to.deep.equal([
      'profile:perPlantCap',
      'profile:fixedShare',
      'profile:keepFlowering',
    ]);
    expect(kinds(facts('ramsons', 'seed'))).to.deep.equal(['profile:keepFlowering']);
  });
  it('forbid a protected plant by law, whatever the house says', () => {
    expect(kinds(facts('arnica', 'flower'))).to.deep.equal(['law:protected']);
  });
  it('ask for leave before digging, not before picking', () => {
    expect(kinds(facts('valerian', 'root', { ground: { leave: 'notAsked' } }))).to.include('owner:ownerLeave');
    expect(kinds(facts('valerian', 'flower', { ground: { leave: 'notAsked' } }))).not.to.include('owner:ownerLeave');
    expect(kinds(facts('nettle', 'tip', { ground: { leave: 'refused' } }))).to.include('owner:ownerLeave');
  });
  it('end with the leave', () => {
    const given = (until: string) => kinds(facts('nettle', 'tip', { ground: { leave: 'given', leaveUntil: until } }));
    expect(given('2026-05-14')).to.include('owner:ownerLeave');
    expect(given('2026-05-15')).not.to.include('owner:ownerLeave');
  });
  it('shut a place outside its days of the year, from the first to the last of them open', () => {
    const ground = { leaveDays: { from: '05-15', to: '09-30' } };
    const on = (iso: string) => ceilingsOf(facts('nettle', 'tip', { ground, day: dayNumber(iso) }));
    const closed = (iso: string) => on(iso).find((c) => c.rule.kind === 'closedDays');
    expect(closed('2026-05-14')).to.deep.equal({
      source: 'owner',
      rule: { kind: 'closedDays', until: dayNumber('2026-05-15') },
    });
    expect(['2026-05-15', '2026-09-30'].map(closed)).to.deep.equal([undefined, undefined]);
    expect(closed('2026-10-01')!.rule).to.include({ until: dayNumber('2027-05-15') });
    expect(ceilingsOf(facts('nettle', 'tip')).some((c) => c.rule.kind === 'closedDays')).to.equal(false);
  });
  it('know days that run over New Year', () => {
    const winter = { facts: { leaveDays: { from: '11-01', to: '02-28' } } };
    const on = (iso: string) => leaveDaysOn(winter, dayNumber(iso));
    expect(on('2026-01-10')).to.deep.equal({ open: true, until: dayNumber('2026-02-28') });
    expect(on('2026-03-01')).to.deep.equal({ open: false, until: dayNumber('2026-11-01') });
    expect(on('2026-11-01')).to.deep.equal({ open: true, until: dayNumber('2027-02-28') });
    // One day of the year is open from and to itself.
    expect(
      leaveDaysOn({ facts: { leaveDays: { from: '06-01', to: '06-01' } } }, dayNumber('2026-06-01')),
    ).to.deep.equal({ open: true, until: dayNumber('2026-06-01') });
  });
  it('keep the leave that ended, and not the leave that nobody asked for to pick', () => {
    const ended = ceilingsOf(facts('nettle', 'tip', { ground: { leave: 'given', leaveUntil: '2026-05-14' } }));
    expect(ended.find((c) => c.source === 'owner')!.rule).to.deep.equal({
      kind: 'ownerLeave',
      leave: 'ended',
      until: dayNumber('2026-05-14'),
    });
    expect(kinds(facts('nettle', 'tip', { ground: { leave: 'notNeeded', leaveUntil: '2020-01-01' } }))).not.to.include(
      'owner:ownerLeave',
    );
    expect(kinds(facts('valerian', 'root', { ground: { leave: 'given' } }))).not.to.include('owner:ownerLeave');
  });
  it('shut what the tide covers and what is of another year of its life, each with the day it ends', () => {
    const shut = ceilingsOf(facts('burdock', 'root', { covered: { until: day + 1 }, wrongYear: true }));
    const until = (kind: string) => (shut.find((c) => c.rule.kind === kind)!.rule as { until: number }).until;
    expect(until('tide')).to.equal(day + 1);
    expect(until('wrongYear')).to.equal(dayNumber('2027-01-01'));
    expect(kinds(facts('burdock', 'root')).filter((k) => /tide|wrongYear/.test(k))).to.deep.equal([]);
  });
  it('lock a provisional stand where the look-alike kills, not where it is a nuisance', () => {
    expect(kinds(facts('ramsons', 'leaf', { identity: 'provisional' }))).to.include('identity:identity');
    expect(kinds(facts('hazel', 'fruit', { identity: 'provisional' }))).not.to.include('identity:identity');
    expect(kinds(facts('hazel', 'fruit', { identity: 'unconfirmed' }))).to.include('identity:identity');
  });
  it('lock a stand where a deadly look-alike was seen, and say where', () => {
    const [crocus] = standings(profileOf('ramsons'), { 'Autumn crocus': { state: 'found', since: day - 20 } });
    const seen = (where: LookAlikeStanding['where']) =>
      ceilingsOf(facts('ramsons', 'leaf', { locks: { ...NO_LOCKS, seen: { ...crocus!, where } } })).find(
        (c) => c.rule.kind === 'lookAlikeSeen',
      )!.rule;
    expect(seen('here')).to.deep.include({ where: 'here' });
    expect(seen('near')).to.deep.include({ where: 'near' });
  });
  it('lock for what nobody has looked for, and for what was not settled a season before', () => {
    const [crocus, lily] = standings(profileOf('ramsons'), {
      'Lily of the valley': { state: 'expired', since: day - 900, until: day - 1 },
    });
    const locks = { ...NO_LOCKS, shut: [crocus!, lily!], early: true };
    const early = (over: Partial<CeilingFacts> = {}) =>
      ceilingsOf(facts('ramsons', 'leaf', { locks, ...over })).flatMap(({ rule }) =>
        'search' in rule
          ? [`${rule.name['en']} ${rule.search}`]
          : rule.kind === 'notConfirmedBefore'
            ? [rule.kind]
            : [],
      );
    expect(early()).to.deep.equal(['Autumn crocus neverLooked', 'Lily of the valley expired']);
    expect(early({ confirmedBefore: false })[0]).to.equal('notConfirmedBefore');
    expect(early({ confirmedBefore: false, locks: { ...locks, early: false } })).to.have.length(2);
    expect(early({ identity: 'provisional' }), 'that alone is said').to.deep.equal([]);
  });
  it('leave what can be told piece by piece to people cleared for the family, who hold every piece against it', () => {
    const [crocus, lily] = standings(profileOf('ramsons'));
    const locks = { ...NO_LOCKS, pieceByPiece: [crocus!, lily!] };
    const as = (clearance: CeilingFacts['clearance'], checkedAgainst: readonly string[] | null = null) =>
      kinds(facts('ramsons', 'leaf', { locks, clearance, checkedAgainst }))
        .filter((k) => k.startsWith('identity:'))
        .map((k) => k.slice('identity:'.length));
    expect(as('none')).to.deep.equal(['leafByLeaf']);
    expect(as('cleared')).to.deep.equal([]);
    expect(as(null)).to.deep.equal([]);
    expect(as('closed')).to.include('familyClosed');
    expect(as('cleared', ['Colchicum autumnale'])).to.deep.equal(['notHeldAgainst']);
    expect(as('cleared', ['Colchicum autumnale', 'Convallaria majalis'])).to.deep.equal([]);
    expect(as('none', ['Colchicum autumnale', 'Convallaria majalis'])).to.deep.equal(['leafByLeaf']);
  });
  it('are none of the rules that only say how a thing is settled', () => {
    const houseRules = inForce({ kind: 'secondPerson' }, { kind: 'searchHolds', years: 2 });
    expect(kinds(facts('nettle', 'tip', { houseRules }))).to.deep.equal(kinds(facts('nettle', 'tip')));
  });
  it('rest a stand up to and with the named day, and close poisoned ground', () => {
    expect(kinds(facts('nettle', 'tip', { restUntil: '2026-05-15' }))).to.include('stand:rest');
    expect(kinds(facts('nettle', 'tip', { restUntil: '2026-05-14' }))).not.to.include('stand:rest');
    expect(kinds(facts('nettle', 'tip', { ground: { hazards: ['ticks', 'dumped'] } }))).to.include(
      'stand:contaminated',
    );
    expect(kinds(facts('nettle', 'tip', { ground: { hazards: ['ticks'] } }))).not.to.include('stand:contaminated');
  });
  it('rest a stand for years after the last take', () => {
    const houseRules = inForce({ kind: 'restYears', years: 2 });
    const rest = (lastTakenSeason: number | null) =>
      ceilingsOf(facts('nettle', 'tip', { houseRules, lastTakenSeason })).find((c) => c.source === 'houseRule');
    expect(rest(2024)?.rule).to.deep.equal({ kind: 'rest', until: dayNumber('2026-12-31') });
    expect(rest(2023)).to.equal(undefined);
    expect(rest(null)).to.equal(undefined);
  });
  it('rest a part for years after its last take where the profile says so', () => {
    const rest = (lastTakenSeason: number | null, part = 'root') =>
      ceilingsOf(facts('valerian', part, { lastTakenSeason })).find((c) => c.rule.kind === 'rest');
    expect(rest(2024)).to.deep.equal({ source: 'profile', rule: { kind: 'rest', until: dayNumber('2026-12-31') } });
    expect(rest(2023)).to.equal(undefined);
    expect(rest(2024, 'flower'), 'a flower is no root').to.equal(undefined);
  });
  it('reckon the age of a stand from the year it is known', () => {
    const age = (sinceYear: number | null) =>
      ceilingsOf(facts('valerian', 'root', { sinceYear })).find((c) => c.rule.kind === 'age')!.rule;
    expect(age(2024)).to.deep.include({ ageYears: 2, minYears: 3 });
    expect(age(null)).to.deep.include({ ageYears: null });
  });
  it('know what spends what', () => {
    expect(spentBy(profileOf('elder'), 'fruit')).to.deep.equal(['flower']);
    expect(spentBy(profileOf('elder'), 'flower')).to.deep.equal([]);
  });
});

describe('a plan of the bench that was chosen', () => {
  const plan = (over: Partial<Extract<HouseRule, { kind: 'plan' }>> = {}): HouseRule => ({
    ...{ kind: 'plan', part: 'root', share: 0.05, everyYears: 1 },
    ...over,
  });
  const kinds = (part: string, rule: HouseRule, lastTakenSeason: number | null = null) =>
    ceilingsOf(
      facts('valerian', part, { houseRules: [{ rule, reason: 'few flower' }], sinceYear: 2010, lastTakenSeason }),
    )
      .filter((c) => c.source === 'houseRule')
      .map((c) => c.rule);
  it('holds for its part alone', () => {
    expect(kinds('root', plan())).to.deep.equal([plan()]);
    expect(kinds('flower', plan())).to.deep.equal([]);
  });
  it('rests the part for the years between', () => {
    const rested = kinds('root', plan({ everyYears: 3 }), 2024);
    expect(rested.map((r) => r.kind)).to.deep.equal(['plan', 'rest']);
    expect(rested[1]).to.deep.include({ until: dayNumber('2027-01-01') - 1 });
    expect(kinds('root', plan({ everyYears: 2 }), 2024).map((r) => r.kind)).to.deep.equal(['plan']);
    expect(kinds('root', plan(), 2025).map((r) => r.kind)).to.deep.equal(['plan']);
  });
  it('says why it was chosen, as every rule does that somebody gave a reason', () => {
    const because = (reason?: string) =>
      ceilingsOf(
        facts('valerian', 'root', {
          houseRules: [
            { rule: plan({ everyYears: 3 }), ...(reason === undefined ? {} : { reason }) },
            { rule: { kind: 'matureOnly' }, reason: '' },
          ],
          lastTakenSeason: 2025,
        }),
      )
        .filter((c) => c.source === 'houseRule')
        .map((c) => c.because);
    expect(because('few flower')).to.deep.equal(['few flower', 'few flower', undefined]);
    expect(because()).to.deep.equal([undefined, undefined, undefined]);
  });
});
