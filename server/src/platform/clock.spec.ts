import { expect } from 'chai';
import { dayNumber } from '@emberfield/core/measure';
import { lookedAtDay, todayIn } from './clock.ts';
import { AppError } from './errors.ts';

const at = (iso: string) => ({ now: () => new Date(iso), fixedDay: null });

describe('today', () => {
  it('is the calendar day of the group’s zone, on both sides of midnight', () => {
    const lateEvening = at('2026-05-15T23:30:00Z');
    expect(todayIn('UTC', lateEvening)).to.equal('2026-05-15');
    expect(todayIn('Europe/Helsinki', lateEvening)).to.equal('2026-05-16');
    expect(todayIn('America/Anchorage', lateEvening)).to.equal('2026-05-15');
    expect(todayIn('Pacific/Kiritimati', at('2026-12-31T10:30:00Z'))).to.equal('2027-01-01');
  });
  it('is the fixed day wherever one is set', () => {
    const clock = { now: () => new Date('2030-01-01T00:00:00Z'), fixedDay: '2026-05-15' };
    expect(todayIn('Pacific/Auckland', clock)).to.equal('2026-05-15');
  });
});

describe('the day looked at', () => {
  const look = (asked?: string) => lookedAtDay(asked, '2026-05-15', dayNumber);
  const refusal = (asked: string): string | null => {
    try {
      look(asked);
      return null;
    } catch (error) {
      expect(error).to.be.instanceOf(AppError);
      expect((error as AppError).field).to.equal('query.day');
      return (error as AppError).reason;
    }
  };
  it('is today unless another is asked for', () => {
    expect(look()).to.equal('2026-05-15');
    expect(look('2027-02-28')).to.equal('2027-02-28');
  });
  it('is refused where it is no day', () => {
    for (const text of ['', 'tomorrow', '2026-02-30', '2026-5-1', '15.05.2026'])
      expect(refusal(text)).to.equal('notADay');
  });
  it('is refused more than three years away, where nothing can be said', () => {
    expect(refusal('2029-05-18')).to.equal(null);
    expect(refusal('2029-05-20')).to.equal('tooFarAway');
    expect(refusal('2023-05-10')).to.equal('tooFarAway');
  });
});
