// What was seen of a stage on a day, and what it bounds.
import type { DayNumber } from '../measure/index.ts';

/** On `day` the stage had been reached, or had not. */
export interface StageSighting {
  readonly stage: string;
  readonly day: DayNumber;
  readonly reached: boolean;
  /** Share of the stand that had reached it, 0 to 1; left out or `null` where nobody said. A stage is dated by the half. */
  readonly share?: number | null;
}

/** A stage was reached after the one day and by the other; `null` where nothing bounds it. */
export interface StageBounds {
  readonly after: number | null;
  readonly by: number | null;
}
