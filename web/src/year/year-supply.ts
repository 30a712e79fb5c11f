import { dayNumber, isoDay, type DayNumber } from '@emberfield/core/measure';
import type { PartLine } from './year-lines.ts';
import type { YearFrame } from './year-frame.ts';

export interface SupplyStep {
  readonly first: DayNumber;
  readonly days: number;
  /** Windows that are likely open. */
  readonly open: number;
  readonly thin: boolean;
}
export interface ThinSpan {
  readonly from: string;
  readonly to: string;
  /** What alone is open then. */
  readonly only: readonly PartLine[];
}

const STEP_DAYS = { year: 5, month: 1, week: 1 } as const;
/** Below this share of the usual (the median of all days on which something is open) a time is thin. */
const THIN_SHARE = 0.34;

/** How much is open through the frame. What is thin is measured by the frame itself: a winter month is no thin month of winter. */
export function supplyOf(lines: readonly PartLine[], frame: YearFrame): readonly SupplyStep[] {
  const step = STEP_DAYS[frame.zoom];
  const spans = lines.flatMap(({ row }) => row.windows.map(likelyDays));
  const steps: Omit<SupplyStep, 'thin'>[] = [];
  for (let first = frame.first; first <= frame.last; first += step) {
    const middle = first + (step - 1) / 2;
    const open = spans.filter(([from, to]) => from <= middle && middle <= to).length;
    steps.push({ first, days: Math.min(step, frame.last - first + 1), open });
  }
  const some = steps
    .map((s) => s.open)
    .filter((n) => n > 0)
    .sort((a, b) => a - b);
  const usual = some[some.length >> 1] ?? 0;
  return steps.map((s) => ({ ...s, thin: s.open === 0 || s.open < THIN_SHARE * usual }));
}

/** The thin times one after the other, with what is open in all of them. */
export function thinSpans(lines: readonly PartLine[], steps: readonly SupplyStep[]): readonly ThinSpan[] {
  const spans: { from: DayNumber; to: DayNumber }[] = [];
  for (const s of steps) {
    const to = s.first + s.days - 1;
    const last = spans.at(-1);
    if (!s.thin) continue;
    if (last && last.to === s.first - 1) last.to = to;
    else spans.push({ from: s.first, to });
  }
  return spans.map(({ from, to }) => ({
    from: isoDay(from),
    to: isoDay(to),
    only: lines.filter(({ row }) => row.windows.map(likelyDays).some(([a, b]) => a <= to && b >= from)),
  }));
}

function likelyDays({ opens, closes }: PartLine['row']['windows'][number]): readonly [DayNumber, number] {
  return [dayNumber(opens.p50!), closes.p50 === null ? Infinity : dayNumber(closes.p50)];
}
