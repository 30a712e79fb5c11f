import { expect } from 'chai';
import type { SeasonWant } from './season.ts';
import { stillWanted, towards, type Had } from './towards.ts';

const want = (over: Partial<SeasonWant> = {}): SeasonWant => ({
  ...{ id: 'w', of: [{ what: 'leaf', gives: 2 }], amount: 40, weekly: false, first: 100, last: 160 },
  ...over,
});
const had = (day: number, amount: number, what = 'leaf'): Had => ({ what, day, amount });

describe('what was taken counts towards what is wanted', () => {
  it('by what one gives, within its days, and never beyond what it lacks', () => {
    const told = towards([want()], [had(99, 9), had(100, 5), had(120, 8, 'root'), had(160, 30)], [], 150);
    expect(told).to.deep.equal([{ taken: 40, takenThisWeek: 0, stocked: 0 }]);
  });
  it('serves the first on the list, and what it leaves the next', () => {
    const told = towards([want({ amount: 10 }), want()], [had(120, 12)], [], 150);
    expect(told.map((t) => t.taken)).to.deep.equal([10, 14]);
  });
  it('a jar of before its days serves it too, one of its own days was taken for it', () => {
    const told = towards([want()], [had(110, 10)], [had(40, 6), had(115, 10)], 150);
    expect(told[0]).to.include({ stocked: 12, taken: 20 });
    const elsewhere = { ...had(40, 6), serves: new Set(['other']) };
    expect(towards([want()], [], [elsewhere], 150)[0]).to.include({ stocked: 0 });
    expect(stillWanted(want(), told[0]!, 150)).to.deep.include({ amount: 8, first: 150 });
  });
  it('of the last seven days alone where it is wanted each week, and no jar', () => {
    const weekly = want({ weekly: true, amount: 10 });
    const told = towards([weekly], [had(120, 5), had(144, 3), had(150, 1)], [had(40, 50)], 150);
    expect(told[0]).to.deep.equal({ taken: 8, takenThisWeek: 8, stocked: 0 });
    expect(stillWanted(weekly, told[0]!, 150)).to.include({ amount: 10, first: 150 });
    expect(stillWanted(weekly, { ...told[0]!, takenThisWeek: 10 }, 150)).to.include({ first: 157 });
    expect(stillWanted(weekly, { ...told[0]!, takenThisWeek: 10 }, 156)).to.equal(null);
  });
  it('is wanted no more once it is there, or its days are over', () => {
    expect(stillWanted(want(), { taken: 30, takenThisWeek: 0, stocked: 10 }, 120)).to.equal(null);
    expect(stillWanted(want(), { taken: 0, takenThisWeek: 0, stocked: 0 }, 161)).to.equal(null);
  });
});
