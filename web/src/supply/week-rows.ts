// The plan by its weeks, as the usual spring has them.
import type { WantView } from '@emberfield/contract';
import { isoDay } from '@emberfield/core/measure';
import { weekOf } from '@emberfield/core/supply';
import type { SourceAt } from './season-task.ts';
import type { Planned } from './use-season-plan.ts';

export interface WeekRow {
  readonly key: string;
  /** Its Monday. */
  readonly monday: string;
  readonly at: SourceAt;
  readonly want: WantView;
  /** In the unit of the part. */
  readonly amount: number;
}

const USUAL = 1;

/** What is taken where in which week, first what comes first; less than a piece of what is counted is none. */
export function weekRows({ laid, plan }: Planned): readonly WeekRow[] {
  return plan.portions
    .flatMap((p) => {
      const { whole } = laid.task.sources[p.source]!;
      const weeks = p.springs[USUAL]!;
      const shares = wholeWeeks(
        weeks.map((w) => w.amount),
        p.amount,
        whole,
      );
      return weeks.map(({ week }, i): WeekRow => ({
        key: `${p.source}:${p.want}:${week}`,
        monday: isoDay(weekOf(laid.task, week).first),
        at: laid.sources[p.source]!,
        want: laid.wants[p.want]!,
        amount: shares[i]!,
      }));
    })
    .filter((r) => r.amount > 0)
    .sort((a, b) => a.monday.localeCompare(b.monday) || a.at.stand.patchName.localeCompare(b.at.stand.patchName));
}

/** Weeks of a portion in whole pieces that come to what is set down for it, or to what the usual spring takes of it. */
export function wholeWeeks(weeks: readonly number[], portion: number, whole: boolean): readonly number[] {
  if (!whole) return weeks;
  const target = Math.min(portion, Math.round(weeks.reduce((sum, w) => sum + w, 0)));
  const down = weeks.map((w) => Math.floor(w + 1e-6));
  const byLoss = weeks.map((w, i) => ({ i, lost: w - down[i]! })).sort((a, b) => b.lost - a.lost);
  let lacks = target - down.reduce((sum, w) => sum + w, 0);
  for (const { i } of byLoss) {
    if (lacks <= 0) break;
    down[i] = down[i]! + 1;
    lacks -= 1;
  }
  return down;
}
