import { crewOf, type Crew, type Port } from './crew.ts';
import { playAsked, type Asked } from './play.ts';

/** Hands out what is asked to those who play, and tells how it went. */
type Message = Asked | { readonly id: number; readonly stop: true } | { readonly players: readonly Port[] };

let crew: Crew;
let asked = 0;
self.onmessage = ({ data }: MessageEvent<Message>): void => {
  if ('players' in data) {
    crew = crewOf(data.players);
    return;
  }
  asked = data.id;
  if ('stop' in data) return;
  playAsked(data, { crew, tell: (told) => self.postMessage(told), isAsked: () => asked === data.id }).catch(
    // What fails in a promise the page would never hear of: outside of it, it does.
    (error: unknown) =>
      setTimeout(() => {
        throw error;
      }),
  );
};
