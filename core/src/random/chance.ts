// Seeded chance for simulations: xoshiro128** of Blackman and Vigna (2018), in the public domain; filled by the mixing steps of MurmurHash3.

export interface Chance {
  /** From 0 up to, not including, 1. */
  readonly uniform: () => number;
  /** Of the standard normal distribution (Box and Muller 1958). */
  readonly normal: () => number;
}

const TO_UNIT = 1 / 4294967296;
/** 32 bits as a share: from 0 up to, not including, 1. */
export const asShare = (bits: number): number => (bits >>> 0) * TO_UNIT;

/**
 * A stream of chance: the same seed gives the same, other seeds others.
 * @param seed whole; its lowest 32 bits count.
 */
export function chanceOf(seed: number): Chance {
  const state = new Uint32Array(4);
  fillState(state, seed);
  const next = new Int32Array(1);
  const uniform = (): number => {
    fillBits(next, 1, ALL_BITS, state);
    return asShare(next[0]!);
  };
  return {
    uniform,
    normal: () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform()),
  };
}

/** Fills a state from a seed. */
export function fillState(state: Uint32Array, seed: number): void {
  let x = seed >>> 0;
  for (let i = 0; i < 4; i++) {
    x = (x + 0x9e3779b9) >>> 0;
    let z = Math.imul(x ^ (x >>> 16), 0x85ebca6b);
    z = Math.imul(z ^ (z >>> 13), 0xc2b2ae35);
    state[i] = z ^ (z >>> 16);
  }
}

/** The mask of all bits. */
export const ALL_BITS = -1;

/**
 * Fills whole numbers from 0 to `mask`, the lowest bits of each draw; the state goes on.
 * @param mask one less than a power of two, or `ALL_BITS`.
 */
export function fillBits(out: Int32Array, count: number, mask: number, state: Uint32Array): void {
  let [a, b, c, d] = [state[0]!, state[1]!, state[2]!, state[3]!] as [number, number, number, number];
  for (let i = 0; i < count; i++) {
    const five = Math.imul(b, 5);
    out[i] = Math.imul((five << 7) | (five >>> 25), 9) & mask;
    const t = b << 9;
    c ^= a;
    d ^= b;
    b ^= c;
    a ^= d;
    c ^= t;
    d = (d << 11) | (d >>> 21);
  }
  state[0] = a;
  state[1] = b;
  state[2] = c;
  state[3] = d;
}
