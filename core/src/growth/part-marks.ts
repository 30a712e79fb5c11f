import type { Figure } from '../measure/index.ts';

/** Opens and closes so many days after (or, below 0, before) a stage is reached. */
export interface WindowEdge {
  readonly stage: string;
  readonly offsetDays: number;
  /** Length of the part, cm, at which it opens, or has grown too long; counts where the stand's growth is measured. */
  readonly lengthCm?: number;
}

/** A part that comes again after it was cut: warmth above a base since the cut, °C·day. */
export interface Regrowth {
  readonly baseC: Figure;
  readonly opensSum: Figure;
  readonly closesSum: Figure;
  /** It comes no more after this. */
  readonly until: WindowEdge;
}

/** Lengths of one's own between which a part is wanted, cm; `null`: of no length in particular. */
export interface LengthWish {
  readonly fromCm: number | null;
  readonly toCm: number | null;
}

/** What a part's dates are called in a forecast. */
export const lengthMark = (part: string, lengthCm: number | undefined): string => `${part} ${lengthCm ?? '-'} cm`;
export const againMark = (part: string, edge: 'opens' | 'closes'): string => `${part} again ${edge}`;
