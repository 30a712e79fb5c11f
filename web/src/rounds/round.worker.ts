import { planRound, type Outing } from '@emberfield/core/rounds';

export interface Asked {
  readonly id: number;
  readonly outing: Outing;
}
export interface Told {
  readonly id: number;
  /** `null`: what has to be on it does not fit. */
  readonly order: readonly number[] | null;
}

self.onmessage = ({ data: { id, outing } }: MessageEvent<Asked>): void =>
  self.postMessage({ id, order: planRound(outing)?.order ?? null } satisfies Told);
