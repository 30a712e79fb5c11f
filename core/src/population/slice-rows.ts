import { fillBits } from '../random/index.ts';
import { addRow, scaleRow, setToSum, shareLeft } from './rows.ts';
import type { Sources } from './year-tables.ts';

/** The numbers of the runs of a slice, and the loops over them that take the time. A row holds one stage of all runs; it is named by where it begins. */
export interface SliceRows {
  /** Rows of the stages this year, of the same next year, and of those runs that take, one after the other. */
  readonly rows: Float64Array;
  /** Class of the year, by run. */
  readonly kinds: Int32Array;
  /** Counted plants, by run. */
  readonly total: Float64Array;
  /** Share of the plants that the place has room for, by run. */
  readonly left: Float64Array;
  /** Draws the classes of a year. */
  readonly draw: (mask: number, state: Uint32Array) => void;
  /** One year of all runs: rows from `now` on into rows from `target` on. */
  readonly step: (sources: Sources, now: number, target: number) => void;
  /** Sums the counted rows of those from `of` on into `total`. */
  readonly sum: (of: number) => void;
  /** What is above what the place carries dies, of all counted stages alike. */
  readonly hold: (of: number, capacity: number) => void;
}

/** The plain ones, in TypeScript: wherever there is no WebAssembly, and what that is held against. */
export function plainRows(count: number, stages: number, counted: readonly number[]): SliceRows {
  const rows = new Float64Array(3 * stages * count);
  const kinds = new Int32Array(count);
  const total = new Float64Array(count);
  const left = new Float64Array(count);
  return {
    rows,
    kinds,
    total,
    left,
    draw: (mask, state) => fillBits(kinds, count, mask, state),
    step: (sources, now, target) => {
      for (let s = 0; s < stages; s++) setToSum(rows, target + s * count, sources[s]!, now, kinds);
    },
    sum: (of) => {
      total.fill(0);
      for (const s of counted) addRow(total, rows, of + s * count, count);
    },
    hold: (of, capacity) => {
      shareLeft(left, total, capacity);
      for (const s of counted) scaleRow(rows, of + s * count, left);
    },
  };
}
