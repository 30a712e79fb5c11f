// The loops over the runs of a slice. Each stands in a function of its own, of typed arrays and numbers alone: so the compiler makes the best of them. A row
// holds one stage of all runs; it is named by where it begins.
import { asShare } from '../random/index.ts';
import type { Source } from './year-tables.ts';

/** A row becomes the sum of those of some stages, each with its factor in the year of the run. @param stages where the row of the first stage begins */
export function setToSum(
  rows: Float64Array,
  to: number,
  sources: readonly Source[],
  stages: number,
  kinds: Int32Array,
): void {
  const count = kinds.length;
  rows.fill(0, to, to + count);
  for (const { from, value } of sources) addProduct(rows, to, stages + from * count, value, kinds);
}
function addProduct(rows: Float64Array, to: number, from: number, value: Float64Array, kinds: Int32Array): void {
  const count = kinds.length;
  for (let r = 0; r < count; r++) rows[to + r] = rows[to + r]! + value[kinds[r]!]! * rows[from + r]!;
}

export function addRow(total: Float64Array, rows: Float64Array, row: number, count: number): void {
  for (let r = 0; r < count; r++) total[r] = total[r]! + rows[row + r]!;
}
export function addScaled(total: Float64Array, rows: Float64Array, row: number, by: number, count: number): void {
  for (let r = 0; r < count; r++) total[r] = total[r]! + by * rows[row + r]!;
}
export function addNumber(rows: Float64Array, row: number, number: number, count: number): void {
  for (let r = 0; r < count; r++) rows[row + r] = rows[row + r]! + number;
}
/** Runs of at least so many plants take what is in another row. */
export function chooseWhere(
  rows: Float64Array,
  to: number,
  from: number,
  total: Float64Array,
  atLeast: number,
  count: number,
): void {
  for (let r = 0; r < count; r++) if (total[r]! >= atLeast) rows[to + r] = rows[from + r]!;
}
export function strike(
  rows: Float64Array,
  row: number,
  strokes: Int32Array,
  { chance, share }: { readonly chance: number; readonly share: number },
  count: number,
): void {
  const left = 1 - share;
  for (let r = 0; r < count; r++) if (asShare(strokes[r]!) < chance) rows[row + r] = rows[row + r]! * left;
}
/** What share of the plants a place has room for; the plants are then no more than that. */
export function shareLeft(left: Float64Array, total: Float64Array, capacity: number): void {
  const count = left.length;
  for (let r = 0; r < count; r++) {
    const n = total[r]!;
    left[r] = n > capacity ? capacity / n : 1;
    total[r] = n > capacity ? capacity : n;
  }
}
export function scaleRow(rows: Float64Array, row: number, by: Float64Array): void {
  const count = by.length;
  for (let r = 0; r < count; r++) rows[row + r] = rows[row + r]! * by[r]!;
}

/** Plants that stand become the share of growth that there is room for beside them: 1 / (1 + `each` · plants). Runs of fewer than `fromCount` were not taken from. */
export function divideBy(
  standing: Float64Array,
  { total, fromCount, each }: { readonly total: Float64Array; readonly fromCount: number; readonly each: number },
): void {
  const count = standing.length;
  for (let r = 0; r < count; r++) standing[r] = 1 / (1 + each * (total[r]! < fromCount ? total[r]! : standing[r]!));
}
