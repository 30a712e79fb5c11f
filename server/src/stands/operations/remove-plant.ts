import type { RemovedPlant } from '@emberfield/contract';
import { binomialOf } from '@emberfield/core/plants';
import type { Dependencies } from '../../dependencies.ts';
import { updateGroup, audit } from '../../people/index.ts';
import { plantsOf, takeOffList } from '../../plants/index.ts';
import { transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { standsOfPlants } from '../repository.ts';

/**
 * An own plant goes off the list where no stand is of it, no other plant was made from it, and none names it as what it could be taken for.
 * Here and not among the plants, since the stands have to be asked.
 */
export async function removePlant(
  deps: Dependencies,
  { group, account, params }: GroupContext<null>,
): Promise<RemovedPlant> {
  const key = params['plantKey']!;
  const at = deps.clock.now();
  if (deps.catalogue.some((p) => p.key === key)) throw new AppError('conflict', { reason: 'shippedPlant' });
  return transact(deps.db, async (tx) => {
    await updateGroup(tx, group.id, {});
    // First: whoever enters a stand of it at the same time waits for this row.
    const row = await takeOffList(tx, group.id, key, { madeBy: account.accountId, madeAt: at });
    if (!row) throw notFound('plant');
    const name = binomialOf(row.profile.scientific);
    const others = [...(await plantsOf({ ...deps, db: tx }, group.id)).values()];
    const isNeeded = others.some(
      (p) =>
        p.copiedFrom === key ||
        (row.profile.severity !== 'none' && p.profile.lookAlikes.some((l) => binomialOf(l.scientific) === name)),
    );
    if (isNeeded || (await standsOfPlants(tx, group.id, [key])).length > 0)
      throw new AppError('conflict', { reason: 'plantInUse' });
    await audit(tx, { group, account, at }, 'plantRemoved', { key, revision: row.revision });
    return { revision: row.revision };
  });
}
