import { expect } from 'chai';
import fc from 'fast-check';
import { boundsOf } from './sighting.ts';
import type { StageSighting } from './stage-sighting.ts';
import { halfWithin, spreadWithin, USUAL_SPREAD_DAYS } from './stand-spread.ts';

const seen = (day: number, share: number | null, reached = true): StageSighting => ({
  stage: 'flower',
  day,
  reached,
  share,
});

describe('a share of a stand', () => {
  it('dates the half: by the day where half is seen, later where less, earlier where more', () => {
    expect(halfWithin(seen(100, 0.5), 4)).to.deep.equal({ after: 98, by: 102 });
    // z(0.10) = −1.28 and z(0.40) = −0.25.
    expect(halfWithin(seen(100, 0.25), 4)).to.deep.equal({ after: 101, by: 105 });
    expect(halfWithin(seen(100, 0.75), 4)).to.deep.equal({ after: 95, by: 99 });
  });
  it('says what a plain sighting says where it is none or all of it', () => {
    expect(halfWithin(seen(100, 0), 4)).to.deep.equal(halfWithin(seen(100, null, false), 4));
    expect(halfWithin(seen(100, 1), 4)).to.deep.equal({ after: null, by: 96 });
    expect(halfWithin(seen(100, null), 4)).to.deep.equal({ after: null, by: 100 });
  });
  it('more of it never dates it later', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        (a, b) => {
          const [less, more] = [halfWithin(seen(100, Math.min(a, b)), 5), halfWithin(seen(100, Math.max(a, b)), 5)];
          expect(more.by!).to.be.at.most(less.by!);
          expect(more.after!).to.be.at.most(less.after!);
          expect(more.after!).to.be.below(more.by!);
        },
      ),
    ));
  it('bounds the stages beside it as any sighting does', () => {
    const stages = ['leaf', 'bud', 'flower', 'fruit'];
    const bounds = boundsOf(stages, [seen(110, 0.25)], 10, 4);
    expect(bounds.map((b) => [b.after, b.by])).to.deep.equal([
      [null, 105],
      [null, 105],
      [101, 105],
      [101, null],
    ]);
  });
});

describe('the spread within a stand', () => {
  it('is the usual one until somebody saw two shares of a stage', () => {
    expect(spreadWithin([])).to.be.closeTo(USUAL_SPREAD_DAYS, 1e-9);
    expect(spreadWithin([seen(100, 0.25), seen(130, null), seen(110, 0.25), seen(465, 0.75)])).to.be.closeTo(4, 1e-9);
  });
  it('is drawn to what two shares say: a quarter to three quarters in so many days', () => {
    // z(0.75) − z(0.25) = 1.349: 27 days apart say 20 days; half-way on the logarithm from 4 days is √80.
    expect(spreadWithin([seen(100, 0.25), seen(127, 0.75)])).to.be.closeTo(Math.sqrt(4 * (27 / 1.34898)), 1e-3);
  });
  it('comes near the truth when it has been seen often', () => {
    const often = Array.from({ length: 12 }, (_, i) => [seen(400 * i, 0.25), seen(400 * i + 14, 0.75)]).flat();
    expect(spreadWithin(often)).to.be.closeTo(14 / 1.34898, 0.9);
  });
  it('learns nothing from a share that falls, as eyes differ', () =>
    expect(spreadWithin([seen(100, 0.75), seen(105, 0.25)])).to.be.closeTo(4, 1e-9));
});
