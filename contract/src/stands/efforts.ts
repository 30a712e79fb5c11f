import type { KnownEfforts } from '@emberfield/core/rounds';
import type { PartKey, UnitKey } from '@emberfield/core/plants';

/** What taking a part of a plant costs the group in time, how much of it is usually brought home, and what one of it weighs. */
export interface EffortView extends Omit<KnownEfforts, 'what'> {
  readonly plantKey: string;
  readonly part: PartKey;
  readonly unit: UnitKey;
  /** Fresh mass of one unit, g; `null`: nobody knows. */
  readonly massG: number | null;
}
