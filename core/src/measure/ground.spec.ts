import { expect } from 'chai';
import { bearingTo, nearestTo, wayBetween, windOf } from './ground.ts';

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

describe('directions over the ground', () => {
  const at = (latitudeDeg: number, longitudeDeg: number) => ({ latitudeDeg, longitudeDeg });
  it('are from north by east, across the date line too', () => {
    expect(bearingTo(at(46, -30), at(47, -30))).to.equal(0);
    expect(bearingTo(at(46, -30), at(46, -29))).to.be.closeTo(90, 1e-9);
    expect(bearingTo(at(46, -30), at(45, -30))).to.equal(180);
    expect(bearingTo(at(0, 179.9), at(0, -179.9))).to.be.closeTo(90, 1e-9);
    expect(bearingTo(at(0, -179.9), at(0, 179.9))).to.be.closeTo(270, 1e-9);
    // At 60° a degree of longitude is half as long as one of latitude.
    expect(bearingTo(at(59.99, 0), at(60, 0.02))).to.be.closeTo(45, 0.1);
  });
  it('are called by the nearest of eight winds', () => {
    expect([0, 22, 23, 90, 200, 337, 338, 359.9, -45].map(windOf)).to.deep.equal([
      'n',
      'n',
      'ne',
      'e',
      's',
      'nw',
      'n',
      'n',
      'nw',
    ]);
  });
});
