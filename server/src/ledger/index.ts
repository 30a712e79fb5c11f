export { mountLedger } from './routes.ts';
