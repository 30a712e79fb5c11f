import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import {
  furtherStand,
  heldBackBy,
  planSeason,
  type Further,
  type Lifted,
  type SeasonPlan,
  type SeasonTask,
  type Solver,
} from '@emberfield/core/supply';

export interface Asked {
  readonly id: number;
  readonly task: SeasonTask;
  /** Plants that stand at each source; `null`: nobody counted them. */
  readonly standing: readonly (number | null)[];
  /** What holds back the wants that are not met is asked too. */
  readonly asksWhy: boolean;
}
export type Told =
  | { readonly kind: 'plan'; readonly id: number; readonly plan: SeasonPlan | null; readonly short: number }
  /** What holds one want back; the last is told with `done` = `of`. */
  | {
      readonly kind: 'held';
      readonly id: number;
      readonly want: number;
      readonly lifted: readonly Lifted[];
      readonly further: Further | null;
      readonly done: number;
      readonly of: number;
    };

/** Of a want that lacks less than this share of it nothing is asked. */
const LACKS = 0.01;
/** A plan that takes longer is given up. */
const LONGEST_S = 30;
const solver = loadHighs({ locateFile: () => wasmUrl }).then((highs): Solver => (text) => {
  const { Status, Columns } = highs.solve(text, { time_limit: LONGEST_S });
  if (Status !== 'Optimal') return null;
  return new Map(Object.entries(Columns).map(([name, c]) => [name, (c as { readonly Primal: number }).Primal]));
});
/** Wants that are not met. */
const shortOf = ({ wants }: SeasonPlan): readonly number[] =>
  wants.flatMap((w, i) => (w.expectedMissing > LACKS * w.wanted ? [i] : []));
const tell = (told: Told): void => self.postMessage(told);

self.onmessage = ({ data: { id, task, standing, asksWhy } }: MessageEvent<Asked>): void => {
  void solver.then((solve) => {
    const plan = planSeason(task, solve);
    const short = plan && asksWhy ? shortOf(plan) : [];
    tell({ kind: 'plan', id, plan, short: short.length });
    if (!plan) return;
    for (const [k, want] of short.entries()) {
      const lifted = [...heldBackBy(task, plan, want, solve)].sort((a, b) => b.gain - a.gain);
      const further = furtherStand(task, plan, { want, standing }, solve);
      tell({ kind: 'held', id, want, lifted, further, done: k + 1, of: short.length });
    }
  });
};
// What goes wrong while the solver is read is an error of the worker, and said.
solver.catch((error: unknown) =>
  setTimeout(() => {
    throw error instanceof Error ? error : new Error(String(error));
  }),
);
