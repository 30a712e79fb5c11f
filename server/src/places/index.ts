export { mountPlaces } from './routes.ts';
export { sweepPlaceImports } from './repository.ts';
