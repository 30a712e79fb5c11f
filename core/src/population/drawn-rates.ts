import { Z80, type Figure } from '../measure/index.ts';
import { growthOfMatrix } from './analysis.ts';
import { chanceOf, type Chance } from '../random/index.ts';
import { projectionMatrix, ratesOf, type LifeHistory, type Rates } from './life-history.ts';
import type { Growth } from './trend.ts';

const DRAWS_OF_GROWTH = 120;
const SEED_OF_GROWTH = 1;
/** Shares nearer to 0 or 1 than this are as good as that. */
const EDGE = 1e-3;

/**
 * Draws the rates of a life history from what is known of them: shares on the logit scale, numbers on the log scale, low and high being their 10 %
 * and 90 % points. A figure without spread stays what it is; moves of a stage that would sum above 1 are brought down to it.
 */
export function drawRates(history: LifeHistory, chance: Chance): Rates {
  const { normal } = chance;
  const survival = Object.fromEntries(
    history.stages.map((s) => [s, drawnShare(history.survival[s]!, normal())]),
  ) as LifeHistory['survival'];
  const moves = history.moves.map((m) => ({ ...m, share: drawnShare(m.share, normal()) }));
  const births = history.births.map((b) => ({ ...b, number: drawnNumber(b.number, normal()) }));
  const leaving = new Map<string, number>();
  for (const m of moves) leaving.set(m.from, (leaving.get(m.from) ?? 0) + m.share.value);
  const held = moves.map((m) => ({ ...m, share: certain(m.share.value / Math.max(1, leaving.get(m.from)!)) }));
  return ratesOf({ ...history, survival, moves: held, births });
}

const certain = (value: number): Figure => ({ value, low: value, high: value, source: 'drawn' });
const logit = (x: number): number => Math.log(x / (1 - x));
const inside = (x: number): number => Math.min(1 - EDGE, Math.max(EDGE, x));

function drawnShare({ value, low, high }: Figure, z: number): Figure {
  if (low === high) return certain(value);
  const sd = (logit(inside(high)) - logit(inside(low))) / (2 * Z80);
  return certain(1 / (1 + Math.exp(-(logit(inside(value)) + sd * z))));
}
function drawnNumber({ value, low, high }: Figure, z: number): Figure {
  if (low === high || value === 0) return certain(value);
  const sd = Math.log(high / Math.max(low, value / 10)) / (2 * Z80);
  return certain(value * Math.exp(sd * z));
}

/** Growth of a life history and of what is known of the stand's own, to draw rates that fit both. */
export interface Calibration {
  readonly history: LifeHistory;
  /** Of the rates alone. */
  readonly rates: Growth;
  /** Of the rates, and of stands of its kind that have stood for years. */
  readonly prior: Growth;
  /** Of these and of the stand's own counts. */
  readonly posterior: Growth;
  /** The counts say something else than the figures, beyond what chance would do: more than two standard deviations of both. */
  readonly disagrees: boolean;
}

const DISAGREES = 2;

/** Of every life history once: the eigenvalues of so many draws take longer than all else that a page asks. */
const growths = new WeakMap<LifeHistory, Growth>();
function growthOfRates(history: LifeHistory): Growth {
  const known = growths.get(history);
  if (known) return known;
  const chance = chanceOf(SEED_OF_GROWTH);
  const logs = Array.from({ length: DRAWS_OF_GROWTH }, () => Math.log(lambdaOf(drawRates(history, chance))));
  const meanLog = logs.reduce((s, x) => s + x, 0) / logs.length;
  const variance = logs.reduce((s, x) => s + (x - meanLog) ** 2, 0) / (logs.length - 1);
  const growth = { meanLog, sdLog: Math.sqrt(variance) };
  growths.set(history, growth);
  return growth;
}

/**
 * Weighs the growth that a life history's figures give against that of a stand's counts, by their precision.
 * @param counted growth of the stand as if nothing had been taken; `null`: nobody counted twice, and the figures stand alone.
 */
export function calibrate(history: LifeHistory, counted: Growth | null): Calibration {
  const rates = growthOfRates(history);
  const prior = history.persists ? together(rates, history.persists) : rates;
  return {
    history,
    rates,
    prior,
    posterior: counted ? together(prior, counted) : prior,
    disagrees:
      counted !== null &&
      Math.abs(prior.meanLog - counted.meanLog) > DISAGREES * Math.hypot(prior.sdLog, counted.sdLog),
  };
}

/** Two normal words on one growth, by their precision; what is certain stands alone. */
function together(a: Growth, b: Growth): Growth {
  if (a.sdLog === 0) return a;
  if (b.sdLog === 0) return b;
  const [x, y] = [1 / a.sdLog ** 2, 1 / b.sdLog ** 2];
  return { meanLog: (x * a.meanLog + y * b.meanLog) / (x + y), sdLog: Math.sqrt(1 / (x + y)) };
}

export const lambdaOf = (rates: Rates): number => growthOfMatrix(projectionMatrix(rates));

/** One draw of rates that fits both the figures and the counts: its growth is moved to where it stands among the draws of the posterior. */
export function drawCalibrated({ history, rates: known, posterior }: Calibration, chance: Chance): Rates {
  const rates = drawRates(history, chance);
  if (known === posterior || known.sdLog === 0) return rates;
  const z = (Math.log(lambdaOf(rates)) - known.meanLog) / known.sdLog;
  return withGrowth(rates, Math.exp(posterior.meanLog + posterior.sdLog * z));
}

const MOST_HALVINGS = 50;
const FARTHEST = 6;

/** Rates with another growth: survival moved on the logit scale and births on the log scale, all by as much; as near to it as that can come. */
export function withGrowth(rates: Rates, lambda: number): Rates {
  let [low, high] = [-FARTHEST, FARTHEST];
  for (let i = 0; i < MOST_HALVINGS && high - low > 1e-9; i++) {
    const middle = (low + high) / 2;
    if (lambdaOf(movedBy(rates, middle)) < lambda) low = middle;
    else high = middle;
  }
  return movedBy(rates, (low + high) / 2);
}

const movedBy = (rates: Rates, by: number): Rates => ({
  ...rates,
  survival: rates.survival.map((p) => (p === 0 || p === 1 ? p : 1 / (1 + Math.exp(-(logit(p) + by))))),
  births: rates.births.map((b) => ({ ...b, number: b.number * Math.exp(by) })),
});

/** The rates read at their likeliest, for pictures and words. */
export const likeliestRates = ({ history, rates: known, posterior }: Calibration): Rates => {
  const rates = ratesOf(history);
  return known === posterior ? rates : withGrowth(rates, Math.exp(posterior.meanLog));
};
