export {
  entriesOfStands, entryById, entryPage, insertEntry, insertVerdict, replacementsOf, type EntryRow, type ReadEntry, type VerdictRow,
} from './repository.ts';
export { entry, sought } from './table.ts';
