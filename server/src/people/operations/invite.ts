import { v7 as newId } from 'uuid';
import type {
  AcceptInvitation,
  InvitationGreeting,
  InvitationView,
  MadeInvitation,
  NewInvitation,
  SessionView,
} from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import type { Transaction } from '../../platform/database/database.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { AccountContext, Context, GroupContext } from '../../platform/http/context.ts';
import { digestOf, newToken } from '../../platform/tokens.ts';
import * as repository from '../repository.ts';
import { audit } from './audit.ts';
import { assertStrong, hashPassword } from './password.ts';
import { enter, viewSession } from './sign-in.ts';

const INVITATION_DAYS = 14;
const MS_PER_DAY = 86_400_000;

/** A link that works once. Its secret is told now and never again. */
export async function invite(
  { db, clock }: Dependencies,
  { body, group, account }: GroupContext<NewInvitation>,
): Promise<MadeInvitation> {
  const before = await repository.invitationById(db, body.id);
  if (before) {
    if (before.groupId !== group.id || before.role !== body.role) throw new AppError('idTaken', { field: 'body.id' });
    return { ...viewOf(before, null), token: null };
  }
  const token = newToken();
  const madeAt = clock.now();
  const expiresAt = new Date(madeAt.getTime() + INVITATION_DAYS * MS_PER_DAY);
  await repository.insertInvitation(db, {
    id: body.id,
    groupId: group.id,
    role: body.role,
    tokenDigest: digestOf(token),
    madeBy: account.accountId,
    madeAt,
    expiresAt,
  });
  await audit(db, { group, account, at: madeAt }, 'invited', { role: body.role });
  return { id: body.id, role: body.role, expiresAt: expiresAt.toISOString(), usedBy: null, token };
}

function viewOf({ id, role, expiresAt }: repository.InvitationRow, usedBy: string | null): InvitationView {
  return { id, role, expiresAt: expiresAt.toISOString(), usedBy };
}

export async function listInvitations(
  { db }: Dependencies,
  { group }: GroupContext<null>,
): Promise<readonly InvitationView[]> {
  return (await repository.invitationsOf(db, group.id)).map(({ invitation, usedBy }) => viewOf(invitation, usedBy));
}

export async function withdrawInvitation({ db }: Dependencies, { group, params }: GroupContext<null>): Promise<null> {
  if (!(await repository.withdrawInvitation(db, group.id, params['invitationId']!))) throw notFound('invitation');
  return null;
}

export async function greet({ db, clock }: Dependencies, token: string): Promise<InvitationGreeting> {
  const open = await repository.openInvitation(db, digestOf(token), clock.now());
  if (!open) throw new AppError('linkUsed');
  return { groupName: open.group.name, role: open.invitation.role, invitedBy: open.by };
}

/** Accepts with a new account. */
export async function accept(deps: Dependencies, context: Context<AcceptInvitation>): Promise<SessionView> {
  const { signInName, name, password } = context.body;
  assertStrong(password, 'body.password', [signInName, name]);
  const passwordHash = await hashPassword(password);
  const accountId = newId();
  const madeAt = deps.clock.now();
  try {
    await transact(deps.db, async (tx) => {
      const open = await openOrRefuse(deps, tx, context.params['token']!);
      await repository.insertAccount(tx, { id: accountId, signInName, name: name.trim(), passwordHash, madeAt });
      await join(tx, open, accountId, madeAt);
    });
  } catch (error) {
    if (isDuplicate(error)) throw new AppError('nameTaken', { field: 'body.signInName', cause: error });
    throw error;
  }
  return enter(deps, context, accountId);
}

/** Accepts with the account that is signed in. */
export async function joinSignedIn(
  deps: Dependencies,
  { account, params }: AccountContext<null>,
): Promise<SessionView> {
  await transact(deps.db, async (tx) => {
    const open = await openOrRefuse(deps, tx, params['token']!);
    if (await repository.groupForMember(tx, open.group.id, account.accountId)) throw new AppError('conflict');
    await join(tx, open, account.accountId, deps.clock.now());
  });
  return viewSession(deps, account);
}

async function openOrRefuse({ clock }: Dependencies, tx: Transaction, token: string) {
  const open = await repository.openInvitation(tx, digestOf(token), clock.now());
  if (!open) throw new AppError('linkUsed');
  return open;
}

type Open = NonNullable<Awaited<ReturnType<typeof repository.openInvitation>>>;

async function join(tx: Transaction, { invitation, group }: Open, accountId: string, at: Date): Promise<void> {
  if (!(await repository.useInvitation(tx, invitation.id, accountId))) throw new AppError('linkUsed');
  await repository.insertMembership(tx, { groupId: group.id, accountId, role: invitation.role });
  await audit(tx, { group, account: { accountId }, at }, 'joined', { role: invitation.role });
}
