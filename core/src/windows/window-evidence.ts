import type { DayNumber } from '../measure/index.ts';

/** What somebody found of a part that they took, beside where its window was reckoned to be. */
export interface QualityWord {
  readonly day: DayNumber;
  /** Middle days of the window in that season as reckoned from the stages alone. */
  readonly opens: DayNumber;
  readonly closes: DayNumber;
  readonly said: 'young' | 'good' | 'tough';
  /** Share that was thrown away as woody or past, where somebody said. */
  readonly wasteShare: number | null;
}

/** So many days an edge of the window lies later at this stand than its stages say; normal. */
export interface EdgeShift {
  readonly meanDays: number;
  readonly sdDays: number;
}
export const NO_SHIFT: EdgeShift = { meanDays: 0, sdDays: 0 };

/** Stands differ so much in how their quality runs beside their stages, and words are so many days soft (estimates). */
const STAND_SD_DAYS = 5;
const SOFTNESS_DAYS = 4;
/** Waste runs from a little to most over about so many days on either side of the closing; its word is so far off (estimates). */
const WASTE_DAYS = 6;
const WASTE_SD_LOGIT = 1;
const REACH_DAYS = 24;
/** A window half of whose harvest is woody has closed. */
const LEAST_WASTE = 0.02;

const logistic = (x: number): number => 1 / (1 + Math.exp(-x));
const logit = (share: number): number => {
  const held = Math.min(1 - LEAST_WASTE, Math.max(LEAST_WASTE, share));
  return Math.log(held / (1 - held));
};

/**
 * Where the edges of a window lie at a stand by what its takes were like: "tough" says that it was closing by then, "young" that
 * it had hardly opened, "good" that it was open, and waste how far it had closed. Posterior over shifts of up to 24 days on a
 * grid of days, prior normal about 0.
 * @returns shifts of 0 without a word
 */
export function edgeShifts(words: readonly QualityWord[]): { readonly opens: EdgeShift; readonly closes: EdgeShift } {
  if (words.length === 0) return { opens: NO_SHIFT, closes: NO_SHIFT };
  return {
    opens: posterior((shift) =>
      words.reduce((sum, { day, opens, said }) => {
        const past = logistic((day - opens - shift) / SOFTNESS_DAYS);
        return sum + Math.log(said === 'young' ? 1 - past : past);
      }, 0),
    ),
    closes: posterior((shift) => words.reduce((sum, word) => sum + closingWord(word, shift), 0)),
  };
}

function closingWord({ day, closes, said, wasteShare }: QualityWord, shift: number): number {
  if (wasteShare !== null) {
    const off = (logit(wasteShare) - (day - closes - shift) / WASTE_DAYS) / WASTE_SD_LOGIT;
    return -0.5 * off * off;
  }
  const past = logistic((day - closes - shift) / SOFTNESS_DAYS);
  return Math.log(said === 'tough' ? past : 1 - past);
}

function posterior(logLikelihood: (shift: number) => number): EdgeShift {
  let [weight, mean, square] = [0, 0, 0];
  for (let shift = -REACH_DAYS; shift <= REACH_DAYS; shift++) {
    const w = Math.exp(logLikelihood(shift) - 0.5 * (shift / STAND_SD_DAYS) ** 2);
    weight += w;
    mean += w * shift;
    square += w * shift * shift;
  }
  mean /= weight;
  return { meanDays: mean, sdDays: Math.sqrt(Math.max(0, square / weight - mean * mean)) };
}
