import type { BatchView } from '@emberfield/contract';
import { learnYield, WORKS_OF, yieldsOf, type LearnedMass, type WorkGuide } from '@emberfield/core/larder';

/** A work of a batch: how it is done, what it is likely to leave, and when it was done. */
export interface WorkRow extends WorkGuide {
  readonly learned: LearnedMass | null;
  readonly done: BatchView['works'];
}

/** The works of a batch's way in order, and what else was done with it; what they leave is learned from all batches of the same part. */
export function workRows(batch: BatchView, all: readonly BatchView[]): readonly WorkRow[] {
  const alike = all.filter((b) => b.plantKey === batch.plantKey && b.body.part === batch.body.part);
  const yields = alike.flatMap(yieldsOf);
  const guides = WORKS_OF[batch.body.way];
  const others = [...new Set(batch.works.map((w) => w.work))].filter((k) => !guides.some((g) => g.work === k));
  return [...guides, ...others.map((work): WorkGuide => ({ work, leaves: null }))].map((guide) => {
    const shares = yields.filter((y) => y.work === guide.work).map((y) => y.share);
    return {
      ...guide,
      learned: learnYield(guide.leaves, shares),
      done: batch.works.filter((w) => w.work === guide.work),
    };
  });
}
