import { expect } from 'chai';
import { chanceOf } from '../random/index.ts';
import { randomSpots } from './spots.ts';

/** About 100 m by 50 m at 46°, with a pond of a quarter of it in the south-west corner. */
const LON = 100 / (111_320 * Math.cos((46 * Math.PI) / 180));
const LAT = 50 / 111_320;
const box = (west: number, south: number, east: number, north: number) =>
  (
    [
      [west, south],
      [east, south],
      [east, north],
      [west, north],
      [west, south],
    ] as const
  ).map(([x, y]) => [x * LON, 46 + y * LAT] as const);
const WHOLE = box(0, 0, 1, 1);
const POND = box(0, 0, 0.5, 0.5);

describe('spots for squares', () => {
  it('lie all over the place with the same chance, and in no hole of it', () => {
    const spots = randomSpots([WHOLE, POND], 3000, chanceOf(3).uniform);
    expect(spots).to.have.length(3000);
    const share = (of: (s: { eastM: number; northM: number }) => boolean) => spots.filter(of).length / 3000;
    expect(share((s) => Math.abs(s.eastM) <= 50.01 && Math.abs(s.northM) <= 25.01)).to.equal(1);
    expect(share((s) => s.eastM < 0 && s.northM < 0)).to.equal(0);
    for (const third of [
      share((s) => s.eastM < 0),
      share((s) => s.eastM >= 0 && s.northM < 0),
      share((s) => s.eastM >= 0 && s.northM >= 0),
    ])
      expect(third).to.be.closeTo(1 / 3, 0.03);
  });
  it('are the same for the same draws, and more of them leave the first ten as they are', () => {
    const of = (n: number) => randomSpots([WHOLE], n, chanceOf(9).uniform);
    expect(of(10)).to.deep.equal(of(10));
    expect(of(20).slice(0, 10)).to.deep.equal(of(10));
  });
  it('are walked the shorter way', () => {
    const spots = randomSpots([WHOLE], 10, chanceOf(4).uniform);
    const length = (way: typeof spots) =>
      way.reduce(
        (sum, s, i) => (i === 0 ? 0 : sum + Math.hypot(s.eastM - way[i - 1]!.eastM, s.northM - way[i - 1]!.northM)),
        0,
      );
    const drawn = [...spots].sort((a, b) => a.northM - b.northM);
    expect(length(spots)).to.be.below(length(drawn));
  });
  it('are none of a boundary that holds nothing', () => {
    expect(randomSpots([], 5, chanceOf(1).uniform)).to.deep.equal([]);
    expect(randomSpots([box(0, 0, 0, 1)], 5, chanceOf(1).uniform)).to.deep.equal([]);
  });
});
