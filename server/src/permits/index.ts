export { isUnder } from './is-under.ts';
export { claimPermits, claimPermitsAt, insertPermit, permitsOf, type PermitRow } from './repository.ts';
export { mountPermits } from './routes.ts';
