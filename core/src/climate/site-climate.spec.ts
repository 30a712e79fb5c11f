import { expect } from 'chai';
import fc from 'fast-check';
import { directSun, leafShare, siteClimate, slopeWarmth, type Canopy } from './site-climate.ts';

const level = { latitudeDeg: 45, heightM: 100 };
const JULY = 195;
const FEBRUARY = 40;

describe('the climate of a place', () => {
  it('reckons direct sun by the published equation', () => {
    // 0.339 + 0.808 cos 45°; and the same by hand for 20° of slope to the south and north.
    expect(directSun({ latitudeDeg: 45, slopeDeg: 0, aspectDeg: null })).to.be.closeTo(0.9103, 1e-4);
    expect(directSun({ latitudeDeg: 45, slopeDeg: 20, aspectDeg: 180 })).to.be.closeTo(0.9933, 1e-4);
    expect(directSun({ latitudeDeg: 45, slopeDeg: 20, aspectDeg: 0 })).to.be.closeTo(0.6636, 1e-4);
  });
  it('counts morning and evening slopes alike, and mirrors those south of the equator', () => {
    const warmth = (aspectDeg: number, latitudeDeg = 45): number =>
      slopeWarmth({ latitudeDeg, heightM: 0, slopeDeg: 25, aspectDeg });
    expect(warmth(90)).to.be.closeTo(warmth(270), 1e-12);
    expect(warmth(180)).to.be.closeTo(warmth(0, -45), 1e-12);
    expect(warmth(180)).to.be.above(1).and.above(warmth(90));
    expect(warmth(0)).to.be.below(1);
  });
  it('keeps the slope’s factor within its bounds anywhere, and at 1 on the level', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -90, max: 90, noNaN: true }),
        fc.double({ min: 0, max: 90, noNaN: true }),
        fc.double({ min: 0, max: 360, noNaN: true }),
        (latitudeDeg, slopeDeg, aspectDeg) => {
          expect(slopeWarmth({ latitudeDeg, heightM: 0, slopeDeg, aspectDeg })).to.be.within(0.85, 1.12);
          expect(slopeWarmth({ latitudeDeg, heightM: 0, slopeDeg: 0, aspectDeg })).to.equal(1);
        },
      ),
    );
  });
  it('draws the range of the day together under leaves, and hardly while they are off', () => {
    const { minC, maxC } = siteClimate(100, { ...level, canopy: 'underTrees' });
    expect([minC[JULY], maxC[JULY]]).to.deep.equal([1.1, -4.1]);
    expect(maxC[FEBRUARY]).to.be.closeTo(-4.1 * 0.3, 1e-9);
    const evergreen = siteClimate(100, { ...level, canopy: 'evergreen' });
    expect(evergreen.maxC[FEBRUARY]).to.equal(evergreen.maxC[JULY]);
  });
  it('has its leaves half a year later in the south', () => {
    expect(leafShare(195, 45)).to.equal(1);
    expect(leafShare(195, -45)).to.equal(0);
    expect(leafShare(13, -45)).to.equal(1);
  });
  it('counts only what a place has more or less of than the profile’s own', () => {
    for (const canopy of ['open', 'halfShade', 'underTrees', 'evergreen'] as const satisfies readonly Canopy[]) {
      const { minC, maxC } = siteClimate(300, { ...level, canopy }, canopy);
      expect(new Set([...minC, ...maxC].map((c) => c.toFixed(9)))).to.deep.equal(new Set(['1.300000000']));
    }
    expect(siteClimate(100, level, 'evergreen').maxC[JULY]).to.equal(0);
    const plantOfTheWood = siteClimate(100, { ...level, canopy: 'open' }, 'underTrees');
    expect(plantOfTheWood.maxC[JULY]).to.equal(4.1);
  });
  it('adds what its own thermometer said', () => {
    const { minC, maxC } = siteClimate(100, { ...level, measured: { minC: -1.5, maxC: 0.5 } });
    expect([minC[JULY], maxC[JULY]]).to.deep.equal([-1.5, 0.5]);
  });
});
