import { expect } from 'chai';
import type { HearthView, PartOutlook } from '@emberfield/contract';
import { dutyRows, hearthItems, heatGroups, MOST_LINES, partsOf, rowsByHeat } from './heat.ts';

const outlook = (part: string, readiness: PartOutlook['readiness'], kind = 'counted') =>
  ({ standId: 's1', part, use: 'eaten', readiness, allowance: { kind } }) as unknown as PartOutlook;
const hearth = (outlooks: readonly PartOutlook[], duties: HearthView['duties'] = []) =>
  ({ stands: [{ id: 's1' }], outlooks, duties }) as unknown as HearthView;
const glowing = (daysLeft: number): PartOutlook['readiness'] => ({ state: 'glowing', daysLeft, quality: 0.8 });

describe('the Hearth’s order', () => {
  it('puts what closes soonest first', () => {
    const rows = rowsByHeat(hearth([outlook('leaf', glowing(9)), outlook('tip', glowing(3))]), null).get('glowing')!;
    expect(rows.map((r) => r.outlook.part)).to.deep.equal(['tip', 'leaf']);
  });
  it('puts what may be taken above what may not', () => {
    const rows = rowsByHeat(hearth([outlook('leaf', glowing(1), 'none'), outlook('tip', glowing(30))]), null).get(
      'glowing',
    )!;
    expect(rows[0]!.outlook.part).to.equal('tip');
  });
  it('keeps to the chosen part', () => {
    const view = hearth([outlook('leaf', glowing(9)), outlook('tip', { state: 'cold', daysToOpen: null })]);
    expect(rowsByHeat(view, 'tip').get('glowing')).to.have.length(0);
    expect(rowsByHeat(view, 'tip').get('cold')).to.have.length(1);
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
  const groups = (opened: readonly 'glowing'[] = []) =>
    heatGroups(rowsByHeat(many, null), { heats: ['glowing', 'fading'], opened });
  it('are the most urgent ones, with how many wait behind them', () => {
    const [glow, ...others] = groups();
    expect(others).to.deep.equal([]);
    expect(glow).to.deep.include({ heat: 'glowing', more: 200 - MOST_LINES });
    expect(glow!.rows).to.have.length(MOST_LINES);
    expect(glow!.rows[0]!.outlook.readiness).to.include({ daysLeft: 0 });
  });
  it('are all of them once asked for', () => {
    expect(groups(['glowing'])[0]).to.deep.include({ more: 0 });
    expect(groups(['glowing'])[0]!.rows).to.have.length(200);
  });
  it('count those that were not sent', () => {
    const counts = { cold: 0, kindling: 0, glowing: 3_000, fading: 0, ash: 0, banked: 0 };
    const [glow] = heatGroups(rowsByHeat(many, null), { heats: ['glowing'], opened: [], counts });
    expect(glow!.more).to.equal(3_000 - MOST_LINES);
  });
  it('stand under the head of their state, with a way to the others below', () => {
    const items = hearthItems(groups());
    expect(items[0]).to.deep.equal({ kind: 'head', key: 'head:glowing', heat: 'glowing' });
    expect(items.at(-1)).to.deep.equal({ kind: 'more', key: 'more:glowing', heat: 'glowing', more: 200 - MOST_LINES });
    expect(items).to.have.length(MOST_LINES + 2);
  });
});
