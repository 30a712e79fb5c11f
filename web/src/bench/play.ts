import {
  emptyPlayed,
  LASTING_RUNS,
  placeRuns,
  seekLasting,
  DRAWN_RUNS,
  tellFuture,
  type FutureTold,
  type Lasting,
  type LastingShare,
  type Played,
  type StandPlan,
  type StandProspect,
} from '@emberfield/core/population';
import { tasksOf, type Crew, type Task } from './crew.ts';
import { PLAN_KEYS, type PlanKey, type Plans } from './plans.ts';

/** As many futures of each plan as are played, and after how many of them it is told how they stand. */
export const MOST_RUNS = 10_000;
const TOLD_AFTER = [500, 1500, 4000, MOST_RUNS];

export interface Asked {
  readonly id: number;
  readonly prospect: StandProspect;
  readonly plans: Plans;
  readonly lasting: Lasting;
  /** The plan whose share is sought that lasts; `null`: it was found before, on all futures. */
  readonly seek: StandPlan | null;
}
export type Told =
  | { readonly id: number; readonly kind: 'plan'; readonly plan: PlanKey; readonly told: FutureTold }
  | { readonly id: number; readonly kind: 'lasting'; readonly found: LastingShare }
  | { readonly id: number; readonly kind: 'done' };

interface With {
  readonly crew: Crew;
  readonly tell: (told: Told) => void;
  /** Whether this is still what is asked. */
  readonly isAsked: () => boolean;
}

/**
 * Has all plans played in turn, coarsely first, and tells how they stand as it goes on. Looks up between tasks whether something else was asked: who moves
 * a slider does not wait for what was asked before.
 */
export async function playAsked({ id, prospect, plans, lasting, seek }: Asked, by: With): Promise<void> {
  const { crew, tell, isAsked } = by;
  crew.begin({ prospect, lasting });
  const played = new Map<PlanKey, Played>();
  const all: Partial<Record<PlanKey, StandPlan>> = { ...plans };
  let done = 0;
  for (const runs of TOLD_AFTER) {
    for (const key of PLAN_KEYS) {
      const plan = all[key];
      if (!plan) continue;
      const into = played.get(key) ?? emptyPlayed(MOST_RUNS, lasting.years);
      // A plan that came later catches up.
      const tasks = tasksOf('play', plan, played.has(key) ? done : 0, runs);
      if (!(await crew.all(tasks, ({ first }, part) => placeRuns(into, part, first), isAsked))) return;
      played.set(key, into);
      tell({ id, kind: 'plan', plan: key, told: tellFuture(into, runs, lasting.floorShare) });
    }
    if (runs === TOLD_AFTER[0] && seek) {
      const found = await sought({ seek, lasting, runs: LASTING_RUNS }, by);
      if (!found) return;
      tell({ id, kind: 'lasting', found });
      if (found.share !== null) all.lasting = { ...seek, share: found.share };
    }
    done = runs;
  }
  if (seek && !(await sharpened({ id, plans: all, lasting, seek }, by))) return;
  tell({ id, kind: 'done' });
}

/** Seeks the share that lasts once more, on all futures, and plays it. False where something else was asked meanwhile. */
async function sharpened(
  { id, plans, lasting, seek }: Omit<Asked, 'prospect'> & { readonly seek: StandPlan },
  by: With,
): Promise<boolean> {
  const found = await sought({ seek, lasting, runs: MOST_RUNS }, by);
  if (!found) return false;
  if (found.share === null || found.share === plans.lasting?.share) {
    by.tell({ id, kind: 'lasting', found });
    return true;
  }
  const into = emptyPlayed(MOST_RUNS, lasting.years);
  const tasks = tasksOf('play', { ...seek, share: found.share }, 0, MOST_RUNS);
  if (!(await by.crew.all(tasks, ({ first }, part) => placeRuns(into, part, first), by.isAsked))) return false;
  // Both at once: a share never stands above the fan of another.
  by.tell({ id, kind: 'lasting', found });
  by.tell({ id, kind: 'plan', plan: 'lasting', told: tellFuture(into, MOST_RUNS, lasting.floorShare) });
  return true;
}

/** The share that lasts; `null` where something else was asked meanwhile. */
async function sought(
  { seek, lasting, runs }: { readonly seek: StandPlan; readonly lasting: Lasting; readonly runs: number },
  { crew, isAsked }: With,
): Promise<LastingShare | null> {
  const search = seekLasting(lasting.confidence, runs);
  let step = search.next();
  while (!step.done) {
    const slices: number[] = [];
    const place = ({ first }: Task, held: readonly number[]): void =>
      held.forEach((share, i) => (slices[first / DRAWN_RUNS + i] = share));
    const tasks = tasksOf('held', { ...seek, share: step.value }, 0, runs);
    if (!(await crew.all(tasks, place, isAsked))) return null;
    step = search.next(slices);
  }
  return step.value;
}
