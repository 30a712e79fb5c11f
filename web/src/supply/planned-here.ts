// What the season's plan sets down for each part at each stand, for the screens that show stands.
import { shallowRef } from 'vue';
import { isoDay } from '@emberfield/core/measure';
import { weekOf } from '@emberfield/core/supply';
import type { Planned } from './use-season-plan.ts';

export interface PlannedAt {
  /** In the unit of the part. */
  readonly amount: number;
  readonly name: string;
  /** Mondays of the weeks in which the usual year takes some. */
  readonly weeks: readonly string[];
}

const here = shallowRef<ReadonlyMap<string, readonly PlannedAt[]>>(new Map());

/** For a part at a stand; nothing before a plan was made. */
export const plannedAt = (standId: string, part: string): readonly PlannedAt[] =>
  here.value.get(`${standId}:${part}`) ?? [];

const USUAL = 1;
/** @param planned `null`: there is none any more */
export function setPlanned(planned: Planned | null): void {
  const found = new Map<string, PlannedAt[]>();
  for (const p of planned?.plan.portions ?? []) {
    const { laid } = planned!;
    const { stand, outlook } = laid.sources[p.source]!;
    const key = `${stand.id}:${outlook.part}`;
    const weeks = p.springs[USUAL]!.map(({ week }) => isoDay(weekOf(laid.task, week).first));
    const at = { amount: p.amount, name: laid.wants[p.want]!.terms.name, weeks };
    found.set(key, [...(found.get(key) ?? []), at]);
  }
  here.value = found;
}
