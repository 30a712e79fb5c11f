import { expect } from 'chai';
import type { HearthView, PartOutlook } from '@emberfield/contract';
import { dutyRows, hearthItems, sectionRows, MOST_LINES, partsOf, rowsBySection } from './sections.ts';

const outlook = (part: string, readiness: PartOutlook['readiness'], kind = 'counted') =>
  ({ standId: 's1', part, use: 'eaten', readiness, allowance: { kind } }) as unknown as PartOutlook;
const hearth = (outlooks: readonly PartOutlook[], duties: HearthView['duties'] = []) =>
  ({ stands: [{ id: 's1' }], outlooks, duties }) as unknown as HearthView;
const glowing = (daysLeft: number): PartOutlook['readiness'] => ({ state: 'glowing', daysLeft, quality: 0.8 });

describe('the Hearth’s order', () => {
  it('puts what closes soonest first', () => {
    const rows = rowsBySection(hearth([outlook('leaf', glowing(9)), outlook('tip', glowing(3))]), null).get('now')!;
    expect(rows.map((r) => r.outlook.part)).to.deep.equal(['tip', 'leaf']);
  });
  it('has what may not be taken in a section of its own, never among what can be had', () => {
    const rows = rowsBySection(hearth([outlook('leaf', glowing(1), 'none'), outlook('tip', glowing(30))]), null);
    expect(rows.get('now')!.map((r) => r.outlook.part)).to.deep.equal(['tip']);
    expect(rows.get('barred')!.map((r) => r.outlook.part)).to.deep.equal(['leaf']);
  });
  it('keeps to the chosen part', () => {
    const view = hearth([outlook('leaf', glowing(9)), outlook('tip', { state: 'cold', daysToOpen: null })]);
    expect(rowsBySection(view, 'tip').get('now')).to.have.length(0);
    expect(rowsBySection(view, 'tip').get('later')).to.have.length(1);
    expect(partsOf(view)).to.deep.equal(['leaf', 'tip']);
  });
  it('names duties of the stands that are there, in the order in which they came', () => {
    const duties: HearthView['duties'] = [
      { kind: 'settleIdentity', standId: 's1', lookAgain: null, lookAgainStage: null, notRuledOut: [] },
      { kind: 'countStand', standId: 's1', lastCount: null },
      { kind: 'countStand', standId: 'gone', lastCount: null },
    ];
    expect(dutyRows(hearth([], duties)).map((d) => d.duty.kind)).to.deep.equal(['settleIdentity', 'countStand']);
  });
});

describe('the lines of the Hearth', () => {
  const many = hearth(Array.from({ length: 200 }, (_, i) => outlook('leaf', glowing(i))));
  const groups = (opened: readonly 'now'[] = []) =>
    sectionRows(rowsBySection(many, null), { sections: ['now', 'lastCall'], opened });
  it('are the most urgent ones, with how many wait behind them', () => {
    const [glow, ...others] = groups();
    expect(others).to.deep.equal([]);
    expect(glow).to.deep.include({ section: 'now', more: 200 - MOST_LINES });
    expect(glow!.rows).to.have.length(MOST_LINES);
    expect(glow!.rows[0]!.outlook.readiness).to.include({ daysLeft: 0 });
  });
  it('are all of them once asked for', () => {
    expect(groups(['now'])[0]).to.deep.include({ more: 0 });
    expect(groups(['now'])[0]!.rows).to.have.length(200);
  });
  it('count those that were not sent', () => {
    const counts = { now: 3_000, lastCall: 0, soon: 0, barred: 0, later: 0, over: 0 };
    const [glow] = sectionRows(rowsBySection(many, null), { sections: ['now'], opened: [], counts });
    expect(glow!.more).to.equal(3_000 - MOST_LINES);
  });
  it('stand under the head of their section, with a way to the others below', () => {
    const items = hearthItems(groups());
    expect(items[0]).to.deep.equal({ kind: 'head', key: 'head:now', section: 'now' });
    expect(items.at(-1)).to.deep.equal({ kind: 'more', key: 'more:now', section: 'now', more: 200 - MOST_LINES });
    expect(items).to.have.length(MOST_LINES + 2);
  });
});
