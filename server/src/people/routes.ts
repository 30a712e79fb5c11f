import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { tryLimit } from '../platform/http/rate-limit.ts';
import {
  changePassword,
  chooseLanguage,
  endOtherSessions,
  forgetPerson,
  greetReset,
  leaveGroup,
  makeResetLink,
  resetPassword,
} from './operations/account.ts';
import { listen } from './operations/listen.ts';
import { listActivity } from './operations/activity.ts';
import { foundGroup } from './operations/found-group.ts';
import { listClearances, setClearance } from './operations/clearances.ts';
import { listRules, setRule } from './operations/house-rules.ts';
import { accept, greet, invite, joinSignedIn, listInvitations, withdrawInvitation } from './operations/invite.ts';
import {
  changeGroup,
  changeRole,
  endSession,
  listMembers,
  listSessions,
  removeMember,
  viewGroup,
} from './operations/members.ts';
import { signIn, signInDemo, viewSession } from './operations/sign-in.ts';

/** Failed sign-ins of one address under any names: a household shares an address, a guesser tries many names. */
const MOST_SIGN_INS_AN_ADDRESS = 60;

export function mountPeople(endpoints: Endpoints, deps: Dependencies): void {
  const tries = (name: string) => tryLimit(deps.db, { name });
  const nameTried = (body: unknown): string => {
    const name = (body as { readonly signInName?: unknown } | null)?.signInName;
    return typeof name === 'string' ? name.trim().toLowerCase() : '';
  };
  const signInTries = [
    tryLimit(deps.db, { name: 'sign-in', subject: nameTried }),
    tryLimit(deps.db, { name: 'sign-in-address', most: MOST_SIGN_INS_AN_ADDRESS }),
  ];
  endpoints.anyone(ROUTES.session, (c) => viewSession(deps, c.account));
  endpoints.anyone(ROUTES.signIn, (c) => signIn(deps, c), ...signInTries);
  endpoints.anyone(ROUTES.demoSignIn, (c) => signInDemo(deps, c), tries('demo'));
  endpoints.signedIn(ROUTES.signOut, async (c) => {
    await endSession(deps, { ...c, params: { sessionId: c.account.sessionId } });
    c.setSession(null);
    return null;
  });
  endpoints.anyone(ROUTES.found, (c) => foundGroup(deps, c), tries('founding'));
  endpoints.anyone(ROUTES.invitationGreeting, (c) => greet(deps, c.params['token']!), tries('invitation'));
  endpoints.anyone(ROUTES.acceptInvitation, (c) => accept(deps, c), tries('invitation'));
  endpoints.signedIn(ROUTES.joinByInvitation, (c) => joinSignedIn(deps, c));
  endpoints.signedIn(ROUTES.sessions, (c) => listSessions(deps, c));
  endpoints.signedIn(ROUTES.endSession, (c) => endSession(deps, c));

  endpoints.signedIn(ROUTES.endOtherSessions, (c) => endOtherSessions(deps, c));
  endpoints.signedIn(ROUTES.changePassword, (c) => changePassword(deps, c), tries('password'));
  endpoints.signedIn(ROUTES.chooseLanguage, (c) => chooseLanguage(deps, c));
  endpoints.anyone(ROUTES.resetGreeting, (c) => greetReset(deps, c.params['token']!), tries('reset'));
  endpoints.anyone(ROUTES.resetPassword, (c) => resetPassword(deps, c), tries('reset'));

  endpoints.inGroup(ROUTES.forgetPerson, (c) => forgetPerson(deps, c));
  endpoints.inGroup(ROUTES.makeResetLink, (c) => makeResetLink(deps, c));
  endpoints.inGroup(ROUTES.leaveGroup, (c) => leaveGroup(deps, c));
  endpoints.inGroup(ROUTES.activity, (c) => listActivity(deps, c));
  endpoints.inGroup(ROUTES.group, async (c) => viewGroup(deps, c.group));
  endpoints.inGroup(ROUTES.changeGroup, (c) => changeGroup(deps, c));
  endpoints.inGroup(ROUTES.live, (c) => listen(deps, c));
  endpoints.inGroup(ROUTES.members, (c) => listMembers(deps, c));
  endpoints.inGroup(ROUTES.changeRole, (c) => changeRole(deps, c));
  endpoints.inGroup(ROUTES.removeMember, (c) => removeMember(deps, c));
  endpoints.inGroup(ROUTES.invitations, (c) => listInvitations(deps, c));
  endpoints.inGroup(ROUTES.invite, (c) => invite(deps, c));
  endpoints.inGroup(ROUTES.withdrawInvitation, (c) => withdrawInvitation(deps, c));
  endpoints.inGroup(ROUTES.rules, (c) => listRules(deps, c));
  endpoints.inGroup(ROUTES.setRule, (c) => setRule(deps, c));
  endpoints.inGroup(ROUTES.clearances, (c) => listClearances(deps, c));
  endpoints.inGroup(ROUTES.setClearance, (c) => setClearance(deps, c));
}
