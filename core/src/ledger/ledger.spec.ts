import { expect } from 'chai';
import { sumOf, type LedgerTake } from './line.ts';
import { suggest, type SuggestLine, type SuggestStand } from './suggest.ts';

const take = (over: Partial<LedgerTake> = {}): LedgerTake => ({
  ...{ by: 'Tavi', byId: 't', amount: 10, minutes: null, wasteShare: null, quality: null },
  ...over,
});
const TODAY = 2000;
const stand = (over: Partial<SuggestStand> = {}): SuggestStand => ({
  ...{ standId: 's', growth: null, timesCounted: 1, lastCount: TODAY - 30, rests: false },
  ...{ hasShare: false, invades: false },
  ...over,
});
const line = (over: Partial<SuggestLine> = {}, takes: readonly LedgerTake[] = [take()]): SuggestLine => ({
  ...{ standId: 's', what: 'nettle:tip', part: 'tip', sum: sumOf(takes), allowed: 40, share: 0.7 },
  ...{ cap: null, closesEarlier: 0 },
  ...over,
});
const said = (s: SuggestStand, l: readonly SuggestLine[]) => suggest([s], l, TODAY);

describe('what the takes of a season come to', () => {
  it('is summed by person, with what was timed and thrown away', () => {
    const sum = sumOf([
      take({ minutes: 20, wasteShare: 0.1, quality: 'good' }),
      take({ by: 'Ode', byId: 'o', amount: 30, wasteShare: 0.3, quality: 'good' }),
      take({ amount: null, minutes: 5, quality: 'tough' }),
    ]);
    expect(sum).to.deep.include({ takes: 3, amount: 40 });
    expect(sum.people).to.deep.equal([
      { by: 'Ode', amount: 30 },
      { by: 'Tavi', amount: 10 },
    ]);
    // A take of which nobody knows how much it was says nothing of minutes for one.
    expect(sum.timed).to.deep.equal({ takes: 1, minutes: 20, amount: 10 });
    expect(sum.wasteShare).to.be.closeTo(0.25, 1e-12);
    expect(sum.qualities).to.deep.equal({ good: 2, tough: 1 });
  });
  it('of none is nothing', () => {
    expect(sumOf([])).to.deep.include({ takes: 0, amount: 0, wasteShare: null });
  });
});

describe('what a season suggests', () => {
  it('is nothing of a stand that holds, was counted, and was taken from within its rules', () => {
    expect(said(stand({ growth: { meanLog: 0.02, sdLog: 0.01 }, timesCounted: 4 }), [line()])).to.deep.equal([]);
  });
  it('is a rest where more was taken than a slip beyond what was allowed', () => {
    expect(said(stand(), [line({}, [take({ amount: 43 })])])).to.deep.equal([]);
    expect(said(stand(), [line({}, [take({ amount: 60 })])])).to.deep.equal([
      { kind: 'rest', standId: 's', why: { of: 'over', part: 'tip', taken: 60, allowed: 40 } },
    ]);
    expect(said(stand({ rests: true }), [line({}, [take({ amount: 60 })])])).to.deep.equal([]);
    expect(said(stand({ invades: true }), [line({}, [take({ amount: 60 })])])).to.deep.equal([]);
  });
  it('is a rest where it surely shrinks, half of its share where that is likely, and nothing where it may as well grow', () => {
    const shrinks = (sdLog: number, over: Partial<SuggestStand> = {}) =>
      said(stand({ growth: { meanLog: -0.1, sdLog }, timesCounted: 3, ...over }), [line()]);
    const [sure] = shrinks(0.05);
    expect(sure).to.deep.include({ kind: 'rest' });
    expect((sure as { why: { sure: number; aYear: number } }).why.sure).to.be.closeTo(0.977, 0.001);
    expect((sure as { why: { aYear: number } }).why.aYear).to.be.closeTo(-0.095, 0.001);
    expect(shrinks(0.1)[0]).to.deep.include({ kind: 'share', part: 'tip', share: 0.35, now: 0.7, counts: 3 });
    expect(shrinks(0.1, { hasShare: true })).to.deep.equal([]);
    expect(shrinks(0.3)).to.deep.equal([]);
  });
  it('is half of what may be taken of each plant, where that is all that is set', () => {
    const shrinks = (over: Partial<SuggestLine>) =>
      said(stand({ growth: { meanLog: -0.1, sdLog: 0.1 }, timesCounted: 3 }), [line({ share: null, ...over })]);
    expect(shrinks({ cap: 3 })[0]).to.deep.include({ kind: 'cap', part: 'tip', cap: 1, now: 3, counts: 3 });
    expect(shrinks({ cap: 1 })).to.deep.equal([]);
    expect(shrinks({ cap: 3, share: 0.7 })[0]).to.deep.include({ kind: 'share' });
  });
  it('is to go earlier where what was taken was past, and the window has moved by that', () => {
    const tough = [take({ quality: 'tough', wasteShare: 0.4 }), take({ quality: 'good' }), take(), take()];
    expect(said(stand(), [line({ closesEarlier: 4 }, tough)])).to.deep.equal([
      { kind: 'earlier', standId: 's', part: 'tip', days: 4, takes: 4, tough: 1, wasteShare: 0.4 },
    ]);
    // A window that has not moved, or takes that were good, suggest nothing.
    expect(said(stand(), [line({ closesEarlier: 1 }, tough)])).to.deep.equal([]);
    expect(said(stand(), [line({ closesEarlier: 4 }, [take({ quality: 'good' })])])).to.deep.equal([]);
    expect(said(stand(), [line({ closesEarlier: 4 }, [])])).to.deep.equal([]);
  });
  it('nothing is spared of a stand that shrinks where nobody took any', () => {
    expect(said(stand({ growth: { meanLog: -0.3, sdLog: 0.01 }, timesCounted: 5 }), [line({}, [])])).to.deep.equal([]);
  });
  it('is a count where something was taken on an old one, or on none', () => {
    const count = { kind: 'count', standId: 's', takes: 1 } as const;
    expect(said(stand({ lastCount: TODAY - 731 }), [line()])).to.deep.equal([{ ...count, lastCount: TODAY - 731 }]);
    expect(said(stand({ lastCount: null }), [line()])).to.deep.equal([{ ...count, lastCount: null }]);
    expect(said(stand({ lastCount: null }), [line({}, [])])).to.deep.equal([]);
  });
  it('is to go there no more where one unit costs three times as long as at the others, by two timed takes', () => {
    const slow = [take({ minutes: 40 }), take({ minutes: 50 })];
    const others = ['a', 'b', 'c'].map((standId, i) => line({ standId }, [take({ minutes: 10 + i })]));
    expect(said(stand(), [line({}, slow), ...others])).to.deep.equal([
      { kind: 'drop', standId: 's', part: 'tip', minutes: 4.5, elsewhere: 1.1, takes: 2 },
    ]);
    expect(said(stand(), [line({}, slow.slice(0, 1)), ...others])).to.deep.equal([]);
    expect(said(stand(), [line({}, slow)])).to.deep.equal([]);
    const elsewhere = others.map((l) => ({ ...l, what: 'elder:flower' }));
    expect(said(stand(), [line({}, slow), ...elsewhere])).to.deep.equal([]);
  });
});
