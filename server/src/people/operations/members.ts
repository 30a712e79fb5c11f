import type { ChangeRole, GroupSettings, GroupView, MemberView, SessionListItem } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { todayIn } from '../../platform/clock.ts';
import { transact } from '../../platform/database/transact.ts';
import type { Transaction } from '../../platform/database/database.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { AccountContext, GroupContext, InGroup } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';
import { audit } from './audit.ts';

export function viewGroup({ clock, baseMap, tilesUrl, weatherService }: Dependencies, group: InGroup): GroupView {
  const { id, name, zone, units, regions, numbers, role, today } = group;
  return {
    id,
    name,
    zone,
    units,
    regions,
    numbers,
    today,
    dayIsSet: clock.fixedDay !== null,
    role,
    hasBaseMap: group.hasBaseMap && baseMap !== null,
    tilesUrl,
    weatherService: weatherService !== null,
  };
}

export async function changeGroup(
  deps: Dependencies,
  { body, group, account }: GroupContext<GroupSettings>,
): Promise<GroupView> {
  const { zone, units, regions, numbers = group.numbers } = body;
  await transact(deps.db, async (tx) => {
    await repository.updateGroup(tx, group.id, { name: body.name.trim(), zone, units, regions, numbers });
    await audit(tx, { group, account, at: deps.clock.now() }, 'groupChanged', body);
  });
  return viewGroup(deps, { ...group, ...body, numbers, today: todayIn(body.zone, deps.clock) });
}

export const listMembers = ({ db }: Dependencies, { group }: GroupContext<null>): Promise<readonly MemberView[]> =>
  repository.membersOf(db, group.id);

export async function changeRole(
  { db, clock }: Dependencies,
  { body, group, account, params }: GroupContext<ChangeRole>,
): Promise<MemberView> {
  const accountId = params['accountId']!;
  await transact(db, async (tx) => {
    await assertKeeperLeft(tx, group.id, accountId, body.role);
    await repository.updateRole(tx, group.id, accountId, body.role);
    await audit(tx, { group, account, at: clock.now() }, 'roleChanged', { accountId, role: body.role });
  });
  return (await repository.membersOf(db, group.id)).find((m) => m.accountId === accountId)!;
}

export async function removeMember(
  { db, clock }: Dependencies,
  { group, account, params }: GroupContext<null>,
): Promise<null> {
  const accountId = params['accountId']!;
  await transact(db, async (tx) => {
    await assertKeeperLeft(tx, group.id, accountId, null);
    await repository.deleteMembership(tx, group.id, accountId);
    await audit(tx, { group, account, at: clock.now() }, 'memberRemoved', { accountId });
  });
  return null;
}

/** A group without a keeper could never be put right again. */
export async function assertKeeperLeft(
  tx: Transaction,
  groupId: string,
  accountId: string,
  role: string | null,
): Promise<void> {
  const members = await repository.lockMembers(tx, groupId);
  if (!members.some((m) => m.accountId === accountId)) throw notFound('member');
  if (role !== 'keeper' && !members.some((m) => m.role === 'keeper' && m.accountId !== accountId))
    throw new AppError('lastKeeper');
}

export async function listSessions(
  { db, clock }: Dependencies,
  { account }: AccountContext<null>,
): Promise<readonly SessionListItem[]> {
  return (await repository.sessionsOf(db, account.accountId, clock.now())).map((s) => ({
    id: s.id,
    madeAt: s.madeAt.toISOString(),
    lastSeenAt: s.lastSeenAt.toISOString(),
    browser: s.browser,
    here: s.id === account.sessionId,
  }));
}

export async function endSession({ db }: Dependencies, { account, params }: AccountContext<null>): Promise<null> {
  if (!(await repository.deleteSession(db, params['sessionId']!, account.accountId))) throw notFound('session');
  return null;
}
