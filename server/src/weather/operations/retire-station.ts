import type { Retire } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { updateGroup, audit } from '../../people/index.ts';
import { removeIfFree, transact } from '../../platform/database/transact.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';

/** A station that dates are no longer reckoned from, or are again; its days stay. */
export async function retireStation(
  deps: Dependencies,
  { body, group, account, params }: GroupContext<Retire>,
): Promise<null> {
  const station = await repository.stationById(deps.db, group.id, params['stationId']!);
  if (!station) throw notFound('station');
  await transact(deps.db, async (tx) => {
    await updateGroup(tx, group.id, {});
    await repository.setRetired(tx, station.id, body.retired ? group.today : null);
    await audit(tx, { group, account, at: deps.clock.now() }, body.retired ? 'stationRetired' : 'stationBack', {
      name: station.name,
      why: body.why.trim(),
    });
  });
  return null;
}

/** A station without days, which no place is assigned to, goes for good. */
export async function removeStation(deps: Dependencies, { group, account, params }: GroupContext<null>): Promise<null> {
  const station = await repository.stationById(deps.db, group.id, params['stationId']!);
  if (!station) throw notFound('station');
  return removeIfFree(deps.db, async (tx) => {
    await updateGroup(tx, group.id, {});
    await repository.deleteStation(tx, station.id);
    await audit(tx, { group, account, at: deps.clock.now() }, 'stationRemoved', { name: station.name });
  });
}
