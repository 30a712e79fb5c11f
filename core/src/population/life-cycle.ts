import { analyseMatrix, generationsOf } from './analysis.ts';
import { entriesOf, projectionMatrix, type BirthKind, type LifeStage, type Rates } from './life-history.ts';

/** One way from a stage to another within a year. */
export interface LifeArc {
  readonly from: LifeStage;
  readonly to: LifeStage;
  /** It lives on and is in that stage at the end of the year, or it brings new ones into it. */
  readonly kind: 'lives' | BirthKind;
  /** Share of those in `from` that live and come to it, 0–1; or new ones of each, from 0 up. */
  readonly number: number;
}

/** A life as a graph, and what it comes to in the long run. */
export interface LifeCycle {
  readonly stages: readonly {
    readonly stage: LifeStage;
    /** Share of those that live and stay in it, 0–1. */
    readonly stays: number;
    /** Of all in the long run, 0–1; sums to 1. */
    readonly standing: number;
    /** What one is worth for the stand to come, that of the first stage that is worth anything being 1. */
    readonly worth: number;
  }[];
  /** Between different stages. */
  readonly arcs: readonly LifeArc[];
  readonly lambda: number;
  readonly dampingRatio: number;
  /** Offspring of a lifetime. */
  readonly netReproduction: number;
  /** Years; `null` where it neither grows nor shrinks. */
  readonly generation: number | null;
}

/**
 * The life-cycle graph of some rates, with λ, stable stages, reproductive values, damping ratio, net reproductive rate and generation time.
 * @throws RangeError where nothing lives on.
 * Source: Caswell, H. (2001), Matrix Population Models, 2nd ed., sections 4.1 (graph), 4.5–4.7, 5.3.4, 5.3.5.
 */
export function lifeCycleOf(rates: Rates): LifeCycle {
  const { stages, survival } = rates;
  const blank = (): number[][] => stages.map(() => stages.map(() => 0));
  const [lived, born] = [blank(), blank()];
  const arcs: LifeArc[] = [];
  for (const { to, from, share, births } of entriesOf(rates)) {
    const lives = survival[from]! * share;
    lived[to]![from] = lives;
    const ends = { from: stages[from]!, to: stages[to]! };
    if (from !== to && lives > 0) arcs.push({ ...ends, kind: 'lives', number: lives });
    for (const b of births) {
      const { kind, number } = rates.births[b]!;
      born[to]![from]! += number;
      if (number > 0) arcs.push({ ...ends, kind, number });
    }
  }
  const { lambda, stableStages, reproductiveValue, dampingRatio } = analyseMatrix(projectionMatrix(rates));
  const { netReproduction, years } = generationsOf(lived, born);
  return {
    stages: stages.map((stage, i) => ({
      stage,
      stays: lived[i]![i]!,
      standing: stableStages[i]!,
      worth: reproductiveValue[i]!,
    })),
    arcs,
    lambda,
    dampingRatio,
    netReproduction,
    generation: years,
  };
}
