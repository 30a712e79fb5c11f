import { expect } from 'chai';
import { nearestTo, wayBetween } from './ground.ts';

const at = (latitudeDeg: number, longitudeDeg: number) => ({ latitudeDeg, longitudeDeg });

describe('ways over the ground', () => {
  it('are a degree of latitude everywhere, and half as much eastward at sixty degrees', () => {
    expect(wayBetween(at(46, -30), at(47, -30))).to.be.closeTo(111_320, 1);
    expect(wayBetween(at(60, 1), at(60, 0))).to.be.closeTo(55_660, 1);
  });
  it('lead over the date line, not round the earth', () => {
    expect(wayBetween(at(0, 179.5), at(0, -179.5))).to.be.closeTo(111_320, 1);
  });
  it('find the nearest, the first of two as near, and nothing among nothing', () => {
    const [north, east, west] = [at(60.6, 0), at(60, 1), at(60, -1)];
    expect(nearestTo(at(60, 0), [north, east, west])).to.equal(east);
    expect(nearestTo(at(60, 0), [])).to.equal(null);
  });
});
