export {
  entriesOfStands,
  entryById,
  entryPage,
  identitiesBy,
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
