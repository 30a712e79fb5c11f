import { judge, playSandbox, type SandboxAction, type SandboxVerdict } from '@emberfield/core/sandbox';

export interface Asked {
  readonly seed: number;
  readonly actions: readonly SandboxAction[];
}
/** One stand's verdict, in order. */
export interface Told {
  readonly stand: number;
  readonly verdict: SandboxVerdict;
}

self.onmessage = ({ data: { seed, actions } }: MessageEvent<Asked>): void => {
  const state = playSandbox(seed, actions);
  for (const stand of state.stands.keys()) self.postMessage({ stand, verdict: judge(state, stand) } satisfies Told);
};
