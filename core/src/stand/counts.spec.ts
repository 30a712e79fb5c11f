import { expect } from 'chai';
import { allowanceOn } from './allowance-on.ts';
import { countOn } from './count-on.ts';
import { countOf } from './counts.ts';
import { bookOf, counted, entry, on, profileOf, seasonsWith, took, windowFrom } from './made-book.ts';
import type { RecordEntry } from './record.ts';

const byEye = (day: string): RecordEntry => entry('census', day, { method: 'eye', eye: 'hundreds' });
const squares = (day: string, counts: readonly number[], over: object = {}): RecordEntry =>
  entry('census', day, { method: 'quadrats', counts, quadratAreaM2: 1, standAreaM2: 60, ...over });
const TODAY = on('2026-05-15');
const reckoned = (...entries: RecordEntry[]) => countOn(bookOf('nettle', { entries }), TODAY);

describe('the count that is reckoned with', () => {
  it('is the last one by the day', () => {
    expect(reckoned()).to.equal(null);
    expect(reckoned(counted('2026-06-01', 9))).to.equal(null);
    expect(reckoned(counted('2025-05-01', 40), counted('2026-05-01', 30))!.plants.value).to.equal(30);
  });
  it('weighs counts by other ways of the same month with it', () => {
    const [both, alone] = [
      reckoned(byEye('2026-05-02'), squares('2026-05-10', [5, 4, 6])),
      reckoned(squares('2026-05-10', [5, 4, 6])),
    ];
    expect(alone).to.deep.include({ weighedWith: [], method: 'quadrats' });
    expect(both).to.deep.include({ weighedWith: ['eye'], method: 'quadrats', day: on('2026-05-10') });
    const spread = ({ high, low }: { readonly high: number; readonly low: number }): number => high / low;
    expect(spread(both!.plants)).to.be.below(spread(alone!.plants));
    // The rougher word moves the surer one a little.
    expect(Math.abs(both!.plants.value - alone!.plants.value)).to.be.below(20);
  });
  it('leaves alone what is older, of the same way, or from before something was killed', () => {
    const last = squares('2026-05-10', [5, 4, 6]);
    const of = (...before: RecordEntry[]) => reckoned(...before, last)!.weighedWith;
    expect(of(byEye('2026-04-09'))).to.deep.equal([]);
    expect(of(byEye('2026-04-10'))).to.deep.equal(['eye']);
    expect(of(squares('2026-05-02', [9, 9, 9]))).to.deep.equal([]);
    const killing = took('2026-05-05', 3, { part: 'tip', plants: 3, killed: 3 });
    expect(of(byEye('2026-05-02'), killing)).to.deep.equal([]);
    expect(of(byEye('2026-05-02'), took('2026-05-05', 3, { part: 'tip', plants: 3 }))).to.deep.equal(['eye']);
    // Nobody said how many died, of a part whose taking kills.
    const roots = [byEye('2026-05-02'), took('2026-05-05', 3, { part: 'root', plants: 3 }), last];
    expect(countOn(bookOf('valerian', { entries: roots }), TODAY)!.weighedWith).to.deep.equal([]);
  });
  it('is never below what was counted plant by plant, and nothing where the last count found nothing', () => {
    const { plants } = reckoned(counted('2026-05-02', 700), squares('2026-05-10', [5, 4, 6]))!;
    expect(plants.low).to.equal(700);
    expect(reckoned(byEye('2026-05-02'), counted('2026-05-10', 0))!.plants.value).to.equal(0);
  });
  it('is what an allowance is reckoned from, and a surer count frees more', () => {
    const part = profileOf('nettle').parts.find((p) => p.key === 'tip')!;
    const window = windowFrom('2026-04-20', '2026-05-30');
    const allowed = (...entries: RecordEntry[]) =>
      allowanceOn(bookOf('nettle', { entries }), seasonsWith({ 2026: [window] }), part, { window, day: TODAY });
    const [eye, both] = [allowed(byEye('2026-05-02')), allowed(byEye('2026-05-02'), squares('2026-05-10', [5, 4, 6]))];
    expect(eye.plantsCounted).to.equal(120);
    expect(both.plantsCounted).to.be.above(200);
    expect(both.amount!).to.be.above(eye.amount!);
  });
});

describe('what was counted', () => {
  it('of squares has the grown and the flowering with intervals of their own', () => {
    const { plants, mature, flowering } = countOf({
      ...{ method: 'quadrats', counts: [5, 4, 6], quadratAreaM2: 1, standAreaM2: 60 },
      ...{ mature: [3, 3, 4], flowering: [0, 1, 1] },
    });
    expect([plants.value, mature!.value, flowering!.value]).to.deep.equal([300, 200, 40]);
    expect(flowering!.low).to.be.at.least(2);
    expect(mature!.low).to.be.below(200);
  });
  it('along belts and by clumps is as many as these make', () => {
    const belts = [
      { plants: 4, lengthM: 10 },
      { plants: 6, lengthM: 15 },
    ];
    expect(countOf({ method: 'belts', belts, widthM: 2, standAreaM2: 200 }).plants.value).to.equal(40);
    expect(countOf({ method: 'clumps', clumps: 10, shoots: [4, 6] }).plants.value).to.equal(50);
  });
});
