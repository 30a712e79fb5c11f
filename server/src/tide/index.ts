export { insertTide, tidesOf, type TideRow } from './repository.ts';
export { mountTide } from './routes.ts';
