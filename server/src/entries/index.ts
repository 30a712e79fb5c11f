export {
  entriesOfStands,
  entryById,
  entryPage,
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
