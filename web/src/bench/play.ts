import {
  emptyPlayed,
  playFuture,
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

/**
 * Plays all plans in turn, coarsely first, and tells how they stand as it goes on. Looks up between slices whether something else was asked: who moves
 * a slider does not wait for what was asked before.
 * @param isAsked whether this is still what is asked
 * @param pause lets other messages in
 */
export async function playAsked(
  { id, prospect, plans, lasting, seek }: Asked,
  { tell, isAsked, pause }: Between & { readonly tell: (told: Told) => void },
): Promise<void> {
  const played = new Map<PlanKey, Played>();
  const all: Partial<Record<PlanKey, StandPlan>> = { ...plans };
  let done = 0;
  for (const runs of TOLD_AFTER) {
    for (const key of PLAN_KEYS) {
      const plan = all[key];
      if (!plan) continue;
      const into = played.get(key) ?? emptyPlayed(MOST_RUNS, lasting.years);
      // A plan that came later catches up.
      for (let first = played.has(key) ? done : 0; first < runs; first += DRAWN_RUNS) {
        playFuture(prospect, plan, first, into);
        await pause();
        if (!isAsked()) return;
      }
      played.set(key, into);
      tell({ id, kind: 'plan', plan: key, told: tellFuture(into, runs, lasting.floorShare) });
    }
    if (runs === TOLD_AFTER[0] && seek) {
      const found = await seekInPieces(seekLasting(prospect, seek, lasting), { isAsked, pause });
      if (!found) return;
      tell({ id, kind: 'lasting', found });
      if (found.share !== null) all.lasting = { ...seek, share: found.share };
    }
    done = runs;
  }
  if (seek && !(await sharpened({ id, prospect, plans: all, lasting, seek }, { tell, isAsked, pause }))) return;
  tell({ id, kind: 'done' });
}

/** Seeks the share that lasts once more, on all futures, and plays it. False where something else was asked meanwhile. */
async function sharpened(
  { id, prospect, plans, lasting, seek }: Asked & { readonly seek: StandPlan },
  between: Between & { readonly tell: (told: Told) => void },
): Promise<boolean> {
  const found = await seekInPieces(seekLasting(prospect, seek, lasting, MOST_RUNS), between);
  if (!found) return false;
  between.tell({ id, kind: 'lasting', found });
  if (found.share === null || found.share === plans.lasting?.share) return true;
  const into = emptyPlayed(MOST_RUNS, lasting.years);
  for (let first = 0; first < MOST_RUNS; first += DRAWN_RUNS) {
    playFuture(prospect, { ...seek, share: found.share }, first, into);
    await between.pause();
    if (!between.isAsked()) return false;
  }
  between.tell({ id, kind: 'plan', plan: 'lasting', told: tellFuture(into, MOST_RUNS, lasting.floorShare) });
  return true;
}

interface Between {
  readonly isAsked: () => boolean;
  readonly pause: () => Promise<void>;
}

/** What a search found; `null` where something else was asked meanwhile. */
async function seekInPieces<T>(search: Generator<void, T>, { isAsked, pause }: Between): Promise<T | null> {
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
    await pause();
    if (!isAsked()) return null;
  }
}
