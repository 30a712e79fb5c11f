import type { Text } from '../platform/schema.ts';

export interface ProofScores {
  readonly trials: number;
  readonly forecast: number;
  readonly lastYear: number;
  readonly meanDate: number;
  readonly covered: number;
}

/** How far off the dates of a whole group were. */
export interface GroupProof {
  readonly daysBefore: number;
  /** Over everything; `null` while there is nothing to compare. */
  readonly all: ProofScores | null;
  readonly plants: readonly {
    readonly plantKey: string;
    readonly plantName: Text;
    readonly scores: ProofScores;
    readonly stages: readonly { readonly stage: string; readonly stageName: Text; readonly scores: ProofScores }[];
  }[];
  /** Shares of what came before the 10 % day, up to the likely day, up to the 90 % day, and after it; 0.1, 0.4, 0.4, 0.1 are meant. */
  readonly calibration: readonly [number, number, number, number] | null;
  /** Places where a look would narrow most, best first. */
  readonly looks: readonly {
    readonly patchId: string;
    readonly patchName: string;
    readonly day: string;
    readonly windows: number;
    readonly days: number;
    /** What to look for at the stand that gains most. */
    readonly plantName: Text;
    readonly stageName: Text;
  }[];
  /** Stands whose past is still reckoned. */
  readonly waiting: number;
}
