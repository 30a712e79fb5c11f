export { claimPermits, claimPermitsAt, insertPermit, permitsOf, type PermitRow } from './repository.ts';
export { mountPermits } from './routes.ts';
