import type { Clearance } from '@emberfield/core/identity';
import type { PackedBook } from '@emberfield/core/stand';

/** What a device needs to answer for a stand by itself: its book, as far as the reader may know it. */
export interface StandKit {
  readonly book: PackedBook;
  /** The reader: what they have set aside is theirs. */
  readonly who: string;
  /** What the reader may do with the plant's family. */
  readonly clearance: Clearance;
}
