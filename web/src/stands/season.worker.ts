import type { StandKit } from '@emberfield/contract';
import type { DrawnTake, RecordEntry } from '@emberfield/core/stand';
import { ownAnswer, type OwnAnswer } from './own-season.ts';

export interface SeasonAsked {
  readonly id: number;
  readonly kit: StandKit;
  readonly noted: readonly RecordEntry[];
  readonly day: string;
  readonly drawn: readonly DrawnTake[];
}
export interface SeasonTold {
  readonly id: number;
  readonly own: OwnAnswer;
}

self.onmessage = ({ data: { id, kit, noted, day, drawn } }: MessageEvent<SeasonAsked>): void => {
  // What fails here is an error of the worker, which the browser reports; the page goes on with what was read.
  self.postMessage({ id, own: ownAnswer(kit, noted, day, drawn) } satisfies SeasonTold);
};
