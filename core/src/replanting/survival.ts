// What of the plants that were put back lives: an estimate, moved by what was seen.
import jStat from 'jstat';
import type { Figure } from '../measure/index.ts';

/** A share as a beta distribution: as if so many had been seen alive and so many dead. */
export interface Survival {
  readonly alive: number;
  readonly dead: number;
}

/** Plants put in together and what was seen of them. */
export interface SeenCohort {
  readonly planted: number;
  readonly alive: number;
}

/**
 * Likeness of the fates of plants put in on one day at one spot, as a correlation: one dry week takes them all. An estimate; with it a
 * cohort of hundreds says as much as some twenty plants put in each for itself.
 */
const ALIKE = 0.05;

const MOST_SEEN = 10_000;

/**
 * The beta distribution with the mean of an estimate whose 10 % and 90 % points lie as far apart as its own.
 * @throws RangeError for an estimate that is not 0 < low < value < high < 1.
 */
export function priorOf({ value, low, high }: Figure): Survival {
  if (!(low > 0 && low < value && value < high && high < 1))
    throw new RangeError('an estimate of survival lies between its low and high end, within 0 and 1');
  const width = (n: number): number =>
    jStat.beta.inv(0.9, value * n, (1 - value) * n) - jStat.beta.inv(0.1, value * n, (1 - value) * n);
  let [few, many] = [0.5, MOST_SEEN];
  for (let i = 0; i < 60; i++) {
    const n = Math.sqrt(few * many);
    if (width(n) > high - low) few = n;
    else many = n;
  }
  return { alive: value * few, dead: (1 - value) * few };
}

/**
 * What was seen moves what was known (conjugate beta prior). Plants of one cohort are no independent trials: n of them count as n / (1 + (n − 1) ρ), the
 * design effect of cluster samples.
 * @throws RangeError where more live than were planted.
 * Source: Gelman et al. (2013), Bayesian Data Analysis, 3rd ed., section 2.4; Kish, L. (1965), Survey Sampling, on the design effect.
 * @example survivalSeen({ alive: 3, dead: 2 }, [{ planted: 1, alive: 1 }]) // { alive: 4, dead: 2 }
 */
export function survivalSeen(prior: Survival, cohorts: readonly SeenCohort[]): Survival {
  let { alive, dead } = prior;
  for (const c of cohorts) {
    if (c.planted <= 0) continue;
    if (!(c.alive >= 0 && c.alive <= c.planted)) throw new RangeError('no more live than were planted');
    const counts = c.planted / (1 + (c.planted - 1) * ALIKE);
    alive += (counts * c.alive) / c.planted;
    dead += (counts * (c.planted - c.alive)) / c.planted;
  }
  return { alive, dead };
}

/** Mean and 90 % range of a share. */
export function shareOf({ alive, dead }: Survival): {
  readonly value: number;
  readonly low: number;
  readonly high: number;
} {
  return {
    value: alive / (alive + dead),
    low: jStat.beta.inv(0.05, alive, dead),
    high: jStat.beta.inv(0.95, alive, dead),
  };
}

/** The share below which it lies with a chance, 0–1: a draw where the chance is drawn. */
export const shareAt = ({ alive, dead }: Survival, chance: number): number => jStat.beta.inv(chance, alive, dead);
