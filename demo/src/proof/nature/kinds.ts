import type { Mechanism } from './mechanisms.ts';

export interface NaturalStage {
  readonly key: string;
  /** Usual day of the year by the station. */
  readonly usualDay: number;
  readonly mechanism: Mechanism;
}

const all = (mechanism: Mechanism, ...days: readonly number[]): readonly NaturalStage[] =>
  days.map((usualDay, i) => ({ key: `s${i + 1}`, usualDay, mechanism }));

/** Kinds of plants that nobody has tabulated; named by what drives them. */
export const KINDS: Readonly<Record<string, readonly NaturalStage[]>> = {
  'long-days': all('photothermal', 78, 105, 130, 155, 200),
  'cold-winters': all('chillAndForcing', 72, 94, 112, 142, 176),
  'two-phases': all('twoPhases', 92, 118, 146, 172, 198),
  ground: all('soilWarmth', 72, 92, 114, 142, 184),
  gated: all('gatedAndCapped', 104, 128, 148, 172, 208),
  slow: all('slow', 42, 62, 80, 102, 132),
  root: [...all('photothermal', 98, 138, 196), ...all('coolAndDark', 272, 302)].map((s, i) => ({
    ...s,
    key: `s${i + 1}`,
  })),
  rains: all('rain', 248, 258, 272, 290, 312),
};
