import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { binomialOf, type IdentityRow, type IdentityTable } from '@emberfield/contract';
import { phaseOfBbch } from '@emberfield/core/identity';
import { isoDay } from '@emberfield/core/measure';
import { fieldLeft } from './field-left.ts';
import { blankDraft, markOf, saying } from './identify-draft.ts';
import { pairOf, phaseOn, rivalOf } from './pair.ts';

const NEW_YEAR_2026 = 20454;
const plants: IdentityRow[] = CATALOGUE.map((p) => ({
  ...p,
  gathered: p.parts.length > 0,
  elsewhere: false,
  stages: p.stages
    .map((s) => ({ name: s.name, phase: phaseOfBbch(s.bbch), day: isoDay(NEW_YEAR_2026 + s.calendar.value - 1) }))
    .sort((a, b) => a.day.localeCompare(b.day)),
  lookAlikes: p.lookAlikes.map((l) => ({
    ...l,
    plantKey: CATALOGUE.find((x) => binomialOf(x.scientific) === binomialOf(l.scientific))?.key ?? null,
  })),
}));
const table: IdentityTable = { day: '2026-04-10', basis: 'calendar', plants };
const row = (key: string): IdentityRow => plants.find((p) => p.key === key)!;
const see = (...states: string[]) =>
  states.map((s) => ({ sign: s.split('.')[0]!, state: s.split('.')[1]!, present: true }));

describe('what is left of the list', () => {
  it('is everything before a sign, with nothing ruled out', () => {
    const left = fieldLeft(table, blankDraft('leaf'));
    expect(left.remaining).to.have.length(plants.length);
    expect(left.speaksAgainst).to.deep.equal([]);
  });
  it('narrows with every sign, and says what each speaks against', () => {
    const seen = see('growth.fromGround', 'smell.garlic', 'leafVeins.parallel');
    const left = fieldLeft(table, { phase: 'leaf', seen });
    const keys = left.remaining.map((c) => c.key);
    expect(keys[0]).to.equal('ramsons');
    // What only the nose speaks against stays, since it kills.
    expect(keys).to.include('lily-of-the-valley');
    expect(left.ruledOut).to.be.above(40);
    const against = (sign: string) => left.speaksAgainst.find((r) => r.seen.sign === sign)!.names.map((n) => n.key);
    expect(against('smell')).to.deep.equal([]);
    expect(against('leafVeins')).to.include.members(['hemlock', 'foxglove']).and.not.to.include('autumn-crocus');
    expect(against('growth')).to.include('plantain').and.not.to.include('ramsons');
  });
  it('offers signs of the phase that something left is known by, and marks states that nothing left shows', () => {
    const fungi = fieldLeft(table, { phase: 'flower', seen: see('growth.cap') });
    const keys = fungi.signs.map((s) => s.sign.key);
    expect(keys).to.include.members(['underCap', 'sporePrint']);
    expect(keys).not.to.include('leafShape');
    const under = fieldLeft(table, {
      phase: 'flower',
      seen: see(
        'growth.cap',
        'underCap.pores',
        'stipe.netted',
        'cap.domed',
        'inside.full',
        'foot.bulb',
        'host.broadleafSoil',
      ),
    });
    const print = under.signs.find((s) => s.sign.key === 'sporePrint')!;
    expect(print.states.find((s) => s.state === 'whitePrint')!.gone).to.equal(true);
    expect(print.states.find((s) => s.state === 'pinkPrint')!.gone).to.equal(false);
  });
  it('does not ask a herb about needles, bark and gills, nor a fungus about leaves; how it grows is asked of all', () => {
    const asked = (key: string, phase: 'leaf' | 'flower') =>
      fieldLeft(table, blankDraft(phase), key).signs.map((s) => s.sign.key);
    expect(asked('sorrel', 'leaf')).to.include.members(['growth', 'leafShape', 'root']);
    expect(
      asked('sorrel', 'leaf').filter((k) => ['needles', 'bark', 'gillColour', 'crozier'].includes(k)),
    ).to.deep.equal([]);
    expect(asked('cep', 'flower'))
      .to.include.members(['growth', 'underCap', 'smell', 'host'])
      .and.not.include('leafShape');
    expect(asked('spruce', 'leaf')).to.include.members(['needles', 'cone', 'bark']).and.not.include('leafVeins');
  });
  it('keeps a sign in sight that was said, whatever the phase', () => {
    const left = fieldLeft(table, { phase: 'rest', seen: see('flowerForm.star6') });
    expect(left.signs.map((s) => s.sign.key)).to.include('flowerForm');
  });
  it('lists the deadly before what is merely harmful', () => {
    const { open } = fieldLeft(table, blankDraft(null));
    const firstHarmful = open.findIndex((c) => c.severity === 'harmful');
    expect(open.slice(0, firstHarmful).every((c) => c.severity !== 'harmful')).to.equal(true);
    expect(open[0]!.severity).to.equal('deadly');
  });
});

describe('saying something of a state', () => {
  it('says one thing of it, in place of what was said before, and nothing once it is taken back', () => {
    const garlic = { sign: 'smell', state: 'garlic' };
    const seen = saying([{ sign: 'smell', state: 'none', present: false }], { ...garlic, mark: 'seen' });
    expect(markOf(seen, 'smell', 'garlic')).to.equal('seen');
    expect(markOf(seen, 'smell', 'none')).to.equal('notSo');
    const denied = saying(seen, { ...garlic, mark: 'notSo' });
    expect([markOf(denied, 'smell', 'garlic'), denied.length]).to.deep.equal(['notSo', 2]);
    expect(markOf(saying(denied, { ...garlic, mark: null }), 'smell', 'garlic')).to.equal(null);
  });
  it('says that it was looked at twice, which is shown at its state', () => {
    const root = { sign: 'root', state: 'bulb', mark: 'seen' } as const;
    const twice = saying(saying([], root), { ...root, again: true });
    expect(twice).to.deep.equal([{ sign: 'root', state: 'bulb', present: true, again: true }]);
    const { signs } = fieldLeft(table, { phase: 'leaf', seen: twice }, 'ramsons');
    const states = signs.find((s) => s.sign.key === 'root')!.states;
    expect(states.filter((s) => s.again).map((s) => s.state)).to.deep.equal(['bulb']);
  });
});

describe('a pair side by side', () => {
  it('sets the worst look-alike that is left beside the plant, and another once that is ruled out', () => {
    const rival = (...states: string[]) =>
      rivalOf(
        row('velvet-shank'),
        fieldLeft(table, { phase: 'flower', seen: see('growth.cap', ...states) }, 'velvet-shank').remaining,
      )!.key;
    expect(rival()).to.equal('funeral-bell');
    expect(rival('sporePrint.whitePrint')).not.to.equal('funeral-bell');
  });
  it('names the sign that decides today, and shows what each mostly looks like', () => {
    const pair = pairOf(row('velvet-shank'), row('funeral-bell'), { phase: 'flower', day: '2026-11-20' });
    const print = pair.rows.find((r) => r.sign === 'sporePrint')!;
    expect(print).to.deep.include({ decides: true, mine: ['whitePrint'], theirs: ['rustPrint'] });
    expect([pair.waitUntil, pair.never]).to.deep.equal([null, false]);
    expect(pair.separatedBy?.['en']).to.match(/rust/i);
  });
  it('says until when to wait where nothing decides yet', () => {
    const mine: IdentityRow = {
      ...row('ramsons'),
      shows: [
        { sign: 'leafShape', states: { lance: 1 }, when: null },
        { sign: 'flowerForm', states: { star6: 1 }, when: null },
      ],
    };
    const theirs: IdentityRow = {
      ...row('lily-of-the-valley'),
      shows: [
        { sign: 'leafShape', states: { lance: 1 }, when: null },
        { sign: 'flowerForm', states: { bell: 1 }, when: null },
      ],
    };
    const pair = pairOf(mine, theirs, { phase: 'leaf', day: '2026-04-10' });
    expect(pair.rows.some((r) => r.decides)).to.equal(false);
    expect(pair.waitUntil?.sign).to.equal('flowerForm');
    expect(pair.waitUntil!.day > '2026-04-10' && pair.waitUntil!.day < '2026-05-15').to.equal(true);
    const end = pairOf({ ...mine, shows: mine.shows.slice(0, 1) }, theirs, { phase: 'leaf', day: '2026-04-10' });
    expect([end.waitUntil, end.never]).to.deep.equal([null, true]);
  });
  it('tells the stage of each four weeks on', () => {
    const { later } = pairOf(row('ramsons'), row('lily-of-the-valley'), { phase: 'leaf', day: '2026-04-10' });
    expect(later).to.deep.include({ day: '2026-05-08' });
    expect(later.mine?.['en']).to.equal('in flower');
    expect(later.theirs?.['en']).to.equal('leaves in pairs');
  });
  it('takes the phase of the day from the stages', () => {
    expect(phaseOn(row('ramsons'), '2026-04-10')).to.equal('leaf');
    expect(phaseOn(row('ramsons'), '2026-05-05')).to.equal('flower');
  });
});
