import { dayNumber } from '@emberfield/core/measure';
import type { LadderSeason } from '@emberfield/contract';

interface LadderPoint {
  readonly x: number;
  readonly y: number;
  readonly low: number;
  readonly high: number;
  readonly seen: boolean;
}
export interface LadderLayout {
  readonly first: number;
  readonly last: number;
  readonly x: (day: number) => number;
  readonly y: (stageIndex: number) => number;
  readonly now: readonly LadderPoint[];
  readonly past: readonly {
    readonly season: number;
    readonly points: readonly { readonly x: number; readonly y: number }[];
  }[];
  readonly band: string;
}

const LEAST_LEFT = 90;
const MOST_LEFT = 240;
const CHARACTER_WIDTH = 6.7;
/** Room for the stages' names, by the longest of them. */
export const roomForNames = (names: readonly string[]): number =>
  Math.min(MOST_LEFT, Math.max(LEAST_LEFT, ...names.map((n) => n.length * CHARACTER_WIDTH + 22)));
const TOP = 34;
const BOTTOM = 26;
const MARGIN_DAYS = 14;
const NOTED_MARGIN_DAYS = 4;
const DAYS_A_YEAR = 365.25;

/** Where everything of the stage ladder stands: stages up the side, days along, past seasons laid over by their year. */
export function ladderLayout({
  season,
  past,
  width,
  height,
  left,
  noted = [],
}: {
  /** Days that must be in sight besides: what was noted. */
  readonly noted?: readonly number[];
  readonly left: number;
  readonly season: LadderSeason;
  readonly past: readonly LadderSeason[];
  readonly width: number;
  readonly height: number;
}): LadderLayout {
  const all = season.stages.flatMap(({ reached: { p10, p50, p90 } }) =>
    [p10, p50, p90].flatMap((d) => (d === null ? [] : [dayNumber(d)])),
  );
  const first = Math.min(Math.min(...all, Infinity) - MARGIN_DAYS, Math.min(...noted, Infinity) - NOTED_MARGIN_DAYS);
  const last = Math.max(...all, -Infinity) + MARGIN_DAYS * 2;
  const x = (day: number): number => left + ((day - first) / (last - first)) * (width - left - 12);
  const rungs = Math.max(1, season.stages.length - 1);
  const y = (i: number): number => height - BOTTOM - (i / rungs) * (height - TOP - BOTTOM);
  const now = season.stages.flatMap((s, i): LadderPoint[] => {
    const { p10, p50, p90 } = s.reached;
    if (p50 === null) return [];
    return [
      {
        x: x(dayNumber(p50)),
        y: y(i),
        low: x(dayNumber(p10 ?? p50)),
        high: x(dayNumber(p90 ?? p50)),
        seen: s.seenBy !== null,
      },
    ];
  });
  const shown = past.map((p) => ({
    season: p.season,
    points: p.stages.flatMap((s, i) =>
      s.reached.p50 === null
        ? []
        : [{ x: x(dayNumber(s.reached.p50) + Math.round((season.season - p.season) * DAYS_A_YEAR)), y: y(i) }],
    ),
  }));
  const band =
    now.length < 2
      ? ''
      : `M${now.map((p) => `${p.low} ${p.y}`).join('L')}L${[...now]
          .reverse()
          .map((p) => `${p.high} ${p.y}`)
          .join('L')}Z`;
  return { first, last, x, y, now, past: shown, band };
}
