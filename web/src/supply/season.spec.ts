import { expect } from 'chai';
import type { EffortView, HearthView, WantView } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import type { SeasonPlan } from '@emberfield/core/supply';
import { createWords } from '@emberfield/words';
import { sayPlanB } from './say-season.ts';
import { layOut } from './season-task.ts';
import { weekMarks } from './week-marks.ts';
import { weekRows, wholeWeeks } from './week-rows.ts';

const range = (p10: string | null, p50: string | null, p90: string | null) => ({ p10, p50, p90 });
const stand = (id: string) => ({ id, plantKey: 'nettle', plantName: { en: 'nettle' }, patchName: id, where: '' });
const outlook = (standId: string, over: object = {}, allowance: object = {}) => ({
  ...{ standId, part: 'tip', partName: { en: 'tips' }, readiness: { state: 'cold', daysToOpen: 9 }, peakShare: 0.3 },
  opens: range('2026-05-18', '2026-05-20', '2026-05-24'),
  closes: range('2026-06-01', '2026-06-03', null),
  ...{ separable: null, neverApart: false, leaveEnds: null, opensAgain: null },
  allowance: {
    ...{ kind: 'counted', unit: 'tip', amount: 60, amountLeft: 40, plantsStanding: 100, ceilings: [] },
    ...allowance,
  },
  ...over,
});
const want = (over: Partial<WantView['terms']> = {}, seen: Partial<WantView> = {}): WantView =>
  ({
    id: 'w',
    terms: {
      ...{ name: 'Soup', measure: 'unit', amount: 30, weekly: false, from: '2026-05-01', until: '2026-06-30' },
      ...over,
    },
    of: [{ plantKey: 'nettle', part: 'tip', unit: 'tip', gives: 1 }],
    ...{ taken: 0, takenThisWeek: 0, stocked: 0 },
    ...seen,
  }) as WantView;
/** A Friday. */
const DAY = '2026-05-15';
const laid = (
  outlooks: object[],
  { wants = [want()], efforts = [] as unknown[], minutes = null as number | null } = {},
) =>
  layOut(
    { day: DAY, stands: [stand('a'), stand('b')], outlooks } as unknown as HearthView,
    wants,
    efforts as EffortView[],
    minutes,
  );
const days = (first: string, last: string) => ({ first: dayNumber(first), last: dayNumber(last) });

describe('the season’s task', () => {
  it('begins with the Monday of the week, and plans nothing before the day', () => {
    const { task } = laid([outlook('a')]);
    expect(task.from).to.equal(dayNumber('2026-05-11'));
    expect(task.wants[0]).to.include({ first: dayNumber(DAY), last: dayNumber('2026-06-30') });
  });
  it('has a stand’s window as it is in an early, a usual and a late year; what has no end in sight goes on', () => {
    const { task } = laid([outlook('a')]);
    const [early, usual, late] = task.sources[0]!.windows[0]!;
    expect([early, usual]).to.deep.equal([days('2026-05-18', '2026-06-01'), days('2026-05-20', '2026-06-03')]);
    expect(late).to.deep.equal({ first: dayNumber('2026-05-24'), last: task.from + 7 * task.weeks - 1 });
  });
  it('begins once look-alikes can be told apart, ends with the leave, and has none where they never can', () => {
    const apart = range('2026-05-21', '2026-05-22', '2026-05-25');
    const window = (over: object) => laid([outlook('a', over)]).task.sources[0]!.windows[0]![1];
    expect(window({ separable: apart })).to.deep.equal(days('2026-05-22', '2026-06-03'));
    expect(window({ leaveEnds: '2026-05-28' })).to.deep.equal(days('2026-05-20', '2026-05-28'));
    expect(window({ leaveEnds: '2026-05-10' })).to.equal(null);
    expect(window({ neverApart: true })).to.equal(null);
  });
  it('of a window that is over looks at the next, as long as this one, with all that a season gives', () => {
    const over = { readiness: { state: 'ash', daysSince: 3 }, opensAgain: range(null, '2027-05-02', '2027-05-09') };
    const [source] = laid([outlook('a', over)]).task.sources;
    expect(source!.left).to.equal(60);
    expect(source!.windows[0]).to.deep.equal([
      null,
      days('2027-05-02', '2027-05-16'),
      days('2027-05-09', '2027-05-23'),
    ]);
  });
  it('names what is past with something left, and where it is to come from instead', () => {
    const past = { readiness: { state: 'ash', daysSince: 3 }, closes: range(null, '2026-05-12', null) };
    const { missed, sources } = laid([outlook('a', past), outlook('b')]);
    expect(missed.map((m) => [m.at.stand.id, m.closed, m.left])).to.deep.equal([['a', '2026-05-12', 40]]);
    const words = createWords('en');
    expect(sayPlanB(missed, [sources[1]!], words, DAY)).to.equal(
      'Past with something left: a (until about 12 May, 40 tips). Plan B: b.',
    );
    expect(sayPlanB(missed, [], words, DAY)).to.match(/There is no plan B/);
    // Taken out, or with another window to come, it was not missed.
    expect(laid([outlook('a', past, { amountLeft: 0 })]).missed).to.deep.equal([]);
    expect(laid([outlook('a', past), outlook('a', { use: 'dried' })]).missed).to.deep.equal([]);
  });
  it('of a part with a window that is over and one to come has the one to come alone, with what is left', () => {
    const over = { use: 'raw', readiness: { state: 'ash', daysSince: 3 }, opensAgain: range(null, '2027-05-02', null) };
    const [source] = laid([outlook('a', over), outlook('a', { use: 'dried' })]).task.sources;
    expect(source!.left).to.equal(40);
    expect(source!.windows.map((w) => w[1])).to.deep.equal([days('2026-05-20', '2026-06-03')]);
  });
  it('has nothing of what is not counted, which is named, and of what is barred as much as the best other gives', () => {
    const { task, uncounted } = laid([
      outlook('a'),
      outlook('b', {}, { kind: 'none', amount: 0, amountLeft: 0, plantsStanding: 50 }),
    ]);
    expect(task.sources.map((s) => [s.left, s.unbarred])).to.deep.equal([
      [40, 60],
      [0, 30],
    ]);
    expect(uncounted).to.deep.equal([]);
    const relative = laid([outlook('a', {}, { kind: 'relative', amount: null, amountLeft: null })]);
    expect(relative.task.sources[0]!.left).to.equal(0);
    expect(relative.uncounted.map((u) => u.stand.id)).to.deep.equal(['a']);
  });
  it('costs what takes there were timed at, and draws on what stands share', () => {
    const effort = { plantKey: 'nettle', part: 'tip', minutes: 20, timed: 3, amount: 40, stands: [] };
    const ceilings = [{ kind: 'quota', values: { permit: 'p', name: 'Low wood', left: 25 } }];
    const { task, sharedNames } = laid([outlook('a', {}, { ceilings })], { efforts: [effort], minutes: 90 });
    expect(task.sources[0]).to.deep.include({ minutesPerUnit: 0.5, shares: ['p'] });
    expect([task.minutesPerWeek, [...task.shared], sharedNames.get('p')]).to.deep.equal([90, [['p', 25]], 'Low wood']);
    expect(laid([outlook('a')]).task.sources[0]!.minutesPerUnit).to.equal(0);
  });
  it('wants only what is not there yet, and looks at no stand that nothing is wanted of', () => {
    const wants = [want({}, { taken: 20, stocked: 4 }), want({}, { taken: 30 }), want({ until: '2026-05-10' })];
    const { task, wants: views } = laid([outlook('a'), outlook('b', { part: 'root' })], { wants });
    expect(task.wants.map((w) => w.amount)).to.deep.equal([6]);
    expect(views).to.have.length(1);
    expect(task.sources.map((s) => s.id)).to.deep.equal(['a:tip']);
  });
});

describe('the weeks of a plan', () => {
  it('come in whole pieces to what is set down', () => {
    expect(wholeWeeks([3.4, 2.3, 1.3], 7, true)).to.deep.equal([4, 2, 1]);
    expect(wholeWeeks([3.4, 3.4], 6, true)).to.deep.equal([3, 3]);
    expect(wholeWeeks([1.25, 2], 3.25, false)).to.deep.equal([1.25, 2]);
  });
  it('are listed by their Mondays, and drawn by the share of the want that comes', () => {
    const l = laid([outlook('a'), outlook('b')]);
    const plan: SeasonPlan = {
      portions: [
        { source: 0, want: 0, amount: 20, springs: [[], [{ week: 3, amount: 20 }], [{ week: 4, amount: 20 }]] },
        { source: 1, want: 0, amount: 10, springs: [[], [{ week: 1, amount: 10 }], []] },
      ],
      wants: [{ wanted: 30, missing: [30, 0, 10], expectedMissing: 12 }],
    };
    const rows = weekRows({ laid: l, plan });
    expect(rows.map((r) => [r.monday, r.at.stand.id, r.amount])).to.deep.equal([
      ['2026-05-18', 'b', 10],
      ['2026-06-01', 'a', 20],
    ]);
    const marks = weekMarks({ laid: l, plan });
    expect(marks.map((m) => [m.spring, m.monday, Math.round(100 * m.share)])).to.have.deep.members([
      [1, '2026-06-01', 67],
      [2, '2026-06-08', 67],
      [1, '2026-05-18', 33],
    ]);
  });
});
