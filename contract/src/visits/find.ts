import type { Schema } from 'yup';
import type { SeenSign } from '@emberfield/core/identity';
import { EYE_CLASSES, type EyeClass } from '@emberfield/core/stand';
import { exactly, freeText, line, listOf, oneOf, orNull, share, type Text } from '../platform/schema.ts';
import type { DayRangeView } from '../stands/stand.ts';
import { seenSign } from './seen-sign.ts';

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
export const findBodySchema: Schema<FindBody> = exactly({
  mayBe: listOf(line(60), 8),
  condition: orNull(oneOf(FIND_CONDITIONS)),
  seen: listOf(seenSign(), 20),
  overhead: listOf(oneOf(OVERHEAD_TREES), OVERHEAD_TREES.length),
  looseness: orNull(oneOf(LOOSENESS)),
  eye: orNull(oneOf(EYE_CLASSES)),
  lostShare: orNull(share()),
  specimen: freeText(300),
  note: freeText(2000),
}).required('missing');

/** What a plant would give at a place from a day on, were it there: its coming stages and windows. */
export interface Prospect {
  readonly plantKey: string;
  readonly plantName: Text;
  readonly stages: readonly { readonly name: Text; readonly day: string }[];
  readonly windows: readonly { readonly partName: Text; readonly use: string; readonly opens: DayRangeView }[];
  /** Stand of this plant that is entered at the place already. */
  readonly standId: string | null;
}
