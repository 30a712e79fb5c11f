// What became of what was put back, one way beside another, one place beside another.
import { shareOf, survivalSeen, type SeenCohort } from './survival.ts';

/** Plants put in together; `alive` a year on, or none any more before; `null`: not looked at so late yet. */
export interface PlantedCohort {
  readonly planted: number;
  readonly alive: number | null;
}

export interface Success {
  readonly cohorts: number;
  readonly planted: number;
  /** Cohorts of which a year on it is known what became of them, their plants, and those alive. */
  readonly known: { readonly cohorts: number; readonly planted: number; readonly alive: number };
  /** Share that lived, with its 90 % range; `null` where nothing is known yet. */
  readonly share: { readonly value: number; readonly low: number; readonly high: number } | null;
}

/** Says nothing beforehand: what is compared is what was seen, not what is usual (Jeffreys). */
const NOTHING_KNOWN = { alive: 0.5, dead: 0.5 };

/**
 * What became of plants that were put in together, and how sure that is: plants of one cohort share their fate, see `survivalSeen`.
 * @example successOf([{ planted: 10, alive: 6 }, { planted: 5, alive: null }]).known.alive // 6
 */
export function successOf(cohorts: readonly PlantedCohort[]): Success {
  const known = cohorts.filter((c): c is SeenCohort => c.alive !== null && c.planted > 0);
  const sum = (of: readonly { readonly planted: number }[]): number => of.reduce((n, c) => n + c.planted, 0);
  return {
    cohorts: cohorts.length,
    planted: sum(cohorts),
    known: { cohorts: known.length, planted: sum(known), alive: known.reduce((n, c) => n + c.alive, 0) },
    share: known.length === 0 ? null : shareOf(survivalSeen(NOTHING_KNOWN, known)),
  };
}
