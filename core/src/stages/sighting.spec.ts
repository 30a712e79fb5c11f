import { expect } from 'chai';
import fc from 'fast-check';
import { boundsOf, sightingLikelihood } from './sighting.ts';
import type { StageSighting } from './stage-sighting.ts';

const STAGES = ['leaf', 'bud', 'flower', 'fruit'];
const FIRST = 20_000;
const seen = (stage: string, day: number, reached = true): StageSighting => ({ stage, day: FIRST + day, reached });

describe('what sightings say of every stage', () => {
  it('is nothing without sightings', () => {
    expect(boundsOf(STAGES, [], FIRST)).to.deep.equal(STAGES.map(() => ({ after: null, by: null })));
  });
  it('reaches back from a stage seen, and forward from one not yet there', () => {
    expect(boundsOf(STAGES, [seen('bud', 100)], FIRST).map((b) => b.by)).to.deep.equal([100, 100, null, null]);
    expect(boundsOf(STAGES, [seen('bud', 90, false)], FIRST).map((b) => b.after)).to.deep.equal([null, 90, 90, 90]);
  });
  it('takes the earliest day on which a stage was there, and the latest on which it was not', () => {
    const [, , flower] = boundsOf(
      STAGES,
      [seen('flower', 140), seen('flower', 133), seen('flower', 120, false), seen('flower', 126, false)],
      FIRST,
    );
    expect(flower).to.deep.equal({ after: 126, by: 133 });
  });
  it('believes "reached" where the two contradict each other, and keeps "not yet" elsewhere', () => {
    const bounds = boundsOf(STAGES, [seen('bud', 100), seen('bud', 105, false)], FIRST);
    expect(bounds[1]).to.deep.equal({ after: null, by: 100 });
    expect(bounds[2]).to.deep.equal({ after: 105, by: null });
  });
  it('does not believe one "reached" against several later "not yet", nor one "not yet" against several "reached" before it', () => {
    const notYet = [101, 105, 110, 116, 121].map((day) => seen('bud', day, false));
    expect(boundsOf(STAGES, [seen('bud', 90), ...notYet], FIRST)[1]).to.deep.equal({ after: 121, by: null });
    expect(boundsOf(STAGES, [seen('bud', 90), ...notYet, seen('bud', 128)], FIRST)[1]).to.deep.equal({
      after: 121,
      by: 128,
    });
    const there = [90, 95, 99].map((day) => seen('bud', day));
    expect(boundsOf(STAGES, [...there, seen('bud', 104, false)], FIRST)[1]).to.deep.equal({ after: null, by: 90 });
  });
  it('passes over a stage that the plant no longer has', () => {
    expect(boundsOf(STAGES, [seen('catkins', 50)], FIRST)).to.deep.equal(STAGES.map(() => ({ after: null, by: null })));
  });
  it('does not hang on the order in which they were noted', () => {
    const sighting = fc.record({
      stage: fc.constantFrom(...STAGES),
      day: fc.integer({ min: FIRST, max: FIRST + 300 }),
      reached: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(sighting, { maxLength: 12 }), (list) => {
        expect(boundsOf(STAGES, [...list].reverse(), FIRST)).to.deep.equal(boundsOf(STAGES, list, FIRST));
      }),
    );
  });
});

describe('how well a day agrees with its bounds', () => {
  const bounds = { after: 100, by: 110 };
  it('is near 1 in between, a half at the very bound, little outside', () => {
    expect(sightingLikelihood(105, bounds)).to.be.greaterThan(0.9);
    // Half a day past the bound the two outcomes are equally likely.
    expect(sightingLikelihood(110.5, { after: null, by: 110 })).to.be.closeTo(0.5, 0.01);
    expect(sightingLikelihood(125, bounds)).to.be.lessThan(0.02);
    expect(sightingLikelihood(85, bounds)).to.be.lessThan(0.02);
  });
  it('never is nothing: a sighting may be a plain mistake', () => {
    for (const day of [-1e4, 0, 1e4]) expect(sightingLikelihood(day, bounds)).to.be.greaterThan(0);
  });
  it('falls the further a day lies outside', () => {
    const outside = [111, 112, 114, 118].map((d) => sightingLikelihood(d, bounds));
    expect([...outside].sort((a, b) => b - a)).to.deep.equal(outside);
  });
  it('is 1 where nothing bounds', () => expect(sightingLikelihood(50, { after: null, by: null })).to.equal(1));
});
