// For specs only: outings drawn by seed.
import { chanceOf } from '../random/index.ts';
import type { Outing, Span } from './outing.ts';

const DAY: Span = { from: 0, until: 1440 };

/** Stops in a square of an hour's walk; some are open all day, some two hours, some twice as the tide leaves them. */
export function drawOuting(stops: number, seed: number, over: Partial<Outing> = {}): Outing {
  const { uniform } = chanceOf(seed);
  const between = (low: number, high: number): number => low + Math.floor(uniform() * (high - low + 1));
  const points = Array.from({ length: stops + 2 }, () => [60 * uniform(), 60 * uniform()] as const);
  const openings = (): readonly Span[] => {
    const kind = uniform();
    if (kind < 0.5) return [DAY];
    const from = between(480, 690);
    if (kind < 0.8) return [{ from, until: from + 120 }];
    return [
      { from: from - 60, until: from },
      { from: from + 90, until: from + 150 },
    ];
  };
  return {
    stops: Array.from({ length: stops }, () => ({
      prize: between(1, 10),
      minutes: between(5, 20),
      open: openings(),
    })),
    legs: points.map(([x, y]) => points.map(([u, v]) => Math.round(10 * Math.hypot(x - u, y - v)) / 10)),
    leavesAt: 480,
    backBy: 720,
    ...over,
  };
}
