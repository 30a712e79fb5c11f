export { mountYear } from './routes.ts';
