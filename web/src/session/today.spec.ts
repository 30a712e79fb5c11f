import { expect } from 'chai';
import { todayOf } from './today.ts';

describe('the group’s day', () => {
  const group = { today: '2026-05-15', zone: 'Pacific/Auckland', dayIsSet: false };
  const at = (iso: string): number => Date.parse(iso);
  it('is the server’s while it answers, whatever the clock of the device says', () => {
    expect(todayOf(group, true, at('2026-05-20T00:00:00Z'))).to.equal('2026-05-15');
  });
  it('goes on without a signal, by the calendar of the group’s zone', () => {
    // Noon in Auckland is midnight before it in Greenwich.
    expect(todayOf(group, false, at('2026-05-15T11:59:00Z'))).to.equal('2026-05-15');
    expect(todayOf(group, false, at('2026-05-15T12:01:00Z'))).to.equal('2026-05-16');
  });
  it('does not go back with a clock that is behind, and stays where it is set', () => {
    expect(todayOf(group, false, at('2020-01-01T00:00:00Z'))).to.equal('2026-05-15');
    expect(todayOf({ ...group, dayIsSet: true }, false, at('2026-12-01T00:00:00Z'))).to.equal('2026-05-15');
  });
});
