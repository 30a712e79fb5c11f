// What becomes of each stage in each class of year, with what taking does before it.
import { entriesOf, type Rates } from './life-history.ts';
import type { StandPlan, takingFactors } from './plan.ts';
import { fatesOf, type Fated, type StageFate } from './single-plants.ts';
import type { YearClasses } from './years.ts';

/** What a stage gets of another, by class of year. */
export interface Source {
  readonly from: number;
  readonly value: Float64Array;
}

/** By stage: what it comes of. */
export type Sources = readonly (readonly Source[])[];

export interface Table {
  readonly sources: Sources;
  /** The same plant by plant; `null` where single plants have no luck of their own. */
  readonly fates: readonly StageFate[] | null;
}

type Playable = { readonly rates: Rates; readonly years: YearClasses; readonly plan: StandPlan };

/** The matrices of all classes of years with what taking does before the year begins. */
export function tableOf(
  { singly = false, ...model }: Playable & { readonly singly?: boolean },
  factors: ReturnType<typeof takingFactors>,
): Table {
  const all = fatedBy(model, factors);
  return {
    sources: model.rates.stages.map((_, to) =>
      all
        .filter((p) => p.to === to)
        .map(({ from, lives, young }) => ({ from, value: lives.map((p, c) => p + young[c]!) })),
    ),
    fates: singly ? fatesOf(all) : null,
  };
}

/** By class of year, of each stage that comes of another: who lives on into it, and what is born into it. */
function fatedBy({ rates, years, plan }: Playable, factors: ReturnType<typeof takingFactors>): readonly Fated[] {
  const places = new Map<string, Fated>();
  const placeOf = (to: number, from: number): Fated => {
    const key = `${to} ${from}`;
    const none = (): Float64Array => new Float64Array(years.count);
    const place = places.get(key) ?? { to, from, lives: none(), young: none() };
    places.set(key, place);
    return place;
  };
  const { stays, seed, survival, back, touched } = factors;
  for (const { to, from, share, births } of entriesOf(rates)) {
    const add = (of: number, weight: number, lost: { readonly survival: number; readonly seed: number }): void => {
      const { lives, young } = placeOf(to, of);
      for (let c = 0; c < years.count; c++) {
        lives[c]! += weight * lost.survival * years.survival[from]![c]! * share;
        for (const b of births)
          young[c]! += weight * years.births[b]![c]! * (rates.births[b]!.kind === 'seed' ? lost.seed : 1);
      }
    };
    add(from, stays[from]!, { survival: survival[from]!, seed: seed[from]! });
    // Those that are set back live on as plants of the stage before.
    const next = from + 1;
    if (next < rates.stages.length && back[next]! > 0) add(next, back[next]!, { survival: 1, seed: 1 });
  }
  const { setBack } = plan;
  if (setBack)
    for (const [from, share] of touched.entries())
      if (share > 0) {
        const { young } = placeOf(rates.stages.indexOf(setBack.stage), from);
        young.forEach((n, c) => (young[c] = n + share * setBack.perTouched));
      }
  return [...places.values()];
}
