// Permits and quotas of a group: amounts that stands share.
import type { Schema } from 'yup';
import { PART_KEYS, type PartKey, type UnitKey } from '@emberfield/core/plants';
import {
  exactly,
  finite,
  freeText,
  isoDay,
  line,
  listOf,
  nameOf,
  oneOf,
  orNull,
  uuid,
  whole,
  type Text,
} from '../platform/schema.ts';

export const PERMIT_KINDS = ['permit', 'own'] as const;
export type PermitKind = (typeof PERMIT_KINDS)[number];
export const PERMIT_MEASURES = ['unit', 'gram'] as const;
const MOST_PLACES = 500;

export interface SavePermit {
  /** That was edited; 0 for a new one. */
  readonly revision: number;
  /** `permit`: from somebody, and without one nothing may be taken; `own`: a limit that the group sets itself. */
  readonly kind: PermitKind;
  readonly name: string;
  readonly plantKey: string;
  readonly part: PartKey;
  readonly measure: (typeof PERMIT_MEASURES)[number];
  /** In all, by everyone, at all its places. */
  readonly amount: number;
  readonly from: string;
  readonly until: string;
  /** The places it is for; `null`: all. */
  readonly patchIds: readonly string[] | null;
  /** Who gave it, its number, what else it asks. */
  readonly note: string;
}

export const savePermitSchema: Schema<SavePermit> = exactly({
  revision: whole(0, 1e6),
  kind: oneOf(PERMIT_KINDS),
  name: nameOf(80),
  plantKey: line(60),
  part: oneOf(PART_KEYS),
  measure: oneOf(PERMIT_MEASURES),
  amount: finite(0, 1e7).moreThan(0, 'tooSmall'),
  from: isoDay(),
  until: isoDay().test('order', 'endsBeforeItBegins', (until, { parent: { from } }) => !(until < from)),
  patchIds: orNull(listOf(uuid(), MOST_PLACES).min(1, 'missing')),
  note: freeText(400),
}).required('missing');

export interface PermitView {
  readonly id: string;
  /** As it was saved. Its name and note are empty for whoever may not see one of its places. */
  readonly terms: SavePermit;
  readonly plantName: Text;
  readonly partName: Text;
  /** The amount's: the part's own, or grams. */
  readonly unit: UnitKey;
  /** Taken of it in its days up to today, in its measure; `null`: by a take that nobody can turn to it. */
  readonly spent: number | null;
  /** Set aside of it for today. */
  readonly aside: number;
  /** Stands that it is for. */
  readonly stands: number;
}
