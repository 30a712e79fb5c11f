import { expect } from 'chai';
import { dayNumber, isoDay } from '../measure/index.ts';
import { dayLengthHours, dayOfLength, hoursOf } from './day-length.ts';

const on = (iso: string, latitudeDeg: number): number => dayLengthHours(dayNumber(iso), latitudeDeg);

describe('the length of the day', () => {
  it('is some twelve hours at the equinoxes everywhere, a little more for refraction', () => {
    for (const latitude of [-40, 0, 46, 60]) expect(on('2026-03-20', latitude)).to.be.closeTo(12.1, 0.2);
  });
  it('is longest at midsummer, more so towards the pole', () => {
    // By hand: cos H = (sin −0.833° − sin φ sin 23.44°) / (cos φ cos 23.44°), H = 118.15° at 46° and 141.50° at 60°.
    expect(on('2026-06-21', 46)).to.be.closeTo((2 * 118.15) / 15, 0.02);
    expect(on('2026-06-21', 60)).to.be.closeTo((2 * 141.5) / 15, 0.03);
  });
  it('turns round in the south', () => expect(on('2026-06-21', -46)).to.be.below(9));
  it('is 24 hours in the polar day and none in the polar night', () => {
    expect(on('2026-06-21', 75)).to.equal(24);
    expect(on('2026-12-21', 75)).to.equal(0);
  });
});

describe('the day of a length', () => {
  it('is found on the way up and on the way down', () => {
    const up = dayOfLength(dayNumber('2026-01-01'), 46, { hours: 14, turn: 'longer' })!;
    const down = dayOfLength(dayNumber('2026-01-01'), 46, { hours: 14, turn: 'shorter' })!;
    expect(isoDay(up)).to.match(/^2026-04-2|^2026-04-30/);
    expect(isoDay(down)).to.match(/^2026-08-1/);
    expect(dayLengthHours(up, 46)).to.be.at.least(14);
    expect(dayLengthHours(up - 1, 46)).to.be.below(14);
  });
  it('comes earlier towards the pole in spring', () => {
    const at = (latitude: number) => dayOfLength(dayNumber('2026-01-01'), latitude, { hours: 15, turn: 'longer' })!;
    expect(at(60)).to.be.below(at(48));
  });
  it('as a share of the longest day comes in the same weeks at every latitude, and half a year later in the south', () => {
    const figure = (value: number) => ({ value, low: value, high: value, source: 'estimate' });
    const on = (latitude: number, from: string): string => {
      const first = dayNumber(from);
      const hours = hoursOf({ share: figure(0.962) }, first, latitude);
      return isoDay(dayOfLength(first, latitude, { hours, turn: 'shorter' })!);
    };
    // 0.962 of 16.37 h at 50° are the 15.75 h that a day at 44° never has.
    expect(hoursOf({ share: figure(0.962) }, dayNumber('2026-06-21'), 50)).to.be.closeTo(15.75, 0.03);
    expect(hoursOf({ hours: figure(15.75) }, dayNumber('2026-06-21'), 44)).to.equal(15.75);
    expect(dayOfLength(dayNumber('2026-06-21'), 44, { hours: 15.75, turn: 'shorter' })).to.equal(null);
    for (const latitude of [40, 44, 50, 54])
      expect(on(latitude, '2026-06-21'), `${latitude}`).to.match(/^2026-07-(1[5-9]|2\d)/);
    expect(on(-44, '2026-12-21')).to.match(/^2027-01-(1[3-9]|2\d)/);
  });
  it('is none where the day is never so long', () =>
    expect(dayOfLength(dayNumber('2026-01-01'), 5, { hours: 15, turn: 'longer' })).to.equal(null));
});
