import { DOUBLE, engineOf, layout, makeRoom, WORD } from './engine.ts';
import type { SliceRows } from './slice-rows.ts';
import type { Sources } from './year-tables.ts';

/**
 * As `plainRows`, in WebAssembly, to the last bit. All slices lie in one memory: one is done with before the next is opened.
 * @param tables that years will be stepped by. @returns `null` where it cannot be had: see `engineOf`; runs go two by two.
 */
export function fastRows(
  count: number,
  stages: number,
  counted: readonly number[],
  tables: readonly Sources[],
): SliceRows | null {
  const engine = count % 2 === 0 ? engineOf() : null;
  if (!engine) return null;
  const { loops } = engine;
  const { take, end } = layout();
  const [rows, total, left] = [take(3 * stages * count * DOUBLE), take(count * DOUBLE), take(count * DOUBLE)];
  const [kinds, bits, list] = [take(count * WORD), take(4 * WORD), take(counted.length * WORD)];
  const places = new Map([...new Set(tables)].map((of) => [of, placeFor(of, take)] as const));
  const memory = makeRoom(engine, end());
  for (const [of, place] of places) layOut(of, place, memory);
  new Int32Array(memory, list, counted.length).set(counted);
  const state = new Uint32Array(memory, bits, 4);
  const byteOf = (row: number): number => rows + row * DOUBLE;
  return {
    rows: new Float64Array(memory, rows, 3 * stages * count),
    kinds: new Int32Array(memory, kinds, count),
    total: new Float64Array(memory, total, count),
    left: new Float64Array(memory, left, count),
    draw: (mask, from) => {
      state.set(from);
      loops.fillBits(kinds, count, mask, bits);
      from.set(state);
    },
    step: (of, now, target) => {
      const { sources, values, classes } = places.get(of)!;
      loops.step(count, stages, byteOf(now), byteOf(target), kinds, sources, values, classes);
    },
    sum: (of) => loops.sum(count, total, byteOf(of), list, counted.length),
    hold: (of, capacity) => loops.hold(count, total, left, byteOf(of), list, counted.length, capacity),
  };
}

interface Place {
  readonly sources: number;
  readonly values: number;
  readonly classes: number;
  readonly words: number;
}
function placeFor(of: Sources, take: (bytes: number) => number): Place {
  const parts = of.flat();
  const classes = parts[0]?.value.length ?? 0;
  const words = of.length + 2 * parts.length;
  return { sources: take(words * WORD), values: take(parts.length * classes * DOUBLE), classes, words };
}
/** A table as the loops read it: for each stage how many it comes of, then each of these and its values. */
function layOut(of: Sources, { sources, values, classes, words }: Place, memory: ArrayBuffer): void {
  const list = new Int32Array(memory, sources, words);
  const factors = new Float64Array(memory, values, of.flat().length * classes);
  let [word, part] = [0, 0];
  for (const parts of of) {
    list[word++] = parts.length;
    for (const { from, value } of parts) {
      list[word++] = from;
      list[word++] = part;
      factors.set(value, part++ * classes);
    }
  }
}
