export { mountPlaces } from './routes.ts';
