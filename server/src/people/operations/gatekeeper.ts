import { newToken, digestOf } from '../../platform/tokens.ts';
import { todayIn } from '../../platform/clock.ts';
import type { Dependencies } from '../../dependencies.ts';
import type { Gatekeeper } from '../../platform/http/endpoint.ts';
import { v7 as newId } from 'uuid';
import type { Queryable } from '../../platform/database/database.ts';
import { insertSession, prepareCaller, touchSession } from '../repository.ts';

const SESSION_DAYS = 60;
const SEEN_STEP_MS = 5 * 60_000;
const MS_PER_DAY = 86_400_000;

/** Who asks, and what they are in a group: one query, since it stands before every other. */
export function createGatekeeper({ db, clock, publicUrl, live }: Dependencies): Gatekeeper {
  const callerByToken = prepareCaller(db);
  return {
    publicUrl,
    changed: (groupId, byTab) => live.changed(groupId, byTab),
    caller: async (token, groupId, language) => {
      const now = clock.now();
      const found = await callerByToken({ tokenDigest: digestOf(token), groupId, now });
      if (!found) return null;
      const { account, session, group, role } = found;
      if (now.getTime() - session.lastSeenAt.getTime() > SEEN_STEP_MS) await touchSession(db, session.id, now);
      return {
        account: {
          sessionId: session.id,
          accountId: account.id,
          name: account.name,
          signInName: account.signInName,
          language: account.language,
          token: session.token,
        },
        group: group &&
          role && {
            ...group,
            role,
            today: todayIn(group.zone, clock),
            viewer: { role, accountId: account.id, language },
          },
      };
    },
  };
}

/** Begins a session and returns the cookie's secret; a new one at every sign-in. */
export async function beginSession(db: Queryable, accountId: string, browser: string, now: Date): Promise<string> {
  const token = newToken();
  await insertSession(db, {
    id: newId(),
    tokenDigest: digestOf(token),
    accountId,
    token: newToken(),
    browser,
    madeAt: now,
    lastSeenAt: now,
    expiresAt: new Date(now.getTime() + SESSION_DAYS * MS_PER_DAY),
  });
  return token;
}
