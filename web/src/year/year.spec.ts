import { expect } from 'chai';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import type { YearRow, YearStand, YearView } from '@emberfield/contract';
import { frameOf, stepFrame, ticksOf, xOf } from './year-frame.ts';
import { linesWithin, usesOf, yearLines, type PartLine } from './year-lines.ts';
import { supplyOf, thinSpans } from './year-supply.ts';

const exactly = (iso: string | null) => ({ p10: iso, p50: iso, p90: iso });
const row = (
  part: YearRow['part'],
  windows: readonly (readonly [string, string | null])[],
  use = 'cooked',
): YearRow => ({
  part,
  partName: { en: part },
  use,
  readiness: { state: 'cold', daysToOpen: null },
  thorns: false,
  windows: windows.map(([opens, closes]) => ({
    opens: exactly(opens),
    closes: exactly(closes),
    separable: null,
    again: false,
  })),
  past: [],
  marks: [],
});
const stand = (id: string, patch: string, rows: readonly YearRow[], plant = 'Elder'): YearStand => ({
  id,
  plantKey: plant.toLowerCase(),
  plantName: { en: plant },
  patchId: `patch ${patch}`,
  patchName: patch,
  where: '',
  rows,
});
const yearOf = (...stands: readonly YearStand[]): YearView => ({ year: 2026, day: '2026-05-15', stands });
const ALL = { kind: null, use: null, text: '' };
const say = (text: { readonly [k: string]: string }): string => text['en']!;
const named = (view: YearView, filter = {}) =>
  yearLines(view, { ...ALL, ...filter }, say).map((l) => (l.kind === 'place' ? l.name : `${l.stand.id} ${l.row.part}`));
const partsOf = (...rows: readonly YearRow[]): readonly PartLine[] =>
  yearLines(yearOf(stand('s', 'Mere', rows)), ALL, say).filter((l): l is PartLine => l.kind === 'part');

describe('the lines of a year', () => {
  const view = yearOf(
    stand('e', 'Railway', [row('flower', []), row('fruit', [])]),
    stand('n', 'Mill hedge', [row('leaf', []), row('leaf', [], 'raw')], 'Nettle'),
    stand('r', 'Mill hedge', [row('root', [])], 'Burdock'),
  );
  it('stand place by place, each named once', () =>
    expect(named(view)).to.deep.equal(['Mill hedge', 'n leaf', 'n leaf', 'r root', 'Railway', 'e flower', 'e fruit']));
  it('can be those of one kind of part', () =>
    expect(named(view, { kind: 'roots' })).to.deep.equal(['Mill hedge', 'r root']));
  it('can be those of one use', () => expect(named(view, { use: 'raw' })).to.deep.equal(['Mill hedge', 'n leaf']));
  it('are only those of a time where that is asked for, and a place without any is not named', () => {
    const may = { first: dayNumber('2026-05-01'), last: dayNumber('2026-05-31') };
    const lines = yearLines(
      yearOf(
        stand('a', 'Mere', [row('leaf', [['2026-04-20', '2026-05-01']]), row('fruit', [['2026-06-01', '2026-07-01']])]),
        stand('b', 'Quay', [row('root', [['2026-01-01', '2026-04-30']])]),
        stand('c', 'Weir', [row('leaf', [['2026-05-31', null]])]),
      ),
      ALL,
      say,
    );
    expect(linesWithin(lines, may).map((l) => (l.kind === 'place' ? l.name : l.row.part))).to.deep.equal([
      'Mere',
      'leaf',
      'Weir',
      'leaf',
    ]);
  });
  it('are found by plant or by place, in any case', () => {
    expect(named(view, { text: ' elder ' })).to.deep.equal(['Railway', 'e flower', 'e fruit']);
    expect(named(view, { text: 'MILL' })).to.have.length(4);
    expect(named(view, { text: 'oak' })).to.deep.equal([]);
  });
  it('name the use only where a part has several', () => {
    const lines = yearLines(view, ALL, say).filter((l): l is PartLine => l.kind === 'part');
    expect(lines.map((l) => l.namesUse)).to.deep.equal([true, true, false, false, false]);
    expect(usesOf(view)).to.deep.equal(['cooked', 'raw']);
  });
});

describe('the frame of a year', () => {
  const span = (iso: string, zoom: Parameters<typeof frameOf>[1]) => {
    const { first, last } = frameOf(iso, zoom, 100);
    return [isoDay(first), isoDay(last)];
  };
  it('is the year, the month or the week from Monday', () => {
    expect(span('2026-05-15', 'year')).to.deep.equal(['2026-01-01', '2026-12-31']);
    expect(span('2028-02-10', 'month')).to.deep.equal(['2028-02-01', '2028-02-29']);
    expect(span('2026-12-31', 'month')).to.deep.equal(['2026-12-01', '2026-12-31']);
    expect(span('2026-05-15', 'week')).to.deep.equal(['2026-05-11', '2026-05-17']);
    expect(span('2026-05-11', 'week')).to.deep.equal(['2026-05-11', '2026-05-17']);
    expect(span('2026-05-17', 'week')).to.deep.equal(['2026-05-11', '2026-05-17']);
  });
  it('fills its width with its days', () => {
    const frame = frameOf('2026-05-15', 'week', 70);
    expect(xOf(frame, frame.first)).to.equal(0);
    expect(xOf(frame, frame.last + 1)).to.equal(70);
  });
  it('is marked by months, or by days', () => {
    expect(ticksOf(frameOf('2026-05-15', 'year', 100))).to.have.length(12);
    expect(ticksOf(frameOf('2026-05-15', 'month', 100))).to.have.length(31);
  });
  it('steps to the same day of the next, or to its last', () => {
    expect(stepFrame('2026-01-31', 'month', 1)).to.equal('2026-02-28');
    expect(stepFrame('2026-01-15', 'month', -1)).to.equal('2025-12-15');
    expect(stepFrame('2028-02-29', 'year', -1)).to.equal('2027-02-28');
    expect(stepFrame('2026-05-15', 'week', 1)).to.equal('2026-05-22');
  });
});

describe('what is open through the year', () => {
  const frame = frameOf('2026-05-15', 'year', 1000);
  it('is counted by the likely days', () => {
    const steps = supplyOf(
      partsOf(row('leaf', [['2026-03-01', '2026-05-31']]), row('fruit', [['2026-05-01', null]])),
      frame,
    );
    const at = (iso: string): number => steps.findLast((s) => s.first <= dayNumber(iso))!.open;
    expect([at('2026-02-01'), at('2026-04-01'), at('2026-05-20'), at('2026-12-30')]).to.deep.equal([0, 1, 2, 1]);
    expect(steps.reduce((n, s) => n + s.days, 0)).to.equal(365);
  });
  it('is thin where there is little beside the usual, and what there is has a name', () => {
    const many = Array.from({ length: 6 }, () => row('leaf', [['2026-03-02', '2026-12-31']]));
    const lines = partsOf(row('root', [['2026-01-01', '2026-12-31']]), ...many);
    const spans = thinSpans(lines, supplyOf(lines, frame));
    expect(spans.map((s) => [s.from, s.to, s.only.map((l) => l.row.part)])).to.deep.equal([
      ['2026-01-01', '2026-03-01', ['root']],
    ]);
  });
  it('is thin where there is nothing at all', () => {
    const lines = partsOf(row('leaf', [['2026-01-01', '2026-11-30']]));
    const spans = thinSpans(lines, supplyOf(lines, frame));
    expect(spans.map((s) => [s.from, s.to, s.only.length])).to.deep.equal([['2026-12-02', '2026-12-31', 0]]);
  });
});
