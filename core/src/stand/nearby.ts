// Poison that was seen in a stand's place, or close by.
import type { LookAlikeSeverity } from '../plants/index.ts';
import type { DayNumber, Text } from '../measure/index.ts';

/** Within so many metres what was seen counts as seen here: seeds and spores go farther, and so do pickers. Estimate. */
export const NEAR_M = 50;

/** Something dangerous that was seen, or looked for, elsewhere in the place of a stand or close by it. */
export interface Nearby {
  readonly day: DayNumber;
  readonly found: boolean;
  /** What it was called by whoever said so. */
  readonly lookedFor: string;
  /** Plant of the catalogue; `null` for one by name only. */
  readonly plantKey: string | null;
  /** What it is, as far as that is known. */
  readonly kin: {
    readonly name: Text;
    readonly scientific: string;
    /** `null` where nobody knows. */
    readonly family: string | null;
    readonly severity: LookAlikeSeverity;
  };
  readonly where: 'place' | 'near';
}
