import { entrySchema, exactly, listOf } from '@emberfield/contract';

const MOST = 200;
/** What a form of entries sends; the server takes each for itself, so that one that does not fit holds up no other. */
export const entriesSchema = exactly({ entries: listOf(entrySchema, MOST) });
