// What a group wants of a season.
import type { Schema } from 'yup';
import { PART_KEYS, type PartKey, type UnitKey } from '@emberfield/core/plants';
import {
  exactly,
  finite,
  flag,
  freeText,
  given,
  isoDay,
  line,
  listOf,
  nameOf,
  oneOf,
  orNull,
  whole,
  type Text,
} from '../platform/schema.ts';

/** Counted as the part is; fresh or dried, by weight; or in something made of it, of which somebody says how much one unit gives. */
export const WANT_MEASURES = ['unit', 'gram', 'dried', 'made'] as const;
export type WantMeasure = (typeof WANT_MEASURES)[number];
/** Plants that one want may be made of. */
export const MOST_WANTED_PLANTS = 8;
/** Wants of a group at a time. */
export const MOST_WANTS = 100;

export interface SaveWant {
  /** That was edited; 0 for a new one. */
  readonly revision: number;
  readonly name: string;
  /** Any of them will do. `gives`: of what is made, how much one unit of the part gives; else `null`. */
  readonly of: readonly { readonly plantKey: string; readonly part: PartKey; readonly gives: number | null }[];
  readonly measure: WantMeasure;
  /** What is made is counted in this: litres, cakes; empty for the other measures. */
  readonly madeUnit: string;
  /** With `weekly`, in each week of its days. */
  readonly amount: number;
  readonly weekly: boolean;
  readonly from: string;
  readonly until: string;
  /** Place on the list: what stands further up comes first. */
  readonly place: number;
}

export const saveWantSchema: Schema<SaveWant> = exactly({
  revision: whole(0, 1e6),
  name: nameOf(80),
  of: listOf(
    exactly({
      plantKey: line(60),
      part: oneOf(PART_KEYS),
      gives: orNull(finite(0, 1e6).moreThan(0, 'tooSmall')),
    }).required('missing'),
    MOST_WANTED_PLANTS,
  )
    .min(1, 'missing')
    .test(
      'twice',
      'namedTwice',
      given((of) => new Set(of.map((o) => `${o.plantKey}:${o.part}`)).size === of.length),
    ),
  measure: oneOf(WANT_MEASURES),
  madeUnit: freeText(30),
  amount: finite(0, 1e7).moreThan(0, 'tooSmall'),
  weekly: flag(),
  from: isoDay(),
  until: isoDay().test('order', 'endsBeforeItBegins', (until, { parent: { from } }) => !(until < from)),
  place: finite(-1e9, 1e9),
})
  .required('missing')
  .test(
    'made',
    'givesMissing',
    given(({ measure, of, madeUnit }) =>
      measure === 'made'
        ? madeUnit !== '' && of.every((o) => o.gives !== null)
        : madeUnit === '' && of.every((o) => o.gives === null),
    ),
  );

export interface WantView {
  readonly id: string;
  readonly terms: SaveWant;
  readonly of: readonly {
    readonly plantKey: string;
    readonly part: PartKey;
    readonly plantName: Text;
    readonly partName: Text;
    readonly unit: UnitKey;
    /** How much of the want one unit gives; `null`: nobody knows any more. */
    readonly gives: number | null;
  }[];
  /** Taken for it in its days so far, and in the last seven days, in its measure. A take serves the first want on the list that still lacks it. */
  readonly taken: number;
  readonly takenThisWeek: number;
  /** In the larder of before its days, in its measure. */
  readonly stocked: number;
}
