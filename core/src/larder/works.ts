// What is done with something after the table, work by work, until it keeps; and what is usually left of it each time.
import type { Figure } from '../measure/index.ts';
import type { KeepingWay } from './keeping.ts';

export const WORKS = [
  'peeled',
  'trimmed',
  'inSaltWater',
  'blanched',
  'steeped',
  'strained',
  'boiledDown',
  'cookedOnce',
  'waterAway',
  'shelled',
  'pounded',
  'sieved',
  'settled',
  'leached',
  'roasted',
  'shaken',
  'threshed',
  'winnowed',
  'stripped',
  'retted',
  'tested',
  'twisted',
  'fermented',
] as const;
export type Work = (typeof WORKS)[number];

export interface WorkGuide {
  readonly work: Work;
  /** What is left of the mass, 0–1; `null`: it is not a matter of mass, or nobody has said. */
  readonly leaves: Figure | null;
  /** It is done again and again until it is enough. */
  readonly again?: true;
  /** One of several ways on which people disagree: the one or the other. */
  readonly either?: true;
}

const estimate = (value: number, low: number, high: number): Figure => ({ value, low, high, source: 'estimate' });
const w = (work: Work, leaves: Figure | null = null, more: Pick<WorkGuide, 'again' | 'either'> = {}): WorkGuide => ({
  ...{ work, leaves },
  ...more,
});
const PEELED = w('peeled', estimate(0.78, 0.65, 0.88));
const TRIMMED = w('trimmed', estimate(0.7, 0.45, 0.9), { again: true });
const SIEVED = w('sieved', estimate(0.75, 0.55, 0.9));
const POUNDED = w('pounded', estimate(0.96, 0.9, 0.99));
const [AGAIN, EITHER] = [{ again: true }, { either: true }] as const;

/** The works of each way of keeping, in order; `dry` has its weighings instead. Figures are estimates of one hand, to be outweighed by a group's own. */
export const WORKS_OF: Readonly<Record<KeepingWay, readonly WorkGuide[]>> = {
  fresh: [PEELED, TRIMMED, w('inSaltWater')],
  dry: [],
  freeze: [w('blanched', null, EITHER)],
  pickle: [w('blanched', null, EITHER), w('strained')],
  infuse: [w('steeped'), w('strained')],
  syrup: [w('steeped'), w('strained'), w('boiledDown', estimate(0.75, 0.55, 0.92))],
  waters: [PEELED, w('cookedOnce', null, EITHER), w('waterAway', null, { ...AGAIN, ...EITHER })],
  leach: [w('shelled', estimate(0.6, 0.45, 0.75)), POUNDED, w('leached', null, AGAIN)],
  flour: [PEELED, POUNDED, SIEVED],
  starch: [PEELED, w('inSaltWater'), POUNDED, w('settled', estimate(0.16, 0.08, 0.3), { ...AGAIN, ...EITHER })],
  roast: [w('shelled', estimate(0.6, 0.45, 0.75)), w('roasted', estimate(0.6, 0.42, 0.8)), POUNDED],
  pollen: [w('shaken'), SIEVED],
  seed: [
    w('threshed', estimate(0.5, 0.3, 0.75)),
    w('winnowed', estimate(0.7, 0.5, 0.88)),
    w('roasted', estimate(0.9, 0.82, 0.96)),
  ],
  fibre: [w('stripped', estimate(0.3, 0.15, 0.5)), w('retted'), w('tested'), w('twisted')],
  dye: [w('steeped'), w('boiledDown'), w('strained')],
  brew: [w('steeped'), w('fermented', null, AGAIN), w('strained')],
  tincture: [w('steeped'), w('strained')],
  other: [PEELED, TRIMMED, w('strained')],
};
