import { LOOSENESS, OVERHEAD_TREES, FIND_CONDITIONS, type FindBody, type DayRangeView } from '@emberfield/core/stand';
import type { Schema } from 'yup';
import { EYE_CLASSES } from '@emberfield/core/counting';
import { exactly, freeText, line, listOf, maybe, nameOf, oneOf, orNull, share, type Text } from '../platform/schema.ts';
import { seenSign } from './seen-sign.ts';

export const findBodySchema: Schema<FindBody> = exactly({
  mayBe: listOf(line(60), 8),
  unlisted: maybe(nameOf(80)),
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
