import { expect } from 'chai';
import fc from 'fast-check';
import { readAsciiGrid, terrainAt, windOf, type HeightGrid } from './grid.ts';

const STEP = 0.001;
/** Heights of a plane by metres east and north of the middle of the grid, at the equator. */
function plane(heightM: (eastM: number, northM: number) => number, size = 9): HeightGrid {
  const heightsM = new Float32Array(size * size);
  const middle = (size - 1) / 2;
  for (let r = 0; r < size; r++)
    for (let c = 0; c < size; c++)
      heightsM[r * size + c] = heightM((c - middle) * STEP * 111_132, (middle - r) * STEP * 111_132);
  return {
    columns: size,
    rows: size,
    westDeg: -middle * STEP,
    northDeg: middle * STEP,
    stepLonDeg: STEP,
    stepLatDeg: STEP,
    heightsM,
  };
}
const HERE = { latitudeDeg: 0, longitudeDeg: 0 };

describe('terrain from a grid of heights', () => {
  it('gives slope and aspect of a plane, worked by hand', () => {
    const north = terrainAt(
      plane((_, n) => 100 + n),
      HERE,
    )!;
    expect(north.slopeDeg).to.be.closeTo(45, 1e-3);
    expect(north.aspectDeg).to.be.closeTo(180, 1e-3);
    expect(north.heightM).to.be.closeTo(100, 1e-3);
    // Falling one in ten eastward faces east at atan(0.1) = 5.71°.
    const east = terrainAt(
      plane((e) => -e / 10),
      HERE,
    )!;
    expect(east.slopeDeg).to.be.closeTo(5.7106, 1e-3);
    expect(east.aspectDeg).to.be.closeTo(90, 1e-3);
  });
  it('faces nowhere on level ground', () => {
    expect(
      terrainAt(
        plane(() => 50),
        HERE,
      ),
    ).to.deep.equal({ heightM: 50, slopeDeg: 0, aspectDeg: null });
  });
  it('finds the direction that any tilted plane falls to', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 359 }), fc.double({ min: 0.1, max: 1, noNaN: true }), (deg, fall) => {
        const a = (deg * Math.PI) / 180;
        const { aspectDeg } = terrainAt(
          plane((e, n) => -fall * (e * Math.sin(a) + n * Math.cos(a))),
          HERE,
        )!;
        return Math.abs(((aspectDeg! - deg + 540) % 360) - 180) < 0.1;
      }),
    );
  });
  it('says nothing outside the grid, on its rim, or where a height is missing', () => {
    const grid = plane((e) => e);
    expect(terrainAt(grid, { latitudeDeg: 1, longitudeDeg: 0 })).to.equal(null);
    expect(terrainAt(grid, { latitudeDeg: 0.004, longitudeDeg: 0 })).to.equal(null);
    grid.heightsM[4 * 9 + 4] = NaN;
    expect(terrainAt(grid, HERE)).to.equal(null);
  });
  it('names the eight winds', () => {
    expect([0, 44, 46, 180, 315, 359, null].map(windOf)).to.deep.equal(['n', 'ne', 'ne', 's', 'nw', 'n', 'flat']);
  });
});

describe('an ESRI ASCII grid', () => {
  const head = (more = '') => `ncols 3\nnrows 2\nxllcorner -30\nyllcorner 46\ncellsize 0.01\nNODATA_value -99\n${more}`;
  it('is read from the north-west, corners or middles', () => {
    const grid = readAsciiGrid(head('1 2 3\n4 -99 6\n'));
    expect([grid.columns, grid.rows, ...grid.heightsM]).to.deep.equal([3, 2, 1, 2, 3, 4, NaN, 6]);
    expect(grid.westDeg).to.be.closeTo(-29.995, 1e-9);
    expect(grid.northDeg).to.be.closeTo(46.015, 1e-9);
    const centred = readAsciiGrid(head('1 2 3 4 5 6').replaceAll('corner', 'center'));
    expect(centred.westDeg).to.equal(-30);
  });
  it('is refused when it is none, cut off, in metres or too large', () => {
    expect(() => readAsciiGrid('hello')).to.throw(RangeError, 'notAGrid');
    expect(() => readAsciiGrid(head('1 2 3'))).to.throw(RangeError, 'gridCutOff');
    expect(() => readAsciiGrid(head('1 2 3 4 5 6').replace('-30', '500000'))).to.throw(RangeError, 'gridNotInDegrees');
    expect(() => readAsciiGrid(head('1').replace('ncols 3', 'ncols 9000').replace('nrows 2', 'nrows 9000'))).to.throw(
      RangeError,
      'gridTooLarge',
    );
  });
});
