/** The outline of the coal, drawn in a box of 32. */
export const LUMP =
  'M6 13C5 8 9 4.5 13.5 4 18 3.4 23.5 6 25.6 10.5 27.6 15 27 20.5 23.5 24 20 27.4 13 28 9 25 5.6 22.4 6.6 17.5 6 13Z';
const TOP = 4;
const BOTTOM = 28;

/** Upper edge of the kindling's fill, in the box of 32. */
export const fillTop = (fill: number): number => BOTTOM - (BOTTOM - TOP) * Math.min(1, Math.max(0, fill));

export interface Spark {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

/** Three sparks, five toward the peak, longer as the quality rises. */
export function sparksFor(quality: number): readonly Spark[] {
  const count = quality > 0.85 ? 5 : 3;
  const length = 2.5 + 4 * Math.max(0, quality - 0.4);
  return Array.from({ length: count }, (_, k) => {
    const side = k - (count - 1) / 2;
    const angle = ((-90 + side * 27) * Math.PI) / 180;
    const reach = length * (1 - 0.16 * Math.abs(side));
    const at = (r: number): readonly [number, number] => [16 + Math.cos(angle) * r, 19.5 + Math.sin(angle) * r];
    const [[x1, y1], [x2, y2]] = [at(14.2), at(14.2 + reach)];
    return { x1, y1, x2, y2 };
  });
}

/** Nine thorns round a ring, as one path. */
export const THORNS = Array.from({ length: 9 }, (_, i) => {
  const a = (i * 40 * Math.PI) / 180;
  const at = (r: number, turn: number): string =>
    `${(16 + r * Math.cos(a + turn)).toFixed(2)} ${(16 + r * Math.sin(a + turn)).toFixed(2)}`;
  return `M${at(17, -0.12)}L${at(21.4, 0.06)} ${at(17, 0.12)}Z`;
}).join('');
