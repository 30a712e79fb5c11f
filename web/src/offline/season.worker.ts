import type { StandKit, StandView } from '@emberfield/contract';
import type { StageSighting } from '@emberfield/core/phenology';
import { ownSeason, type OwnSeason } from './own-season.ts';

export interface SeasonAsked {
  readonly id: number;
  readonly kit: StandKit;
  readonly windows: StandView['profile']['windows'];
  readonly noted: readonly StageSighting[];
}
export interface SeasonTold {
  readonly id: number;
  readonly own: OwnSeason;
}

self.onmessage = ({ data: { id, kit, windows, noted } }: MessageEvent<SeasonAsked>): void => {
  // What fails here is an error of the worker, which the browser reports; the page goes on with what was read.
  self.postMessage({ id, own: ownSeason(kit, windows, noted) } satisfies SeasonTold);
};
