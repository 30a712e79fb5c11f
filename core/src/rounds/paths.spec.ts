import { expect } from 'chai';
import { wayBetween, type OnTheGround } from '../measure/index.ts';
import { chanceOf } from '../random/index.ts';
import { pathNet, waysOnFoot } from './paths.ts';

/** So many metres east and north of a point on the equator, where both are alike. */
const at = (eastM: number, northM: number): OnTheGround => ({
  latitudeDeg: northM / 111_320,
  longitudeDeg: eastM / 111_320,
});
const way = (lines: readonly (readonly OnTheGround[])[], from: OnTheGround, to: OnTheGround, detour = 1.3): number =>
  waysOnFoot(pathNet(lines), [from, to], detour)[0]![1]!;

describe('a way on foot', () => {
  const ROAD = [at(0, 0), at(500, 0), at(1000, 0)];

  it('is the straight line and a third where there is no path, and none to where one is', () => {
    expect(way([], at(0, 0), at(1000, 0))).to.be.closeTo(1.3 * wayBetween(at(0, 0), at(1000, 0)), 1e-6);
    expect(waysOnFoot(pathNet([ROAD]), [at(3, 4)], 1.3)).to.deep.equal([[0]]);
    expect(way([[at(0, 0)]], at(0, 0), at(100, 0))).to.be.closeTo(130, 1);
  });
  it('is as long as the path from one end to the other, and from beside it as much longer as it is off', () => {
    expect(way([ROAD], at(0, 0), at(1000, 0))).to.be.closeTo(1000, 5);
    expect(way([ROAD], at(0, 40), at(1000, 0))).to.be.within(1030, 1000 + 1.3 * 40);
    expect(way([ROAD], at(250, 20), at(1000, 0), 3), 'on to it between its ends').to.be.below(750 + 3 * 60);
  });
  it('does not go round by a path where the straight line is shorter', () => {
    const round = [at(0, 0), at(0, 900), at(600, 900), at(600, 0)];
    expect(way([round], at(0, 0), at(600, 0))).to.be.closeTo(1.3 * 600, 5);
  });
  it('turns where paths cross, meet, or end close to another', () => {
    const cross = [at(500, -400), at(500, 400)];
    const corner = way([ROAD, cross], at(0, 0), at(500, 400));
    // Along both it is 900; straight 640, and a third more.
    expect(corner).to.be.closeTo(1.3 * Math.hypot(500, 400), 6);
    expect(way([ROAD, cross], at(0, 0), at(500, 400), 2)).to.be.closeTo(900, 6);
    const short = [at(500, 12), at(500, 400)];
    expect(way([ROAD, short], at(0, 0), at(500, 400), 2)).to.be.closeTo(900, 20);
    const apart = [at(500, 60), at(500, 400)];
    expect(way([ROAD, apart], at(0, 0), at(500, 400), 2)).to.be.above(940);
  });
  it('is the shortest of all, as tried one after the other, and the same there and back', () => {
    const { uniform } = chanceOf(5);
    for (let round = 0; round < 12; round++) {
      const points = Array.from({ length: 8 }, () => at(2000 * uniform(), 2000 * uniform()));
      const lines = Array.from({ length: 6 }, () => {
        const [i, j] = [Math.floor(8 * uniform()), Math.floor(8 * uniform())];
        return [points[i]!, points[j]!];
      });
      const net = pathNet(lines);
      const places = [points[0]!, points[5]!, at(900, 900)];
      const far = waysOnFoot(net, places, 1.3);
      // Floyd and Warshall over everything at once.
      const all = [...places, ...net.nodes];
      const n = all.length;
      const d = all.map((a, i) =>
        all.map((b, j) => {
          if (i === j) return 0;
          const straight = 1.3 * wayBetween(a, b);
          if (i < 3 && j < 3) return straight;
          if (i < 3 || j < 3) return wayBetween(a, b) <= 1500 ? straight : Infinity;
          return net.next[i - 3]!.find((e) => e.to === j - 3)?.metres ?? Infinity;
        }),
      );
      for (let k = 3; k < n; k++)
        for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) d[i]![j] = Math.min(d[i]![j]!, d[i]![k]! + d[k]![j]!);
      for (let i = 0; i < 3; i++)
        for (let j = 0; j < 3; j++) {
          expect(far[i]![j]!, `round ${round}`).to.be.closeTo(d[i]![j]!, 0.01);
          expect(far[j]![i]!).to.be.closeTo(far[i]![j]!, 0.01);
        }
    }
  });
});
