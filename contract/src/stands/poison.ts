import type { Text } from '@emberfield/core/measure';
import type { LookAlikeSeverity } from '@emberfield/core/plants';

/** Something dangerous that was seen in a place, or within `NEAR_M` of it. */
export interface PoisonView {
  readonly name: Text;
  readonly severity: LookAlikeSeverity;
  /** Its own profile; `null` where there is none. */
  readonly plantKey: string | null;
  readonly where: 'place' | 'near';
  /** The last day. */
  readonly day: string;
}
