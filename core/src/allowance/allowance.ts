import type { CountEstimate } from '../counting/index.ts';
import {
  barsTake,
  type Ceiling,
  type CeilingLimit,
  type CeilingSource,
  type StandMeasure,
  type TreeYields,
} from './ceiling.ts';
import { fractionOf, type Fraction } from './fraction.ts';
import { perPlantLeft, reckon, shareLeft, type AllowanceStep, type Reckoned } from './steps.ts';

/** A take as far as it spends an allowance. */
export interface SpentTake {
  /** In the part's unit; `null` where it was weighed and nobody knows what one weighs. */
  readonly amount: number | null;
  /** Plants touched; `null` where nobody said: then as few as it can have been. */
  readonly plants: number | null;
  /** Pulled at beside them and left: touched for nothing. */
  readonly tried?: number;
}

export interface AllowanceInput {
  /** What one plant carries of the part, in the part's unit. */
  readonly plantYield: number;
  /** The same of each tree that was measured one by one; `null`, or left out, where none was. */
  readonly trees?: TreeYields | null;
  /** Taking the part costs the plant its seed (buds, flowers, fruit, seed) or the plant itself. */
  readonly costsSeed: boolean;
  readonly plants: CountEstimate | null;
  readonly mature: CountEstimate | null;
  readonly flowering: CountEstimate | null;
  /** Plants that people know one by one and go back to, as trees and bushes: one that was touched may be touched again. */
  readonly goneBackTo: boolean;
  /** Share of the stand lost to others this season (strangers, grazing, mowing), 0–1. */
  readonly lossShare: number;
  /** Plants killed since the count by takes that are not among `taken`. */
  readonly killed: number;
  /**
   * Plants’ worth of buds, flowers, fruit or seed that takes of the season have cost which are not among `taken`: all of them are of one budget, the
   * share that need not be left to seed.
   */
  readonly seedSpent: number;
  readonly ceilings: readonly Ceiling[];
  /** Takes of this season, by everyone, of this part and of parts that spend it. */
  readonly taken: readonly SpentTake[];
  /** Set aside by others for the day, in the part's unit. */
  readonly held: number;
}

/**
 * How much may be taken this season.
 * - `none`: a ceiling forbids it · `all`: no limit (an invader) · `counted`: plants and amount
 * - `relative`: nothing was counted, so only a share of plants and an amount per plant can be said; an amount where a quota sets one
 */
export interface Allowance {
  readonly kind: 'none' | 'all' | 'relative' | 'counted';
  readonly plants: number | null;
  readonly perPlant: number | null;
  readonly amount: number | null;
  /** What is left after the takes of the season, never below 0; `null` where no amount is known. */
  readonly amountLeft: number | null;
  /** Plants not touched yet; `null` where no rule limits how many may be touched. */
  readonly plantsLeft: number | null;
  readonly takenAmount: number;
  /** Set aside by others for the day: not among what is left. */
  readonly heldAmount: number;
  /** Takes so many of so many plants; `null` where no rule sets a share. */
  readonly fraction: Fraction | null;
  /** Strictest first; the first is the binding one unless nothing binds. */
  readonly ceilings: readonly CeilingLimit[];
  readonly binding: CeilingLimit | null;
  /** The sum as a person would say it; its last step is `plants`, `perPlant` and `amount`. Empty where nothing was counted. */
  readonly steps: readonly AllowanceStep[];
  /** The low end of the count, and what is left of it after losses and plants killed. */
  readonly plantsCounted: number | null;
  readonly plantsStanding: number | null;
}

const LIFTED_BY_TAKE_ALL: readonly CeilingSource[] = ['houseRule', 'profile'];
const SOURCE_ORDER: readonly CeilingSource[] = ['law', 'permit', 'owner', 'identity', 'stand', 'houseRule', 'profile'];
const FLOOR = 1e-9;

/**
 * Allowance of a part of a stand for a season. Rules hold together (see `reckon`), on the low end of the count; plants *and* amount are
 * spent, and whichever runs out first ends it. The binding ceiling is the one whose removal would free most. A `takeAll` rule lifts
 * house rules and profile ceilings, never law, permit, owner, identity or the stand's own rest.
 * @throws RangeError when a share lies outside 0–1 or a taken amount is negative.
 * Cost: number of ceilings, squared.
 * @example
 * // 50 plants of 8 leaves, one plant in ten, two leaves a plant → 5 plants, 10 leaves
 */
export function allowanceFor(input: AllowanceInput): Allowance {
  assertPossible(input);
  const stand = measureOf(input);
  const takeAll = input.ceilings.find((c) => c.rule.kind === 'takeAll');
  const standing = takeAll
    ? input.ceilings.filter((c) => !LIFTED_BY_TAKE_ALL.includes(c.source) || c === takeAll)
    : input.ceilings;
  const limits = standing.map((c) => limitOf(c, stand));
  const ordered = orderByStrictness(limits, stand);
  const sum = reckon(standing, stand);
  const allowance = (said: Said): Allowance => madeOf(said, input, { ceilings: ordered, counted: stand.counted, sum });
  const nothing = { plants: 0, perPlant: 0, amount: 0, amountLeft: 0, plantsLeft: 0, fraction: null, steps: [] };
  const bar = ordered.find((l) => l.bars);
  if (bar) return allowance({ ...nothing, kind: 'none', binding: bar });
  const binding = bindingOf(standing, stand, ordered);
  if (takeAll && binding === null && sum.amountLimit === null) {
    const free = { plants: null, perPlant: null, amount: null, amountLeft: null, plantsLeft: null };
    const all = ordered.find((l) => l.rule.kind === 'takeAll')!;
    return allowance({ ...nothing, ...free, kind: 'all', binding: all });
  }
  return allowance({
    kind: stand.counted === null ? 'relative' : 'counted',
    plants: sum.plants,
    perPlant: sum.perPlant,
    amount: sum.amount,
    ...whatIsLeft(sum, input),
    fraction: sum.share < 1 ? fractionOf(sum.share) : null,
    binding,
    steps: sum.steps,
  });
}

function assertPossible({ lossShare, killed, seedSpent, held, taken }: AllowanceInput): void {
  if (!(lossShare >= 0 && lossShare <= 1)) throw new RangeError('a loss is a share from 0 to 1');
  if (killed < 0 || seedSpent < 0 || held < 0 || taken.some((t) => (t.amount ?? 0) < 0 || (t.plants ?? 0) < 0))
    throw new RangeError('what was taken is not negative');
}

/** In one way and field by field, for whoever holds thousands of them. */
const madeOf = (
  said: Said,
  { taken, held }: Pick<AllowanceInput, 'taken' | 'held'>,
  { ceilings, counted, sum }: Pick<Allowance, 'ceilings'> & { readonly counted: number | null; readonly sum: Reckoned },
): Allowance => ({
  kind: said.kind,
  plants: said.plants,
  perPlant: said.perPlant,
  amount: said.amount,
  amountLeft: said.amountLeft,
  plantsLeft: said.plantsLeft,
  takenAmount: round(taken.reduce((all, t) => all + (t.amount ?? 0), 0)),
  heldAmount: round(held),
  fraction: said.fraction,
  ceilings,
  binding: said.binding,
  steps: said.steps,
  plantsCounted: counted,
  plantsStanding: sum.steps.findLast((s) => s.ceiling === null && s.kind !== 'perPlant')?.plants ?? null,
});

type Said = Omit<Allowance, 'takenAmount' | 'heldAmount' | 'ceilings' | 'plantsCounted' | 'plantsStanding'>;

/**
 * What takes leave. Where a rule limits how many plants may be touched, each one touched is spent, whatever little was taken of it;
 * but not where no rule does, nor of trees and bushes, which people know and go back to. A take that nobody can turn to the unit leaves nothing: it may
 * have been all of it.
 */
function whatIsLeft(
  { plants, perPlant, amount, plantsLimited }: Reckoned,
  { taken, goneBackTo, held }: Pick<AllowanceInput, 'taken' | 'goneBackTo' | 'held'>,
): Pick<Allowance, 'amountLeft' | 'plantsLeft'> {
  if (amount === null) return { amountLeft: null, plantsLeft: null };
  if (taken.some((t) => t.amount === null)) return { amountLeft: 0, plantsLeft: plantsLimited ? 0 : null };
  const byAmount = amount - held - taken.reduce((sum, t) => sum + t.amount!, 0);
  if (!plantsLimited || plants === null) return { amountLeft: Math.max(0, round(byAmount)), plantsLeft: null };
  if (goneBackTo) return { amountLeft: Math.max(0, round(byAmount)), plantsLeft: plants };
  const touched = taken.reduce(
    (sum, t) => sum + (t.tried ?? 0) + (t.plants ?? (perPlant > 0 ? Math.ceil(t.amount! / perPlant - FLOOR) : 0)),
    0,
  );
  const aside = perPlant > 0 ? Math.ceil(held / perPlant - FLOOR) : 0;
  const plantsLeft = Math.max(0, plants - touched - aside);
  return { plantsLeft, amountLeft: Math.max(0, round(Math.min(byAmount, plantsLeft * perPlant))) };
}

/** Whether a take keeps within what is left: in amount, in plants, and in what each plant gives. */
export function isWithin(
  { kind, amountLeft, plantsLeft, perPlant }: Allowance,
  { amount, plants, tried = 0 }: SpentTake,
): boolean {
  if (kind === 'all') return true;
  if (amount === null) return false;
  if (amount <= 0) return true;
  if (kind === 'none') return false;
  if (amountLeft !== null && amount > amountLeft + FLOOR) return false;
  if (plants === null) return true;
  if (plantsLeft !== null && plants + tried > plantsLeft) return false;
  return perPlant === null || plants === 0 || amount / plants <= perPlant + FLOOR;
}

function measureOf(input: AllowanceInput): StandMeasure {
  const left = (count: CountEstimate | null): number | null =>
    count === null ? null : Math.floor(count.low * (1 - input.lossShare) + FLOOR);
  return {
    counted: input.plants === null ? null : Math.floor(input.plants.low + FLOOR),
    mature: left(input.mature),
    flowering: left(input.flowering),
    lossShare: input.lossShare,
    killed: input.killed,
    seedSpent: input.seedSpent,
    plantYield: input.plantYield,
    trees: input.trees ?? null,
    costsSeed: input.costsSeed,
  };
}

/** A ceiling by itself: whether it forbids, and what share or cap it sets. */
function limitOf(ceiling: Ceiling, stand: StandMeasure): CeilingLimit {
  const bars = barsTake(ceiling);
  const { rule } = ceiling;
  const seed = rule.kind === 'keepFlowering' && stand.costsSeed ? 1 - rule.share : null;
  return {
    ...ceiling,
    bars,
    shareOfPlants: bars ? 0 : (shareLeft(ceiling) ?? seed),
    perPlant: bars ? 0 : perPlantLeft(ceiling, stand.plantYield),
  };
}

/** What a set of rules leaves, in one figure to compare by. */
function measure(rules: readonly Ceiling[], stand: StandMeasure): number {
  const { amount, share, perPlant } = reckon(rules, stand);
  return stand.counted === null ? share * perPlant : amount!;
}

/** The ceiling whose removal frees most; earlier in the order of strictness where two free the same. */
function bindingOf(
  rules: readonly Ceiling[],
  stand: StandMeasure,
  ordered: readonly CeilingLimit[],
): CeilingLimit | null {
  const now = measure(rules, stand);
  let best: CeilingLimit | null = null;
  let most = FLOOR;
  for (const limit of ordered) {
    const others = rules.filter((c) => c.rule !== limit.rule);
    const freed = measure(others, stand) - now;
    if (freed > most) [best, most] = [limit, freed];
  }
  if (best) return best;
  // Two equal ceilings hide each other: then the strictest is named.
  const free = measure([], stand);
  return now >= free - FLOOR ? null : (ordered.find((l) => measure([l], stand) < free - FLOOR) ?? null);
}

/** What makes ill comes first, then whatever else forbids, then the rules by what each leaves alone. */
function orderByStrictness(limits: readonly CeilingLimit[], stand: StandMeasure): readonly CeilingLimit[] {
  const FIRST: readonly string[] = ['contaminated', 'lookAlikeSeen'];
  const key = (l: CeilingLimit): number => {
    if (l.bars) return FIRST.includes(l.rule.kind) ? -3 + FIRST.indexOf(l.rule.kind) : -1;
    return measure([l], stand);
  };
  return [...limits].sort((a, b) => key(a) - key(b) || SOURCE_ORDER.indexOf(a.source) - SOURCE_ORDER.indexOf(b.source));
}

const round = (amount: number): number => Math.round(amount * 1000) / 1000;
