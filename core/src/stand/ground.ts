// When the ground of a stand can be dug.
import { frozenSpans, groundOn, type FrozenSpan, type Ground } from '../climate/index.ts';
import type { DayNumber } from '../measure/index.ts';
import type { Book } from './book.ts';
import type { PatchFacts } from './place.ts';
import { siteOf } from './site.ts';

/** Leaves above the ground, m² a m², by what is written down of the place (estimates). */
const LEAF_AREA: Readonly<Record<PatchFacts['canopy'], number>> = {
  open: 0.5,
  halfShade: 1.5,
  underTrees: 3,
  evergreen: 5,
};

/** Spans hang on the day by its winter only; half a year is fine enough a step. */
const HALF_YEAR_DAYS = 182;
export const halfYearOf = (day: DayNumber): DayNumber => Math.floor(day / HALF_YEAR_DAYS) * HALF_YEAR_DAYS;

/** When the ground of a place is frozen, in the winter about a day and the next. */
export function frozenSpansAt(
  { place, weather, thermometer, today }: Pick<Book, 'place' | 'weather' | 'thermometer' | 'today'>,
  day: DayNumber,
): readonly FrozenSpan[] | null {
  // The soil's own formula takes the air of the open and keeps off what the leaves do: they must not count twice.
  const ground = { ...siteOf(place), canopy: 'open' as const };
  const site = thermometer ? { ...ground, measured: thermometer } : ground;
  return frozenSpans({ weather, site, leafArea: LEAF_AREA[place.facts.canopy], day: halfYearOf(day), asOf: today });
}

/** The ground of a stand on a day: as reckoned, and as somebody found it. `null` where neither says anything. */
export const standGround = (
  { record }: Pick<Book, 'record'>,
  frozen: (day: DayNumber) => readonly FrozenSpan[] | null,
  day: DayNumber,
): Ground | null => groundOn(frozen(day), record.ground, day);
