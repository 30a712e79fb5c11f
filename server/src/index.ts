export { Answers } from './answers/index.ts';
export { startWorkers } from './workers/index.ts';
export { Live } from './platform/http/live.ts';
export { createApp } from './app.ts';
export type { Dependencies } from './dependencies.ts';
export {
  insertAccount,
  insertGroup,
  insertMembership,
  insertRule,
  hashPassword,
  putClearance,
} from './people/index.ts';
export { insertTaste } from './larder/index.ts';
export { insertPermit } from './permits/index.ts';
export { insertWant } from './supply/index.ts';
export { insertPatch } from './patches/index.ts';
export { insertStand } from './stands/index.ts';
export { insertStation, upsertDays } from './weather/index.ts';
export { insertTide } from './tide/index.ts';
export { insertEntries, rowOf } from './entries/index.ts';
export { storeEntry, type Storing } from './visits/index.ts';
export { connect, type Connection } from './platform/database/database.ts';
export { migrateDatabase } from './platform/database/migrate.ts';
export { contentDigest } from './platform/tokens.ts';
export { createLog } from './platform/log.ts';
