import { DOUBLE, engineOf, layout, makeRoom, WORD, type Engine } from './engine.ts';

/** The shares of runs that a fan is drawn at. */
export const FAN = [0.05, 0.25, 0.5, 0.75, 0.95] as const;

/** A middle with its 90 % range. */
export interface Range {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}
const RANGE = [0.05, 0.5, 0.95] as const;

/** The middle of some draws and its 90 % range. @throws RangeError for no draws. */
export function rangeOf(draws: readonly number[]): Range {
  const [low, value, high] = selectQuantiles(Float64Array.from(draws), RANGE) as [number, number, number];
  return { value, low, high };
}

/** Parts between the smallest and the largest number; a number more, of a few thousand, lies in one with few others. */
const PARTS = 1024;
/** Fewer than so many are put in order by themselves. */
const FEW = 256;

/**
 * Order statistics of numbers: of n numbers the one at place ⌊q (n − 1)⌋ in order, for each q. All are counted into equal parts between the smallest and
 * the largest; only the parts in which the sought ones lie are put in order.
 * @param values finite; stay as they are.
 * @param shares ascending, 0–1.
 * @throws RangeError for no numbers, or one that is not finite.
 * Source: bucket selection, as in Alabi, T. et al. (2012), Fast k-selection algorithms for graphics processing units. Cost: linear in the numbers, but where nearly all
 * lie close together and one far off.
 */
export function selectQuantiles(values: Float64Array, shares: readonly number[]): readonly number[] {
  if (values.length === 0) throw new RangeError('no numbers, no quantiles');
  const places = shares.map((q) => Math.floor(q * (values.length - 1)));
  const engine = values.length % 2 === 0 && values.length >= FEW ? engineOf() : null;
  const by = engine ? fastParts(engine, values) : plainParts(values);
  const { least, most } = by;
  if (!Number.isFinite(most - least)) throw new RangeError('quantiles are of finite numbers');
  const factor = PARTS / (most - least);
  if (values.length < FEW || !Number.isFinite(factor)) {
    const sorted = values.slice().sort();
    return places.map((k) => sorted[k]!);
  }
  const { counts, ...lying } = by.count(factor);
  // How many lie before each part.
  const before = new Int32Array(counts.length);
  for (let p = 1; p < counts.length; p++) before[p] = before[p - 1]! + counts[p - 1]!;
  let part = 0;
  const wanted = places.map((k) => {
    while (before[part]! + counts[part]! <= k) part++;
    return part;
  });
  const within = sortedParts(values, lying, wanted);
  return places.map((k, i) => within.get(wanted[i]!)?.[k - before[wanted[i]!]!] ?? most);
}

/** The smallest and the largest of some numbers (NaN where one is), and in which of equal parts between them each lies. */
interface Parts {
  readonly least: number;
  readonly most: number;
  /** How many lie in each part. The last part holds those that are as large as the largest. */
  readonly count: (factor: number) => Lying & { readonly counts: Int32Array };
}
interface Lying {
  /** In which part each number lies. */
  readonly partOf: Int32Array;
  /** The places of those that lie in wanted parts. @param wanted 1 or 0 for each part */
  readonly pick: (wanted: Uint8Array) => Int32Array;
}

function plainParts(values: Float64Array): Parts {
  let least = values[0]!;
  let most = least;
  for (let i = 0; i < values.length; i++) {
    const x = values[i]!;
    if (Number.isNaN(x)) [least, most] = [NaN, NaN];
    least = x < least ? x : least;
    most = x > most ? x : most;
  }
  return {
    least,
    most,
    count: (factor) => {
      const counts = new Int32Array(PARTS + 1);
      const partOf = new Int32Array(values.length);
      for (let i = 0; i < values.length; i++) {
        const x = values[i]!;
        const part = x === most ? PARTS : Math.min(PARTS - 1, ((x - least) * factor) | 0);
        partOf[i] = part;
        counts[part] = counts[part]! + 1;
      }
      const pick = (wanted: Uint8Array): Int32Array =>
        Int32Array.from(partOf.keys()).filter((i) => wanted[partOf[i]!] === 1);
      return { counts, partOf, pick };
    },
  };
}

/** The same in WebAssembly; read before anything else is laid out there. */
function fastParts(engine: Engine, values: Float64Array): Parts {
  const { take, end } = layout();
  const n = values.length;
  const at = {
    out: take(2 * DOUBLE),
    numbers: take(n * DOUBLE),
    partOf: take(n * WORD),
    counts: take((PARTS + 1) * WORD),
    wanted: take(PARTS + 1),
    picked: take((n + 1) * WORD),
  };
  const memory = makeRoom(engine, end());
  new Float64Array(memory, at.numbers, n).set(values);
  engine.loops.extremes(n, at.numbers, at.out);
  const [least, most] = new Float64Array(memory, at.out, 2) as unknown as readonly [number, number];
  return {
    least,
    most,
    count: (factor) => {
      const counts = new Int32Array(memory, at.counts, PARTS + 1).fill(0);
      engine.loops.countParts(n, at.numbers, least, most, factor, PARTS, at.partOf, at.counts);
      const pick = (wanted: Uint8Array): Int32Array => {
        new Uint8Array(memory, at.wanted, PARTS + 1).set(wanted);
        return new Int32Array(memory, at.picked, engine.loops.pick(n, at.partOf, at.wanted, at.picked));
      };
      return { counts, partOf: new Int32Array(memory, at.partOf, n), pick };
    },
  };
}

/** The numbers of some parts, in order; not of the last, in which all are alike: often most of them, where a place carries no more. */
function sortedParts(
  values: Float64Array,
  { partOf, pick }: Lying,
  parts: readonly number[],
): ReadonlyMap<number, readonly number[]> {
  const within = new Map(parts.filter((p) => p < PARTS).map((p) => [p, [] as number[]]));
  const wanted = new Uint8Array(PARTS + 1);
  for (const part of within.keys()) wanted[part] = 1;
  for (const i of pick(wanted)) within.get(partOf[i]!)!.push(values[i]!);
  for (const list of within.values()) list.sort((a, b) => a - b);
  return within;
}
