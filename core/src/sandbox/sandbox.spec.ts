import { expect } from 'chai';
import { isoDay, yearOf } from '../measure/index.ts';
import { trueStageDays, TRUE_PLANTS } from '../truth/index.ts';
import {
  fortnightsLeft,
  goneBy,
  judge,
  playSandbox,
  SANDBOX_KINDS,
  SANDBOX_MOST_YEARS,
  takenOf,
  type SandboxAction,
} from './index.ts';
import { countBy } from './seen.ts';
import { countedIn, stageDaysOf, takenFromIn } from './true-stand.ts';

const [RAMSONS, BURDOCK, VALERIAN, GROUND_ELDER] = [0, 1, 2, 3] as const;
const wait = (n: number): readonly SandboxAction[] => Array.from({ length: n }, () => ({ do: 'wait' }));
const A_YEAR = 20;
const look = (stand: number): SandboxAction => ({ do: 'look', stand });
const take = (stand: number, plants: number): SandboxAction => ({ do: 'take', stand, plants });
const seeds = Array.from({ length: 60 }, (_, i) => i + 1);

describe('a made-up year', () => {
  it('is its seed and what was done: the same again gives the same, another seed another island', () => {
    const done = [look(RAMSONS), take(RAMSONS, 20), ...wait(A_YEAR), { do: 'nextYear' } as const];
    expect(playSandbox(7, done)).to.deep.equal(playSandbox(7, done));
    const began = new Set(seeds.map((s) => countedIn(playSandbox(s, []).stands[RAMSONS]!.truth)));
    expect(began.size).to.be.above(40);
  });
  it('lasts from the first of March into November, and then another may follow, up to the last', () => {
    expect(isoDay(playSandbox(1, []).day)).to.equal('2031-03-01');
    const last = playSandbox(1, wait(A_YEAR - 1));
    expect([isoDay(last.day), last.isOver]).to.deep.equal(['2031-11-22', false]);
    expect(playSandbox(1, wait(A_YEAR)).isOver).to.equal(true);
    expect([0, 7, A_YEAR].map((n) => fortnightsLeft(playSandbox(1, wait(n))))).to.deep.equal([A_YEAR, A_YEAR - 7, 0]);
    const years = (n: number) => Array.from({ length: n }, () => [...wait(A_YEAR), { do: 'nextYear' } as const]).flat();
    const eighth = playSandbox(1, years(SANDBOX_MOST_YEARS - 1));
    expect([eighth.nth, eighth.stands[0]!.trueYears.length]).to.deep.equal([8, 8]);
    expect(() => playSandbox(1, years(SANDBOX_MOST_YEARS))).to.throw(RangeError, 'no more years');
  });
  it('refuses what nobody can do, and says why', () => {
    const refused = (why: string, ...done: readonly SandboxAction[]) =>
      expect(() => playSandbox(1, done), why).to.throw(RangeError, why);
    refused('nobody is there', take(RAMSONS, 5));
    refused('nobody is there', look(RAMSONS), ...wait(1), { do: 'putBack', stand: RAMSONS });
    refused('no time left', look(RAMSONS), take(RAMSONS, 281));
    refused('no time left', ...[0, 1, 2].flatMap((s) => [look(s), { do: 'count', stand: s, by: 'all' } as const]));
    refused('the year is over', ...wait(A_YEAR), look(RAMSONS));
    refused('the year is not over', { do: 'nextYear' });
    refused('whole plants', look(RAMSONS), take(RAMSONS, 2.5));
    refused('no such stand', look(9));
    refused('of a hundred', { do: 'rule', stand: RAMSONS, percent: 120 });
    refused('no such stand', { do: 'rule', stand: 9, percent: 20 });
  });
  it('gives no more than there is, and what is gone is not counted any more', () => {
    const done = [...[1, 2, 3, 4, 5].flatMap(() => [look(BURDOCK), take(BURDOCK, 40), ...wait(1)]), look(BURDOCK)];
    const { truth, takes } = playSandbox(4, done).stands[BURDOCK]!;
    expect(takenOf({ takes })).to.equal(Math.min(200, takenFromIn(truth)));
    const all = playSandbox(4, [...done, { do: 'count', stand: BURDOCK, by: 'all' }]).stands[BURDOCK]!.counts.at(-1)!;
    expect(all.plants.value).to.be.at.most(countedIn(truth) - takenOf({ takes }));
  });
});

describe('the truth of a made-up year', () => {
  it('goes by its own clock: a look shows the last stage whose true day has come, and nothing that is to come', () => {
    for (const seed of seeds.slice(0, 12))
      for (let n = 0; n < A_YEAR; n++) {
        const { day, stands } = playSandbox(seed, [...wait(n), look(GROUND_ELDER)]);
        const { truth, seen } = stands[GROUND_ELDER]!;
        const days = stageDaysOf(truth, seed, yearOf(day));
        const expected = TRUE_PLANTS['ground-elder']!.map((s) => s.key).filter((k) => days.get(k)! <= day);
        expect(seen.at(-1)!.stage, `${seed}, ${n}`).to.equal(expected.at(-1) ?? null);
      }
    expect(trueStageDays('no-such-plant', { standName: 'x', heightM: 0 }, 2031, []).size).to.equal(0);
  });
  it('counts hold it as often as they say: squares in about nine of ten, all of it but a few overlooked', () => {
    const counts = Array.from({ length: 400 }, (_, i) => countBy('squares', 300, `${i}`));
    const held = counts.filter((c) => c.low <= 300 && c.high >= 300).length / 400;
    expect(held).to.be.within(0.84, 0.97);
    const whole = Array.from({ length: 200 }, (_, i) => countBy('all', 100, `${i}`).value);
    expect(Math.max(...whole)).to.be.at.most(100);
    expect(whole.reduce((a, b) => a + b, 0) / 200).to.be.closeTo(97, 1);
    expect(countBy('eye', 50, 'a')).to.deep.equal({ value: 47, low: 20, high: 110 });
  });
  it('is hurt by what is taken, helped by what is put back, and never more than there is room for', () => {
    // What was strewn is past its first year when it is counted.
    const later: readonly SandboxAction[] = [{ do: 'nextYear' }, ...wait(A_YEAR), { do: 'nextYear' }];
    const mean = (...done: readonly SandboxAction[]) => {
      const waits = done.filter((a) => a.do === 'wait').length;
      const next = seeds.map((s) => playSandbox(s, [...done, ...wait(A_YEAR - waits), ...later]).stands[VALERIAN]!);
      for (const { trueYears, truth } of next) expect(trueYears[2]).to.be.at.most(Math.ceil(truth.capacity) + 2);
      return next.reduce((sum, s) => sum + s.trueYears[2]! / s.trueYears[0]!, 0) / seeds.length;
    };
    const dug = [look(VALERIAN), take(VALERIAN, 40), ...wait(1), look(VALERIAN), take(VALERIAN, 40), ...wait(1)];
    const [alone, taken] = [mean(), mean(...dug)];
    expect(taken).to.be.below(alone - 0.15);
    const sown = mean(...dug, look(VALERIAN), { do: 'putBack', stand: VALERIAN }, { do: 'putBack', stand: VALERIAN });
    expect(sown).to.be.above(taken);
  });
  it('says when it was had, and what the same would do year after year; without a count Emberfield says nothing', () => {
    const seed = 2;
    const blind = judge(playSandbox(seed, wait(A_YEAR)), RAMSONS);
    expect([blind.believed, blind.said, blind.asSaid, blind.ruled]).to.deep.equal([null, null, null, null]);
    const turns = [0, 3, 8];
    const done = Array.from({ length: A_YEAR }, (_, n) =>
      turns.includes(n) ? [look(RAMSONS), take(RAMSONS, 10), ...wait(1)] : wait(1),
    ).flat();
    const v = judge(playSandbox(seed, done), RAMSONS);
    expect([isoDay(v.opens!), isoDay(v.closes!)]).to.deep.equal(['2031-03-22', '2031-05-04']);
    expect(v.taken).to.deep.equal({ early: 10, inTime: 10, late: 10 });
    expect(v.said!.low).to.be.at.most(v.said!.plants);
    const greedy = judge(playSandbox(seed, [look(RAMSONS), take(RAMSONS, 200), ...wait(A_YEAR)]), RAMSONS);
    expect(greedy.asPlayed.plants).to.be.below(v.asPlayed.plants);
    expect(greedy.asPlayed.halved).to.be.above(v.asPlayed.halved);
    // What it truly bears, by the measure of the bench, leaves it standing.
    const bears = judge(playSandbox(seed, [look(RAMSONS), take(RAMSONS, v.bears!), ...wait(A_YEAR)]), RAMSONS);
    expect(v.bears).to.be.above(20);
    expect(bears.asPlayed.halved).to.be.below(0.02);
  });
  it('goes by the careful count of the year, and by the eye only where there is no other', () => {
    const done: readonly SandboxAction[] = [
      look(RAMSONS),
      { do: 'count', stand: RAMSONS, by: 'all' },
      ...wait(1),
      look(RAMSONS),
    ];
    const [first] = playSandbox(3, [look(RAMSONS)]).stands;
    expect(goneBy(first!, 2031)!.by).to.equal('eye');
    expect(goneBy(playSandbox(3, done).stands[RAMSONS]!, 2031)!.by).to.equal('all');
    expect(goneBy(first!, 2032)).to.equal(null);
    expect(SANDBOX_KINDS.every((k) => TRUE_PLANTS[k.plant]!.some((s) => s.key === k.opens))).to.equal(true);
  });
});
