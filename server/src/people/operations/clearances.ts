import type { Clearance, ClearanceView, SetClearance } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';
import { audit } from './audit.ts';

export async function listClearances(
  { db }: Pick<Dependencies, 'db'>,
  { group }: { readonly group: { readonly id: string } },
): Promise<readonly ClearanceView[]> {
  return (await repository.clearancesOf(db, group.id)).map(({ clearance: c, by }) => ({
    accountId: c.accountId,
    family: c.family,
    clearance: c.clearance,
    how: c.how,
    by,
    since: c.madeAt.toISOString().slice(0, 10),
  }));
}

/** What is said of a person and a family; nothing said is "none". */
export const clearanceIn = (rows: readonly repository.ClearanceRow[], accountId: string, family: string): Clearance =>
  rows.find(({ clearance: c }) => c.accountId === accountId && c.family === family)?.clearance.clearance ?? 'none';

/**
 * Clears somebody for a family, keeps it from them, or takes either back. Nobody clears themselves; a picker clears others
 * only for a family they are cleared for, and only a keeper closes one or opens it again.
 */
export async function setClearance(
  deps: Dependencies,
  { body, group, account, params }: GroupContext<SetClearance>,
): Promise<readonly ClearanceView[]> {
  const accountId = params['accountId']!;
  const family = body.family.trim();
  const madeAt = deps.clock.now();
  await transact(deps.db, async (tx) => {
    // The group's row is updated first: derived answers hang on clearances, and two people setting one meet here.
    await repository.updateGroup(tx, group.id, {});
    if (!(await repository.membersOf(tx, group.id)).some((m) => m.accountId === accountId)) throw notFound('member');
    const rows = await repository.clearancesOf(tx, group.id);
    if (accountId === account.accountId && body.clearance !== 'closed')
      throw new AppError('notAllowed', { reason: 'clearsOneself', values: { role: group.role } });
    const closes = body.clearance === 'closed' || clearanceIn(rows, accountId, family) === 'closed';
    const knows = clearanceIn(rows, account.accountId, family) === 'cleared';
    if (group.role !== 'keeper' && (closes || !knows))
      throw new AppError('notAllowed', { reason: 'notClearedYourself', values: { role: group.role } });
    if (body.clearance === 'none') await repository.deleteClearance(tx, group.id, accountId, family);
    else
      await repository.putClearance(tx, {
        groupId: group.id,
        accountId,
        family,
        clearance: body.clearance,
        how: 'member',
        madeBy: account.accountId,
        madeAt,
      });
    await audit(tx, { group, account, at: madeAt }, 'clearanceSet', { accountId, ...body });
  });
  return listClearances(deps, { group });
}
