import { isoDay } from '@emberfield/core/measure';
import { weekOf } from '@emberfield/core/supply';
import { plannedKey, type PlannedAt, type PlannedHere } from '../session/planned.ts';
import type { Planned } from './use-season-plan.ts';

const USUAL = 1;
/** A plan by what it sets down at each stand. @param planned `null`: there is none */
export function plannedHere(planned: Planned | null): PlannedHere {
  const found = new Map<string, PlannedAt[]>();
  for (const p of planned?.plan.portions ?? []) {
    const { laid } = planned!;
    const { stand, outlook } = laid.sources[p.source]!;
    const key = plannedKey(stand.id, outlook.part);
    const weeks = p.springs[USUAL]!.map(({ week }) => isoDay(weekOf(laid.task, week).first));
    const at = { amount: p.amount, name: laid.wants[p.want]!.terms.name, weeks };
    found.set(key, [...(found.get(key) ?? []), at]);
  }
  return found;
}
