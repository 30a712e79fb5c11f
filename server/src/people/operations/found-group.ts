import { v7 as newId } from 'uuid';
import type { Founding, SessionView } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import { AppError } from '../../platform/errors.ts';
import type { Context } from '../../platform/http/context.ts';
import { digestOf, newCode } from '../../platform/tokens.ts';
import {
  anyAccount,
  insertAccount,
  insertGroup,
  insertMembership,
  lockFoundingCode,
  removeFoundingCode,
  replaceFoundingCode,
} from '../repository.ts';
import { assertStrong, hashPassword } from './password.ts';
import { enter } from './sign-in.ts';
import { audit } from './audit.ts';

/**
 * A fresh one-time code while nobody has an account, to be printed by whoever starts the server; `null` once founded.
 * Each start makes a new one, so a code in an old log opens nothing.
 */
export async function renewFoundingCode({ db }: Dependencies): Promise<string | null> {
  if (await anyAccount(db)) return null;
  const code = newCode();
  await replaceFoundingCode(db, digestOf(code));
  return code;
}

/** Founds the first group and its keeper against the one-time code. */
export async function foundGroup(deps: Dependencies, context: Context<Founding>): Promise<SessionView> {
  const { code, groupId, groupName, zone, units, regions, keeper } = context.body;
  assertStrong(keeper.password, 'body.keeper.password', [keeper.signInName, keeper.name, groupName]);
  const passwordHash = await hashPassword(keeper.password);
  const accountId = newId();
  const madeAt = deps.clock.now();
  try {
    await transact(deps.db, async (tx) => {
      const row = await lockFoundingCode(tx);
      if (!row) throw new AppError('alreadyFounded');
      if (!row.codeDigest.equals(digestOf(code.trim().toLowerCase())))
        throw new AppError('wrongCode', { field: 'body.code' });
      await insertAccount(tx, {
        id: accountId,
        signInName: keeper.signInName,
        name: keeper.name.trim(),
        passwordHash,
        madeAt,
      });
      await insertGroup(tx, { id: groupId, name: groupName.trim(), zone, units, regions, madeAt });
      await insertMembership(tx, { groupId, accountId, role: 'keeper' });
      await removeFoundingCode(tx);
      await audit(tx, { group: { id: groupId }, account: { accountId }, at: madeAt }, 'groupFounded', { groupName });
    });
  } catch (error) {
    if (isDuplicate(error)) throw new AppError('nameTaken', { field: 'body.keeper.signInName', cause: error });
    throw error;
  }
  return enter(deps, context, accountId);
}
