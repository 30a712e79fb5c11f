// What the season's plan sets down for each part at each stand, for the screens that show stands.
import { shallowRef } from 'vue';

export interface PlannedAt {
  /** In the unit of the part. */
  readonly amount: number;
  readonly name: string;
  /** Mondays of the weeks in which the usual year takes some. */
  readonly weeks: readonly string[];
}
/** By stand and part. */
export type PlannedHere = ReadonlyMap<string, readonly PlannedAt[]>;

const here = shallowRef<PlannedHere>(new Map());
export const plannedKey = (standId: string, part: string): string => `${standId}:${part}`;
/** For a part at a stand; nothing before a plan was made. */
export const plannedAt = (standId: string, part: string): readonly PlannedAt[] =>
  here.value.get(plannedKey(standId, part)) ?? [];
export const setPlanned = (planned: PlannedHere): void => void (here.value = planned);
