// What was left of something by each work, told by its weighings, and what that says of the next.
import type { Figure } from '../measure/index.ts';
import type { Batch } from './batch.ts';
import { learnUnitMass, type LearnedMass } from './unit-mass.ts';
import type { Work } from './works.ts';

/** A work of which before and after were weighed. */
export interface Yielded {
  readonly work: Work;
  /** What was left of it, above 0. */
  readonly share: number;
}

/** Of a batch, what was left by each work that was weighed, where what was there before it is known too. */
export function yieldsOf({ body, works }: Pick<Batch, 'body' | 'works'>): readonly Yielded[] {
  let before = body.massG;
  return works.flatMap(({ work, massG }) => {
    const there = before;
    // What was not weighed after a work is not known any more.
    before = massG ?? (LEAVES_MASS_AS_IT_IS.includes(work) ? there : null);
    return massG !== null && massG > 0 && there !== null && there > 0 ? [{ work, share: massG / there }] : [];
  });
}
/** It lies, or is looked at: nothing of it goes. */
const LEAVES_MASS_AS_IT_IS: readonly Work[] = ['tested', 'inSaltWater'];

/**
 * What a work leaves, learned as the mass of a unit is: by what is usual, and by what was weighed.
 * @param shares of the same work on the same part. @returns `null` where nothing is known of it
 */
export const learnYield = (usual: Figure | null, shares: readonly number[]): LearnedMass | null =>
  learnUnitMass(
    usual,
    shares.map((share) => ({ massG: share, amount: 1, washed: false })),
  );
