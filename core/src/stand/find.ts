// What was come upon at a place.
import type { EyeClass } from '../counting/index.ts';
import type { SeenSign } from '../identity/index.ts';

/** What a thing come upon is like: enough to know it again, and to know what it may still become. */
export const FIND_CONDITIONS = [
  'deadStalk',
  'seedHead',
  'bud',
  'bark',
  'rosette',
  'shoots',
  'leaf',
  'flower',
  'fruit',
  'fruitBody',
] as const;
export type FindCondition = (typeof FIND_CONDITIONS)[number];
export const OVERHEAD_TREES = [
  'none',
  'oak',
  'beech',
  'birch',
  'hazel',
  'alder',
  'willow',
  'ash',
  'lime',
  'fruitTree',
  'spruce',
  'pine',
  'larch',
  'otherTree',
] as const;
export type OverheadTree = (typeof OVERHEAD_TREES)[number];
export const LOOSENESS = ['loose', 'firm', 'stony'] as const;

/** Something that stands at a place: what people forget to write down and cannot reconstruct at home. */
export interface FindBody {
  /** Plants that it may be, by key; none for something unknown. */
  readonly mayBe: readonly string[];
  /** What people call it, where the list does not have it. */
  readonly unlisted?: string | undefined;
  readonly condition: FindCondition | null;
  readonly seen: readonly SeenSign[];
  readonly overhead: readonly OverheadTree[];
  readonly looseness: (typeof LOOSENESS)[number] | null;
  readonly eye: EyeClass | null;
  /** Lost to others so far, 0–1. */
  readonly lostShare: number | null;
  /** What was taken home to look at. */
  readonly specimen: string;
  readonly note: string;
}
