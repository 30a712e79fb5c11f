// One's own account: another password, a link for whoever forgot theirs, and what is left when somebody goes.
import { verify } from '@node-rs/argon2';
import { v7 as newId } from 'uuid';
import type {
  ChangePassword,
  ChooseLanguage,
  MadeResetLink,
  ResetGreeting,
  ResetPassword,
  SessionView,
} from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import type { Queryable, Transaction } from '../../platform/database/database.ts';
import { transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { AccountContext, Context, GroupContext } from '../../platform/http/context.ts';
import { digestOf, newToken } from '../../platform/tokens.ts';
import * as repository from '../repository.ts';
import { audit } from './audit.ts';
import { assertKeeperLeft } from './members.ts';
import { assertStrong, hashPassword } from './password.ts';
import { enter } from './sign-in.ts';

const RESET_HOURS = 24;
const MS_PER_HOUR = 3_600_000;

/** Another password for oneself; whoever is signed in elsewhere is signed out there. */
export async function changePassword(
  { db }: Dependencies,
  { body, account }: AccountContext<ChangePassword>,
): Promise<null> {
  const row = await repository.accountById(db, account.accountId);
  // The demo's people belong to everybody who tries it.
  if (!row) throw new AppError('notSignedIn');
  if (row.demo) throw new AppError('badInput', { field: 'body.next', reason: 'demoPerson' });
  if (!(await verify(row.passwordHash, body.current))) throw new AppError('wrongSignIn', { field: 'body.current' });
  assertStrong(body.next, 'body.next', [row.signInName, row.name]);
  const passwordHash = await hashPassword(body.next);
  await transact(db, async (tx) => {
    await repository.updateAccount(tx, row.id, { passwordHash });
    await repository.deleteSessions(tx, row.id, account.sessionId);
  });
  return null;
}

export async function chooseLanguage(
  { db }: Dependencies,
  { body, account }: AccountContext<ChooseLanguage>,
): Promise<null> {
  await repository.updateAccount(db, account.accountId, body);
  return null;
}

export async function endOtherSessions({ db }: Dependencies, { account }: AccountContext<null>): Promise<null> {
  await repository.deleteSessions(db, account.accountId, account.sessionId);
  return null;
}

/**
 * A link with which a member who forgot their password chooses another, once, within a day. Only of somebody all of whose groups
 * the maker keeps: a keeper of one group must not come into another by it.
 */
export async function makeResetLink(
  { db, clock }: Dependencies,
  { group, account, params }: GroupContext<null>,
): Promise<MadeResetLink> {
  const accountId = params['accountId']!;
  const madeAt = clock.now();
  return transact(db, async (tx) => {
    await assertOnlyOurs(tx, { groupId: group.id, accountId, keeperId: account.accountId });
    await audit(tx, { group, account, at: madeAt }, 'resetLinkMade', { accountId });
    return putResetLink(tx, { accountId, madeBy: account.accountId, madeAt });
  });
}

/** The link itself, of which only a digest is stored. Whoever calls this has seen to it that it may be made. */
export async function putResetLink(
  tx: Queryable,
  { accountId, madeBy, madeAt }: { readonly accountId: string; readonly madeBy: string; readonly madeAt: Date },
): Promise<MadeResetLink> {
  const expiresAt = new Date(madeAt.getTime() + RESET_HOURS * MS_PER_HOUR);
  const token = newToken();
  await repository.insertResetLink(tx, {
    ...{ id: newId(), accountId, tokenDigest: digestOf(token) },
    ...{ madeBy, madeAt, expiresAt },
  });
  return { token, expiresAt: expiresAt.toISOString() };
}

async function assertOnlyOurs(
  tx: Transaction,
  { groupId, accountId, keeperId }: { readonly groupId: string; readonly accountId: string; readonly keeperId: string },
): Promise<void> {
  const member = await repository.groupForMember(tx, groupId, accountId);
  const row = member && (await repository.accountById(tx, accountId));
  if (!row) throw notFound('member');
  if (row.demo) throw new AppError('notAllowed', { reason: 'demoPerson', values: { role: 'keeper' } });
  const kept = new Set((await repository.groupsOf(tx, keeperId)).filter((g) => g.role === 'keeper').map((g) => g.id));
  if ((await repository.groupsOf(tx, accountId)).some((g) => !kept.has(g.id)))
    throw new AppError('notAllowed', { reason: 'inOtherGroups', values: { role: 'keeper' } });
}

export async function greetReset({ db, clock }: Dependencies, token: string): Promise<ResetGreeting> {
  const open = await repository.openResetLink(db, digestOf(token), clock.now());
  if (!open) throw new AppError('linkUsed');
  return { name: open.name, signInName: open.signInName };
}

/** The link's one use: the new password holds, everybody signed in under the old one is out, and whoever pressed is in. */
export async function resetPassword(deps: Dependencies, context: Context<ResetPassword>): Promise<SessionView> {
  const { db, clock } = deps;
  const digest = digestOf(context.params['token']!);
  const greeting = await repository.openResetLink(db, digest, clock.now());
  if (!greeting) throw new AppError('linkUsed');
  assertStrong(context.body.password, 'body.password', [greeting.signInName, greeting.name]);
  const passwordHash = await hashPassword(context.body.password);
  await transact(db, async (tx) => {
    const open = await repository.openResetLink(tx, digest, clock.now());
    if (!open || !(await repository.useResetLink(tx, open.id, clock.now()))) throw new AppError('linkUsed');
    await repository.updateAccount(tx, open.accountId, { passwordHash });
    await repository.deleteSessions(tx, open.accountId, null);
  });
  return enter(deps, context, greeting.accountId);
}

/** Goes out of a group; what one entered stays there under one's name. */
export async function leaveGroup({ db, clock }: Dependencies, { group, account }: GroupContext<null>): Promise<null> {
  await transact(db, async (tx) => {
    await assertKeeperLeft(tx, group.id, account.accountId, null);
    await repository.deleteMembership(tx, group.id, account.accountId);
    await audit(tx, { group, account, at: clock.now() }, 'left', {});
  });
  return null;
}

/**
 * Removes what is known of a person on their request: name, sign-in, password, sessions, calendar addresses, clearances. Their
 * entries stay, since a stand's allowance is made of them, and name nobody any more.
 */
export async function forgetPerson(
  { db, clock, words }: Dependencies,
  { group, account, params }: GroupContext<null>,
): Promise<null> {
  const accountId = params['accountId']!;
  const at = clock.now();
  await transact(db, async (tx) => {
    await assertKeeperLeft(tx, group.id, accountId, null);
    await assertOnlyOurs(tx, { groupId: group.id, accountId, keeperId: account.accountId });
    // Names stand in answers that are kept, in every group that they were in.
    for (const { id } of await repository.groupsOf(tx, accountId)) await repository.updateGroup(tx, id, {});
    await repository.dropPerson(tx, accountId, { name: words('en').t('people.somebodyWhoLeft'), at });
    await audit(tx, { group, account, at }, 'personForgotten', {});
  });
  return null;
}
