import type { Schema } from 'yup';
import { exactly, flag, freeText } from '../platform/schema.ts';

/** A place, a stand or a station that is no longer gone to, or is again. All that was noted of it stays. */
export interface Retire {
  readonly retired: boolean;
  readonly why: string;
}
export const retireSchema: Schema<Retire> = exactly({ retired: flag(), why: freeText(200) }).required('missing');

/** How a place or a stand stands: `null` while it is gone to. */
export interface Retirement {
  readonly retiredOn: string | null;
  readonly retiredWhy: string;
}
