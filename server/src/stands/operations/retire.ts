import type { Retire } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { updateGroup, audit } from '../../people/index.ts';
import { removeIfFree, transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';

/** A stand that is no longer gone to, or is again. What was seen of it goes on to teach the others. */
export async function retireStand(
  deps: Dependencies,
  { body, group, account, params }: GroupContext<Retire>,
): Promise<null> {
  const { retired, why } = body;
  await transact(deps.db, async (tx) => {
    const row = await repository.claimStand(tx, group.id, params['standId']!);
    if (!row) throw notFound('stand');
    // A stand of something poisonous counts at the others while it is gone to.
    await updateGroup(tx, group.id, {});
    await repository.updateStand(tx, row.stand.id, {
      retiredOn: retired ? group.today : null,
      retiredWhy: retired ? why.trim() : '',
      version: row.stand.version + 1,
    });
    await audit(tx, { group, account, at: deps.clock.now() }, retired ? 'standRetired' : 'standBack', {
      name: `${row.stand.plantKey}, ${row.patch.name}`,
      why: why.trim(),
    });
  });
  return null;
}

/** A stand of which nothing was noted yet goes for good; whoever entered it, or a keeper, takes it back. */
export async function removeStand(deps: Dependencies, { group, account, params }: GroupContext<null>): Promise<null> {
  return removeIfFree(deps.db, async (tx) => {
    const row = await repository.claimStand(tx, group.id, params['standId']!);
    if (!row) throw notFound('stand');
    if (row.stand.madeBy !== account.accountId && group.role !== 'keeper')
      throw new AppError('notAllowed', { values: { role: group.role } });
    await updateGroup(tx, group.id, {});
    await repository.deleteStand(tx, row.stand.id);
    await audit(tx, { group, account, at: deps.clock.now() }, 'standRemoved', {
      name: `${row.stand.plantKey}, ${row.patch.name}`,
    });
  });
}
