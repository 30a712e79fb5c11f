import { expect } from 'chai';
import { chanceOf } from '../random/index.ts';
import { paceWalked, trackEffort, type TrackPoint } from './track.ts';

const M_PER_DEGREE = 111_320;
const START = Date.UTC(2026, 4, 15, 8);
/** Somewhere so many metres north of a point, after so many minutes. */
const at = (northM: number, minutes: number, accuracyM = 8): TrackPoint => ({
  ...{ latitudeDeg: 46 + northM / M_PER_DEGREE, longitudeDeg: -30 },
  ...{ at: START + minutes * 60_000, accuracyM },
});
/** Walked at so many metres a minute from one minute to another, a position each ten seconds. */
const walk = (fromM: number, mPerMinute: number, from: number, until: number): readonly TrackPoint[] =>
  Array.from({ length: Math.round((until - from) * 6) }, (_, i) => at(fromM + (mPerMinute * i) / 6, from + i / 6));
const HEDGE = at(1000, 0);

describe('the way of a round', () => {
  // 1 km at 5 km/h, half an hour at the hedge, and back.
  const there = walk(0, 1000 / 12, 0, 12);
  const stay = walk(1000, 0, 12, 42);
  const back = walk(1000, -1000 / 12, 42, 54);
  const whole = [...there, ...stay, ...back, at(0, 54)];

  it('says how long one walked, how far, and how long one was where', () => {
    const effort = trackEffort(whole, [HEDGE], 60);
    expect(effort.metres).to.be.closeTo(2000 - 2 * 60, 40);
    // Within 60 m of it one is there: under a minute at each side.
    expect(effort.atPlaces[0]).to.be.within(30, 32);
    expect(effort.walkingMinutes).to.be.within(22, 24);
    expect(effort.lookingMinutes + effort.unknownMinutes).to.equal(0);
  });
  it('adds up to the whole, whatever it is', () => {
    const { uniform } = chanceOf(7);
    for (let round = 0; round < 40; round++) {
      let [north, minute] = [0, 0];
      const track = Array.from({ length: 200 }, () => {
        north += (uniform() - 0.4) * 60;
        minute += uniform() < 0.03 ? 25 : uniform() * 2;
        return at(north, minute, 3 + uniform() * 30);
      });
      const e = trackEffort(track, [HEDGE, at(300, 0)], 60);
      const sum = e.walkingMinutes + e.lookingMinutes + e.unknownMinutes + e.atPlaces[0]! + e.atPlaces[1]!;
      expect(sum, `round ${round}`).to.be.closeTo((track.at(-1)!.at - track[0]!.at) / 60_000, 1e-6);
    }
  });
  it('does not walk while a position only wavers, nor by one that is far off', () => {
    const { uniform } = chanceOf(3);
    const wavering = Array.from({ length: 300 }, (_, i) => at(14 * (uniform() - 0.5), i / 6, 12));
    expect(trackEffort(wavering, [], 60)).to.deep.include({ metres: 0, walkingMinutes: 0 });
    const jump = [...stay.slice(0, 90), at(9000, 27.01, 400), ...stay.slice(91)];
    expect(trackEffort(jump, [HEDGE], 60)).to.deep.include({ metres: 0, walkingMinutes: 0 });
  });
  it('does not know what was done without a position, unless one is found where one was', () => {
    const lost = [...there, at(1000, 12), at(1000, 40), at(3000, 70)];
    const effort = trackEffort(lost, [HEDGE], 60);
    expect(effort.atPlaces[0]).to.be.closeTo(28.7, 0.5);
    expect(effort.unknownMinutes).to.be.closeTo(30, 1e-6);
  });
  it('of nothing, or of one position, is nothing', () => {
    const nothing = { metres: 0, walkingMinutes: 0, lookingMinutes: 0, atPlaces: [0], unknownMinutes: 0 };
    expect(trackEffort([], [HEDGE], 60)).to.deep.equal(nothing);
    expect(trackEffort([at(0, 0)], [HEDGE], 60)).to.deep.equal(nothing);
  });
  it('tells a pace once enough was walked: 5.04 km/h is the usual', () => {
    expect(paceWalked({ metres: 5037.7, walkingMinutes: 60 })).to.be.closeTo(1, 1e-3);
    expect(paceWalked({ metres: 1260, walkingMinutes: 30 })).to.be.closeTo(0.5, 1e-2);
    expect(paceWalked({ metres: 1260, walkingMinutes: 10 })).to.equal(null);
    expect(paceWalked({ metres: 90_000, walkingMinutes: 60 })).to.equal(1.6);
  });
});
