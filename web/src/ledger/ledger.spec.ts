import { expect } from 'chai';
import type { LedgerView } from '@emberfield/contract';
import { isOver, keyOf, shownOf } from './ledger-rows.ts';

const stand = (id: string, patchId = `${id}-place`) => ({ id, patchId, patchName: patchId });
const line = (standId: string, over: object = {}) => ({
  ...{ standId, part: 'tip', takes: 2, amount: 30, allowed: 40, state: 'open' },
  ...over,
});
const view = (over: object = {}): LedgerView =>
  ({
    season: 2025,
    stands: [stand('a'), stand('b')],
    lines: [line('a'), line('b', { amount: 50 }), line('b', { part: 'seed', takes: 0, amount: 0, state: 'over' })],
    suggestions: [
      { kind: 'count', standId: 'a', lastCount: null, takes: 2 },
      { kind: 'rest', standId: 'b', why: { of: 'over', part: 'tip', taken: 50, allowed: 40 } },
    ],
    ...over,
  }) as unknown as LedgerView;

describe('the ledger’s rows', () => {
  it('are of what was taken; windows that went by stand apart, those that are open still in neither', () => {
    const shown = shownOf(view(), [], []);
    expect(shown.rows.map((r) => [r.key, r.share, isOver(r)])).to.deep.equal([
      ['a:tip', 0.75, false],
      ['b:tip', 1.25, true],
    ]);
    expect(shown.missed.map((r) => r.key)).to.deep.equal(['b:seed']);
    const open = view({ lines: [line('a', { takes: 0, state: 'open' })] });
    expect(shownOf(open, [], []).missed).to.deep.equal([]);
  });
  it('are of the places that were chosen alone, suggestions too', () => {
    const shown = shownOf(view(), ['a-place'], []);
    expect([shown.rows, shown.missed, shown.stands, shown.suggestions].map((s) => s.length)).to.deep.equal([
      1, 0, 1, 1,
    ]);
  });
  it('have no share where nothing is known to be allowed', () => {
    const [row] = shownOf(view({ lines: [line('a', { allowed: null })] }), [], []).rows;
    expect([row!.share, isOver(row!)]).to.deep.equal([null, false]);
    const [barred] = shownOf(view({ lines: [line('a', { allowed: 0 })] }), [], []).rows;
    expect(barred!.share).to.equal(null);
  });
  it('leave out what somebody left, of that season alone, and say how much that is', () => {
    const left = [keyOf(2025, view().suggestions[1]!)];
    expect(shownOf(view(), [], left)).to.deep.include({ left: 1 });
    expect(shownOf(view(), [], left).suggestions.map((s) => s.suggestion.kind)).to.deep.equal(['count']);
    expect(shownOf(view({ season: 2026 }), [], left)).to.deep.include({ left: 0 });
  });
});
