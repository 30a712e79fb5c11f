import type { PoisonView } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import type { Nearby } from '@emberfield/core/stand';
import type { Dependencies } from '../../dependencies.ts';
import { patchById, seesExactly } from '../../patches/index.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { commonsOf } from './group-commons.ts';
import { nearbyOf } from './poison.ts';

/** What was seen in a place and close by it, each plant once, the last time first. */
export async function poisonAt(
  deps: Dependencies,
  { group, params }: GroupContext<null>,
): Promise<readonly PoisonView[]> {
  const patch = await patchById(deps.db, group.id, params['patchId']!);
  if (!patch) throw notFound('patch');
  const { poison } = await commonsOf(deps, group);
  const seen = nearbyOf(
    poison,
    { patch, standId: null, blurred: !seesExactly(patch, group.viewer) },
    dayNumber(group.today),
  ).filter((n) => n.found);
  const last = new Map<string, Nearby>();
  for (const one of [...seen].sort((a, b) => a.day - b.day)) last.set(one.kin.scientific, one);
  return [...last.values()].reverse().map(({ kin, plantKey, where, day }) => ({
    name: kin.name,
    severity: kin.severity,
    plantKey,
    where,
    day: isoDay(day),
  }));
}
