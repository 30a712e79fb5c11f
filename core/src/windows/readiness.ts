import type { DayNumber, DayRange } from '../measure/index.ts';

/** What the coal shows. */
export type Readiness =
  | { readonly state: 'cold'; readonly daysToOpen: number | null }
  | { readonly state: 'kindling'; readonly daysToOpen: number; readonly fill: number }
  | { readonly state: 'glowing'; readonly daysLeft: number; readonly quality: number }
  | { readonly state: 'fading'; readonly daysLeft: number; readonly quality: number }
  | { readonly state: 'ash'; readonly daysSince: number }
  | { readonly state: 'banked'; readonly reason: 'resting' | 'nothingLeft' };

export interface ReadinessWindow {
  readonly opens: DayRange;
  readonly closes: DayRange;
  readonly peakShare: number;
}

/** A window is announced so many days before it opens. */
export const KINDLING_DAYS = 21;
const LONGEST_LAST_CALL_DAYS = 7;
const LAST_CALL_SHARE = 0.25;

/**
 * Readiness of a part on a day, from the 50 % days of its window. Last call is the last quarter of the window,
 * at most a week. A window whose end lies beyond the horizon has no last call.
 * @param held `resting` or `nothingLeft` cover the coal while it would otherwise kindle, glow or fade; a resting
 *   stand stays covered all year.
 */
export function readinessOn(
  window: ReadinessWindow,
  day: DayNumber,
  held: 'resting' | 'nothingLeft' | null = null,
): Readiness {
  if (held === 'resting') return { state: 'banked', reason: held };
  const open = window.opens.p50;
  if (open === null) return { state: 'cold', daysToOpen: null };
  const close = window.closes.p50 ?? Infinity;
  if (day > close) return { state: 'ash', daysSince: day - close };
  const daysToOpen = open - day;
  if (daysToOpen > KINDLING_DAYS) return { state: 'cold', daysToOpen };
  if (held) return { state: 'banked', reason: held };
  if (daysToOpen > 0) return { state: 'kindling', daysToOpen, fill: 1 - daysToOpen / (KINDLING_DAYS + 1) };
  const daysLeft = close - day;
  const quality = qualityOn(open, close, window.peakShare, day);
  return { state: daysLeft <= lastCallDays(open, close) ? 'fading' : 'glowing', daysLeft, quality };
}

/** A season that may not come at all stands behind those that do. */
const NEVER = 5_000;

/** Order within a section of the day, smallest first: the nearest end of what is open, the nearest opening of what is not; then what rests. */
export function urgencyOf(readiness: Readiness): number {
  switch (readiness.state) {
    case 'glowing':
    case 'fading':
      return readiness.daysLeft;
    case 'kindling':
      return readiness.daysToOpen;
    case 'cold':
      return readiness.daysToOpen ?? NEVER;
    case 'ash':
      return readiness.daysSince;
    case 'banked':
      return NEVER + (readiness.reason === 'nothingLeft' ? 0 : 1);
  }
}

/** Last call is the last quarter of a window, a week at most. */
const lastCallDays = (opens: DayNumber, closes: number): number =>
  Math.min(LONGEST_LAST_CALL_DAYS, LAST_CALL_SHARE * (closes - opens));

/** First day of the last call of a window that opens and closes on these days. */
export const lastCallOf = ({ opens, closes }: { readonly opens: DayNumber; readonly closes: DayNumber }): DayNumber =>
  Math.ceil(closes - lastCallDays(opens, closes));

/** Expected quality within a window: half at both ends, 1 at its peak, straight between. */
export function qualityOn(open: DayNumber, close: number, peakShare: number, day: DayNumber): number {
  if (!Number.isFinite(close) || close <= open) return 1;
  const at = (day - open) / (close - open);
  if (at <= peakShare) return peakShare === 0 ? 1 : 0.5 + (0.5 * at) / peakShare;
  return 1 - (0.5 * (at - peakShare)) / (1 - peakShare);
}
