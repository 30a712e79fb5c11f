import { expect } from 'chai';
import { allowanceOn } from './allowance-on.ts';
import { heldOn } from './holds.ts';
import { bookOf, counted, entry, on, profileOf, seasonsWith, took, windowFrom } from './made-book.ts';
import { standDay } from './outlook.ts';
import type { RecordEntry } from './record.ts';

const TODAY = '2026-05-15';
const tip = profileOf('nettle').parts.find((p) => p.key === 'tip')!;
const by = (who: string) => ({ by: who, byId: who.toLowerCase() });
const hold = (amount: number, who: string, day = TODAY): RecordEntry =>
  entry('hold', day, { part: 'tip', amount }, by(who));
const picked = (amount: number, who: string, day = TODAY): RecordEntry => ({
  ...took(day, amount, { part: 'tip', plants: null }),
  ...by(who),
});
const book = (...entries: RecordEntry[]) => bookOf('nettle', { entries: [counted('2026-05-01', 100), ...entries] });
const held = (...entries: RecordEntry[]) =>
  heldOn(book(...entries).record, tip, on(TODAY)).map((h) => [h.by, h.amount]);

describe('what is set aside of an allowance', () => {
  it('is so much a person, less what they took of it that day; the day after it is nothing', () => {
    expect(held(hold(10, 'Ode'), hold(5, 'Ode'), hold(8, 'Tavi'))).to.deep.equal([
      ['Ode', 15],
      ['Tavi', 8],
    ]);
    expect(held(hold(10, 'Ode'), picked(4, 'Ode'), picked(3, 'Tavi'))).to.deep.equal([['Ode', 6]]);
    expect(held(hold(10, 'Ode'), picked(12, 'Ode'))).to.deep.equal([]);
    expect(held(hold(10, 'Ode', '2026-05-14'))).to.deep.equal([]);
    expect(held(hold(10, 'Ode'), picked(4, 'Ode', '2026-05-14'))).to.deep.equal([['Ode', 10]]);
  });
  it('is gone once nobody can say how much a take was', () => {
    const cap = profileOf('cep').parts[0]!;
    const weighed = took(TODAY, 100, { part: cap.key, measure: 'gram' });
    const set = entry('hold', TODAY, { part: cap.key, amount: 3 });
    const { record } = bookOf('cep', { entries: [set, weighed] });
    expect(heldOn(record, { ...cap, unit: 'cap', massG: null }, on(TODAY))).to.deep.equal([]);
  });
  const left = (who: string | undefined, day: string, ...entries: RecordEntry[]) => {
    const asked = { window: windowFrom('2026-04-01', '2026-06-01'), day: on(day), who };
    return allowanceOn(book(...entries), seasonsWith({}), tip, asked);
  };
  it('is not left for others, and is for whoever set it aside', () => {
    const free = left(undefined, TODAY).amountLeft!;
    const entries = [hold(10, 'Ode'), hold(8, 'Tavi')];
    expect(left('mirel', TODAY, ...entries)).to.include({ amountLeft: free - 18, heldAmount: 18 });
    expect(left('ode', TODAY, ...entries)).to.include({ amountLeft: free - 8, heldAmount: 8 });
    expect(left(undefined, TODAY, ...entries).amountLeft).to.equal(free - 18);
    // What was taken of it is taken, and not set aside as well.
    expect(left('mirel', TODAY, hold(10, 'Ode'), picked(4, 'Ode')).amountLeft).to.equal(free - 10);
  });
  it('falls back by itself: the day after all is left again, and so for a take of yesterday that comes late', () => {
    const free = left(undefined, TODAY).amountLeft;
    expect(left('mirel', '2026-05-16', hold(10, 'Ode')).amountLeft).to.equal(free);
    expect(left('mirel', '2026-05-14', hold(10, 'Ode', '2026-05-14')).amountLeft).to.equal(free);
  });
  it('takes its share of the plants as well, and never leaves less than nothing', () => {
    const { plantsLeft, perPlant } = left('mirel', TODAY);
    expect(left('mirel', TODAY, hold(3 * perPlant!, 'Ode')).plantsLeft).to.equal(plantsLeft! - 3);
    expect(left('mirel', TODAY, hold(1e6, 'Ode'))).to.include({ amountLeft: 0, plantsLeft: 0 });
  });
  it('keeps the stand among those that are open: what is set aside is still to be taken', () => {
    const spring = (part: string) => windowFrom('2026-04-01', '2026-06-01', { part });
    const seasons = seasonsWith({ 2026: profileOf('nettle').windows.map((w) => spring(w.part)) });
    const state = (...entries: RecordEntry[]) =>
      standDay(book(...entries), on(TODAY), seasons).outlooks[0]!.readiness.state;
    const all = left(undefined, TODAY).amountLeft!;
    expect(state(hold(all, 'Ode'))).to.equal(state());
    expect(state(picked(all, 'Ode'))).to.equal('banked');
  });
});
