export { createGatekeeper } from './operations/gatekeeper.ts';
export { renewFoundingCode } from './operations/found-group.ts';
export { clearanceIn } from './operations/clearances.ts';
export { putResetLink } from './operations/account.ts';
export { hashPassword } from './operations/password.ts';
export {
  insertAccount,
  insertGroup,
  insertMembership,
  allRules,
  clearancesOf,
  membersOf,
  putClearance,
  type ClearanceRow,
  insertRule,
  sweepPeople,
  updateGroup,
} from './repository.ts';
export { removeKept, saveAsRead } from './operations/as-read.ts';
export { audit } from './operations/audit.ts';
export { mountPeople } from './routes.ts';
