export { storeEntry, type Storing } from './operations/store-entry.ts';
export { mountVisits } from './routes.ts';
