import { playAsked, type Asked } from './play.ts';

/** A browser makes whoever waits again and again wait longer: one looks up no oftener than somebody notices. */
const LOOKS_UP_EVERY_MS = 40;
let asked = 0;
let lookedUp = 0;

function pause(): Promise<void> {
  if (performance.now() - lookedUp < LOOKS_UP_EVERY_MS) return Promise.resolve();
  return new Promise((resume) =>
    setTimeout(() => {
      lookedUp = performance.now();
      resume();
    }),
  );
}

self.onmessage = ({ data }: MessageEvent<Asked | { readonly id: number; readonly stop: true }>): void => {
  asked = data.id;
  if ('stop' in data) return;
  playAsked(data, { tell: (told) => self.postMessage(told), isAsked: () => asked === data.id, pause }).catch(
    // What fails in a promise the page would never hear of: outside of it, it does.
    (error: unknown) =>
      setTimeout(() => {
        throw error;
      }),
  );
};
