/** Seeded chance: the same seed gives the same island. (mulberry32, a 32-bit generator in the public domain) */
export interface Chance {
  /** From 0 up to, not including, 1. */
  readonly uniform: () => number;
  readonly normal: () => number;
  readonly between: (low: number, high: number) => number;
  readonly whole: (low: number, high: number) => number;
  readonly happens: (probability: number) => boolean;
}

export function chanceFrom(seed: number): Chance {
  let state = seed >>> 0;
  const uniform = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const between = (low: number, high: number): number => low + (high - low) * uniform();
  return {
    uniform,
    between,
    normal: () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform()),
    whole: (low, high) => Math.floor(between(low, high + 1)),
    happens: (probability) => uniform() < probability,
  };
}

/** A seed of its own for every thing that has a name, so that adding one does not change the others. */
export function seedOf(...names: readonly (string | number)[]): number {
  let hash = 2166136261;
  for (const character of names.join('/')) hash = Math.imul(hash ^ character.charCodeAt(0), 16777619);
  return hash >>> 0;
}
