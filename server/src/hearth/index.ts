export { mountHearth } from './routes.ts';
