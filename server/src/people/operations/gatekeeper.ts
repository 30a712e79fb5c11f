import { newToken, digestOf } from '../../platform/tokens.ts';
import { todayIn } from '../../platform/clock.ts';
import type { Dependencies } from '../../dependencies.ts';
import type { Gatekeeper } from '../../platform/http/endpoint.ts';
import { v7 as newId } from 'uuid';
import type { Queryable } from '../../platform/database/database.ts';
import { groupForMember, insertSession, sessionByToken, touchSession } from '../repository.ts';

const SESSION_DAYS = 60;
const SEEN_STEP_MS = 5 * 60_000;
const MS_PER_DAY = 86_400_000;

/** Who asks, and what they are in a group. */
export function createGatekeeper({ db, clock, publicUrl }: Dependencies): Gatekeeper {
  return {
    publicUrl,
    signedIn: async (token) => {
      const now = clock.now();
      const found = await sessionByToken(db, digestOf(token), now);
      if (!found) return null;
      if (now.getTime() - found.session.lastSeenAt.getTime() > SEEN_STEP_MS)
        await touchSession(db, found.session.id, now);
      const { account, session } = found;
      return {
        sessionId: session.id,
        accountId: account.id,
        name: account.name,
        signInName: account.signInName,
        token: session.token,
      };
    },
    member: async (groupId, accountId) => {
      const found = await groupForMember(db, groupId, accountId);
      if (!found) return null;
      const { group, role } = found;
      return {
        id: group.id,
        name: group.name,
        zone: group.zone,
        units: group.units,
        hasBaseMap: group.hasBaseMap,
        revision: group.revision,
        role,
        today: todayIn(group.zone, clock),
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
