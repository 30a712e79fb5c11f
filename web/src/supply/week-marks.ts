// Marks of the plan's picture: how large a share of a want comes in a week of a spring.
import { isoDay } from '@emberfield/core/measure';
import { weekOf } from '@emberfield/core/supply';
import type { Planned } from './use-season-plan.ts';

export interface WeekMark {
  readonly spring: number;
  readonly week: number;
  readonly monday: string;
  /** Of the want as it stands in the plan. */
  readonly row: number;
  readonly name: string;
  /** Of all that is wanted of it. */
  readonly share: number;
}
/** A share that no eye would see. */
const UNSEEN = 0.005;

export function weekMarks({ laid, plan }: Planned): readonly WeekMark[] {
  const shares = new Map<string, number>();
  for (const p of plan.portions) {
    const { what } = laid.task.sources[p.source]!;
    const gives = laid.task.wants[p.want]!.of.find((o) => o.what === what)!.gives;
    for (const [spring, weeks] of p.springs.entries())
      for (const { week, amount } of weeks) {
        const key = `${spring}:${week}:${p.want}`;
        shares.set(key, (shares.get(key) ?? 0) + (amount * gives) / plan.wants[p.want]!.wanted);
      }
  }
  return [...shares].flatMap(([key, share]): readonly WeekMark[] => {
    const [spring, week, row] = key.split(':').map(Number) as [number, number, number];
    if (share < UNSEEN) return [];
    const { name } = laid.wants[row]!.terms;
    return [{ spring, week, row, share, name, monday: isoDay(weekOf(laid.task, week).first) }];
  });
}
