import { expect } from 'chai';
import { asksAboutHeight, nearestStation } from './nearest-station.ts';

const at = (latitudeDeg: number, longitudeDeg: number, heightM = 20, reckonedFrom = true) => ({
  latitudeDeg,
  longitudeDeg,
  heightM,
  reckonedFrom,
});
const here = { type: 'Point', coordinates: [-30, 60] } as const;

describe('the station nearest to a place', () => {
  it('is the one that is, a degree east being half as far as one north at sixty degrees', () => {
    const [north, east] = [at(60.6, -30), at(60, -29)];
    expect(nearestStation([north, east], here)).to.equal(east);
  });
  it('is none that no dates are reckoned from (retired, or a thermometer hung up yesterday), and none where there is none or the place is nowhere yet', () => {
    const [gone, far] = [at(60, -30, 20, false), at(61, -30)];
    expect(nearestStation([gone, far], here)).to.equal(far);
    expect(nearestStation([gone], here)).to.equal(null);
    expect(nearestStation([far], null)).to.equal(null);
  });
  it('is asked about from a hundred metres up or down', () => {
    expect([119, 120, -79, -80].map((m) => asksAboutHeight(m, at(0, 0)))).to.deep.equal([false, true, false, true]);
  });
});
