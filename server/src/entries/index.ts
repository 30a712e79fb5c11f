export {
  entriesOfPlace,
  entriesOfStands,
  entryById,
  entryPage,
  identitiesBy,
  openFinds,
  searchesInVain,
  insertEntries,
  insertEntry,
  insertVerdict,
  replacementsOf,
  rowOf,
  type EntryRow,
  type ReadEntry,
  type RecordEntry,
  type VerdictRow,
} from './repository.ts';
export { entry, sought } from './table.ts';
