export { freeOn, nearestTide, nextFree, turnsOn, viewFree, type Shore } from './operations/at-place.ts';
export { insertTide, tidesOf, type TideRow } from './repository.ts';
export { mountTide } from './routes.ts';
