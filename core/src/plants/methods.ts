// Ways of taking a part: what each costs the plant, and what it gives.
import type { Figure } from '../measure/index.ts';
import type { ProfilePart } from './profile.ts';

/** Beside the usual way, which a profile tells in words: part of what it digs, cuts or picks, so that more is left. */
export const OTHER_METHODS = [
  'sideRoots',
  'partOfCrown',
  'lowerLeft',
  'outerLeaves',
  'cutAbove',
  'shaken',
  'combed',
  'eachBranch',
] as const;
/** `usual`: as the profile tells it. */
export const METHOD_KEYS = ['usual', ...OTHER_METHODS] as const;
export type OtherMethod = (typeof OTHER_METHODS)[number];
export type MethodKey = (typeof METHOD_KEYS)[number];

/** One of a part's other ways; every figure 0–1. */
export interface TakingMethod {
  readonly key: OtherMethod;
  /** Share of the plants so taken from that die of it. */
  readonly kills: Figure;
  /** Share of those that live which bear as much again the next season; the others are set back by a stage. */
  readonly growsAgain: Figure;
  /** So much is had of a plant, as a share of what the usual way gives. */
  readonly yield: Figure;
}

/** The same, of any way, by its likeliest figures. */
export interface TakenBy {
  readonly kills: number;
  /** `null`: as it is with the part, by the usual way. */
  readonly growsAgain: number | null;
  readonly yield: number;
}

/** What lies in the ground is dug out of it, in whatever way. */
export const isDug = (part: Pick<ProfilePart, 'key'>): boolean => part.key === 'root';

/** How a part may be taken, the usual way first. */
export const methodsOf = (part: Pick<ProfilePart, 'methods'>): readonly MethodKey[] => [
  'usual',
  ...(part.methods ?? []).map((m) => m.key),
];

/** What a way does; one that the profile does not have, as after it was changed, counts as the usual one. */
export function takenBy(part: Pick<ProfilePart, 'kills' | 'methods'>, method: MethodKey): TakenBy {
  const other = part.methods?.find((m) => m.key === method);
  if (!other) return { kills: part.kills ? 1 : 0, growsAgain: null, yield: 1 };
  return { kills: other.kills.value, growsAgain: other.growsAgain.value, yield: other.yield.value };
}

/** From so many deaths in a hundred on a way is said to kill. */
const KILLS_FROM = 0.5;

/** The part as it is when taken in one way: what a plant gives of it, and whether that costs the plant its life, and with it its seed. */
export function partBy(part: ProfilePart, method: MethodKey): ProfilePart {
  if (!part.methods?.some((m) => m.key === method)) return part;
  const by = takenBy(part, method);
  const { value, low, high } = part.perPlant;
  const kills = by.kills >= KILLS_FROM;
  return {
    ...part,
    perPlant: {
      ...part.perPlant,
      value: value * by.yield,
      low: low * by.yield,
      high: high * by.yield,
    },
    kills,
    // Where it is the digging up that costs the seed, a plant that is left standing keeps it.
    costsSeed: part.kills ? kills : part.costsSeed,
  };
}
