import { expect } from 'chai';
import { analyseMatrix } from './analysis.ts';
import { of, SLOW_HERB, standOf } from './builders.ts';
import { chanceOf } from '../random/index.ts';
import { isCounted, projectionMatrix, ratesOf, ratesWith, type LifeHistory } from './life-history.ts';
import type { StandPlan } from './plan.ts';
import { FAN, selectQuantiles } from './quantiles.ts';
import { emptyPlayed, compileStand, playAll, playSlice, SLICE, type StandModel } from './simulate.ts';
import { yearClassesOf } from './years.ts';

const RUN = { seed: 7, runs: 3000, years: 20 };
const rowOf = (model: StandModel, year: number, run = RUN): Float64Array =>
  playAll(model, run).plants.slice(year * run.runs, (year + 1) * run.runs);
const mean = (xs: ArrayLike<number>): number => Array.from(xs).reduce((s, x) => s + x, 0) / xs.length;
const digging: Partial<StandPlan> = { share: 0.2, stages: ['mature', 'flowering'], effect: { kills: 1 } };

/** The middle of logits whose mean share is p, by halving and a fine sum over the normal distribution. */
function logitWithMean(p: number, sd: number): number {
  const share = (middle: number): number => {
    let [sum, weight] = [0, 0];
    for (let z = -6; z <= 6; z += 0.01) {
      const w = Math.exp(-0.5 * z * z);
      sum += w / (1 + Math.exp(-(middle + sd * z)));
      weight += w;
    }
    return sum / weight;
  };
  let [low, high] = [-20, 20];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (share(middle) < p) low = middle;
    else high = middle;
  }
  return low;
}

/** The same stand, played one run after the other, plainly, with chance and logits of its own. */
function slowly(
  { rates, years: _, start, plan, capacity }: StandModel,
  history: LifeHistory,
  runs: number,
  length: number,
): number[] {
  const chance = chanceOf(991);
  const { normal } = chance;
  const { survival: sd, births: sb, correlation } = history.years;
  const middles = rates.survival.map((p) => logitWithMean(p, sd));
  const ends: number[] = [];
  for (let run = 0; run < runs; run++) {
    let n = [...start];
    for (let year = 0; year < length; year++) {
      const z = normal();
      const y = correlation * z + Math.sqrt(1 - correlation ** 2) * normal();
      const taken = n.map((x, s) =>
        plan.stages.includes(rates.stages[s]!) && year % plan.everyYears === 0 ? x * plan.share : 0,
      );
      const left = n.map((x, s) => x - taken[s]!);
      const next = n.map(() => 0);
      for (const [s, x] of left.entries()) {
        const alive = x / (1 + Math.exp(-(middles[s]! + sd * z)));
        let stay = alive;
        for (const m of rates.moves.filter((m) => m.from === s)) {
          next[m.to]! += alive * m.share;
          stay -= alive * m.share;
        }
        next[s]! += stay;
        for (const b of rates.births.filter((b) => b.from === s))
          next[b.to]! += x * b.number * Math.exp(sb * y - (sb * sb) / 2);
      }
      const above = next.reduce((sum, x, s) => sum + (isCounted(rates.stages[s]!) ? x : 0), 0);
      n = above > capacity ? next.map((x, s) => (isCounted(rates.stages[s]!) ? (x * capacity) / above : x)) : next;
    }
    ends.push(n.reduce((sum, x, s) => sum + (isCounted(rates.stages[s]!) ? x : 0), 0));
  }
  return ends;
}

/** Constructed: all years alike, and counted whole. */
const EVEN_LIFE: LifeHistory = {
  stages: ['juvenile', 'mature'],
  survival: { juvenile: of(0.6), mature: of(0.9) },
  moves: [{ from: 'juvenile', to: 'mature', share: of(0.5) }],
  births: [{ from: 'mature', to: 'juvenile', kind: 'offset', number: of(1.2) }],
  years: { survival: 0, births: 0, correlation: 0 },
};
const EVEN = analyseMatrix(projectionMatrix(ratesOf(EVEN_LIFE)));
/** Plants of one run, year by year, where growth slows as the place fills; begins in the stages of the long run. */
function restingAt(capacity: number, plants: number, years: number, plan: Partial<StandPlan> = {}): number[] {
  const start = EVEN.stableStages.map((share) => share * plants);
  const model = standOf({ start, capacity, crowding: 'gradual' }, plan, EVEN_LIFE);
  return Array.from(playAll(model, { seed: 1, runs: 1, years }).plants);
}

describe('a stand played through the years', () => {
  it('grows on average by the matrix of its rates', () => {
    const model = standOf();
    let n = [...model.start];
    const matrix = projectionMatrix(model.rates);
    for (let year = 0; year < RUN.years; year++) n = matrix.map((row) => row.reduce((s, a, j) => s + a * n[j]!, 0));
    const expected = n.reduce((s, x, i) => s + (isCounted(model.rates.stages[i]!) ? x : 0), 0);
    const ends = rowOf(model, RUN.years - 1, { ...RUN, runs: 20_000 });
    const middle = mean(ends);
    const deviation = Math.sqrt(mean(ends.map((x) => (x - middle) ** 2)) / ends.length);
    expect(Math.abs(middle - expected)).to.be.below(4 * deviation);
  });
  for (const [name, plan, capacity] of [
    ['left alone', {}, Infinity],
    ['dug, every second year, in a place that carries no more than 120', { ...digging, everyYears: 2 }, 120],
  ] as const)
    it(`spreads as a slow and plain simulator spreads it: ${name}`, () => {
      const model = standOf({ capacity }, plan);
      const [mine, plain] = [
        rowOf(model, 14, { ...RUN, runs: 8000 }),
        Float64Array.from(slowly(model, SLOW_HERB, 8000, 15)),
      ];
      const [a, b] = [selectQuantiles(mine, FAN), selectQuantiles(plain, FAN)];
      // The share of the one below the quantiles of the other: an error of 8,000 draws is a little over half a hundredth; classes cost as much.
      for (const [i, q] of FAN.entries()) {
        if (b[i]! >= capacity) continue;
        expect(Math.abs(mine.filter((x) => x < b[i]!).length / 8000 - q), `${q}: ${a[i]} and ${b[i]}`).to.be.below(
          0.025,
        );
      }
    });
  it('is the same for the same seed, however it is cut into slices, and another for another', () => {
    const stand = compileStand(standOf({}, digging));
    const cut = emptyPlayed(RUN.runs, RUN.years);
    for (let first = RUN.runs - SLICE; first >= 0; first -= SLICE) playSlice(stand, RUN.seed, { first }, cut);
    expect(cut).to.deep.equal(playAll(stand.model, RUN));
    expect(rowOf(stand.model, 3, { ...RUN, seed: 8 })).not.to.deep.equal(rowOf(stand.model, 3));
  });
  it('never has more of it the more is taken, run by run', () => {
    const at = (share: number) => rowOf(standOf({ capacity: 150 }, { ...digging, share }), 19);
    const rows = [0, 0.05, 0.2, 0.6].map(at);
    for (let i = 1; i < rows.length; i++) expect(rows[i]!.every((n, r) => n <= rows[i - 1]![r]! + 1e-9)).to.equal(true);
  });
  it('counts what was touched, in the years and stands that are taken from', () => {
    const played = playAll(standOf({}, { ...digging, everyYears: 3 }), { ...RUN, years: 4 });
    const touched = [0, 1, 2, 3].map((y) => mean(played.touched.slice(y * RUN.runs, (y + 1) * RUN.runs)));
    expect(touched[0]).to.be.closeTo(0.2 * 70, 1e-9);
    expect([touched[1], touched[2]]).to.deep.equal([0, 0]);
    expect(touched[3]).to.be.above(0);
    const few = playAll(standOf({}, { ...digging, fromCount: 101 }), { ...RUN, years: 2 });
    // It begins with 100: nothing in the first year, and in the second where it has grown.
    expect(mean(few.touched.slice(0, RUN.runs))).to.equal(0);
    const [now, then] = [few.plants.slice(0, RUN.runs), few.touched.slice(RUN.runs)];
    expect(then.every((t, r) => t > 0 === now[r]! >= 101)).to.equal(true);
  });
  it('does to the touched what taking does to them', () => {
    const once = (effect: StandPlan['effect'], over: Partial<StandPlan> = {}, year = 0) =>
      mean(rowOf(standOf({}, { ...digging, effect, ...over }), year));
    const alone = mean(rowOf(standOf(), 0));
    const survivors = (n: number, m: number) => n * 0.88 + m * 0.9;
    expect(once({ kills: 1 })).to.be.closeTo(alone - 0.2 * (survivors(40, 30) + 30 * 0.05), 0.6);
    // Seed that is not set is missed once the seedlings would have come up.
    expect(once({ seedLost: 1 })).to.be.closeTo(alone, 1e-9);
    expect(once({ seedLost: 1 }, {}, 6)).to.be.below(mean(rowOf(standOf(), 6)) - 0.5);
    expect(once({ weakens: 0.5 })).to.be.closeTo(alone - 0.1 * survivors(40, 30), 0.6);
    // Set back they live on: 8 and 6 plants with the survival of the stage before.
    expect(once({ setsBack: 1 })).to.be.closeTo(
      alone - 0.2 * (survivors(40, 30) + 30 * 0.05) + 8 * 0.7 + 6 * 0.88,
      0.6,
    );
  });
  it('has back what is planted, for each touched or every year', () => {
    const end = (plan: Partial<StandPlan>, year = 0) => mean(rowOf(standOf({}, plan), year));
    const dug = end(digging);
    expect(end({ ...digging, setBack: { stage: 'juvenile', perTouched: 2 } })).to.be.closeTo(dug + 2 * 14, 1e-6);
    expect(end({ planted: { stage: 'mature', number: 5, years: 1 } })).to.be.closeTo(end({}) + 5, 1e-6);
    const [one, two] = [1, 2].map((years) => end({ planted: { stage: 'mature', number: 5, years } }, 1));
    expect(two! - one!).to.be.closeTo(5, 1e-6);
  });
  it('is struck now and then', () => {
    const model = standOf({ stroke: { chance: 0.1, share: 0.5 } });
    const [struck, spared] = [rowOf(model, 0, { ...RUN, runs: 20_000 }), rowOf(standOf(), 0, { ...RUN, runs: 20_000 })];
    expect(mean(struck) / mean(spared)).to.be.closeTo(0.95, 0.005);
  });
  it('comes to rest at what the place carries where growth slows as it fills, from below and from above', () => {
    const after = (of: number, years: number): number => {
      const [year] = restingAt(200, of, years).slice(-1);
      return year!;
    };
    const { lambda } = EVEN;
    // Beverton and Holt: λ N / (1 + (λ − 1) N / K).
    expect(after(100, 1)).to.be.closeTo((lambda * 100) / (1 + ((lambda - 1) * 100) / 200), 1e-9);
    for (const of of [20, 200, 900]) expect(after(of, 400)).to.be.closeTo(200, 1e-3);
    const way = restingAt(200, 20, 60);
    expect(way.every((n, i) => i === 0 || n >= way[i - 1]!)).to.equal(true);
  });
  it('grows again faster where it was thinned, and rests where that makes up for it', () => {
    const { lambda } = EVEN;
    const h = 0.1;
    // What stands after the take is K (λ (1 − h) − 1) / (λ − 1).
    const left = (200 * (lambda * (1 - h) - 1)) / (lambda - 1);
    const taking = { share: h, stages: EVEN_LIFE.stages, effect: { kills: 1 } };
    expect(restingAt(200, 150, 400, taking).at(-1)).to.be.closeTo(left / (1 - h), 1e-3);
    // Only those that have enough are taken from: the others crowd as they stand.
    const spared = { ...taking, fromCount: 1e6 };
    expect(restingAt(200, 100, 1, spared)).to.deep.equal(restingAt(200, 100, 1));
  });
  it('is not held back by crowding where it does not grow, nor without a bound', () => {
    const falling = standOf();
    const gradual = (capacity: number) => rowOf({ ...falling, capacity, crowding: 'gradual' }, 9, { ...RUN, runs: 50 });
    expect(gradual(Infinity)).to.deep.equal(rowOf({ ...falling, capacity: Infinity }, 9, { ...RUN, runs: 50 }));
  });
  it('refuses what is no stand and no plan', () => {
    expect(() => compileStand(standOf({ start: [1, 2] }))).to.throw(RangeError, 'each stage');
    expect(() => compileStand(standOf({}, { ...digging, share: 1.2 }))).to.throw(RangeError, 'between 0 and 1');
    expect(() => compileStand(standOf({}, { ...digging, effect: { kills: 0.7, setsBack: 0.5 } }))).to.throw(RangeError);
    expect(() => compileStand(standOf({}, { ...digging, stages: ['old'] }))).to.throw(RangeError, 'no stage "old"');
  });
});

describe('a life history', () => {
  it('makes the matrix of its rates: survivors that move or stay, and births', () => {
    const m = projectionMatrix(ratesOf(SLOW_HERB));
    expect(m[1]![0]).to.be.closeTo(0.5 * 0.2, 1e-12);
    expect(m[0]![0]).to.be.closeTo(0.5 * 0.8, 1e-12);
    expect(m[3]![3]).to.be.closeTo(0.88 * 0.6, 1e-12);
    expect([m[0]![4], m[2]![4]]).to.deep.equal([6, 0.05]);
  });
  it('is refused where a rate is none, a stage is missing, or more than all move on', () => {
    const broken = (over: Partial<LifeHistory>) => () => ratesOf({ ...SLOW_HERB, ...over });
    expect(broken({ survival: { ...SLOW_HERB.survival, mature: of(1.1) } })).to.throw(RangeError, '1.1 is no rate');
    expect(broken({ survival: { seed: of(0.5) } })).to.throw(RangeError, '"seedling"');
    expect(broken({ moves: [{ from: 'old', to: 'mature', share: of(0.1) }] })).to.throw(RangeError, 'no stage "old"');
    const twice = [of(0.7), of(0.6)].map((share) => ({ from: 'mature', to: 'flowering', share }) as const);
    expect(broken({ moves: twice })).to.throw(RangeError, 'more than all');
    expect(
      ratesWith({ ...SLOW_HERB, survival: { ...SLOW_HERB.survival, mature: of(0.8, 0.6, 0.9) } }, (f) => f.low)
        .survival[3],
    ).to.equal(0.6);
  });
});

describe('good and bad years', () => {
  it('have the rates for their mean, exactly, spread and correlated as asked', () => {
    const rates = ratesOf(SLOW_HERB);
    const { survival, births } = yearClassesOf(rates, { survival: 0.5, births: 0.8, correlation: 0.6 });
    for (const [s, row] of survival.entries()) expect(mean(row)).to.be.closeTo(rates.survival[s]!, 1e-12);
    for (const [b, row] of births.entries()) expect(mean(row)).to.be.closeTo(rates.births[b]!.number, 1e-12);
    const logit = survival[3]!.map((p) => Math.log(p / (1 - p)));
    const log = births[0]!.map(Math.log);
    const sd = (xs: Float64Array) => {
      const middle = mean(xs);
      return Math.sqrt(mean(xs.map((x) => (x - middle) ** 2)));
    };
    expect([sd(logit), sd(log)].map((x) => Math.round(1e6 * x) / 1e6)).to.deep.equal([0.5, 0.8]);
    const [a, b] = [mean(logit), mean(log)];
    const together = mean(logit.map((x, i) => (x - a) * (log[i]! - b)));
    expect(together / (0.5 * 0.8)).to.be.closeTo(0.6, 1e-9);
  });
  it('leave certain what is certain, and are refused a spread that is none', () => {
    const rates = { ...ratesOf(SLOW_HERB), survival: [0, 1, 0.5, 0.5, 0.5] };
    const { survival } = yearClassesOf(rates, { survival: 2, births: 0, correlation: 0 });
    expect(survival[0]!.every((p) => p === 0) && survival[1]!.every((p) => p === 1)).to.equal(true);
    expect(() => yearClassesOf(rates, { survival: -1, births: 0, correlation: 0 })).to.throw(RangeError);
    expect(() => yearClassesOf(rates, { survival: 1, births: 0, correlation: 1.2 })).to.throw(RangeError);
  });
});

describe('quantiles', () => {
  it('are those of the sorted numbers', () => {
    const chance = chanceOf(5);
    const values = Float64Array.from({ length: 1001 }, () => Math.round(40 * chance.uniform()));
    const sorted = [...values].sort((a, b) => a - b);
    expect(selectQuantiles(values, FAN)).to.deep.equal(FAN.map((q) => sorted[Math.floor(q * 1000)]));
    expect(selectQuantiles(Float64Array.of(3), FAN)).to.deep.equal([3, 3, 3, 3, 3]);
    expect(() => selectQuantiles(new Float64Array(0), FAN)).to.throw(RangeError);
  });
  it('are so however the numbers lie: many and few, all alike, far apart, one far off, close to nothing; and these stay as they were', () => {
    const { uniform, normal } = chanceOf(11);
    const ways: readonly ((i: number) => number)[] = [
      uniform,
      normal,
      () => Math.exp(6 * normal()),
      () => Math.min(400, 380 + 30 * normal()),
      () => 7,
      (i) => (i === 500 ? 1e300 : uniform()),
      (i) => (i % 2) * Number.MIN_VALUE,
      (i) => -i,
    ];
    for (const draw of ways)
      for (const count of [1, 2, 255, 256, 2000, 2001]) {
        const values = Float64Array.from({ length: count }, (_, i) => draw(i));
        const sorted = values.slice().sort();
        const before = values.slice();
        expect(selectQuantiles(values, [0, ...FAN, 1])).to.deep.equal(
          [0, ...FAN, 1].map((q) => sorted[Math.floor(q * (count - 1))]),
        );
        expect(values).to.deep.equal(before);
      }
    expect(() => selectQuantiles(Float64Array.of(1, Infinity, 2), FAN)).to.throw('finite');
    expect(() => selectQuantiles(Float64Array.of(1, NaN, 2), FAN)).to.throw('finite');
  });
});
