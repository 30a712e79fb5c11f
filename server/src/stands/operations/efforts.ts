import type { EffortView } from '@emberfield/contract';
import { knownEfforts } from '@emberfield/core/rounds';
import { inUnit } from '@emberfield/core/stand';
import type { Dependencies } from '../../dependencies.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { dossiersOf } from './dossier.ts';

/** What taking each part has cost the group so far; nothing of what nobody has taken yet. */
export async function listEfforts(
  deps: Dependencies,
  { group }: Pick<GroupContext<null>, 'group'>,
): Promise<readonly EffortView[]> {
  const { stands } = await dossiersOf(deps, group);
  const parts = new Map(
    stands.flatMap(({ plant: { profile } }) => profile.parts.map((part) => [`${profile.key}:${part.key}`, part])),
  );
  const takes = stands.flatMap(({ stand, plant, record }) =>
    record.takes.flatMap((take) => {
      const what = `${plant.profile.key}:${take.part}`;
      const part = parts.get(what);
      // A part that its profile no longer has is not gathered any more.
      return part ? [{ standId: stand.id, what, minutes: take.minutes, amount: inUnit(take, part) }] : [];
    }),
  );
  return knownEfforts(takes).map(({ what, ...known }) => {
    const { key, unit, massG } = parts.get(what)!;
    return { plantKey: what.slice(0, -key.length - 1), part: key, unit, massG: massOf(unit, massG?.value), ...known };
  });
}

const massOf = (unit: EffortView['unit'], massG: number | undefined): number | null =>
  unit === 'gram' ? 1 : (massG ?? null);
