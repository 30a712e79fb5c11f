/**
 * A figure of a plant profile: what it most likely is, and the 80 % range around it.
 * `source` is a key of the catalogue's list of works, or the word "estimate".
 */
export interface Figure {
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly source: string;
}

/** Half the distance between the 10 % and the 90 % point of a standard normal distribution. */
export const Z80 = 1.2815515655446004;
/** The same between the 5 % and the 95 % point. */
export const Z90 = 1.6448536269514722;

/**
 * Standard deviation of the natural logarithm of a positive figure, taking low and high as its 10 % and 90 % points.
 * Assumes a log-normal spread. Returns 0 for a figure without spread.
 * @throws RangeError when low is not above 0 or the three are out of order.
 * @example logSd({ value: 300, low: 250, high: 360, source: 'estimate' }) // 0.1423
 */
export function logSd(figure: Figure): number {
  assertOrdered(figure);
  if (figure.low <= 0) throw new RangeError('a figure with a log-normal spread must be above 0');
  return (Math.log(figure.high) - Math.log(figure.low)) / (2 * Z80);
}

/**
 * Standard deviation of a figure whose spread is taken as normal, low and high being its 10 % and 90 % points.
 * @throws RangeError when the three are out of order.
 * @example linearSd({ value: 10, low: 8, high: 12, source: 'estimate' }) // 1.5606
 */
export function linearSd(figure: Figure): number {
  assertOrdered(figure);
  return (figure.high - figure.low) / (2 * Z80);
}

function assertOrdered({ value, low, high }: Figure): void {
  if (!(low <= value && value <= high)) throw new RangeError('a figure needs low ≤ value ≤ high');
}

/** A sum given without any spread still has some: nothing in a wood is exact. */
const LEAST_LOG_SD = 0.02;
/** Standard deviation of the logarithm of a sum, at least 2 %. @throws RangeError as `logSd` */
export const spreadOfSum = (figure: Figure): number => Math.max(LEAST_LOG_SD, logSd(figure));
