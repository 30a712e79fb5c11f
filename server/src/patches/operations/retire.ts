import type { Retire } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { updateGroup, audit } from '../../people/index.ts';
import { removeIfFree, transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';

/** A place that is no longer gone to, or is again: its stands go with it. What was noted of it stays. */
export async function retirePatch(
  deps: Dependencies,
  { body, group, account, params }: GroupContext<Retire>,
): Promise<null> {
  const id = params['patchId']!;
  const { retired, why } = body;
  await transact(deps.db, async (tx) => {
    const row = await repository.lockPatch(tx, group.id, id);
    if (!row) throw notFound('patch');
    await updateGroup(tx, group.id, {});
    await repository.updatePatch(tx, id, {
      retiredOn: retired ? group.today : null,
      retiredWhy: retired ? why.trim() : '',
      version: row.version + 1,
    });
    await audit(tx, { group, account, at: deps.clock.now() }, retired ? 'patchRetired' : 'patchBack', {
      name: row.name,
      why: why.trim(),
    });
  });
  return null;
}

/** A place on which nothing hangs yet goes for good; whoever entered it, or a keeper, takes it back. */
export async function removePatch(deps: Dependencies, { group, account, params }: GroupContext<null>): Promise<null> {
  const id = params['patchId']!;
  return removeIfFree(deps.db, async (tx) => {
    const row = await repository.lockPatch(tx, group.id, id);
    if (!row) throw notFound('patch');
    if (row.madeBy !== account.accountId && group.role !== 'keeper')
      throw new AppError('notAllowed', { values: { role: group.role } });
    await updateGroup(tx, group.id, {});
    await repository.deletePatch(tx, id);
    await audit(tx, { group, account, at: deps.clock.now() }, 'patchRemoved', { name: row.name });
  });
}
