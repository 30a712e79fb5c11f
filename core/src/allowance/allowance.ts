import type { CountEstimate } from '../counting/index.ts';
import { limitOf, type Ceiling, type CeilingLimit, type CeilingSource, type StandMeasure } from './ceiling.ts';

export interface AllowanceInput {
  /** What one plant carries of the part, in the part's unit. */
  readonly plantYield: number;
  /** Taking the part costs the plant its seed (buds, flowers, fruit, seed) or the plant itself. */
  readonly costsSeed: boolean;
  readonly plants: CountEstimate | null;
  readonly mature: CountEstimate | null;
  readonly flowering: CountEstimate | null;
  /** Share of the stand lost to others this season (strangers, grazing, mowing), 0–1. */
  readonly lossShare: number;
  readonly ceilings: readonly Ceiling[];
  /** Taken this season, by everyone, of this part and of parts that spend it. */
  readonly taken: { readonly amount: number; readonly plants: number };
}

/**
 * How much may be taken this season.
 * - `none`: a ceiling forbids it · `all`: no limit (an invader) · `counted`: plants and amount
 * - `relative`: nothing was counted, so only a share of plants and an amount per plant can be said
 */
export interface Allowance {
  readonly kind: 'none' | 'all' | 'relative' | 'counted';
  readonly plants: number | null;
  readonly perPlant: number | null;
  readonly amount: number | null;
  /** What is left after the takes of the season, never below 0; `null` where no amount is known. */
  readonly amountLeft: number | null;
  readonly plantsLeft: number | null;
  readonly takenAmount: number;
  /** Take from one plant in so many; `null` where no ceiling sets a share. */
  readonly oneIn: number | null;
  /** Strictest first; the first is the binding one unless nothing binds. */
  readonly ceilings: readonly CeilingLimit[];
  readonly binding: CeilingLimit | null;
  /** Plants it was reckoned on: the low end of the count, after losses. */
  readonly plantsCounted: number | null;
}

const LIFTED_BY_TAKE_ALL: readonly CeilingSource[] = ['houseRule', 'profile'];
const SOURCE_ORDER: readonly CeilingSource[] = ['law', 'owner', 'identity', 'stand', 'houseRule', 'profile'];

/**
 * Allowance of a part of a stand for a season. All ceilings are turned to plants and amount on the low end of the
 * count after losses; the strictest binds. The binding ceiling is the one whose removal would free most.
 * A `takeAll` rule lifts house rules and profile ceilings, never law, owner, identity or the stand's own rest.
 * @throws RangeError when a share lies outside 0–1 or a taken amount is negative.
 * Cost: quadratic in the number of ceilings.
 * @example
 * // 50 plants of 8 leaves, one plant in ten, two leaves a plant → 5 plants, 10 leaves
 */
export function allowanceFor(input: AllowanceInput): Allowance {
  if (!(input.lossShare >= 0 && input.lossShare <= 1)) throw new RangeError('a loss is a share from 0 to 1');
  if (input.taken.amount < 0 || input.taken.plants < 0) throw new RangeError('a taken amount is not negative');
  const stand = measureOf(input);
  const takeAll = input.ceilings.find((c) => c.rule.kind === 'takeAll');
  const standing = takeAll
    ? input.ceilings.filter((c) => !LIFTED_BY_TAKE_ALL.includes(c.source) || c === takeAll)
    : input.ceilings;
  const limits = standing.map((c) => limitOf(c, stand));
  const ordered = orderByStrictness(limits, stand);
  const common = { takenAmount: input.taken.amount, ceilings: ordered, plantsCounted: stand.plants };
  const bar = ordered.find((l) => l.bars);
  if (bar)
    return {
      ...common,
      kind: 'none',
      plants: 0,
      perPlant: 0,
      amount: 0,
      amountLeft: 0,
      plantsLeft: 0,
      oneIn: null,
      binding: bar,
    };
  const { plants, perPlant, amount, share } = combine(limits, stand);
  const binding = bindingOf(limits, stand, ordered);
  const oneIn = share === null || share <= 0 ? null : Math.ceil(1 / share - 1e-9);
  if (takeAll && binding === null)
    return {
      ...common,
      kind: 'all',
      plants: null,
      perPlant: null,
      amount: null,
      amountLeft: null,
      plantsLeft: null,
      oneIn: null,
      binding: limits.find((l) => l.rule.kind === 'takeAll')!,
    };
  return {
    ...common,
    kind: amount === null ? 'relative' : 'counted',
    plants,
    perPlant,
    amount,
    amountLeft: amount === null ? null : Math.max(0, round(amount - input.taken.amount)),
    plantsLeft: plants === null ? null : Math.max(0, plants - input.taken.plants),
    oneIn,
    binding,
  };
}

/** Whether a take keeps within what is left. Without an amount only the share a plant can be judged. */
export function isWithin(
  allowance: Allowance,
  take: { readonly amount: number; readonly plants: number | null },
): boolean {
  if (allowance.kind === 'all') return true;
  if (allowance.kind === 'none') return take.amount <= 0;
  if (allowance.amountLeft !== null) return take.amount <= allowance.amountLeft + 1e-9;
  if (allowance.perPlant === null || take.plants === null || take.plants === 0) return true;
  return take.amount / take.plants <= allowance.perPlant + 1e-9;
}

function measureOf(input: AllowanceInput): StandMeasure {
  const left = (count: CountEstimate | null): number | null =>
    count === null ? null : Math.floor(count.low * (1 - input.lossShare) + 1e-9);
  return {
    plants: left(input.plants),
    mature: left(input.mature),
    flowering: left(input.flowering),
    plantYield: input.plantYield,
    costsSeed: input.costsSeed,
  };
}

interface Combined {
  readonly plants: number | null;
  readonly perPlant: number | null;
  readonly amount: number | null;
  readonly share: number | null;
}

function combine(limits: readonly CeilingLimit[], stand: StandMeasure): Combined {
  const least = (values: readonly (number | null)[]): number | null => {
    const known = values.filter((v): v is number => v !== null);
    return known.length === 0 ? null : Math.min(...known);
  };
  const perPlant = least([...limits.map((l) => l.perPlant), stand.plantYield]);
  const plants = stand.plants === null ? null : least([...limits.map((l) => l.plants), stand.plants]);
  const quota = least(limits.map((l) => (l.rule.kind === 'quota' ? l.amount : null)));
  const byPlants = plants === null ? null : round(plants * perPlant!);
  return { plants, perPlant, amount: least([byPlants, quota]), share: least(limits.map((l) => l.shareOfPlants)) };
}

/** The ceiling whose removal frees most; earlier in the order of strictness where two free the same. */
function bindingOf(
  limits: readonly CeilingLimit[],
  stand: StandMeasure,
  ordered: readonly CeilingLimit[],
): CeilingLimit | null {
  const measure = (from: readonly CeilingLimit[]): number => {
    const { amount, perPlant, share } = combine(from, stand);
    return amount ?? (share ?? 1) * perPlant!;
  };
  const now = measure(limits);
  let best: CeilingLimit | null = null;
  let most = 1e-9;
  for (const limit of ordered) {
    const freed = measure(limits.filter((l) => l !== limit)) - now;
    if (freed > most) [best, most] = [limit, freed];
  }
  // Two equal ceilings hide each other: then the strictest is named.
  return best ?? ordered.find((l) => measure([l]) <= now + 1e-9 && measure([l]) < measure([])) ?? null;
}

function orderByStrictness(limits: readonly CeilingLimit[], stand: StandMeasure): readonly CeilingLimit[] {
  const key = (l: CeilingLimit): number => {
    if (l.bars) return -1;
    return l.amount ?? (l.shareOfPlants ?? 1) * (l.perPlant ?? stand.plantYield) * 1e6;
  };
  return [...limits].sort((a, b) => key(a) - key(b) || SOURCE_ORDER.indexOf(a.source) - SOURCE_ORDER.indexOf(b.source));
}

const round = (amount: number): number => Math.round(amount * 1000) / 1000;
