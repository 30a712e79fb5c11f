import type { ProofTrial, StandProof } from '@emberfield/contract';

export interface MissMark {
  readonly trial: ProofTrial;
  readonly by: 'forecast' | 'lastYear';
  /** Where it stands: −1 and 1 are the ends of the scale, 0 is the day it came. */
  readonly at: number;
  /** Further off than the scale reaches. */
  readonly beyond: boolean;
}
interface MissRow {
  readonly stage: string;
  readonly stageName: ProofTrial['stageName'];
  readonly marks: readonly MissMark[];
}
export interface MissPlot {
  /** Days from the middle to either end. */
  readonly reach: number;
  readonly rows: readonly MissRow[];
}

/** The scale holds all but wild misses. */
const LEAST_REACH_DAYS = 7;
const MOST_REACH_DAYS = 28;

/** Days off by stage, in the order that the stages first come in; only what was foreseen stands in it. */
export function missPlot({ trials }: Pick<StandProof, 'trials'>): MissPlot {
  const known = trials.filter((t) => t.miss !== null);
  const misses = known.flatMap((t) => [t.miss!, t.lastYearMiss ?? 0].map(Math.abs));
  const reach = Math.min(MOST_REACH_DAYS, Math.max(LEAST_REACH_DAYS, ...misses));
  const mark = (trial: ProofTrial, by: MissMark['by'], miss: number): MissMark => ({
    trial,
    by,
    at: Math.max(-1, Math.min(1, miss / reach)),
    beyond: Math.abs(miss) > reach,
  });
  const rows = new Map<string, MissRow>();
  for (const t of known) {
    const row = rows.get(t.stage) ?? { stage: t.stage, stageName: t.stageName, marks: [] };
    const marks = [
      ...row.marks,
      ...(t.lastYearMiss === null ? [] : [mark(t, 'lastYear', t.lastYearMiss)]),
      mark(t, 'forecast', t.miss!),
    ];
    rows.set(t.stage, { ...row, marks });
  }
  return { reach, rows: [...rows.values()] };
}
