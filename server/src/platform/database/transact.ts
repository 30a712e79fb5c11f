import { AppError } from '../errors.ts';
import type { Database, Transaction } from './database.ts';

/** Deadlock, lock wait over, cluster node not ready: the whole transaction is gone and may be tried again. */
const TRANSIENT = new Set([1213, 1205, 1047]);
const DUPLICATE = 1062;
const LONGEST_TRYING_MS = 15_000;

/**
 * Runs a transaction, and runs the whole of it again when the database gave it up for a conflict, with growing pauses
 * until a deadline. `work` must do nothing but database work, since it may run several times.
 * The clock and the pause are the operating system's: this is the rim, not the core.
 */
export async function transact<T>(db: Database, work: (tx: Transaction) => Promise<T>): Promise<T> {
  const deadline = Date.now() + LONGEST_TRYING_MS;
  for (let attempt = 0; ; attempt++) {
    try {
      return await db.transaction(work);
    } catch (error) {
      if (!isTransient(error) || Date.now() > deadline) throw error;
      const pauseMs = Math.min(400, 5 * 2 ** attempt) * (0.5 + Math.random());
      await new Promise((resolve) => setTimeout(resolve, pauseMs));
    }
  }
}

/** Driver errors arrive wrapped; the number may stand anywhere in the chain of causes. */
export function errorNumber(error: unknown): number | null {
  for (let e: unknown = error; e instanceof Error; e = e.cause) {
    const { errno } = e as { errno?: unknown };
    if (typeof errno === 'number') return errno;
  }
  return null;
}

export const isTransient = (error: unknown): boolean => TRANSIENT.has(errorNumber(error) ?? 0);
/** The database is away, ending, full of callers, or the way to it broke: it may be back in a moment. */
const AWAY_NUMBERS = new Set([1040, 1053, 1152, 1927]);
const AWAY_CODES = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ENOENT',
  'ETIMEDOUT',
  'PROTOCOL_CONNECTION_LOST',
  'PROTOCOL_SEQUENCE_TIMEOUT',
  'POOL_CLOSED',
]);
export function isAway(error: unknown): boolean {
  for (let e: unknown = error; e instanceof Error; e = e.cause) {
    const { errno, code, message } = e as Error & { errno?: unknown; code?: unknown };
    if (typeof errno === 'number' && AWAY_NUMBERS.has(errno)) return true;
    if (typeof code === 'string' && AWAY_CODES.has(code)) return true;
    // A rollback on a dead connection hides the reason behind this.
    if (/closed state|Connection lost/.test(message)) return true;
  }
  return false;
}
const DANGLING = 1452;
/** A row was to point at one that is not there, or is another group's. */
export const isDangling = (error: unknown): boolean => errorNumber(error) === DANGLING;
const REFERENCED = 1451;
/** Removes what nothing hangs on any more. @throws AppError `notEmpty` where the database's own keys say that something does */
export async function removeIfFree(db: Database, work: (tx: Transaction) => Promise<void>): Promise<null> {
  try {
    await transact(db, work);
    return null;
  } catch (error) {
    if (errorNumber(error) === REFERENCED) throw new AppError('conflict', { reason: 'notEmpty', cause: error });
    throw error;
  }
}
export const isDuplicate = (error: unknown): boolean => errorNumber(error) === DUPLICATE;
