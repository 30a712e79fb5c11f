import { playAsked, type Asked } from './play.ts';

let asked = 0;

self.onmessage = ({ data }: MessageEvent<Asked | { readonly id: number; readonly stop: true }>): void => {
  asked = data.id;
  if ('stop' in data) return;
  void playAsked(data, {
    tell: (told) => self.postMessage(told),
    isAsked: () => asked === data.id,
    pause: () => new Promise((resume) => setTimeout(resume)),
  });
};
