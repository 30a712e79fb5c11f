// How things are kept: what is known of it before, and what speaks for mould.
import { dayNumber, isoDay, type Figure, type IsoDay } from '../measure/index.ts';
import type { PartKey } from '../plants/index.ts';
import type { DryingPrior } from './drying.ts';

export const KEEPING_WAYS = [
  'fresh',
  'dry',
  'freeze',
  'pickle',
  'infuse',
  'syrup',
  'waters',
  'leach',
  'flour',
  'starch',
  'roast',
  'pollen',
  'seed',
  'fibre',
  'dye',
  'brew',
  'tincture',
  'other',
] as const;
export type KeepingWay = (typeof KEEPING_WAYS)[number];
/** What is something else from then on, and no more the part that was taken. */
export const MADE_INTO: readonly KeepingWay[] = [
  'infuse',
  'syrup',
  'leach',
  'flour',
  'starch',
  'dye',
  'brew',
  'tincture',
];
/** Hung in bundles, or laid out on a mesh. */
export const DRYING_FORMS = ['bundle', 'mesh'] as const;
export type DryingForm = (typeof DRYING_FORMS)[number];

/** Days that it stays good, as people keep it. All are estimates, and none of them says that anything is good still. */
const GOOD_DAYS: Readonly<Record<KeepingWay, number | null>> = {
  fresh: 3,
  dry: 365,
  freeze: 300,
  pickle: 365,
  infuse: 365,
  syrup: 365,
  waters: 3,
  leach: 180,
  flour: 365,
  starch: 730,
  roast: 180,
  pollen: 180,
  seed: 365,
  // Not for eating, or nobody can say how long: by what is in it, and how strong.
  fibre: null,
  dye: null,
  brew: null,
  tincture: null,
  other: null,
};
/** The day by which it should be used; `null`: nobody says. */
export function bestBefore(way: KeepingWay, from: IsoDay): IsoDay | null {
  const days = GOOD_DAYS[way];
  return days === null ? null : isoDay(dayNumber(from) + days);
}

const estimate = (value: number, low: number, high: number): Figure => ({ value, low, high, source: 'estimate' });
/** What is left of the fresh mass, by part: leaves are mostly water, seeds are not. */
const FINAL_SHARES: Partial<Record<PartKey, Figure>> = {
  flower: estimate(0.2, 0.12, 0.32),
  fruit: estimate(0.2, 0.12, 0.35),
  fruitBody: estimate(0.11, 0.07, 0.17),
  root: estimate(0.3, 0.2, 0.42),
  bark: estimate(0.5, 0.38, 0.62),
  seed: estimate(0.7, 0.5, 0.88),
  pollen: estimate(0.7, 0.5, 0.88),
  fibre: estimate(0.35, 0.2, 0.5),
};
const LEAFY = estimate(0.2, 0.12, 0.32);
/** Of the fresh mass of a part, what is left when it is dry. */
export const dryShareOf = (part: PartKey): Figure => FINAL_SHARES[part] ?? LEAFY;
/** Hours in a room of 55 % humidity. */
const HOURS: Readonly<Record<DryingForm, readonly [number, number, number]>> = {
  bundle: [130, 55, 300],
  mesh: [65, 26, 160],
};
const USUAL_HUMIDITY = 55;
/** Beyond this nothing dries any more. */
const MOST_HUMIDITY = 92;

/**
 * What is known of drying a part before it was weighed: water leaves in proportion to what the air still takes up (Dalton 1802).
 * @param humidityPct of the room, 0–100; `null`: nobody said, and it is taken as usual.
 */
export function dryingPrior(part: PartKey, form: DryingForm, humidityPct: number | null): DryingPrior {
  const air = Math.min(MOST_HUMIDITY, humidityPct ?? USUAL_HUMIDITY);
  const slower = (100 - USUAL_HUMIDITY) / (100 - air);
  const [value, low, high] = HOURS[form].map((h) => h * slower) as [number, number, number];
  return { finalShare: dryShareOf(part), dryHours: estimate(value, low, high) };
}

/** What speaks for mould, as codes. */
type MouldSign = 'humid' | 'veryHumid' | 'thick' | 'veryThick' | 'slow';
export interface MouldRisk {
  readonly level: 'low' | 'some' | 'high';
  readonly signs: readonly MouldSign[];
}
const [HUMID, VERY_HUMID] = [65, 78];
/** Across a bundle, or deep as it lies, cm. */
const THICK_CM: Readonly<Record<DryingForm, readonly [number, number]>> = { bundle: [3, 5], mesh: [2, 4] };
/** Still half of its water after three days. */
const [SLOW_HOURS, SLOW_SHARE] = [72, 0.5];

/**
 * Whether something that dries may mould. Thresholds are estimates; *low* does not say that it will not.
 * @param waterLeftShare of the water that goes, what has not gone yet, 0–1, after so many hours; `null`: nobody weighed it.
 */
export function mouldRisk({
  form,
  acrossCm,
  humidityPct,
  hours,
  waterLeftShare,
}: {
  readonly form: DryingForm;
  readonly acrossCm: number | null;
  readonly humidityPct: number | null;
  readonly hours: number;
  readonly waterLeftShare: number | null;
}): MouldRisk {
  const [thick, veryThick] = THICK_CM[form];
  const signs: readonly MouldSign[] = [
    ...graded(humidityPct, [HUMID, 'humid'], [VERY_HUMID, 'veryHumid']),
    ...graded(acrossCm, [thick, 'thick'], [veryThick, 'veryThick']),
    ...(hours >= SLOW_HOURS && (waterLeftShare ?? 0) >= SLOW_SHARE ? (['slow'] as const) : []),
  ];
  const points = signs.reduce((sum, s) => sum + (s.startsWith('very') ? 2 : 1), 0);
  return { level: points >= 3 ? 'high' : points > 0 ? 'some' : 'low', signs };
}

function graded(
  value: number | null,
  [at, sign]: readonly [number, MouldSign],
  [above, more]: readonly [number, MouldSign],
): readonly MouldSign[] {
  if (value === null || value < at) return [];
  return [value >= above ? more : sign];
}
