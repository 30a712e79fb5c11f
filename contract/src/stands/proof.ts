import type { DayRangeView } from '@emberfield/core/stand';
import type { Text } from '../platform/schema.ts';

/** A forecast of the past held against what came; days are ISO days. */
export interface ProofTrial {
  readonly stage: string;
  readonly stageName: Text;
  readonly season: number;
  readonly issued: string;
  /** Last day on which it had not come, and first on which it had. */
  readonly after: string;
  readonly by: string;
  readonly forecast: DayRangeView;
  readonly lastYear: string | null;
  /** Days off, by Emberfield and by last year's date: counted from the middle between the two visits, below 0 too early; `null` without a date. */
  readonly miss: number | null;
  readonly lastYearMiss: number | null;
}

/** How far off the dates of a stand were, each season forecast from its own earlier ones a fortnight before. */
export interface StandProof {
  readonly daysBefore: number;
  /** Mean days off over what everyone had a date for; `null` while there is nothing to compare. */
  readonly scores: {
    readonly seasons: number;
    readonly trials: number;
    readonly forecast: number;
    readonly lastYear: number;
    readonly meanDate: number;
    /** Share of what came that lay in the band of 8 in 10. */
    readonly covered: number;
  } | null;
  readonly trials: readonly ProofTrial[];
  /** Sightings that all the others make very unlikely. */
  readonly doubtful: readonly {
    readonly stage: string;
    readonly stageName: Text;
    readonly season: number;
    readonly after: string | null;
    readonly by: string | null;
  }[];
}
