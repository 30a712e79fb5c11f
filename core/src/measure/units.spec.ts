import { expect } from 'chai';
import fc from 'fast-check';
import * as units from './units.ts';

describe('units', () => {
  it('knows the fixed points of the scales', () => {
    expect(units.celsiusToFahrenheit(100)).to.equal(212);
    expect(units.fahrenheitToCelsius(-40)).to.equal(-40);
    expect(units.celsiusSpanToFahrenheit(10)).to.equal(18);
    expect(units.feetToMetres(400)).to.be.closeTo(121.92, 1e-9);
    expect(units.ouncesToGrams(16)).to.be.closeTo(453.59237, 1e-9);
    expect(units.millimetresToInches(25.4)).to.equal(1);
  });
  it('goes there and back', () => {
    const pairs = [
      [units.celsiusToFahrenheit, units.fahrenheitToCelsius],
      [units.metresToFeet, units.feetToMetres],
      [units.gramsToOunces, units.ouncesToGrams],
    ] as const;
    for (const [there, back] of pairs)
      fc.assert(
        fc.property(fc.double({ min: -1e4, max: 1e4, noNaN: true }), (x) => Math.abs(back(there(x)) - x) < 1e-9),
      );
  });
});
