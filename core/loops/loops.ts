// The loops over the runs of a slice that take the time, for WebAssembly: AssemblyScript, which reads like TypeScript and is none. Two runs at a time. They do the
// same in the same order as the plain ones in `core/src/population/rows.ts`, to the last bit. `npm run loops` makes `loops-bytes.ts` of it.
//
// Rows are of doubles, named by the byte at which they begin; `count` runs is even. `left` and `total` are rows too.

/** Fills whole numbers from 0 to `mask` by xoshiro128**, as `fillBits` does; `state` is of four words. */
export function fillBits(out: usize, count: i32, mask: u32, state: usize): void {
  let a = load<u32>(state);
  let b = load<u32>(state, 4);
  let c = load<u32>(state, 8);
  let d = load<u32>(state, 12);
  for (let i = 0; i < count; i++) {
    store<u32>(out + ((<usize>i) << 2), (rotl<u32>(b * 5, 7) * 9) & mask);
    const t = b << 9;
    c ^= a;
    d ^= b;
    b ^= c;
    a ^= d;
    c ^= t;
    d = rotl<u32>(d, 11);
  }
  store<u32>(state, a);
  store<u32>(state, b, 4);
  store<u32>(state, c, 8);
  store<u32>(state, d, 12);
}

/**
 * One year of all runs: every stage becomes the sum of those it comes of, each with its factor in the class of the year of the run.
 * @param sources for each stage: how many it comes of, then of each its stage and which of `values` it has; words.
 * @param values of `classes` doubles each.
 */
export function step(
  count: i32,
  stages: i32,
  now: usize,
  next: usize,
  kinds: usize,
  sources: usize,
  values: usize,
  classes: i32,
): void {
  const row = (<usize>count) << 3;
  const table = (<usize>classes) << 3;
  let at = sources;
  for (let s = 0; s < stages; s++) {
    const parts = load<i32>(at);
    const to = next + <usize>s * row;
    at += 4;
    if (parts === 0) memory.fill(to, 0, row);
    for (let part = 0; part < parts; part++) {
      const from = now + <usize>load<i32>(at) * row;
      const factors = values + <usize>load<i32>(at, 4) * table;
      at += 8;
      if (part + 1 < parts) {
        // Two at once: memory is what it waits for.
        const other = now + <usize>load<i32>(at) * row;
        const others = values + <usize>load<i32>(at, 4) * table;
        at += 8;
        for (let r: usize = 0, kind = kinds; r < row; r += 16, kind += 8) {
          const a = (<usize>load<i32>(kind)) << 3;
          const b = (<usize>load<i32>(kind, 4)) << 3;
          let sum = f64x2.mul(both(factors, a, b), v128.load(from + r));
          if (part > 0) sum = f64x2.add(v128.load(to + r), sum);
          v128.store(to + r, f64x2.add(sum, f64x2.mul(both(others, a, b), v128.load(other + r))));
        }
        part++;
      } else
        for (let r: usize = 0, kind = kinds; r < row; r += 16, kind += 8) {
          const product = f64x2.mul(
            both(factors, (<usize>load<i32>(kind)) << 3, (<usize>load<i32>(kind, 4)) << 3),
            v128.load(from + r),
          );
          v128.store(to + r, part === 0 ? product : f64x2.add(v128.load(to + r), product));
        }
    }
  }
}

/** Two doubles of a table. */
function both(table: usize, a: usize, b: usize): v128 {
  return v128.load_lane<f64>(table + b, v128.load64_zero(table + a), 1);
}

/** @param counted so many words: the stages that are counted */
export function sum(count: i32, total: usize, rows: usize, counted: usize, stages: i32): void {
  const row = (<usize>count) << 3;
  memory.fill(total, 0, row);
  for (let i = 0; i < stages; i++) {
    const stage = rows + <usize>load<i32>(counted + ((<usize>i) << 2)) * row;
    for (let r: usize = 0; r < row; r += 16)
      v128.store(total + r, f64x2.add(v128.load(total + r), v128.load(stage + r)));
  }
}

/** What is above what the place carries dies, of all counted stages alike. */
export function hold(
  count: i32,
  total: usize,
  left: usize,
  rows: usize,
  counted: usize,
  stages: i32,
  capacity: f64,
): void {
  const row = (<usize>count) << 3;
  const most = f64x2.splat(capacity);
  const all = f64x2.splat(1);
  for (let r: usize = 0; r < row; r += 16) {
    const n = v128.load(total + r);
    v128.store(left + r, f64x2.pmin(all, f64x2.div(most, n)));
    v128.store(total + r, f64x2.pmin(n, most));
  }
  for (let i = 0; i < stages; i++) {
    const stage = rows + <usize>load<i32>(counted + ((<usize>i) << 2)) * row;
    for (let r: usize = 0; r < row; r += 16)
      v128.store(stage + r, f64x2.mul(v128.load(stage + r), v128.load(left + r)));
  }
}

/** The smallest and the largest of so many numbers, into the two doubles at `out`; NaN where one is. `count` is even. */
export function extremes(count: i32, numbers: usize, out: usize): void {
  let least = v128.load(numbers);
  let most = least;
  const end = numbers + ((<usize>count) << 3);
  for (let at = numbers + 16; at < end; at += 16) {
    const x = v128.load(at);
    least = f64x2.min(least, x);
    most = f64x2.max(most, x);
  }
  store<f64>(out, min(f64x2.extract_lane(least, 0), f64x2.extract_lane(least, 1)));
  store<f64>(out, max(f64x2.extract_lane(most, 0), f64x2.extract_lane(most, 1)), 8);
}

/** In which part each lies, as words, and how many lie in each; `counts` are 0 before. Those as large as the largest lie in one of their own, the last. */
export function countParts(
  count: i32,
  numbers: usize,
  least: f64,
  most: f64,
  factor: f64,
  parts: i32,
  partOf: usize,
  counts: usize,
): void {
  for (let i: usize = 0; i < <usize>count; i++) {
    const x = load<f64>(numbers + (i << 3));
    const part = x === most ? parts : min<i32>(parts - 1, <i32>((x - least) * factor));
    store<i32>(partOf + (i << 2), part);
    const at = counts + ((<usize>part) << 2);
    store<i32>(at, load<i32>(at) + 1);
  }
}

/** Writes the places of the numbers that lie in wanted parts, as words, and says how many there are. @param wanted a byte for each part */
export function pick(count: i32, partOf: usize, wanted: usize, out: usize): i32 {
  let n = 0;
  for (let i = 0; i < count; i++) {
    store<i32>(out + ((<usize>n) << 2), i);
    n += load<u8>(wanted + <usize>load<i32>(partOf + ((<usize>i) << 2)));
  }
  return n;
}
