import type { Schema } from 'yup';
import type { TurnView } from '@emberfield/core/tide';
import { exactly, finite, freeText, uuid, nameOf } from '../platform/schema.ts';

/** A place of which the tide is known, by a file of its harmonic constituents or of its high and low waters. */
export interface NewTide {
  readonly id: string;
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  /** JSON `{ meanLevelM, constituents: [{ name, amplitudeM, phaseDeg }] }`, or lines of time, level in m, and high or low. */
  readonly file: string;
}
export const LONGEST_TIDE_FILE = 400_000;
export const newTideSchema: Schema<NewTide> = exactly({
  id: uuid(),
  name: nameOf(80),
  latitudeDeg: finite(-90, 90),
  longitudeDeg: finite(-180, 180),
  file: freeText(LONGEST_TIDE_FILE).min(1, 'missing'),
}).required('missing');

export interface TideView {
  readonly id: string;
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly kind: 'harmonic' | 'table';
  /** Constituents, or high and low waters. */
  readonly count: number;
  /** Of a table: the days that it tells of, both included; `null` for constituents, which tell of any. */
  readonly firstDay: string | null;
  readonly lastDay: string | null;
  /** Of today; `null` where the table does not reach. */
  readonly turns: readonly TurnView[] | null;
}
