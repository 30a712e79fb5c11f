// How rules combine: the plants of a count, taken off step by step, and what one plant may give.
import type { Ceiling, StandMeasure } from './ceiling.ts';

/** A step of the sum, in the order in which it is reckoned. */
export interface AllowanceStep {
  readonly kind:
    | 'count'
    | 'losses'
    | 'killed'
    | 'mature'
    | 'firstAndLast'
    | 'flowering'
    | 'seedSpent'
    | 'girth'
    | 'share'
    | 'perPlant'
    | 'perTree'
    | 'quota';
  /** The rule that made the step; `null` for what was counted, lost and killed. */
  readonly ceiling: Ceiling | null;
  /** Plants left after the step. */
  readonly plants: number | null;
  /** Amount a plant, and in all, from the step on that says so. */
  readonly perPlant: number | null;
  readonly amount: number | null;
}

export interface Reckoned {
  readonly steps: readonly AllowanceStep[];
  readonly plants: number | null;
  readonly perPlant: number;
  readonly amount: number | null;
  /** The strictest quota; `null` where there is none. */
  readonly amountLimit: number | null;
  /** Share of the plants that may be touched; 1 where no rule sets one. */
  readonly share: number;
  /** A rule limits how many plants may be touched: then each that was touched is spent. */
  readonly plantsLimited: boolean;
}

const FLOOR = 1e-9;
const round = (amount: number): number => Math.round(amount * 1000) / 1000;
const strictest = <C>(of: readonly C[], size: (c: C) => number): C | null =>
  of.reduce<C | null>((best, c) => (best === null || size(c) < size(best) ? c : best), null);

/** Share of plants that a rule leaves to be taken; `null` for a rule that is none of a share. */
export function shareLeft({ rule }: Ceiling): number | null {
  switch (rule.kind) {
    case 'fixedShare':
    case 'plan':
      return rule.share;
    case 'leaveForOthers':
      return 1 - rule.share;
    case 'spread':
      return 1 / rule.everyNth;
    default:
      return null;
  }
}

/** Amount a plant that a rule leaves; `null` for a rule that is none of it. */
export function perPlantLeft({ rule }: Ceiling, plantYield: number): number | null {
  if (rule.kind === 'perPlantCap') return Math.min(rule.perPlant, plantYield);
  if (rule.kind === 'lightPruning') return Math.floor(plantYield * rule.share * 1000 + 1e-6) / 1000;
  return null;
}

/**
 * Plants and amount that are left when all rules hold together: what was counted, less what was lost and killed, less the first and
 * the last, less those that must flower, of these the share, of each plant its cap. Of several shares the strictest counts, and so of
 * caps a plant. Plants are whole at every step. Without a count only the share and the amount a plant are known.
 * @example
 * // 31 plants, never the first nor the last, one in three → 31, 29, 9
 * // 84 plants after losses, leave 30 % → 58
 */
export function reckon(rules: readonly Ceiling[], stand: StandMeasure): Reckoned {
  const of = (...kinds: Ceiling['rule']['kind'][]): readonly Ceiling[] =>
    rules.filter((c) => kinds.includes(c.rule.kind));
  const share = strictest(of('fixedShare', 'leaveForOthers', 'spread', 'plan'), (c) => shareLeft(c)!);
  const cap = strictest(of('perPlantCap', 'lightPruning'), (c) => perPlantLeft(c, stand.plantYield)!);
  const flowering = stand.costsSeed
    ? strictest(of('keepFlowering'), ({ rule }) => (rule.kind === 'keepFlowering' ? 1 - rule.share : 1))
    : null;
  const floweringLeft = flowering?.rule.kind === 'keepFlowering' ? 1 - flowering.rule.share : 1;
  const quota = strictest(of('quota'), ({ rule }) => (rule.kind === 'quota' ? rule.amount : Infinity));
  const capped = (carries: number): number => (cap ? perPlantLeft(cap, carries)! : carries);
  const trees = stand.trees && (stand.trees.by === 'tips' || of('sapTaps').length > 0) ? stand.trees.each : null;
  const yields = trees?.filter((y) => y > 0).map(capped) ?? null;
  // Of measured trees the largest: no one of them gives more.
  const perPlant = yields ? Math.max(0, ...yields) : capped(stand.plantYield);
  const shares = { share: (share ? shareLeft(share)! : 1) * floweringLeft };
  const most = quota?.rule.kind === 'quota' ? quota.rule.amount : null;
  if (stand.counted === null)
    return { steps: [], plants: null, perPlant, amount: most, amountLimit: most, ...shares, plantsLimited: false };

  const { steps, plants, standing } = plantsLeft(stand.counted, stand, {
    ...{ of, flowering, floweringLeft, share },
    bearing: yields?.length ?? null,
  });
  let amount = round(yields ? leastOf(yields, plants) : plants * perPlant);
  const alike = !yields || yields.every((y) => y === perPlant);
  steps.push({ kind: alike ? 'perPlant' : 'perTree', ceiling: cap, plants, perPlant, amount });
  if (most !== null && most < amount) {
    amount = most;
    steps.push({ kind: 'quota', ceiling: quota, plants, perPlant, amount });
  }
  return { steps, plants, perPlant, amount, amountLimit: most, ...shares, plantsLimited: plants < standing };
}

/** What so many of the trees give together, whichever they are: those that give least. */
const leastOf = (yields: readonly number[], trees: number): number =>
  [...yields]
    .sort((a, b) => a - b)
    .slice(0, trees)
    .reduce((sum, y) => sum + y, 0);

interface Holding {
  readonly of: (...kinds: Ceiling['rule']['kind'][]) => readonly Ceiling[];
  readonly flowering: Ceiling | null;
  /** Share of those that flower that need not be left to seed. */
  readonly floweringLeft: number;
  readonly share: Ceiling | null;
  /** Of trees that were measured one by one, those that bear any; `null` where none was. */
  readonly bearing: number | null;
}

/** Plants that may be touched, step by step, and how many stand at all. */
function plantsLeft(
  counted: number,
  stand: StandMeasure,
  { of, flowering, floweringLeft, share, bearing }: Holding,
): { readonly steps: AllowanceStep[]; readonly plants: number; readonly standing: number } {
  const steps: AllowanceStep[] = [];
  let plants = counted;
  const to = (kind: AllowanceStep['kind'], left: number, ceiling: Ceiling | null = null): void => {
    plants = Math.max(0, Math.min(plants, left));
    steps.push({ kind, ceiling, plants, perPlant: null, amount: null });
  };
  to('count', plants);
  if (stand.lossShare > 0) to('losses', Math.floor(plants * (1 - stand.lossShare) + FLOOR));
  // Of a way that kills one plant in ten fewer than one may have died: it counts as one.
  if (stand.killed > 0) to('killed', Math.floor(plants - stand.killed + FLOOR));
  const standing = plants;
  if (bearing !== null && bearing < plants) to('girth', bearing, of('sapTaps')[0] ?? null);
  const [mature] = of('matureOnly');
  if (mature && stand.mature !== null) to('mature', stand.mature, mature);
  const [ends] = of('skipFirstAndLast');
  if (ends) to('firstAndLast', plants - 2, ends);
  if (flowering) {
    to('flowering', Math.floor(Math.min(stand.flowering ?? plants, plants) * floweringLeft + FLOOR), flowering);
    if (stand.seedSpent > 0) to('seedSpent', Math.floor(plants - stand.seedSpent + FLOOR));
  }
  if (share) to('share', Math.floor(plants * shareLeft(share)! + FLOOR), share);
  return { steps, plants, standing };
}
