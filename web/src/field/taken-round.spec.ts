import { expect } from 'chai';
import { USUAL_PACE, walkMinutes } from '@emberfield/core/rounds';
import { nextStop, stopAt, turnBackAt, wayTo, type TakenRound, type TakenStop } from './taken-round.ts';

const METRE = 1 / 111_320;
/** So far to the north and east of where the round begins, metres. */
const spot = (northM: number, eastM: number) => ({ latitudeDeg: northM * METRE, longitudeDeg: eastM * METRE });
const stop = (patchId: string, northM: number, eastM: number, over: Partial<TakenStop> = {}): TakenStop => ({
  patchId,
  name: patchId,
  ...spot(northM, eastM),
  heightM: 0,
  blurred: false,
  begins: 500,
  ends: 520,
  stands: [],
  ...over,
});
const round: TakenRound = {
  groupId: 'g',
  day: '2026-05-15',
  home: { ...spot(0, 0), name: 'home', heightM: 0 },
  backBy: 780,
  pace: USUAL_PACE,
  stops: [stop('a', 1000, 0), stop('b', 1000, 100), stop('secret', 1000, 10, { blurred: true })],
  takenAt: 0,
  bytes: 0,
};

describe('a round that was taken along', () => {
  it('goes from place to place, and home once all are done with', () => {
    expect(nextStop({ round, done: [] })?.patchId).to.equal('a');
    expect(nextStop({ round, done: ['a'] })?.patchId).to.equal('b');
    expect(nextStop({ round, done: ['a', 'b', 'secret'] })).to.equal(null);
    expect(nextStop({ round: null, done: [] })).to.equal(null);
  });
  it('says how far and in which direction the next one lies', () => {
    const way = wayTo(spot(0, 0), spot(300, 300));
    expect([Math.round(way.metres), Math.round(way.bearingDeg), way.wind]).to.deep.equal([424, 45, 'ne']);
    expect(wayTo(spot(0, 0), spot(-10, -1)).wind).to.equal('s');
  });
  it('knows at which place somebody seems to be: the nearest, as far as the position is sure, and never by one that is a guess', () => {
    expect(stopAt(round, spot(1000, 40), 5)?.patchId).to.equal('a');
    expect(stopAt(round, spot(1000, 80), 5)?.patchId).to.equal('b');
    expect(stopAt(round, spot(800, 0), 5)).to.equal(null);
    expect(stopAt(round, spot(800, 0), 150)?.patchId).to.equal('a');
    expect(stopAt({ stops: [round.stops[2]!] }, spot(1000, 10), 5)).to.equal(null);
  });
  it('says when to turn back: as long before as the way home takes, longer uphill', () => {
    const level = turnBackAt(round, spot(1000, 0));
    expect(level).to.equal(780 - walkMinutes({ distanceM: 1000, climbM: 0 }));
    const below = { ...round, stops: [stop('a', 1000, 0, { heightM: -200 })] };
    expect(turnBackAt(below, spot(1000, 0))).to.be.below(level);
    expect(turnBackAt(round, spot(0, 0))).to.equal(780);
  });
});
