import type { CalendarFeedView, MakeCalendar, NewCalendarFeed } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { digestOf, newToken } from '../../platform/tokens.ts';
import { dropFeed, feedOf, putFeed } from '../repository.ts';

/** A person's calendar of the group; `null` where they have none. */
export async function viewFeed(
  { db }: Dependencies,
  { group, account }: GroupContext<null>,
): Promise<{ readonly feed: CalendarFeedView | null }> {
  const feed = await feedOf(db, group.id, account.accountId);
  return {
    feed: feed && {
      kinds: feed.kinds,
      madeAt: feed.madeAt.toISOString(),
      lastReadAt: feed.lastReadAt?.toISOString() ?? null,
    },
  };
}

/** Makes the address, or a new one: the old one ends. */
export async function makeFeed(
  { db, clock }: Dependencies,
  { group, account, body }: GroupContext<MakeCalendar>,
): Promise<NewCalendarFeed> {
  const token = newToken();
  const madeAt = clock.now();
  const kinds = [...new Set(body.kinds)];
  await putFeed(db, { groupId: group.id, accountId: account.accountId, tokenDigest: digestOf(token), kinds, madeAt });
  return { kinds, madeAt: madeAt.toISOString(), lastReadAt: null, path: `/api/calendar/${token}.ics` };
}

export async function endFeed({ db }: Dependencies, { group, account }: GroupContext<null>): Promise<null> {
  await dropFeed(db, group.id, account.accountId);
  return null;
}
