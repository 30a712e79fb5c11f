import { hash, verify } from '@node-rs/argon2';
import type { SessionView, SignIn } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { AppError } from '../../platform/errors.ts';
import type { Context, SignedIn } from '../../platform/http/context.ts';
import { digestOf } from '../../platform/tokens.ts';
import { accountByName, anyAccount, demoAccounts, groupsOf, sessionByToken } from '../repository.ts';
import { beginSession } from './gatekeeper.ts';

/** What an unknown name is checked against, so that it takes as long as a known one. */
const NOBODYS_HASH = hash('nobody has this password');

export async function signIn(deps: Dependencies, context: Context<SignIn>): Promise<SessionView> {
  const { signInName, password } = context.body;
  const found = await accountByName(deps.db, signInName.trim().toLowerCase());
  const right = await verify(found?.passwordHash ?? (await NOBODYS_HASH), password);
  if (!found || !right || found.demo) throw new AppError('wrongSignIn');
  return enter(deps, context, found.id);
}

/** One press on a tile of the demo; elsewhere there is no such thing. */
export async function signInDemo(
  deps: Dependencies,
  context: Context<{ readonly signInName: string }>,
): Promise<SessionView> {
  const found = deps.demo ? await accountByName(deps.db, context.body.signInName) : null;
  if (!found?.demo) throw new AppError('wrongSignIn');
  return enter(deps, context, found.id);
}

/** Begins a session, sets the cookie, and says who is in. */
export async function enter(deps: Dependencies, context: Context<unknown>, accountId: string): Promise<SessionView> {
  const token = await beginSession(deps.db, accountId, context.browser, deps.clock.now());
  context.setSession(token);
  const found = await sessionByToken(deps.db, digestOf(token), deps.clock.now());
  if (!found) throw new AppError('notSignedIn');
  const { account, session } = found;
  return viewSession(deps, {
    sessionId: session.id,
    accountId: account.id,
    name: account.name,
    signInName: account.signInName,
    language: account.language,
    token: session.token,
  });
}

/** Who is in, or what a stranger may do. */
export async function viewSession(deps: Dependencies, account: SignedIn | null): Promise<SessionView> {
  if (!account)
    return {
      account: null,
      groups: [],
      token: null,
      canFound: !(await anyAccount(deps.db)),
      demoPeople: deps.demo ? await demoAccounts(deps.db) : [],
    };
  const { accountId, name, signInName, language, token } = account;
  return {
    account: { id: accountId, name, signInName, language },
    groups: await groupsOf(deps.db, accountId),
    token,
    canFound: false,
    demoPeople: [],
  };
}
