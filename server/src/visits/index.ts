export { storeEntry } from './operations/store-entry.ts';
export type { Storing } from './operations/storing.ts';
export { mountVisits } from './routes.ts';
