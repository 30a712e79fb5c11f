/**
 * Degree days of one day by the single-sine method: the day's temperature is taken as one sine wave between its
 * minimum and maximum, and the area of the wave above `baseC` and below `cutoffC` (horizontal cut-off) is returned.
 *
 * @param minC minimum of the day, °C. @param maxC maximum of the day, °C, not below the minimum.
 * @param baseC lower threshold, °C. @param cutoffC upper threshold, °C; above it warmth adds nothing more.
 * @returns °C·day, at least 0.
 * @throws RangeError when the maximum is below the minimum, a figure is not a number, or the cut-off is below the base.
 * Source: Baskerville, G. L. & Emin, P. (1969), Ecology 50, 514–517 (horizontal cut-off variant).
 * @example degreeDays(4, 16, 10) // 1.9099
 */
export function degreeDays(minC: number, maxC: number, baseC: number, cutoffC = Infinity): number {
  if (!(maxC >= minC)) throw new RangeError(`maximum ${maxC} below minimum ${minC}`);
  if (!(cutoffC >= baseC)) throw new RangeError('the upper cut-off lies below the base');
  const above = sineAbove(minC, maxC, baseC);
  return cutoffC === Infinity || maxC <= cutoffC ? above : above - sineAbove(minC, maxC, cutoffC);
}

/**
 * Cooling of one day: the area of the same sine wave below `thresholdC`.
 * @returns °C·day, at least 0. @throws RangeError as {@link degreeDays}.
 * @example coolingDays(4, 16, 10) // 1.9099, by symmetry about the mean
 */
export function coolingDays(minC: number, maxC: number, thresholdC: number): number {
  return degreeDays(-maxC, -minC, -thresholdC);
}

/**
 * Degree days by the simple average of minimum and maximum: (min + max) / 2 − base, not below 0.
 * Kept for comparison; it misses warm hours of days whose mean lies below the base.
 * @example averageDegreeDays(4, 16, 8) // 2
 */
export function averageDegreeDays(minC: number, maxC: number, baseC: number): number {
  return Math.max(0, (minC + maxC) / 2 - baseC);
}

function sineAbove(minC: number, maxC: number, thresholdC: number): number {
  if (maxC <= thresholdC) return 0;
  const mean = (minC + maxC) / 2;
  if (minC >= thresholdC) return mean - thresholdC;
  const amplitude = (maxC - minC) / 2;
  const theta = Math.asin((thresholdC - mean) / amplitude);
  return ((mean - thresholdC) * (Math.PI / 2 - theta) + amplitude * Math.cos(theta)) / Math.PI;
}
