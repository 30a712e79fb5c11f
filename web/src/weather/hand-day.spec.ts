import { expect } from 'chai';
import { handDay } from './hand-day.ts';

const typed = { day: '2026-05-14', min: 41, max: 59, rain: 0.5 };

describe('a thermometer read by hand', () => {
  it('is kept as it was read, or turned from °F and inches', () => {
    expect(handDay({ ...typed, min: 4.5, max: 15 }, false)).to.deep.equal({
      day: '2026-05-14',
      minC: 4.5,
      maxC: 15,
      rainMm: 0.5,
    });
    expect(handDay(typed, true)).to.deep.equal({ day: '2026-05-14', minC: 5, maxC: 15, rainMm: 12.7 });
  });
  it('needs no rain, but both temperatures and a day', () => {
    expect(handDay({ ...typed, rain: undefined }, false)?.rainMm).to.equal(null);
    expect(handDay({ ...typed, min: undefined }, false)).to.equal(null);
    expect(handDay({ ...typed, day: '' }, false)).to.equal(null);
  });
});
