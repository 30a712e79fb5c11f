import { expect } from 'chai';
import { profileOf, took } from './made-book.ts';
import { recordOf } from './record.ts';
import { minutesAPlant } from './takes.ts';

describe('how long taking from one plant takes', () => {
  const nettle = profileOf('nettle');
  const tip = nettle.parts.find((p) => p.key === 'tip')!;
  const of = (...takes: Parameters<typeof recordOf>[0]) => minutesAPlant(recordOf(takes).takes, tip);
  const tips = (plants: number | null, minutes?: number) =>
    took('2026-05-01', 20, { part: 'tip', plants, ...(minutes === undefined ? {} : { minutes }) });
  it('is time over plants of the takes of which somebody said it, and of no others', () => {
    expect(of(tips(10, 30), tips(30, 10), tips(500), took('2026-05-01', 5, { part: 'seed', minutes: 90 }))).to.equal(1);
    expect(of(tips(10)), 'nobody said').to.equal(null);
    expect(of()).to.equal(null);
  });
  it('goes by as many plants as such an amount comes from where nobody said how many', () => {
    expect(of(tips(null, 40))).to.equal(2);
  });
});
