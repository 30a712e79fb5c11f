import type { PlantingSeen } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { aliveAYearOn } from '@emberfield/core/stand';
import type { Dependencies } from '../../dependencies.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { dossiersOf } from './dossier.ts';

/** Everything that was put back at the stands of a group, oldest first.  */
export async function listPlantings(
  deps: Dependencies,
  { group }: Pick<GroupContext<null>, 'group'>,
): Promise<readonly PlantingSeen[]> {
  const today = dayNumber(group.today);
  const { stands } = await dossiersOf(deps, group);
  return stands
    .flatMap(({ stand, patch, plant, record }) =>
      record.plantings.map((p) => ({
        id: p.id,
        standId: stand.id,
        plantName: plant.profile.names,
        patchId: patch.id,
        patchName: patch.name,
        way: p.way,
        day: isoDay(p.day),
        planted: p.number,
        alive: aliveAYearOn(record, p, today),
      })),
    )
    .sort((a, b) => a.day.localeCompare(b.day));
}
