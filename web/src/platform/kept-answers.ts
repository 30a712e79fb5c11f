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
  constructor() {
    super('emberfield-answers');
    // With each version answers have another shape: what was kept of one before would break the pages that read it.
    this.version(2)
      .stores({ answers: 'hash, readAt' })
      .upgrade((tx) => tx.table('answers').clear());
  }
}

/** Where answers wait for a day without signal. */
export interface AnswerShelf {
  readonly get: (hash: string) => Promise<KeptAnswer | undefined>;
  readonly put: (answer: KeptAnswer) => Promise<unknown>;
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
  const { answers } = database;
  const over = (await answers.count()) - MOST_KEPT;
  if (over > 0) await answers.bulkDelete(await answers.orderBy('readAt').limit(over).primaryKeys());
  return {
    get: (hash) => answers.get(hash),
    put: (answer) => answers.put(answer),
    clear: () => answers.clear(),
  };
}
