import { dayNumber } from '@emberfield/core/measure';
import type { RibbonStroke } from '@emberfield/contract';
import { strokeDays, strokeShape, type StrokeShape } from './stroke-path.ts';

export interface LaidStroke {
  readonly shape: StrokeShape;
  readonly leafy: boolean;
  /** Where look-alikes can be told apart, on the same scale; `null` where they always can. */
  readonly clearFrom: number | null;
}

const TOP = 4;
const LANE_HEIGHT = 8;
const STROKE_HEIGHT = 5.5;
/** Below the lanes stand the names of the months, px. */
const FOOT = 16;
/** Lanes that have room in a strip of so many pixels. */
export const lanesIn = (height: number): number => Math.max(1, Math.floor((height - TOP - FOOT) / LANE_HEIGHT));
/** Between two strokes of a lane stay so many days. */
const GAP_DAYS = 6;

/**
 * Lays the year's windows into a few lanes without overlap; windows of the same plant and part at several stands are
 * shown once, by the earliest. What finds no room is left out: the strip shows the year's shape, the lists show all.
 */
export function lanesFor(
  strokes: readonly RibbonStroke[],
  frame: { readonly first: number; readonly last: number; readonly width: number; readonly lanes: number },
): readonly LaidStroke[] {
  const seen = new Set<string>();
  const laneEnds = Array.from({ length: frame.lanes }, () => -Infinity);
  const out: LaidStroke[] = [];
  const dated = strokes
    .flatMap((s) => {
      const days = strokeDays(s.opens, s.closes, dayNumber, frame.last + 60);
      return days ? [{ ...s, days }] : [];
    })
    .sort((a, b) => a.days.earliest - b.days.earliest);
  for (const s of dated) {
    const name = `${JSON.stringify(s.label)}:${s.part}:${Math.round(s.days.opens / 40)}`;
    if (seen.has(name)) continue;
    const lane = laneEnds.findIndex((end) => end + GAP_DAYS < s.days.earliest);
    if (lane < 0) continue;
    const shape = strokeShape(s.days, { ...frame, y: TOP + lane * LANE_HEIGHT, height: STROKE_HEIGHT });
    if (!shape) continue;
    seen.add(name);
    laneEnds[lane] = s.days.latest;
    const clear = s.separable?.p50 ? dayNumber(s.separable.p50) : null;
    const x = clear === null ? null : ((clear - frame.first) / (frame.last - frame.first)) * frame.width;
    out.push({ shape, leafy: s.leafy, clearFrom: x !== null && x > shape.from ? Math.min(x, shape.to) : null });
  }
  return out;
}
