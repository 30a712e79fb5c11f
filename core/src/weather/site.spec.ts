import { expect } from 'chai';
import { hopkinsShiftDays, lapseShiftC } from './site.ts';

const reference = { latitudeDeg: 50, heightM: 100 };

describe('from station to patch', () => {
  it('is 6.5 °C colder a kilometre up', () => {
    expect(lapseShiftC(0, 1000)).to.be.closeTo(-6.5, 1e-12);
    expect(lapseShiftC(300, 100)).to.be.closeTo(1.3, 1e-12);
    expect(lapseShiftC(80, 80)).to.equal(0);
  });
  it('is four days later a degree poleward and per 122 m, in spring', () => {
    expect(hopkinsShiftDays(reference, { latitudeDeg: 51, heightM: 100 })).to.equal(4);
    expect(hopkinsShiftDays(reference, { latitudeDeg: 50, heightM: 222 })).to.equal(4);
    expect(hopkinsShiftDays(reference, { latitudeDeg: 48, heightM: 100 })).to.equal(-8);
  });
  it('turns round in autumn and counts from the equator in the south', () => {
    expect(hopkinsShiftDays(reference, { latitudeDeg: 51, heightM: 222 }, 'autumn')).to.equal(-8);
    expect(hopkinsShiftDays(reference, { latitudeDeg: -51, heightM: 100 })).to.equal(4);
  });
});
