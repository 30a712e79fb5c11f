import { expect } from 'chai';
import { chanceOf } from '../random/index.ts';
import { calibrate, drawRates, lambdaOf, likeliestRates, withGrowth } from './drawn-rates.ts';
import { DRAWN_RUNS, playFuture, startOf, tellFuture, type StandProspect } from './future.ts';
import { lastingShare } from './lasting.ts';
import { LIFE_FORMS, LIVES } from './life-forms.ts';
import { isCounted, ratesOf } from './life-history.ts';
import { LEAVE_ALONE, type StandPlan } from './plan.ts';
import { emptyPlayed, placeRuns, type Played } from './simulate.ts';
import type { Growth } from './trend.ts';

const DIGGING: StandPlan = { ...LEAVE_ALONE, stages: ['mature', 'flowering'], effect: { kills: 1 } };
const standing = (counted: Growth | null = null, over: Partial<StandProspect> = {}): StandProspect => ({
  calibration: calibrate(LIVES.slowBulb, counted),
  plants: { value: 120, low: 96, high: 151 },
  capacity: 240,
  stroke: null,
  seed: 11,
  ...over,
});
function played(prospect: StandProspect, plan: StandPlan, runs = 2000, years = 30): Played {
  const into = emptyPlayed(runs, years);
  for (let first = 0; first < runs; first += DRAWN_RUNS) playFuture(prospect, plan, first, into);
  return into;
}
const mean = (xs: Float64Array): number => xs.reduce((s, x) => s + x, 0) / xs.length;

describe('what is known of a kind of life', () => {
  for (const form of LIFE_FORMS)
    it(`makes of ${form} a life that goes on, in order and within bounds`, () => {
      const history = LIVES[form];
      const figures = [
        ...Object.values(history.survival),
        ...history.moves.map((m) => m.share),
        ...history.births.map((b) => b.number),
      ];
      for (const f of figures) expect(f.low <= f.value && f.value <= f.high && f.source === 'estimate').to.equal(true);
      expect(lambdaOf(ratesOf(history))).to.be.within(0.95, 1.6);
      expect(history.stages.some(isCounted)).to.equal(true);
      // Left alone most of its futures hold: else nobody would find it where it was ten years ago.
      const { posterior } = calibrate(history, null);
      expect(posterior.meanLog).to.be.within(0, 0.45);
    });
  it('is drawn within its figures, the middle of the draws near to the likeliest', () => {
    const chance = chanceOf(8);
    const draws = Array.from({ length: 600 }, () => drawRates(LIVES.herb, chance));
    const survival = draws.map((d) => d.survival[2]!).sort((a, b) => a - b);
    expect(survival[300]).to.be.closeTo(0.86, 0.01);
    // A tenth below the low end and a tenth above the high.
    expect(survival.filter((s) => s < 0.78).length / 600).to.be.within(0.05, 0.16);
    expect(survival.filter((s) => s > 0.92).length / 600).to.be.within(0.05, 0.16);
  });
});

describe('a stand as its counts and its kind say', () => {
  it('goes by its kind without counts, by both with some, by the counts with many', () => {
    const growth = (counted: Growth | null) => standing(counted).calibration.posterior.meanLog;
    const alone = growth(null);
    expect(growth({ meanLog: -0.14, sdLog: 0.02 })).to.be.within(-0.14, alone);
    expect(growth({ meanLog: -0.14, sdLog: 0.001 })).to.be.closeTo(-0.14, 0.002);
    expect(growth({ meanLog: -0.14, sdLog: 3 })).to.be.closeTo(alone, 1e-3);
  });
  it('says when counts and kind disagree', () => {
    const disagrees = (counted: Growth) => standing(counted).calibration.disagrees;
    expect(disagrees({ meanLog: -0.14, sdLog: 0.03 })).to.equal(true);
    expect(disagrees({ meanLog: -0.14, sdLog: 0.2 })).to.equal(false);
  });
  it('has rates that grow as it does', () => {
    const { calibration } = standing({ meanLog: -0.1, sdLog: 0.0005 });
    expect(Math.log(lambdaOf(likeliestRates(calibration)))).to.be.closeTo(calibration.posterior.meanLog, 1e-6);
    expect(lambdaOf(withGrowth(ratesOf(LIVES.herb), 1.2))).to.be.closeTo(1.2, 1e-6);
    // What cannot come is come near to.
    expect(lambdaOf(withGrowth(ratesOf(LIVES.herb), 1e9))).to.be.above(4);
  });
  it('begins with as many as were counted, in the stages of the long run', () => {
    const rates = ratesOf(LIVES.herb);
    const start = startOf(rates, 120);
    expect(start.reduce((s, n, i) => s + (isCounted(rates.stages[i]!) ? n : 0), 0)).to.be.closeTo(120, 1e-9);
    expect(start[0]).to.be.above(0);
  });
});

describe('the futures of a stand', () => {
  it('begin with what is not known of it: the count, and draw by draw the rates', () => {
    const { began } = played(standing(), LEAVE_ALONE, 20 * DRAWN_RUNS, 1);
    const starts = [...new Set(began)].sort((a, b) => a - b);
    expect(starts).to.have.length(20);
    expect(starts[10]).to.be.within(100, 145);
    const sure = played(standing(null, { plants: { value: 120, low: 120, high: 120 } }), LEAVE_ALONE, DRAWN_RUNS, 1);
    expect(mean(sure.began)).to.be.closeTo(120, 1e-9);
  });
  it('are the same fortunes under every plan: what is left alone is never less, run by run', () => {
    const [alone, dug] = [LEAVE_ALONE, { ...DIGGING, share: 0.1 }].map((plan) => played(standing(), plan));
    expect(alone!.began).to.deep.equal(dug!.began);
    expect(dug!.plants.every((n, i) => n <= alone!.plants[i]! + 1e-9)).to.equal(true);
  });
  it('are the same wherever they are played: in pieces, put together', () => {
    const [runs, years] = [4 * DRAWN_RUNS, 5];
    const plan = { ...DIGGING, share: 0.2 };
    const whole = played(standing(), plan, runs, years);
    const together = emptyPlayed(runs, years);
    for (const [first, length] of [
      [2 * DRAWN_RUNS, 2 * DRAWN_RUNS],
      [0, 2 * DRAWN_RUNS],
    ] as const) {
      const part = emptyPlayed(length, years);
      for (let at = first; at < first + length; at += DRAWN_RUNS) playFuture(standing(), plan, at, part, first);
      placeRuns(together, part, first);
    }
    expect(together).to.deep.equal(whole);
  });
  it('fall further where there are few plants: each has its own luck', () => {
    const few = (n: number) => ({ plants: { value: n, low: n, high: n }, capacity: 4 * n });
    const below = (n: number) =>
      tellFuture(played(standing({ meanLog: 0, sdLog: 0.01 }, few(n)), LEAVE_ALONE), 2000, 0.5).below[29]!;
    expect(below(12)).to.be.above(below(120) + 0.05);
    expect(played(standing(null, few(12)), LEAVE_ALONE, DRAWN_RUNS, 5).plants.every(Number.isInteger)).to.equal(true);
  });
  it('are told: fans, floors, what was touched and when it is back', () => {
    const once = played(standing(), { ...DIGGING, share: 0.3, everyYears: 30 });
    const told = tellFuture(once, 2000, 0.8);
    expect(told.fan).to.have.length(30);
    for (const q of told.fan) expect([...q].sort((a, b) => a - b)).to.deep.equal(q);
    expect(told.everBelow).to.be.at.least(Math.max(...told.below));
    expect(told.touched[2]).to.equal(told.touchedNow[2]);
    expect(told.recoveredIn).to.be.within(3, 25);
    expect(tellFuture(played(standing(), LEAVE_ALONE), 2000, 0.8).touched).to.deep.equal([0, 0, 0, 0, 0]);
    // Half of the runs say about what all do.
    expect(tellFuture(once, 1000, 0.8).below[9]).to.be.closeTo(told.below[9]!, 0.1);
  });
});

describe('the share that lasts', () => {
  const share = (
    over: Partial<Parameters<typeof lastingShare>[2] & object> = {},
    effect: StandPlan['effect'] = { kills: 1 },
  ) => lastingShare(standing(), { ...DIGGING, effect }, { floorShare: 0.8, years: 30, confidence: 0.9, ...over });
  it('is small where plants are dug, and larger where only some leaves are taken', function () {
    this.timeout(60_000);
    const [dug, leaves] = [share(), share({}, { weakens: 0.1 })];
    expect(dug.share).to.be.within(0.002, 0.06);
    expect(leaves.share).to.be.above(3 * dug.share!);
    expect(dug.low <= dug.share! && dug.share! <= dug.high).to.equal(true);
  });
  it('is no more the higher the floor and the surer one wants to be', function () {
    // Six of them are found, each by some twenty plays.
    this.timeout(90_000);
    const floors = [0.5, 0.8, 0.95].map((floorShare) => share({ floorShare }).share ?? -1);
    const sure = [0.7, 0.9, 0.95].map((confidence) => share({ confidence }).share ?? -1);
    for (const row of [floors, sure]) expect([...row].sort((a, b) => b - a)).to.deep.equal(row);
    expect(floors[0]).to.be.above(floors[2]!);
    expect(sure[0]).to.be.above(sure[2]!);
  });
  it('holds in about as many futures as were asked for', () => {
    const { share: h } = share();
    const { below } = tellFuture(played(standing(), { ...DIGGING, share: h! }), 2000, 0.8);
    expect(1 - below[29]!).to.be.within(0.9, 0.915);
  });
  it('says how far it may be off: other draws of what is not known find it in that range', function () {
    this.timeout(90_000);
    const found = [11, 12, 13, 14, 15, 16].map((seed) => lastingShare(standing(null, { seed }), DIGGING));
    const shares = found.map((f) => f.share ?? 0);
    const middle = shares.reduce((s, x) => s + x, 0) / shares.length;
    expect(found.filter((f) => f.low <= middle && middle <= f.high)).to.have.length.at.least(4);
    // And it is no range that holds everything.
    for (const f of found) expect(f.high - f.low).to.be.below(0.04);
  });
  it('is smaller where growth slows long before the place is full than where only what is above that dies', function () {
    this.timeout(60_000);
    const [limit, gradual] = (['limit', 'gradual'] as const).map(
      (crowding) => lastingShare(standing({ meanLog: 0.08, sdLog: 0.02 }, { crowding }), DIGGING).share!,
    );
    expect(gradual).to.be.within(0.001, limit! - 0.004);
  });
  it('is none where the stand falls by itself', () => {
    const falling = lastingShare(standing({ meanLog: -0.14, sdLog: 0.005 }), DIGGING);
    expect(falling).to.deep.include({ share: null, low: 0, high: 0 });
    expect(falling.holdsAlone).to.be.below(0.5);
  });
});
