export {
  entriesOfPlace,
  entriesOfStands,
  entryById,
  entryPage,
  findsAndSearches,
  identitiesBy,
  openFinds,
  searchesInVain,
  insertEntries,
  insertEntry,
  insertVerdict,
  replacementsOf,
  rowOf,
  type ReadEntry,
  type RecordEntry,
  type VerdictRow,
} from './repository.ts';
export { sought } from './table.ts';
