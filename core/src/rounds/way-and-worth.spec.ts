import { expect } from 'chai';
import { worthOf } from './prize.ts';
import { USUAL_PACE, walkMinutes } from './walking.ts';

const STRAIGHT = { share: 1, detour: 1 };

describe('a way on foot', () => {
  it('takes as long as Tobler says: 5.04 km an hour on the level, 6 a little downhill', () => {
    expect(walkMinutes({ distanceM: 1000, climbM: 0 }, STRAIGHT)).to.be.closeTo(60 / (6 * Math.exp(-0.175)), 1e-9);
    expect(walkMinutes({ distanceM: 1000, climbM: 0 }, STRAIGHT)).to.be.closeTo(11.91, 0.005);
    expect(walkMinutes({ distanceM: 1000, climbM: -50 }, STRAIGHT)).to.be.closeTo(10, 1e-9);
  });
  it('takes as long up as down by as much more or less than one in twenty', () => {
    for (const steep of [10, 120, 300])
      expect(walkMinutes({ distanceM: 1000, climbM: steep - 50 }, STRAIGHT)).to.be.closeTo(
        walkMinutes({ distanceM: 1000, climbM: -steep - 50 }, STRAIGHT),
        1e-9,
      );
  });
  it('winds, and is slower for some; where it is steeper than people walk it is climbed', () => {
    const level = walkMinutes({ distanceM: 1000, climbM: 0 }, STRAIGHT);
    expect(walkMinutes({ distanceM: 1000, climbM: 0 })).to.be.closeTo(USUAL_PACE.detour * level, 1e-9);
    expect(walkMinutes({ distanceM: 1000, climbM: 0 }, { share: 0.5, detour: 1 })).to.be.closeTo(2 * level, 1e-9);
    expect(walkMinutes({ distanceM: 100, climbM: 500 }, STRAIGHT)).to.be.closeTo((60 * 0.1) / 0.3, 1e-9);
    expect(walkMinutes({ distanceM: 0, climbM: 0 })).to.equal(0);
  });
  it('refuses what is no way and no pace', () => {
    expect(() => walkMinutes({ distanceM: -1, climbM: 0 })).to.throw(RangeError);
    expect(() => walkMinutes({ distanceM: 1, climbM: 0 }, { share: 0, detour: 1 })).to.throw(RangeError);
    expect(() => walkMinutes({ distanceM: 1, climbM: 0 }, { share: 1, detour: 0.9 })).to.throw(RangeError);
  });
});

describe('what a stand is worth a way for', () => {
  it('is its quality as far as it is open, and up to twice that where it closes', () => {
    expect(worthOf({ quality: 1, certainty: 1, daysLeft: null })).to.equal(1);
    expect(worthOf({ quality: 0.8, certainty: 0.5, daysLeft: null })).to.be.closeTo(0.4, 1e-12);
    expect(worthOf({ quality: 1, certainty: 1, daysLeft: 0 })).to.equal(2);
    expect(worthOf({ quality: 1, certainty: 1, daysLeft: 4 })).to.equal(1.5);
    expect(worthOf({ quality: 1, certainty: 1, daysLeft: 60 })).to.be.closeTo(1, 1e-4);
    expect(() => worthOf({ quality: 1.1, certainty: 1, daysLeft: null })).to.throw(RangeError);
    expect(() => worthOf({ quality: 1, certainty: 1, daysLeft: -1 })).to.throw(RangeError);
  });
});
