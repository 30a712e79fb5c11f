import { expect } from 'chai';
import { DIGGING, learnedMinutes, rootBalance, spentKj, WALKING } from './effort.ts';
import { knownEfforts, type NotedTake } from './known-efforts.ts';
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

describe('what taking costs', () => {
  const take = (standId: string, minutes: number | null, amount: number | null = null): NotedTake => ({
    ...{ standId, minutes, amount },
    what: 'nettle:leaf',
  });
  it('in time is what is usual, and yields to what was timed', () => {
    expect(learnedMinutes([], 12)).to.be.closeTo(12, 1e-9);
    expect(learnedMinutes([{ minutes: 24 }, { minutes: 24 }], 12)).to.be.closeTo(19.05, 0.005);
    const many = Array.from({ length: 50 }, () => ({ minutes: 24 }));
    expect(learnedMinutes(many, 12)).to.be.within(23.5, 24);
    expect(learnedMinutes([{ minutes: 0 }], 12)).to.be.closeTo(12, 1e-9);
    expect(() => learnedMinutes([], 0)).to.throw(RangeError);
  });
  it('is told apart by stand, and a stand without a timed take has what the others say', () => {
    const takes = [
      take('a', 48, 10),
      take('a', 48, 30),
      take('b', null, 20),
      { ...take('c', 5), what: 'elder:flower' },
    ];
    const [nettle, elder] = knownEfforts(takes);
    expect(nettle).to.deep.include({ what: 'nettle:leaf', timed: 2, amount: 20 });
    expect(nettle!.minutes).to.be.closeTo((12 * 48 * 48) ** (1 / 3), 1e-9);
    const [a, b] = nettle!.stands;
    expect(a!.minutes).to.be.within(nettle!.minutes, 48);
    expect(b).to.deep.include({ timed: 0, amount: 20 });
    expect(b!.minutes).to.be.closeTo(nettle!.minutes, 1e-9);
    expect(elder).to.deep.include({ timed: 1, amount: null });
    expect(knownEfforts([])).to.deep.equal([]);
  });
  it('in strength is metabolic equivalents by mass and time', () => {
    expect(spentKj(DIGGING, 70, 60)).to.be.closeTo(1464.4, 1e-9);
    expect(spentKj(WALKING, 60, 30)).to.be.closeTo(3.3 * 60 * 4.184 * 0.5, 1e-9);
    expect(() => spentKj(0.5, 70, 1)).to.throw(RangeError);
    expect(() => spentKj(2, 0, 1)).to.throw(RangeError);
  });
  it('of roots is set against what is in them: in loose ground a gain where in hard ground nobody can say', () => {
    const deep = { massG: 900, minutes: 60 };
    // (5 − 1) · 70 · 4.184 = 1,171.5 kJ an hour beyond sitting still; 900 g hold 900 to 3,150.
    expect(rootBalance(deep, 'firm')).to.deep.include({ minutes: 60, verdict: 'open' });
    expect(rootBalance(deep, 'firm').spentKj).to.be.closeTo(1171.5, 0.05);
    expect(rootBalance(deep, 'loose').verdict).to.equal('gain');
    expect(rootBalance({ ...deep, massG: 300 }, 'hard').verdict).to.equal('loss');
    expect(() => rootBalance({ massG: -1, minutes: 1 }, 'firm')).to.throw(RangeError);
  });
});
