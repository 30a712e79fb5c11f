import type { ActivityKind } from '@emberfield/contract';
import type { Queryable } from '../../platform/database/database.ts';
import { writeAudit } from '../audit-repository.ts';

/** Notes for the keepers who did what in their group, with what was done or in its transaction. */
export const audit = (
  db: Queryable,
  {
    group,
    account,
    at,
  }: { readonly group: { readonly id: string }; readonly account: { readonly accountId: string }; readonly at: Date },
  action: ActivityKind,
  detail: object,
): Promise<unknown> => writeAudit(db, { groupId: group.id, accountId: account.accountId, at, action, detail });
