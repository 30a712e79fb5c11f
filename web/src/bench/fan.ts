import type { FutureTold } from '@emberfield/core/population';

export interface FanLook {
  readonly told: FutureTold;
  /** Plants at the beginning. */
  readonly began: number;
  readonly firstYear: number;
  readonly floor: number;
  readonly most: number;
  readonly floorName: string;
  readonly number: (n: number) => string;
  /** In half of the futures it ends below the floor. */
  readonly falls: boolean;
}

/** Points of one of the quantiles, the beginning first: [year, plants]. */
export const lineOf = ({ told, began, firstYear }: Pick<FanLook, 'told' | 'began' | 'firstYear'>, q: number) => [
  [firstYear, began] as const,
  ...told.fan.map((row, i) => [firstYear + i + 1, row[q]!] as const),
];

/** A band between two quantiles, as one line and what lies on top of it: [year, plants]. */
export function bandOf(look: Pick<FanLook, 'told' | 'began' | 'firstYear'>, low: number, high: number) {
  const [bottom, top] = [lineOf(look, low), lineOf(look, high)];
  return { bottom, height: top.map(([x, y], i) => [x, y - bottom[i]![1]] as const) };
}

/** A round number at or above, for the top of the scale. */
export function roundUp(n: number): number {
  const size = 10 ** Math.floor(Math.log10(Math.max(1, n)));
  return Math.ceil(n / size / 0.5) * size * 0.5;
}
