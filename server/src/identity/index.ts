export { mountIdentity } from './routes.ts';
