import { createTidePredictor } from '@neaps/tide-predictor';

/** An instant, milliseconds since 1970-01-01T00:00Z. */
export type Instant = number;

/** A part of the tide of one period. */
export interface Constituent {
  /** By its usual name: M2, S2, N2, K1, O1 … */
  readonly name: string;
  readonly amplitudeM: number;
  /** Lag behind the equilibrium tide at Greenwich, degrees. */
  readonly phaseDeg: number;
}
/** High or low water. */
export interface Turn {
  readonly at: Instant;
  readonly levelM: number;
  readonly high: boolean;
}

/** What the tide of a place is told from: its harmonic constituents, or a table of high and low waters. Levels, m above one datum. */
export type TideSource =
  | { readonly kind: 'harmonic'; readonly meanLevelM: number; readonly constituents: readonly Constituent[] }
  | { readonly kind: 'table'; readonly turns: readonly Turn[] };

export interface Span {
  readonly from: Instant;
  readonly to: Instant;
}

const MINUTE_MS = 60_000;
const STEP_MS = 10 * MINUTE_MS;
/** Two turns of a table farther apart than this have one missing between them. */
const LONGEST_BETWEEN_MS = 16 * 60 * MINUTE_MS;

/**
 * High and low waters within a span, in order. `null` where the source does not reach over all of it.
 * Source of the harmonic method: Schureman, P. (1958), Manual of harmonic analysis and prediction of tides, US Coast and Geodetic
 * Survey Special Publication 98; the sum and its nodal corrections are a library's.
 */
export function turnsWithin(source: TideSource, span: Span): readonly Turn[] | null {
  if (source.kind === 'table')
    return told(source.turns, span)?.filter((t) => t.at >= span.from && t.at <= span.to) ?? null;
  return predictorOf(source)
    .getExtremesPrediction({ start: new Date(span.from), end: new Date(span.to) })
    .map(({ time, level, high }) => ({ at: time.getTime(), levelM: level, high }));
}

/**
 * When within a span the water stands at or below a level: crossings between ten-minute steps by a straight line. Between the turns
 * of a table the level runs as half a cosine, as is usual at sea. `null` where the source does not reach over all of the span.
 */
export function lowWaterWithin(source: TideSource, levelM: number, span: Span): readonly Span[] | null {
  const levels = levelsOver(source, span);
  if (!levels) return null;
  const out: { from: Instant; to: Instant }[] = [];
  levels.forEach(({ at, levelM: now }, i) => {
    const before = levels[i - 1];
    const low = now <= levelM;
    const wasLow = before !== undefined && before.levelM <= levelM;
    if (low && !wasLow) out.push({ from: before ? crossing(before, { at, levelM: now }, levelM) : at, to: at });
    else if (!low && wasLow) out.at(-1)!.to = crossing(before, { at, levelM: now }, levelM);
    else if (low) out.at(-1)!.to = at;
  });
  return out;
}

interface Level {
  readonly at: Instant;
  readonly levelM: number;
}

const crossing = (a: Level, b: Level, levelM: number): Instant =>
  Math.round(a.at + ((levelM - a.levelM) / (b.levelM - a.levelM)) * (b.at - a.at));

function levelsOver(source: TideSource, { from, to }: Span): readonly Level[] | null {
  if (source.kind === 'harmonic') {
    return predictorOf(source)
      .getTimelinePrediction({ start: new Date(from), end: new Date(to), timeFidelity: STEP_MS / 1000 })
      .map(({ time, level }) => ({ at: time.getTime(), levelM: level }));
  }
  const turns = told(source.turns, { from, to });
  return (
    turns &&
    Array.from({ length: Math.floor((to - from) / STEP_MS) + 1 }, (_, i) => from + i * STEP_MS).map((at) => {
      const next = turns.findIndex((t) => t.at >= at);
      const [a, b] = [turns[Math.max(0, next - 1)]!, turns[next]!];
      if (b.at === a.at) return { at, levelM: b.levelM };
      const share = (1 - Math.cos((Math.PI * (at - a.at)) / (b.at - a.at))) / 2;
      return { at, levelM: a.levelM + share * (b.levelM - a.levelM) };
    })
  );
}

/** The turns that tell of a span: from the last before it to the first after it, without a gap; `null` where there are none such. */
function told(turns: readonly Turn[], { from, to }: Span): readonly Turn[] | null {
  const first = turns.findLastIndex((t) => t.at <= from);
  const last = turns.findIndex((t) => t.at >= to);
  if (first < 0 || last < 0) return null;
  const own = turns.slice(first, last + 1);
  return own.every((t, i) => i === 0 || t.at - own[i - 1]!.at <= LONGEST_BETWEEN_MS) ? own : null;
}

type Harmonic = Extract<TideSource, { kind: 'harmonic' }>;
const made = new WeakMap<Harmonic, ReturnType<typeof createTidePredictor>>();
function predictorOf(source: Harmonic): ReturnType<typeof createTidePredictor> {
  let predictor = made.get(source);
  if (!predictor) {
    predictor = createTidePredictor(
      source.constituents.map(({ name, amplitudeM, phaseDeg }) => ({ name, amplitude: amplitudeM, phase: phaseDeg })),
      { offset: source.meanLevelM },
    );
    made.set(source, predictor);
  }
  return predictor;
}

/** Parts of spans that lie within another, in order; those shorter than `leastMs` are left out. */
export function within(spans: readonly Span[], { from, to }: Span, leastMs = 0): readonly Span[] {
  return spans
    .map((s) => ({ from: Math.max(s.from, from), to: Math.min(s.to, to) }))
    .filter((s) => s.to - s.from >= Math.max(1, leastMs));
}
