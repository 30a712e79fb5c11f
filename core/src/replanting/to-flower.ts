import type { LifeStage, Rates } from '../population/index.ts';

/** The stage in which a life bears: flowering where it has one, else its last. */
const bearingStage = (stages: readonly LifeStage[]): LifeStage =>
  stages.includes('flowering') ? 'flowering' : stages[stages.length - 1]!;

/**
 * Chance of a plant of each stage to come to flower once in its life (0–1, in the order of the stages): the absorption probabilities of the chain of its
 * stages with flowering as the end, found by going backwards until nothing changes.
 * Source: Caswell, H. (2001), Matrix Population Models, 2nd ed., section 5.1, on absorbing chains.
 */
export function chanceToFlower({ stages, survival, moves }: Rates): readonly number[] {
  const end = stages.indexOf(bearingStage(stages));
  let chance: readonly number[] = stages.map((_, i) => (i === end ? 1 : 0));
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const next = stages.map((_, i) => {
      if (i === end) return 1;
      const own = moves.filter((m) => m.from === i);
      const leaving = own.reduce((sum, m) => sum + m.share, 0);
      const moved = own.reduce((sum, m) => sum + m.share * chance[m.to]!, 0);
      return survival[i]! * (moved + Math.max(0, 1 - leaving) * chance[i]!);
    });
    const change = Math.max(...next.map((x, i) => Math.abs(x - chance[i]!)));
    chance = next;
    if (change < 1e-12) break;
  }
  return chance;
}
const MOST_ROUNDS = 10_000;

/**
 * Years from a stage until half of those that come to flower have, in mean years; 0 where it bears already, `null` where none of it ever does.
 */
export function yearsToFlower(rates: Rates, stage: LifeStage): number | null {
  const { stages, survival, moves } = rates;
  const end = stages.indexOf(bearingStage(stages));
  const from = stages.indexOf(stage);
  if (from === end) return 0;
  const half = chanceToFlower(rates)[from]! / 2;
  if (!(half > 0)) return null;
  let now: readonly number[] = stages.map((_, i) => (i === from ? 1 : 0));
  for (let year = 1; year <= MOST_ROUNDS; year++) {
    const next: number[] = stages.map(() => 0);
    next[end] = now[end]!;
    for (const [i, share] of now.entries()) {
      if (i === end) continue;
      const own = moves.filter((m) => m.from === i);
      for (const m of own) next[m.to]! += share * survival[i]! * m.share;
      next[i]! += share * survival[i]! * Math.max(0, 1 - own.reduce((sum, m) => sum + m.share, 0));
    }
    now = next;
    if (now[end]! >= half) return year;
  }
  return null;
}
