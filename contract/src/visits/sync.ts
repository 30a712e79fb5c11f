import { mixed, type Schema } from 'yup';
import { exactly, listOf } from '../platform/schema.ts';
import type { AllowanceView } from '@emberfield/core/stand';
import type { Entry } from './entry.ts';

/** Entries are checked one by one, so that a bad one does not hold up the others. */
export interface SyncRequest {
  readonly entries: readonly unknown[];
}
export const MOST_ENTRIES_AT_ONCE = 100;
export const syncSchema: Schema<SyncRequest> = exactly({
  entries: listOf(mixed().required('missing'), MOST_ENTRIES_AT_ONCE).min(1, 'missing'),
}).required('missing');

export interface TakeVerdict {
  readonly verdict: 'within' | 'over';
  /** Amount in the part's unit that was left before and after. */
  readonly leftBefore: number | null;
  readonly leftAfter: number | null;
  readonly allowance: AllowanceView;
}

export type EntryResult =
  | { readonly id: string; readonly status: 'stored' | 'alreadyThere'; readonly take: TakeVerdict | null }
  | {
      readonly id: string | null;
      readonly status: 'needsAttention';
      readonly code: string;
      readonly message: string;
      readonly field: string | null;
    };
export interface SyncAnswer {
  readonly results: readonly EntryResult[];
}

export type EntryView = Entry & {
  readonly by: string;
  readonly byId: string;
  readonly mine: boolean;
  /** `withdrawn` or `corrected` entries stay in the record. */
  readonly standing: 'valid' | 'withdrawn' | 'corrected';
  readonly take: TakeVerdict | null;
};
export interface EntryPage {
  readonly entries: readonly EntryView[];
  readonly next: string | null;
}
