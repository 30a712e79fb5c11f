/** A window as a stroke over time: it swells from its earliest opening to its likely one, and thins out again. */
export interface StrokeDays {
  readonly earliest: number;
  readonly opens: number;
  readonly closes: number;
  readonly latest: number;
}

export interface StrokeShape {
  readonly path: string;
  readonly from: number;
  readonly to: number;
  /** Height of its middle line. */
  readonly middle: number;
  /** Shares of the gradient between which the stroke is full. */
  readonly fullFrom: number;
  readonly fullTo: number;
}

/** Path of a stroke in a strip of the given width for days `first` to `last`; `null` when it lies outside. */
export function strokeShape(
  days: StrokeDays,
  frame: {
    readonly first: number;
    readonly last: number;
    readonly width: number;
    readonly y: number;
    readonly height: number;
  },
): StrokeShape | null {
  if (days.latest < frame.first || days.earliest > frame.last) return null;
  const x = (d: number): number => ((d - frame.first) / (frame.last - frame.first)) * frame.width;
  const opens = Math.max(days.earliest, days.opens);
  const closes = Math.max(opens, days.closes);
  const latest = Math.max(closes, days.latest);
  const [a, b, c, d] = [x(days.earliest), x(opens), x(closes), x(latest)];
  const { y, height: h } = frame;
  const middle = y + h / 2;
  const r = (v: number): string => v.toFixed(1);
  const path = `M${r(a)} ${r(middle)}Q${r((a + b) / 2)} ${r(y)} ${r(b)} ${r(y)}L${r(c)} ${r(y)}Q${r((c + d) / 2)} ${r(y)} ${r(d)} ${r(middle)}Q${r((c + d) / 2)} ${r(y + h)} ${r(c)} ${r(y + h)}L${r(b)} ${r(y + h)}Q${r((a + b) / 2)} ${r(y + h)} ${r(a)} ${r(middle)}Z`;
  const span = Math.max(0.001, d - a);
  return { path, from: a, to: d, middle, fullFrom: (b - a) / span, fullTo: (c - a) / span };
}

interface RangeText {
  readonly p10: string | null;
  readonly p50: string | null;
  readonly p90: string | null;
}

/** Days of a stroke from two ranges; an open end runs to `horizon`. `null` when it does not open at all. */
export function strokeDays(
  opens: RangeText,
  closes: RangeText,
  toNumber: (iso: string) => number,
  horizon: number,
): StrokeDays | null {
  if (opens.p50 === null) return null;
  const day = (iso: string | null, fallback: number): number => (iso === null ? fallback : toNumber(iso));
  const likely = toNumber(opens.p50);
  const end = day(closes.p50, horizon);
  return {
    earliest: day(opens.p10, likely),
    opens: likely,
    closes: end,
    latest: day(closes.p90, Math.max(end, horizon)),
  };
}
