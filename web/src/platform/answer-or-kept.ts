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

/** Longer than this nobody waits who has an older answer at hand, and less long where nothing answered before. */
const PATIENCE_MS = 5_000;
const WITHOUT_SIGNAL_MS = 1_000;

/**
 * Usually an answer is on the shelf before it is shown; a disk that others keep busy keeps nobody waiting for it, and while the shelf is
 * opened, at the start, nobody waits at all.
 */
const SHELF_PATIENCE_MS = 500;

interface Means {
  readonly shelf: Promise<AnswerShelf | null>;
  readonly signal: Signal;
  /** Whether a failure means that the server was not reached; a refusal is an answer. */
  readonly isNotReached: (error: unknown) => boolean;
  readonly now?: () => number;
  readonly patienceMs?: number;
  /** The same where the server was not reached when it was asked last. */
  readonly withoutSignalMs?: number;
}

/**
 * Asks the server, and where it does not answer (at all, or in good time) gives what was read last.
 * The server always comes first: with a signal nobody decides on an old answer. What is in memory already is not replaced by
 * what is kept.
 * @throws what asking threw, where it is a refusal or nothing is kept
 */
export function answerOrKept({
  shelf,
  signal,
  isNotReached,
  now = Date.now,
  patienceMs = PATIENCE_MS,
  withoutSignalMs = WITHOUT_SIGNAL_MS,
}: Means) {
  let open = false;
  shelf.then(
    () => (open = true),
    () => undefined,
  );
  return async <T>(ask: () => T | Promise<T>, asked: Asked): Promise<T> => {
    const { queryHash: hash } = asked;
    const answer = Promise.resolve(ask());
    if (!isKept(asked)) return answer;
    const fresh = answer.then(async (data) => {
      const readAt = now();
      // A full, broken or slow shelf must not spoil the answer.
      const put = shelf.then((s) => s?.put({ hash, data: withoutToken(data), readAt })).catch(() => undefined);
      if (open) await inTime(put, SHELF_PATIENCE_MS).catch(() => undefined);
      return data;
    });
    // It may fail while what is kept is already shown.
    fresh.catch(() => undefined);
    const kept = asked.state.data === undefined ? shelf.then((s) => s?.get(hash)).catch(() => undefined) : undefined;
    try {
      return await inTime(fresh, signal.reached.value ? patienceMs : withoutSignalMs);
    } catch (error) {
      if (!(error instanceof TooLong || isNotReached(error))) throw error;
      // Nobody waits for a slow shelf whom the server answers after all.
      const old = await Promise.race([
        kept,
        fresh.then(
          () => undefined,
          () => kept,
        ),
      ]);
      if (!old) return fresh;
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
