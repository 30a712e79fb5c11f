import { expect } from 'chai';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { WAY_GUIDES } from '@emberfield/core/replanting';
import { createWords } from '@emberfield/words';
import { nextSpan, roughly, sayWhen, sayWork, sayWorkRange, sayYears } from './say-put-back.ts';

const words = createWords('en');

describe('what is said of putting back', () => {
  it('counts no more exactly than anybody knows, and never too few', () => {
    expect([0, 0.2, 4, 4.1, 99.2, 101, 744.7, 1234].map(roughly)).to.deep.equal([0, 1, 4, 5, 100, 110, 750, 1300]);
  });
  it('says work in minutes, and long work in half hours', () => {
    expect(sayWorkRange([150, 210, 330], words)).to.equal('3.5 (2.5–5.5) hours');
    expect(sayWorkRange([0, 40, 130], words), 'in the measure of the middle').to.equal('40 (0–130) minutes');
    expect([0.2, 40, 119, 120, 200].map((m) => sayWork(m, words))).to.deep.equal([
      '1 minute',
      '40 minutes',
      '119 minutes',
      '2 hours',
      '3.5 hours',
    ]);
  });
  it('says years with their range, and what never comes', () => {
    expect(sayYears({ value: 4, low: 2, high: 9 }, words)).to.equal('4 years (2–9)');
    expect(sayYears({ value: 1, low: 1, high: 1 }, words)).to.equal('1 year');
    expect(sayYears({ value: 12, low: 5, high: null }, words)).to.equal('12 years (5–>60)');
    expect(sayYears({ value: null, low: 9, high: null }, words)).to.equal('more than 60 years');
  });
  it('finds the span that a day lies in, the next one else, and half a year later in the south', () => {
    const spans = WAY_GUIDES.division.when;
    const at = (day: string, latitude = 46) => {
      const { from, to, now } = nextSpan(spans, dayNumber(day), latitude);
      return `${isoDay(from)} ${isoDay(to)} ${now}`;
    };
    expect(at('2026-10-01')).to.equal('2026-09-15 2026-11-15 true');
    expect(at('2026-09-15')).to.equal('2026-09-15 2026-11-15 true');
    expect(at('2026-11-15')).to.equal('2026-09-15 2026-11-15 true');
    expect(at('2026-11-16')).to.equal('2027-03-01 2027-04-15 false');
    expect(at('2026-05-15')).to.equal('2026-09-15 2026-11-15 false');
    expect(at('2026-05-15', -40)).to.match(/^2026-03-1\d 2026-05-1\d true$/);
    expect(sayWhen(spans, '2026-10-01', 46, words)).to.equal('now, until 15 November');
    expect(sayWhen(spans, '2026-05-15', 46, words)).to.equal('from 15 September to 15 November');
  });
});
