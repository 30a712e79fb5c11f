import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { isoDay } from '../measure/index.ts';
import { hasModel, lifeOf } from '../plants/index.ts';
import { cohortsOn } from './cohorts.ts';
import type { EntryBodies } from './entry.ts';
import { bookOf, counted, entry, on, profileOf, took } from './made-book.ts';
import { plantingBar, puttingBackOn } from './put-back.ts';
import type { RecordEntry } from './record.ts';

const TODAY = on('2026-05-15');
const dug = (day: string, killed: number): RecordEntry => took(day, killed, { part: 'root', plants: killed, killed });
const planted = (day: string, number: number, over: Partial<EntryBodies['planting']> = {}): RecordEntry =>
  entry('planting', day, {
    ...{ way: 'crown', source: 'here', fromStandId: null, takeId: null, minutes: null, note: '' },
    number,
    ...over,
  });
const looked = (of: RecordEntry, day: string, alive: number, flowering = 0): RecordEntry =>
  entry('plantingCheck', day, { plantingId: of.id, alive, flowering, note: '' });
const told = (...entries: RecordEntry[]) => {
  const said = puttingBackOn(bookOf('valerian', { entries }), TODAY);
  if ('none' in said) throw new Error(said.none);
  return said;
};

describe('what is owed to a stand', () => {
  it('is nothing where nothing was killed, and all that was killed where nothing was put back', () => {
    expect(told(counted('2026-05-01', 40)).owed).to.equal(0);
    const said = told(counted('2026-05-01', 40), dug('2025-10-01', 6));
    expect(said).to.include({ killed: 6, owed: 6, putIn: 0, toFlower: 0 });
    // Most of the grown plants flower once: that is what was lost.
    expect(said.killedToFlower).to.be.within(4, 6);
  });
  it('is less by what was put back, by as much as of it will flower', () => {
    const all = [counted('2026-05-01', 40), dug('2025-10-01', 6)];
    const [few, many] = [told(...all, planted('2025-10-01', 6)), told(...all, planted('2025-10-01', 60))];
    expect(few.owed).to.be.within(1, 5.5);
    expect(many.owed).to.equal(0);
    expect(few.owed).to.be.closeTo(6 - few.toFlower / (few.killedToFlower / 6), 1e-9);
  });
  it('is forgotten after five years: by then the count says it', () => {
    expect(told(counted('2026-05-01', 40), dug('2021-05-01', 6)).killed).to.equal(0);
    expect(told(counted('2026-05-01', 40), dug('2021-05-31', 6)).killed).to.equal(6);
  });
  it('is told for every plant that is gathered, or why not: of invaders, fungi and trees nothing', () => {
    const tried = new Set<string>();
    for (const profile of CATALOGUE.filter((p) => p.parts.length > 0)) {
      const life = lifeOf(profile);
      const isInvader = profile.status === 'invasive' || life.includes('nvader');
      // Of each kind of life one: what is said hangs on nothing else of the plant.
      if (hasModel(life) && !isInvader && tried.has(life)) continue;
      tried.add(life);
      const said = puttingBackOn(bookOf(profile.key, { entries: [counted('2026-05-02', 40)] }), TODAY);
      if (isInvader) expect(said, profile.key).to.deep.equal({ none: 'invader' });
      else if (!hasModel(life)) expect(said, profile.key).to.deep.equal({ none: life });
      else
        for (const { way, perKilled } of (said as ReturnType<typeof told>).ways) {
          const { low, value, high } = perKilled;
          const ordered = low > 0.3 && low <= value && value <= high && high < 5000;
          expect(ordered, `${profile.key} ${way} ${low} ${value} ${high}`).to.equal(true);
        }
    }
  });
});

describe('what was put in', () => {
  const cohort = (...entries: RecordEntry[]) => cohortsOn(bookOf('valerian', { entries }), TODAY)[0]!;
  it('is to be looked at after a month, in spring, and each spring until it flowers or is gone', () => {
    const p = planted('2024-10-01', 10);
    const due = (...checks: RecordEntry[]) => {
      const day = cohort(p, ...checks).due;
      return day && isoDay(day);
    };
    expect(due()).to.equal('2024-10-31');
    const month = looked(p, '2024-11-01', 9);
    expect(due(month)).to.equal('2025-04-20');
    expect(due(month, looked(p, '2025-04-02', 7)), 'a look three weeks before counts').to.equal('2026-04-20');
    expect(due(month, looked(p, '2025-03-20', 7)), 'one of March does not').to.equal('2025-04-20');
    expect(due(looked(p, '2025-05-01', 6, 1))).to.equal(null);
    expect(due(looked(p, '2025-05-01', 0))).to.equal(null);
    const old = planted('2014-10-01', 10);
    expect(cohort(old, looked(old, '2024-05-01', 3)).due, 'not for ever').to.equal(null);
  });
  it('of seed is not looked for after a month, and in the south spring is in October', () => {
    const seed = planted('2025-09-01', 100, { way: 'seed' });
    expect(isoDay(cohort(seed).due!)).to.equal('2026-04-20');
    const south = bookOf('valerian', { entries: [planted('2026-04-01', 5)], place: { latitudeDeg: -40 } });
    const [first] = cohortsOn(south, on('2026-05-10'));
    expect(isoDay(first!.due!)).to.equal('2026-05-01');
    const looks = bookOf('valerian', {
      entries: [planted('2026-03-01', 5, { way: 'seed' })],
      place: { latitudeDeg: -40 },
    });
    expect(isoDay(cohortsOn(looks, TODAY)[0]!.due!)).to.match(/^2026-10-/);
  });
  it('is expected to flower the more the more of it live, and what flowered counts whole', () => {
    const p = planted('2024-10-01', 10);
    const flower = (alive: number, flowering = 0) => cohort(p, looked(p, '2025-10-10', alive, flowering)).toFlower;
    expect(flower(8)).to.be.above(flower(4));
    expect(flower(0)).to.equal(0);
    expect(flower(4, 4)).to.equal(4);
    expect(flower(8)).to.be.below(8);
    // Before anybody looked, the first year is still to come.
    expect(cohort(p).toFlower).to.be.below(cohort(p, looked(p, '2024-10-20', 10)).toFlower + 0.3);
  });
  it('moves what is said of the way at this stand: where all died, fewer will live', () => {
    const all = Array.from({ length: 4 }, (_, i) => planted(`202${i + 1}-10-01`, 10));
    const seen = (alive: number) =>
      told(...all, ...all.map((p) => looked(p, `${Number(p.day.slice(0, 4)) + 1}-10-05`, alive)));
    const crown = (said: ReturnType<typeof told>) => said.ways.find((w) => w.way === 'crown')!;
    expect(crown(seen(0))).to.include({ cohorts: 4 });
    expect(crown(seen(0)).survival.value).to.be.below(0.25);
    expect(crown(seen(10)).survival.value).to.be.above(0.75);
    expect(crown(seen(0)).perKilled.value).to.be.above(crown(seen(10)).perKilled.value);
    // Early looks say nothing yet of the first year.
    expect(crown(told(all[3]!, looked(all[3]!, '2024-11-05', 10)))).to.include({ cohorts: 0 });
  });
});

describe('what may be planted', () => {
  it('is nothing of an invader, and nothing out of the wild into a garden of a plant under pressure', () => {
    const bar = (status: 'invasive' | 'atRisk' | 'protected' | 'common', isTended: boolean, fromWild: boolean) =>
      plantingBar({ ...profileOf('valerian'), status }, { isTended, fromWild });
    expect(bar('invasive', false, false)).to.equal('invader');
    expect(plantingBar(profileOf('ground-elder'), { isTended: true, fromWild: false }), 'by how it lives').to.equal(
      'invader',
    );
    expect([bar('atRisk', true, true), bar('protected', true, true)]).to.deep.equal(['wildToGarden', 'wildToGarden']);
    expect([bar('atRisk', false, true), bar('atRisk', true, false), bar('common', true, true)]).to.deep.equal([
      null,
      null,
      null,
    ]);
  });
});
