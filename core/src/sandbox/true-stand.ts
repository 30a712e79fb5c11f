// A stand of the made-up island as it truly is, and how a year of it goes.
import { yearOf, type DayNumber } from '../measure/index.ts';
import {
  calibrate,
  drawCalibrated,
  isCounted,
  LEAVE_ALONE,
  matrixUnder,
  startOf,
  yearClassesOf,
  type LifeStage,
  type Rates,
  type StandPlan,
} from '../population/index.ts';
import { chanceOf, type Chance } from '../random/index.ts';
import { islandWeather, seedOf, trueStageDays, type TrueDay } from '../truth/index.ts';
import { historyOf, type SandboxKind } from './kinds.ts';

/** The first year that is played; the year before it is in the notebook. */
export const SANDBOX_FIRST_YEAR = 2031;
export const SANDBOX_MOST_YEARS = 8;

export interface TrueStand {
  readonly kind: SandboxKind;
  readonly rates: Rates;
  /** By stage, whole ones. */
  readonly plants: readonly number[];
  /** Counted plants that the place carries. */
  readonly capacity: number;
  readonly name: string;
}

/** How far the young of a stand may lie from what is usual of its kind, on the log scale (an estimate): the truth need not be what is expected. */
const OWN_WAY = 0.12;

/** A stand of a game, drawn. How it lives is drawn from what is known of its kind and then moved; its dates go by another mechanism than the forecaster's. */
export function drawStand(kind: SandboxKind, seed: number): TrueStand {
  const name = `${seed}/${kind.plant}`;
  const chance = chanceOf(seedOf('sandbox', name));
  const rates = moved(drawCalibrated(calibrate(historyOf(kind), null), chance), OWN_WAY * chance.normal());
  const [fewest, most] = kind.plants;
  const counted = Math.round(fewest * (most / fewest) ** chance.uniform());
  return {
    ...{ kind, rates, name, capacity: counted * kind.room },
    plants: startOf(rates, counted).map((n) => wholeOf(n, chance)),
  };
}

/** Fewer or more of every new plant: e.g. 0.1 is a tenth more. */
const moved = (rates: Rates, by: number): Rates => ({
  ...rates,
  births: rates.births.map((b) => ({ ...b, number: b.number * Math.exp(by) })),
});

const wholeOf = (n: number, { uniform }: Pick<Chance, 'uniform'>): number => Math.floor(n + uniform());

export const countedIn = ({ rates, plants }: Pick<TrueStand, 'rates' | 'plants'>): number =>
  plants.reduce((sum, n, i) => sum + (isCounted(rates.stages[i]!) ? n : 0), 0);
/** Plants that the part is taken from. */
export const takenFromIn = ({ kind, rates, plants }: TrueStand): number =>
  plants.reduce((sum, n, i) => sum + (kind.from.includes(rates.stages[i]!) ? n : 0), 0);

/** What is done to a stand in a year. @param touched plants @param sown hours of putting back */
export function planOf(stand: TrueStand, touched: number, sown: number, years = 1): StandPlan {
  const { from, effect, sows } = stand.kind;
  const there = takenFromIn(stand);
  return {
    ...LEAVE_ALONE,
    ...{ stages: from, effect, share: there > 0 ? Math.min(1, touched / there) : 0 },
    planted: sown > 0 ? { stage: sows.stage, number: sown * sows.number, years } : null,
  };
}

/** The stand a year on: a good or bad year for all of it, and whole plants. */
export function nextYear(stand: TrueStand, plan: StandPlan, year: number): TrueStand {
  const { rates, plants, kind, name, capacity } = stand;
  const chance = chanceOf(seedOf('sandbox-year', name, year));
  const { count, survival, births } = yearClassesOf(rates, historyOf(kind).years);
  const c = Math.floor(chance.uniform() * count);
  const ofYear: Rates = {
    ...rates,
    survival: survival.map((s) => s[c]!),
    births: rates.births.map((b, i) => ({ ...b, number: births[i]![c]! })),
  };
  const planted = (stage: LifeStage): number => (plan.planted?.stage === stage ? plan.planted.number : 0);
  const grown = matrixUnder(ofYear, plan).map(
    (row, to) => row.reduce((sum, m, from) => sum + m * plants[from]!, 0) + planted(rates.stages[to]!),
  );
  const room = Math.min(1, capacity / Math.max(1, countedIn({ rates, plants: grown })));
  return { ...stand, plants: grown.map((n, i) => wholeOf(isCounted(rates.stages[i]!) ? n * room : n, chance)) };
}

/** Of one game, the last that was asked: the same is asked over and over when it is played again from its start. */
const known = { seed: NaN, weather: [] as readonly TrueDay[], days: new Map<string, ReadonlyMap<string, DayNumber>>() };
function ofGame(seed: number): typeof known {
  if (known.seed === seed) return known;
  known.seed = seed;
  // Stages of a year may come in the next, and its winter begins in the one before.
  known.weather = islandWeather(seed, SANDBOX_FIRST_YEAR - 2, SANDBOX_FIRST_YEAR + SANDBOX_MOST_YEARS + 1);
  known.days.clear();
  return known;
}

/** The true day of each stage in a year. */
export function stageDaysOf({ kind, name }: TrueStand, seed: number, year: number): ReadonlyMap<string, DayNumber> {
  const { weather, days } = ofGame(seed);
  const key = `${name}/${year}`;
  const before = days.get(key);
  if (before) return before;
  const made = trueStageDays(kind.plant, { standName: name, heightM: kind.heightM }, year, weather);
  days.set(key, made);
  return made;
}

/** The furthest stage that a stand has reached on a day; `null`: none yet this year. */
export function stageOn(stand: TrueStand, seed: number, day: DayNumber): string | null {
  const reached = [...stageDaysOf(stand, seed, yearOf(day))].filter(([, at]) => at <= day);
  return reached.sort(([, a], [, b]) => a - b).at(-1)?.[0] ?? null;
}
