// What people have eaten of, and what they do not bear: each person's own, and for others only what they say.
import type { Schema } from 'yup';
import { TASTE_OUTCOMES, type Taste } from '@emberfield/core/larder';
import { PART_KEYS } from '@emberfield/core/plants';
import { exactly, flag, freeText, given, isoDay, line, oneOf, orNull, uuid, whole } from '../platform/schema.ts';

export interface SaveTaste extends Taste {
  /** That was edited; 0 for a new one. */
  readonly revision: number;
  /** What it was tasted from; `null` where it was from nothing in the larder. */
  readonly batchId: string | null;
  readonly note: string;
  /** The others of the group may know. */
  readonly shared: boolean;
}
/** Tastes and reactions of one person. */
export const MOST_TASTES = 500;

export const saveTasteSchema: Schema<SaveTaste> = exactly({
  revision: whole(0, 1e6),
  plantKey: orNull(line(60)),
  family: orNull(line(60)),
  part: orNull(oneOf(PART_KEYS)),
  batchId: orNull(uuid()),
  day: isoDay(),
  cooked: flag(),
  outcome: oneOf(TASTE_OUTCOMES),
  note: freeText(600),
  shared: flag(),
})
  .required('missing')
  .test(
    'of',
    'missing',
    // Nobody tastes a family; what one does not bear is a plant or a whole family.
    given(({ plantKey, family, part, outcome }) =>
      outcome === 'known'
        ? (plantKey === null) !== (family === null)
        : plantKey !== null && family === null && part !== null,
    ),
  );

export interface TasteView {
  readonly id: string;
  readonly terms: SaveTaste;
}
export interface TastesView {
  readonly mine: readonly TasteView[];
  /** What others of the group do not bear, as far as they say so. */
  readonly others: readonly (Taste & {
    readonly id: string;
    readonly by: string;
    readonly note: string;
  })[];
}
