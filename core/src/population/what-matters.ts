import { analyseMatrix } from './analysis.ts';
import { entriesOf, projectionMatrix, type BirthKind, type LifeStage, type Rates } from './life-history.ts';

/** What the growth of a stand hangs on, and by which share. */
export type Matters =
  | { readonly kind: 'survival'; readonly stage: LifeStage; readonly share: number }
  | { readonly kind: 'birth'; readonly birth: BirthKind; readonly share: number };

/**
 * Elasticities of λ to the survival of each stage and to births of each kind, largest first. They sum to 1: where "plants in flower living on" is
 * 0.5, a tenth more of them brings a twentieth more growth. Shares of moves are no rates of their own here.
 * Source: Caswell, H. (2001), Matrix Population Models, 2nd ed., section 9.2.3, on lower-level parameters.
 */
export function whatMatters(rates: Rates): readonly Matters[] {
  const { lambda, sensitivity } = analyseMatrix(projectionMatrix(rates));
  const survival = rates.stages.map(() => 0);
  const births: Record<BirthKind, number> = { seed: 0, offset: 0 };
  for (const { to, from, share, births: of } of entriesOf(rates)) {
    const s = sensitivity[to]![from]! / lambda;
    survival[from]! += s * rates.survival[from]! * share;
    for (const b of of) births[rates.births[b]!.kind] += s * rates.births[b]!.number;
  }
  return [
    ...survival.map((share, i): Matters => ({ kind: 'survival', stage: rates.stages[i]!, share })),
    ...Object.entries(births).map(([birth, share]): Matters => ({ kind: 'birth', birth: birth as BirthKind, share })),
  ]
    .filter((m) => m.share > 0)
    .sort((a, b) => b.share - a.share);
}
