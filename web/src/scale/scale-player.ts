// A stand-in for a scale: says a line a third of a second, wavering while what lies on it is new.
import type { ScaleSource } from './scale.ts';
import { readScaleLine } from './scale-line.ts';

export interface ScalePlayer {
  readonly source: ScaleSource;
  /** What lies on it, g. */
  readonly put: (massG: number) => void;
}
const TICK_MS = 300;
/** For so many lines after something was put on it, it is not at rest. */
const SETTLES = 3;
const WAVERS_G = 6;

export function scalePlayer(): ScalePlayer {
  let [massG, restless] = [0, 0];
  return {
    put: (next) => {
      massG = next;
      restless = SETTLES;
    },
    source: (told) => {
      const say = (): void => {
        const off = restless > 0 ? (restless % 2 === 0 ? WAVERS_G : -WAVERS_G) : 0;
        const line = `${restless > 0 ? 'US' : 'ST'},GS,${(Math.max(0, massG + off) / 1000).toFixed(3)}kg`;
        restless = Math.max(0, restless - 1);
        told(readScaleLine(line)!);
      };
      const timer = setInterval(say, TICK_MS);
      say();
      return { stop: () => clearInterval(timer) };
    },
  };
}
