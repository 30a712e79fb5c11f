import Dexie, { type Table } from 'dexie';

/** An answer of the server as it was read last, under the hash of what was asked. */
export interface KeptAnswer {
  readonly hash: string;
  readonly data: unknown;
  /** Milliseconds since 1970. */
  readonly readAt: number;
}
class KeptAnswers extends Dexie {
  readonly answers!: Table<KeptAnswer, string>;
  /** Of what was taken along: it stays, however much else is read. */
  readonly along!: Table<{ readonly hash: string }, string>;
  constructor() {
    super('emberfield-answers');
    // With each version answers have another shape: what was kept of one before would break the pages that read it.
    this.version(2)
      .stores({ answers: 'hash, readAt' })
      .upgrade((tx) => tx.table('answers').clear());
    this.version(3).stores({ answers: 'hash, readAt', along: 'hash' });
  }
}

/** Where answers wait for a day without signal. */
export interface AnswerShelf {
  readonly get: (hash: string) => Promise<KeptAnswer | undefined>;
  readonly put: (answer: KeptAnswer) => Promise<unknown>;
  /** These stay until others are taken along, or none. */
  readonly takeAlong: (hashes: readonly string[]) => Promise<unknown>;
  /** Everything goes: at the end of a sign-in nothing of the group stays on the device. */
  readonly clear: () => Promise<unknown>;
}

/** So many are kept; the ones read longest ago go first. */
const MOST_KEPT = 600;

/** The shelf in the browser's own database. @returns null where there is none (a private window of some browsers) */
export async function openShelf(): Promise<AnswerShelf | null> {
  const database = new KeptAnswers();
  try {
    await database.open();
  } catch {
    // Without a database there is only what is in memory; nothing else hangs on it.
    return null;
  }
  const { answers, along } = database;
  const over = (await answers.count()) - MOST_KEPT;
  if (over > 0) {
    const staying = new Set(await along.toCollection().primaryKeys());
    const oldest = await answers.orderBy('readAt').primaryKeys();
    await answers.bulkDelete(oldest.filter((hash) => !staying.has(hash)).slice(0, over));
  }
  return {
    get: (hash) => answers.get(hash),
    put: (answer) => answers.put(answer),
    takeAlong: (hashes) =>
      database.transaction('rw', along, async () => {
        await along.clear();
        await along.bulkAdd(hashes.map((hash) => ({ hash })));
      }),
    clear: () => Promise.all([answers.clear(), along.clear()]),
  };
}
