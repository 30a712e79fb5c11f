import { expect } from 'chai';
import fc from 'fast-check';
import { chanceOf } from '../random/index.ts';
import { batchesOf, doubtfulOf, kinOf, type BatchBody, type BatchNoted } from './batch.ts';
import { fitDrying, type Weighing } from './drying.ts';
import { bestBefore, dryingPrior, mouldRisk } from './keeping.ts';

describe('drying', () => {
  const prior = dryingPrior('leaf', 'mesh', null);
  /** 400 g that dry to a share at a rate, weighed to the gram with an error of one in fifty. */
  function weighedFor(share: number, dryHours: number, at: readonly number[], seed: number): readonly Weighing[] {
    const { normal } = chanceOf(seed);
    const rate = Math.log(20) / dryHours;
    return at.map((hours) => {
      const massG = 400 * (share + (1 - share) * Math.exp(-rate * hours));
      return { hours, massG: Math.max(1, Math.round(massG * (1 + 0.015 * normal()))) };
    });
  }
  it('of what was never weighed again is what is usual of its kind', () => {
    const { dryHours, finalG } = fitDrying([{ hours: 0, massG: 400 }], prior)!;
    expect(dryHours.p50).to.be.closeTo(prior.dryHours.value, 5);
    expect(dryHours.p10).to.be.above(prior.dryHours.low);
    expect(dryHours.p90).to.be.below(prior.dryHours.high);
    expect(finalG.p50).to.be.within(80, 115);
    expect(fitDrying([], prior)).to.equal(null);
  });
  it('is told by its weighings: the truth lies within the bands about eight times of ten, and they narrow', function () {
    this.timeout(60_000);
    let [inTime, inMass, narrowed, runs] = [0, 0, 0, 0];
    for (let seed = 1; seed <= 40; seed++) {
      const { uniform } = chanceOf(900 + seed);
      const [share, hours] = [0.13 + 0.16 * uniform(), 35 + 90 * uniform()];
      const few = fitDrying(weighedFor(share, hours, [0, 12], seed), prior)!;
      const more = fitDrying(weighedFor(share, hours, [0, 12, 24, 36, 48], seed), prior)!;
      const width = (d: typeof few) => d.dryHours.p90 - d.dryHours.p10;
      narrowed += width(more) / width(few);
      runs++;
      if (more.dryHours.p10 <= hours && hours <= more.dryHours.p90) inTime++;
      const mass = 400 * (share + 0.05 * (1 - share));
      if (more.finalG.p10 <= mass && mass <= more.finalG.p90) inMass++;
    }
    expect(narrowed / runs).to.be.below(0.75);
    expect(inTime / runs).to.be.within(0.65, 0.97);
    expect(inMass / runs).to.be.within(0.65, 0.97);
  });
  it('goes on as it was: what it weighs next is foretold, and never more than before', () => {
    const fit = fitDrying(weighedFor(0.2, 60, [0, 10, 20, 30], 3), prior)!;
    const truth = 400 * (0.2 + 0.8 * Math.exp((-Math.log(20) / 60) * 45));
    const { p10, p90 } = fit.massG(45);
    expect(truth).to.be.within(p10, p90);
    for (let h = 1; h < 120; h++) expect(fit.massG(h).p50).to.be.at.most(fit.massG(h - 1).p50);
  });
  it('takes longer in a bundle, and in damp air', () => {
    expect(dryingPrior('leaf', 'bundle', null).dryHours.value).to.be.above(prior.dryHours.value);
    // At 77.5 % the air takes up half of what it does at 55.
    expect(dryingPrior('leaf', 'mesh', 77.5).dryHours.value).to.be.closeTo(2 * prior.dryHours.value, 1e-9);
    expect(dryingPrior('leaf', 'mesh', 100).dryHours.value).to.be.finite;
    expect(dryingPrior('seed', 'mesh', null).finalShare.value).to.be.above(prior.finalShare.value);
  });
  it('refuses what is no weight', () => {
    expect(() => fitDrying([{ hours: 0, massG: 0 }], prior)).to.throw(RangeError);
    expect(() => fitDrying([{ hours: -1, massG: 5 }], prior)).to.throw(RangeError);
    const beyond = { ...prior, finalShare: { ...prior.finalShare, high: 1 } };
    expect(() => fitDrying([{ hours: 0, massG: 5 }], beyond)).to.throw(RangeError);
  });
});

describe('what speaks for mould', () => {
  const of = (over: Partial<Parameters<typeof mouldRisk>[0]>) =>
    mouldRisk({ form: 'bundle', acrossCm: 2, humidityPct: 50, hours: 10, waterLeftShare: 0.8, ...over });
  it('is damp air, a thick bundle, and water that does not go', () => {
    expect(of({})).to.deep.equal({ level: 'low', signs: [] });
    expect(of({ acrossCm: 4 })).to.deep.equal({ level: 'some', signs: ['thick'] });
    expect(of({ acrossCm: 6, humidityPct: 70 })).to.deep.equal({ level: 'high', signs: ['humid', 'veryThick'] });
    expect(of({ hours: 80 }).signs).to.deep.equal(['slow']);
    expect(of({ hours: 80, waterLeftShare: 0.2 }).signs).to.deep.equal([]);
    expect(of({ form: 'mesh', acrossCm: 4 }).signs).to.deep.equal(['veryThick']);
    expect(of({ acrossCm: null, humidityPct: null, waterLeftShare: null, hours: 200 }).level).to.equal('low');
  });
});

describe('how long something is good', () => {
  it('is counted from the day on which it was stored, and of some ways nobody says', () => {
    expect(bestBefore('fresh', '2026-05-15')).to.equal('2026-05-18');
    expect(bestBefore('dry', '2026-05-15')).to.equal('2027-05-15');
    expect(bestBefore('other', '2026-05-15')).to.equal(null);
  });
});

const body = (over: Partial<BatchBody> = {}): BatchBody => ({
  ...{ name: '', parents: ['t1'], part: 'leaf', massG: 200, out: [], washed: false, way: 'dry' },
  ...{ form: 'mesh', acrossCm: null, humidityPct: null, note: '' },
  ...over,
});
const at = (hours: number): string => new Date(Date.UTC(2026, 4, 15, 8) + hours * 3_600_000).toISOString();
const made = (id: string, over: Partial<BatchBody> = {}, hours = 0): BatchNoted => ({
  ...{ kind: 'batch', id, day: '2026-05-15', madeAt: at(hours) },
  body: body(over),
});
const step = (
  batchId: string,
  what: 'dry' | 'stored' | 'used' | 'spoilt',
  massG: number | null,
  hours: number,
): BatchNoted => ({
  ...{ kind: 'batchStep', id: `${batchId}${what}${hours}`, day: '2026-05-18', madeAt: at(hours) },
  body: { batchId, step: what, massG, where: what === 'stored' ? 'cellar' : '' },
});
const scaled = (batchId: string, massG: number, hours: number): BatchNoted => ({
  ...{ kind: 'batchWeighing', id: `${batchId}w${hours}`, day: '2026-05-16', madeAt: at(hours) },
  body: { batchId, massG, at: at(hours) },
});

describe('a batch', () => {
  const one = (...noted: readonly BatchNoted[]) => batchesOf([made('a'), ...noted])[0]!;
  it('dries until somebody says that it is dry, or stores it; anything else is kept from the table on', () => {
    expect(one().state).to.equal('drying');
    expect(one(step('a', 'dry', null, 50)).state).to.equal('kept');
    expect(one(step('a', 'stored', 40, 60))).to.deep.include({
      ...{ state: 'kept', storedOn: '2026-05-18', where: 'cellar', leftG: 40 },
    });
    expect(batchesOf([made('b', { way: 'freeze', form: null })])[0]!.state).to.equal('kept');
  });
  it('weighs what it weighed at the table, and then what the scale said, by the hour', () => {
    expect(one(scaled('a', 90, 30), scaled('a', 150, 10)).weighings).to.deep.equal([
      { hours: 0, massG: 200 },
      { hours: 10, massG: 150 },
      { hours: 30, massG: 90 },
    ]);
    expect(one(scaled('another', 1, 1)).weighings).to.have.length(1);
  });
  it('that is noted days later began at noon of its day', () => {
    expect(one().beganAt).to.equal(at(0));
    expect(batchesOf([made('a', {}, 24 * 9)])[0]!.beganAt).to.equal('2026-05-15T12:00:00.000Z');
  });
  it('is what is left of it, and gone once nothing is, or it was made into another', () => {
    const left = (...noted: readonly BatchNoted[]) => {
      const { leftG, state, spoilt } = one(step('a', 'stored', 40, 60), ...noted);
      return [leftG, state, spoilt];
    };
    expect(left(step('a', 'used', 15, 70))).to.deep.equal([25, 'kept', false]);
    expect(left(step('a', 'used', 15, 70), step('a', 'used', 25, 80))).to.deep.equal([0, 'gone', false]);
    expect(left(step('a', 'used', null, 70))).to.deep.equal([0, 'gone', false]);
    expect(left(step('a', 'spoilt', null, 70))).to.deep.equal([0, 'gone', true]);
    expect(batchesOf([made('a'), made('b', { parents: ['a'] }, 5)]).map((b) => b.state)).to.deep.equal([
      'gone',
      'drying',
    ]);
  });
  it('never has less than nothing left, whatever was noted', () => {
    const anyStep = fc.record({
      what: fc.constantFrom('dry', 'stored', 'used', 'spoilt'),
      massG: fc.option(fc.integer({ min: 0, max: 500 })),
      hours: fc.integer({ min: 1, max: 500 }),
    });
    fc.assert(
      fc.property(fc.array(anyStep, { maxLength: 8 }), (steps) => {
        const { leftG } = one(...steps.map((s) => step('a', s.what as 'used', s.massG, s.hours)));
        return leftG === null || leftG >= 0;
      }),
    );
  });
});

describe('a recall', () => {
  // Two takes, one split in two jars, one of which was blended with the other take; a fourth has nothing to do with it.
  const batches = batchesOf([
    made('jar', { parents: ['t1'] }),
    made('bag', { parents: ['t1'] }, 1),
    made('blend', { parents: ['bag', 't2'] }, 2),
    made('other', { parents: ['t3'] }, 3),
  ]);
  it('reaches every jar that shares anything with one, up and down', () => {
    expect([...kinOf(batches, 't1')].sort()).to.deep.equal(['bag', 'blend', 'jar', 't1', 't2']);
    expect([...kinOf(batches, 'blend')].sort()).to.deep.equal([...kinOf(batches, 't2')].sort());
    expect([...kinOf(batches, 'other')].sort()).to.deep.equal(['other', 't3']);
    expect([...kinOf(batches, 'nobody')]).to.deep.equal(['nobody']);
  });
  it('is of all that share anything with what had something else among it, and of nothing where only waste was thrown out', () => {
    const out = (reason: 'lookAlike' | 'unknown' | 'woody') => [{ reason, share: 0.03 }];
    const kept = (reason: Parameters<typeof out>[0]) =>
      doubtfulOf(batchesOf([made('jar', { parents: ['t1'], out: out(reason) }), made('bag', { parents: ['t1'] }, 1)]));
    expect([...kept('lookAlike')].sort()).to.deep.equal(['bag', 'jar', 't1']);
    expect([...kept('unknown')].sort()).to.deep.equal(['bag', 'jar', 't1']);
    expect(kept('woody').size).to.equal(0);
  });
});
