import type { HouseRule } from '@emberfield/contract';
import { and, asc, desc, eq, gt, inArray, isNull, lt, ne, or, sql } from 'drizzle-orm';
import type { Database, Queryable } from '../platform/database/database.ts';
import { houseRule } from './rule-table.ts';
import { account, clearance, foundingCode, group, invitation, membership, resetLink, session } from './table.ts';

export type InvitationRow = typeof invitation.$inferSelect;

export const accountByName = async (db: Queryable, signInName: string) =>
  (await db.select().from(account).where(eq(account.signInName, signInName)))[0] ?? null;

export const demoAccounts = (db: Queryable) =>
  db
    .select({ signInName: account.signInName, name: account.name, role: membership.role })
    .from(account)
    .innerJoin(membership, eq(membership.accountId, account.id))
    .where(eq(account.demo, true))
    .orderBy(asc(account.id));

export const accountById = async (db: Queryable, id: string) =>
  (await db.select().from(account).where(eq(account.id, id)))[0] ?? null;
export const updateAccount = (db: Queryable, id: string, set: Partial<typeof account.$inferInsert>) =>
  db.update(account).set(set).where(eq(account.id, id));
export const namesOfAccounts = async (db: Queryable, ids: readonly string[]) =>
  ids.length === 0
    ? []
    : db
        .select({ id: account.id, name: account.name })
        .from(account)
        .where(inArray(account.id, [...ids]));
export const insertAccount = (db: Queryable, row: typeof account.$inferInsert) => db.insert(account).values(row);
export const insertGroup = (db: Queryable, row: typeof group.$inferInsert) => db.insert(group).values(row);
export const insertMembership = (db: Queryable, row: typeof membership.$inferInsert) =>
  db.insert(membership).values(row);

export const anyAccount = async (db: Queryable) =>
  (await db.select({ id: account.id }).from(account).limit(1)).length > 0;

/** The founding row, locked: two founders meet here. */
export const lockFoundingCode = async (db: Queryable) =>
  (await db.select().from(foundingCode).for('update'))[0] ?? null;
export const replaceFoundingCode = (db: Queryable, codeDigest: Buffer) =>
  db.insert(foundingCode).values({ only: 1, codeDigest }).onDuplicateKeyUpdate({ set: { codeDigest } });
export const removeFoundingCode = (db: Queryable) => db.delete(foundingCode);

export const groupsOf = (db: Queryable, accountId: string) =>
  db
    .select({ id: group.id, name: group.name, role: membership.role })
    .from(membership)
    .innerJoin(group, eq(group.id, membership.groupId))
    .where(eq(membership.accountId, accountId))
    .orderBy(asc(group.name));

export const groupForMember = async (db: Queryable, groupId: string, accountId: string) =>
  (
    await db
      .select({ group, role: membership.role })
      .from(membership)
      .innerJoin(group, eq(group.id, membership.groupId))
      .where(and(eq(membership.groupId, groupId), eq(membership.accountId, accountId)))
  )[0] ?? null;

/** Every change to what derived answers hang on passes here: they are kept by the group's revision. */
export const updateGroup = (db: Queryable, groupId: string, set: Partial<typeof group.$inferInsert>) =>
  db
    .update(group)
    .set({ ...set, revision: sql`${group.revision} + 1` })
    .where(eq(group.id, groupId));

export const membersOf = (db: Queryable, groupId: string) =>
  db
    .select({ accountId: account.id, name: account.name, signInName: account.signInName, role: membership.role })
    .from(membership)
    .innerJoin(account, eq(account.id, membership.accountId))
    .where(eq(membership.groupId, groupId))
    .orderBy(asc(account.name));

/**
 * All members' rows, for counting the last keeper on them. The group's row is updated first: locks do not reach from one writing node
 * of a cluster to another, an update that both make does.
 */
export async function lockMembers(db: Queryable, groupId: string) {
  await updateGroup(db, groupId, {});
  return db.select().from(membership).where(eq(membership.groupId, groupId)).for('update');
}
export const updateRole = (db: Queryable, groupId: string, accountId: string, role: 'watcher' | 'picker' | 'keeper') =>
  db
    .update(membership)
    .set({ role })
    .where(and(eq(membership.groupId, groupId), eq(membership.accountId, accountId)));
export const deleteMembership = (db: Queryable, groupId: string, accountId: string) =>
  db.delete(membership).where(and(eq(membership.groupId, groupId), eq(membership.accountId, accountId)));

export const insertSession = (db: Queryable, row: typeof session.$inferInsert) => db.insert(session).values(row);
export const sessionByToken = async (db: Queryable, tokenDigest: Buffer, now: Date) =>
  (
    await db
      .select({ session, account })
      .from(session)
      .innerJoin(account, eq(account.id, session.accountId))
      .where(and(eq(session.tokenDigest, tokenDigest), gt(session.expiresAt, now)))
  )[0] ?? null;

/** A group that nobody is in: where a route names none. */
const NO_GROUP = '00000000-0000-0000-0000-000000000000';

/** Who a session is, and what they are in a group if a route names one. Prepared, since every request asks it. */
export function prepareCaller(db: Database) {
  const query = db
    .select({
      session: { id: session.id, token: session.token, lastSeenAt: session.lastSeenAt },
      account: { id: account.id, name: account.name, signInName: account.signInName, language: account.language },
      group: {
        id: group.id,
        name: group.name,
        zone: group.zone,
        units: group.units,
        regions: group.regions,
        numbers: group.numbers,
        hasBaseMap: group.hasBaseMap,
        revision: group.revision,
      },
      role: membership.role,
    })
    .from(session)
    .innerJoin(account, eq(account.id, session.accountId))
    .leftJoin(
      membership,
      and(
        eq(membership.accountId, account.id),
        // A placeholder beside a column of its own type is not encoded by it, and finds nothing: it has to be said.
        eq(membership.groupId, sql.param(sql.placeholder('groupId'), membership.groupId)),
      ),
    )
    .leftJoin(group, eq(group.id, membership.groupId))
    .where(
      and(
        eq(session.tokenDigest, sql.param(sql.placeholder('tokenDigest'), session.tokenDigest)),
        gt(session.expiresAt, sql.param(sql.placeholder('now'), session.expiresAt)),
      ),
    )
    .prepare();
  return async (asked: { readonly tokenDigest: Buffer; readonly groupId: string | null; readonly now: Date }) =>
    (await query.execute({ ...asked, groupId: asked.groupId ?? NO_GROUP }))[0] ?? null;
}
export const touchSession = (db: Queryable, id: string, lastSeenAt: Date) =>
  db.update(session).set({ lastSeenAt }).where(eq(session.id, id));
/** Removes sessions and links that have run out: they are refused anyway, and nobody needs to know of them. */
export async function sweepPeople(db: Queryable, now: Date): Promise<void> {
  await db.delete(session).where(lt(session.expiresAt, now));
  await db.delete(resetLink).where(lt(resetLink.expiresAt, now));
}
/** Ends the sessions of an account, but for one. */
export const deleteSessions = (db: Queryable, accountId: string, except: string | null) =>
  db.delete(session).where(and(eq(session.accountId, accountId), ...(except === null ? [] : [ne(session.id, except)])));
export const sessionsOf = (db: Queryable, accountId: string, now: Date) =>
  db
    .select()
    .from(session)
    .where(and(eq(session.accountId, accountId), gt(session.expiresAt, now)))
    .orderBy(desc(session.lastSeenAt));
export const deleteSession = async (db: Queryable, id: string, accountId: string) =>
  (await db.delete(session).where(and(eq(session.id, id), eq(session.accountId, accountId))))[0].affectedRows > 0;

export const invitationById = async (db: Queryable, id: string) =>
  (await db.select().from(invitation).where(eq(invitation.id, id)))[0] ?? null;
export const insertInvitation = (db: Queryable, row: typeof invitation.$inferInsert) =>
  db.insert(invitation).values(row);
export const invitationsOf = (db: Queryable, groupId: string) =>
  db
    .select({ invitation, usedBy: account.name })
    .from(invitation)
    .leftJoin(account, eq(account.id, invitation.usedBy))
    .where(and(eq(invitation.groupId, groupId), eq(invitation.withdrawn, false)))
    .orderBy(desc(invitation.madeAt));
export const withdrawInvitation = async (db: Queryable, groupId: string, id: string) =>
  (
    await db
      .update(invitation)
      .set({ withdrawn: true })
      .where(and(eq(invitation.groupId, groupId), eq(invitation.id, id)))
  )[0].affectedRows > 0;
export const openInvitation = async (db: Queryable, tokenDigest: Buffer, now: Date) =>
  (
    await db
      .select({ invitation, group, by: account.name })
      .from(invitation)
      .innerJoin(group, eq(group.id, invitation.groupId))
      .innerJoin(account, eq(account.id, invitation.madeBy))
      .where(
        and(
          eq(invitation.tokenDigest, tokenDigest),
          isNull(invitation.usedBy),
          eq(invitation.withdrawn, false),
          gt(invitation.expiresAt, now),
        ),
      )
  )[0] ?? null;
/** True for the one who used it first. */
export const useInvitation = async (db: Queryable, id: string, accountId: string) =>
  (
    await db
      .update(invitation)
      .set({ usedBy: accountId })
      .where(and(eq(invitation.id, id), isNull(invitation.usedBy)))
  )[0].affectedRows === 1;

/** House rules in force on a day. */
export const rulesOn = (db: Queryable, groupId: string, day: string) =>
  db
    .select({ rule: houseRule, by: account.name })
    .from(houseRule)
    .innerJoin(account, eq(account.id, houseRule.madeBy))
    .where(
      and(
        eq(houseRule.groupId, groupId),
        sql`${houseRule.since} <= ${day}`,
        or(isNull(houseRule.until), sql`${houseRule.until} > ${day}`),
      ),
    )
    .orderBy(asc(houseRule.id));
export type HouseRuleRow = Omit<typeof houseRule.$inferSelect, 'rule'> & { readonly rule: HouseRule };
/** The contract's schema checked every rule on its way in. */
export const allRules = async (db: Queryable, groupId: string): Promise<readonly HouseRuleRow[]> =>
  (await db
    .select()
    .from(houseRule)
    .where(eq(houseRule.groupId, groupId))
    .orderBy(asc(houseRule.id))) as HouseRuleRow[];
export const endRule = (db: Queryable, id: string, until: string) =>
  db.update(houseRule).set({ until }).where(eq(houseRule.id, id));
export const insertRule = (db: Queryable, row: typeof houseRule.$inferInsert) => db.insert(houseRule).values(row);

export const clearancesOf = (db: Queryable, groupId: string) =>
  db
    .select({ clearance, by: account.name })
    .from(clearance)
    .innerJoin(account, eq(account.id, clearance.madeBy))
    .where(eq(clearance.groupId, groupId))
    .orderBy(asc(clearance.family), asc(clearance.madeAt));
export type ClearanceRow = Awaited<ReturnType<typeof clearancesOf>>[number];
export const putClearance = (db: Queryable, row: typeof clearance.$inferInsert) => {
  const { clearance: state, how, madeBy, madeAt } = row;
  return db
    .insert(clearance)
    .values(row)
    .onDuplicateKeyUpdate({ set: { clearance: state, how, madeBy, madeAt } });
};
export const deleteClearance = (db: Queryable, groupId: string, accountId: string, family: string) =>
  db
    .delete(clearance)
    .where(and(eq(clearance.groupId, groupId), eq(clearance.accountId, accountId), eq(clearance.family, family)));

export const insertResetLink = (db: Queryable, row: typeof resetLink.$inferInsert) => db.insert(resetLink).values(row);
export const openResetLink = async (db: Queryable, tokenDigest: Buffer, now: Date) =>
  (
    await db
      .select({
        id: resetLink.id,
        accountId: resetLink.accountId,
        name: account.name,
        signInName: account.signInName,
      })
      .from(resetLink)
      .innerJoin(account, eq(account.id, resetLink.accountId))
      .where(and(eq(resetLink.tokenDigest, tokenDigest), isNull(resetLink.usedAt), gt(resetLink.expiresAt, now)))
  )[0] ?? null;
/** True for the one who used it first. */
export const useResetLink = async (db: Queryable, id: string, usedAt: Date) =>
  (
    await db
      .update(resetLink)
      .set({ usedAt })
      .where(and(eq(resetLink.id, id), isNull(resetLink.usedAt)))
  )[0].affectedRows === 1;

/** Takes everything off an account that names a person; the row stays, since entries hang on it. */
export async function dropPerson(
  db: Queryable,
  id: string,
  { name, at }: { readonly name: string; readonly at: Date },
): Promise<void> {
  await deleteSessions(db, id, null);
  await db.delete(resetLink).where(eq(resetLink.accountId, id));
  await db.delete(clearance).where(eq(clearance.accountId, id));
  await db.delete(membership).where(eq(membership.accountId, id));
  await updateAccount(db, id, {
    name,
    signInName: `gone-${id.slice(0, 30)}`,
    passwordHash: '',
    language: null,
    removedAt: at,
  });
}
