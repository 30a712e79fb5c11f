import type { AnswerShelf } from './kept-answers.ts';
import type { Signal } from './signal.ts';

/** What a query is, as far as keeping its answer goes. */
export interface Asked {
  readonly queryHash: string;
  readonly queryKey: readonly unknown[];
  readonly state: { readonly data: unknown };
}

/** A day in the address is a look away from today: there are too many to keep each. */
const IS_ANOTHER_DAY = /^\d{4}(-\d\d-\d\d)?$/;
const KEPT = new Set<unknown>(['group', 'base-map', 'session']);
const isKept = ({ queryKey }: Asked): boolean =>
  KEPT.has(queryKey[0]) && queryKey[2] !== 'find' && !IS_ANOTHER_DAY.test(String(queryKey.at(-1)));

/** Longer than this nobody waits who has an older answer at hand. */
const PATIENCE_MS = 5_000;

interface Means {
  readonly shelf: Promise<AnswerShelf | null>;
  readonly signal: Signal;
  /** Whether a failure means that the server was not reached; a refusal is an answer. */
  readonly isNotReached: (error: unknown) => boolean;
  readonly now?: () => number;
  readonly patienceMs?: number;
}

/**
 * Asks the server, and where it does not answer (at all, or in good time) gives what was read last.
 * The server always comes first: with a signal nobody decides on an old answer. What is in memory already is not replaced by
 * what is kept.
 * @throws what asking threw, where it is a refusal or nothing is kept
 */
export function answerOrKept({ shelf, signal, isNotReached, now = Date.now, patienceMs = PATIENCE_MS }: Means) {
  return async <T>(ask: () => T | Promise<T>, asked: Asked): Promise<T> => {
    const fresh = Promise.resolve(ask());
    if (!isKept(asked)) return fresh;
    // It may fail while the shelf is still being opened; the failure is taken up below.
    fresh.catch(() => undefined);
    const kept = await shelf;
    const old = asked.state.data === undefined ? await kept?.get(asked.queryHash).catch(() => undefined) : undefined;
    try {
      const data = await (old ? inTime(fresh, patienceMs) : fresh);
      // A full or broken shelf must not spoil the answer.
      await kept?.put({ hash: asked.queryHash, data: withoutToken(data), readAt: now() }).catch(() => undefined);
      return data;
    } catch (error) {
      if (!old || !(error instanceof TooLong || isNotReached(error))) throw error;
      signal.showsKept(old.readAt);
      return old.data as T;
    }
  };
}

class TooLong extends Error {}
function inTime<T>(work: Promise<T>, ms: number): Promise<T> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new TooLong()), ms);
    work.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}

/** The token of a session is of use to nobody without a signal, and is not written down. */
const withoutToken = (data: unknown): unknown =>
  typeof data === 'object' && data !== null && 'token' in data ? { ...data, token: null } : data;
