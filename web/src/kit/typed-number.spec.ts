import { expect } from 'chai';
import { numberFrom, shownNumber, typedNumber } from './typed-number.ts';

describe('a typed number', () => {
  it('has point or comma, a sign or none, and nothing else', () => {
    expect(['12,5', ' -3.25 ', '−4', '.5', '+7'].map(typedNumber)).to.deep.equal([12.5, -3.25, -4, 0.5, 7]);
    for (const bad of ['', 'abc', '1,2,3', '12m', '12o', 'NaN', '1e9', '--1'])
      expect(typedNumber(bad), bad).to.equal(null);
  });
  it('is NaN where something was typed that is none, and what blank means where nothing was', () => {
    expect([numberFrom('seventeen', 3), numberFrom('  ', 3), numberFrom('', null)]).to.deep.equal([NaN, 3, null]);
  });
  it('is shown as it would be typed, and not at all where it is none', () => {
    expect([shownNumber(1.5), shownNumber(null), shownNumber(NaN)]).to.deep.equal(['1.5', '', '']);
  });
});
