import { growthOfMatrix } from './analysis.ts';
import type { Rates } from './life-history.ts';
import type { StandPlan } from './plan.ts';
import { rangeOf, type Range } from './quantiles.ts';
import { matrixUnder } from './simulate.ts';

/** Growth a year of the mean year under a plan, 1 where it neither grows nor shrinks; 0 where nothing is left. */
export const growthUnder = (rates: Rates, plan: StandPlan): number => growthOfMatrix(matrixUnder(rates, plan));

const HALVINGS = 20;

/**
 * The share of the plants of a plan's stages that has to be taken every year so that a stand grows no more, with its 90 % range over draws of how it lives;
 * `null` where in most draws not even all of them is enough, as where only leaves are taken.
 * @param draws at least one.
 */
export function shareThatHolds(draws: readonly Rates[], plan: StandPlan): Range | null {
  const { low, value, high } = rangeOf(draws.map((rates) => holdingIn(rates, plan)));
  return value > 1 ? null : { low, value, high: Math.min(1, high) };
}

/** Above 1 where nothing holds it. */
function holdingIn(rates: Rates, plan: StandPlan): number {
  const grows = (share: number): boolean => growthUnder(rates, { ...plan, share }) > 1;
  if (!grows(0)) return 0;
  if (grows(1)) return 2;
  let [few, enough] = [0, 1];
  for (let i = 0; i < HALVINGS; i++) {
    const share = (few + enough) / 2;
    if (grows(share)) few = share;
    else enough = share;
  }
  return enough;
}

const LEFT = 0.01;

/** Years until of the seed in the ground one in a hundred is left, when no more falls; 0 for a life without such seed. */
export function seedBankYears({ stages, survival, moves }: Rates): number {
  const at = stages.indexOf('seed');
  if (at < 0) return 0;
  const leaves = moves.reduce((sum, m) => sum + (m.from === at ? m.share : 0), 0);
  const stays = survival[at]! * Math.max(0, 1 - leaves);
  return stays <= 0 ? 1 : Math.max(1, Math.ceil(Math.log(LEFT) / Math.log(stays)));
}
