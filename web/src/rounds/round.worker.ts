import { planRound, type Outing } from '@emberfield/core/rounds';

export interface Asked {
  readonly id: number;
  readonly outing: Outing;
}
export interface Told {
  readonly id: number;
  /** `null`: what has to be on it does not fit. */
  readonly best: { readonly order: readonly number[]; readonly exact: boolean } | null;
}

self.onmessage = ({ data: { id, outing } }: MessageEvent<Asked>): void => {
  const round = planRound(outing);
  self.postMessage({ id, best: round && { order: round.order, exact: round.exact } } satisfies Told);
};
