// Why a want cannot be met: the plan made again with one limit lifted.
import { planSeason, type SeasonPlan, type Solver } from './plan.ts';
import { givesOf, wantedInAll } from './programme.ts';
import type { SeasonTask } from './season.ts';

/** What holds a want back. */
export type Limit =
  | { readonly kind: 'left'; readonly source: number }
  /** Nothing may be taken there now: it rests, or is barred. */
  | { readonly kind: 'barred'; readonly source: number }
  | { readonly kind: 'shared'; readonly name: string }
  | { readonly kind: 'time' };

export interface Lifted {
  readonly limit: Limit;
  /** So much less would be missing without it, in the measure of the want. */
  readonly gain: number;
}

/** A gain of less than this share of the want is not worth a word. */
const WORTH_SAYING = 0.01;
const FULL = 1e-4;

/** Limits that are reached and touch a want: each is worth a try. */
function limitsOf(task: SeasonTask, plan: SeasonPlan, want: number): readonly Limit[] {
  const whats = new Set(task.wants[want]!.of.map((o) => o.what));
  const serves = task.sources.flatMap((s, i) => (whats.has(s.what) ? [i] : []));
  const used = (holds: (source: number) => boolean): number =>
    plan.portions.reduce((sum, p) => sum + (holds(p.source) ? p.amount : 0), 0);
  const isFull = (amount: number, limit: number, whole: boolean): boolean =>
    amount >= limit - (whole ? 1 : 0) - FULL * Math.max(1, limit);
  const own = serves.flatMap((i): readonly Limit[] => {
    const s = task.sources[i]!;
    if (s.left === 0) return (s.unbarred ?? 0) > 0 ? [{ kind: 'barred', source: i }] : [];
    return s.left < Infinity &&
      isFull(
        used((k) => k === i),
        s.left,
        s.whole,
      )
      ? [{ kind: 'left', source: i }]
      : [];
  });
  const names = new Set(serves.flatMap((i) => task.sources[i]!.shares));
  const shared = [...names].flatMap((name): readonly Limit[] =>
    isFull(
      used((k) => task.sources[k]!.shares.includes(name)),
      task.shared.get(name) ?? Infinity,
      true,
    )
      ? [{ kind: 'shared', name }]
      : [],
  );
  return [...own, ...shared, ...(task.minutesPerWeek < Infinity ? [{ kind: 'time' } as const] : [])];
}

/** The task without one of its limits; a stand that is barred gives what it would give if it were not. */
function without(task: SeasonTask, limit: Limit): SeasonTask {
  if (limit.kind === 'time') return { ...task, minutesPerWeek: Infinity };
  if (limit.kind === 'shared')
    return { ...task, shared: new Map([...task.shared].filter(([name]) => name !== limit.name)) };
  const sources = task.sources.map((s, i) => {
    if (i !== limit.source) return s;
    return { ...s, left: limit.kind === 'left' ? Infinity : (s.unbarred ?? 0) };
  });
  return { ...task, sources };
}

/** What holds a want back, what frees most first. Each limit is lifted by itself: two that hold together free nothing singly. */
export function* heldBackBy(task: SeasonTask, plan: SeasonPlan, want: number, solve: Solver): Generator<Lifted, void> {
  for (const limit of limitsOf(task, plan, want)) {
    const freed = planSeason(without(task, limit), solve);
    if (!freed) continue;
    const gain = plan.wants[want]!.expectedMissing - freed.wants[want]!.expectedMissing;
    if (gain > WORTH_SAYING * wantedInAll(task, want)) yield { limit, gain };
  }
}

/** A stand that is not there, like the best of those that are. */
export interface Further {
  /** Plants that would have to stand there. */
  readonly plants: number;
  /** What would be missing still, in the measure of the want. */
  readonly missing: number;
}

/**
 * What one more stand would do: the plan made again with another beside the best of those that were counted, under the same shared limits and in the same
 * days, and as large as is needed.
 * @param standing plants that stand at each source; `null`: nobody counted them
 * @returns `null` where no stand of it was counted, or another would change nothing worth a word
 */
export function furtherStand(
  task: SeasonTask,
  plan: SeasonPlan,
  { want, standing }: { readonly want: number; readonly standing: readonly (number | null)[] },
  solve: Solver,
): Further | null {
  const bearing = task.sources.map((s, source) => {
    const plants = standing[source] ?? 0;
    const bears = Math.max(s.left === Infinity ? 0 : s.left, s.unbarred ?? 0);
    const serves = task.wants[want]!.of.some((o) => o.what === s.what);
    return serves && plants > 0 ? (bears / plants) * givesOf(task, { source, want }) : 0;
  });
  const best = bearing.indexOf(Math.max(0, ...bearing));
  if (best < 0 || !bearing[best]) return null;
  const like = { ...task.sources[best]!, id: `${task.sources[best]!.id}:further`, left: Infinity, unbarred: null };
  const freed = planSeason({ ...task, sources: [...task.sources, like] }, solve);
  const missing = freed?.wants[want]!.expectedMissing ?? Infinity;
  if (!(plan.wants[want]!.expectedMissing - missing > WORTH_SAYING * wantedInAll(task, want))) return null;
  const taken = freed!.portions.find((p) => p.source === task.sources.length && p.want === want)?.amount ?? 0;
  const gives = taken * givesOf(task, { source: best, want });
  return { plants: Math.ceil(gives / bearing[best] - FULL), missing };
}
