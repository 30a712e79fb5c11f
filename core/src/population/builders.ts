import type { LifeHistory } from './life-history.ts';
import { LEAVE_ALONE, type StandPlan } from './plan.ts';
import type { StandModel } from './simulate.ts';
import { ratesOf } from './life-history.ts';
import { yearClassesOf } from './years.ts';

// For specs only: a slow herb, constructed, near to standing still.

export const of = (value: number, low = value, high = value) => ({ value, low, high, source: 'constructed' });

export const SLOW_HERB: LifeHistory = {
  stages: ['seed', 'seedling', 'juvenile', 'mature', 'flowering'],
  survival: { seed: of(0.5), seedling: of(0.4), juvenile: of(0.7), mature: of(0.88), flowering: of(0.9) },
  moves: [
    { from: 'seed', to: 'seedling', share: of(0.2) },
    { from: 'seedling', to: 'juvenile', share: of(1) },
    { from: 'juvenile', to: 'mature', share: of(0.3) },
    { from: 'mature', to: 'flowering', share: of(0.4) },
    { from: 'flowering', to: 'mature', share: of(0.3) },
  ],
  births: [
    { from: 'flowering', to: 'seed', kind: 'seed', number: of(6) },
    { from: 'flowering', to: 'juvenile', kind: 'offset', number: of(0.05) },
  ],
  years: { survival: 0.4, births: 0.7, correlation: 0.3 },
};

export function standOf(
  over: Partial<StandModel> = {},
  plan: Partial<StandPlan> = {},
  history = SLOW_HERB,
): StandModel {
  const rates = ratesOf(history);
  return {
    rates,
    years: yearClassesOf(rates, history.years),
    start: [200, 40, 30, 40, 30],
    capacity: Infinity,
    stroke: null,
    plan: { ...LEAVE_ALONE, ...plan },
    ...over,
  };
}
