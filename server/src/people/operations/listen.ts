import { isUuid } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import type { StreamAnswer } from '../../platform/http/stream-answer.ts';

/** A page of a member's that wants to be told when something of the group changes. */
export async function listen(
  { live }: Dependencies,
  { group, account, query }: GroupContext<null>,
): Promise<StreamAnswer> {
  const tab = query['tab'];
  return live.listen(group.id, { accountId: account.accountId, tab: tab !== undefined && isUuid(tab) ? tab : null });
}
