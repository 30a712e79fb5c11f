// The pool of worker threads: work that is not to keep others waiting, with limits of its own.
import { availableParallelism } from 'node:os';
import { Piscina } from 'piscina';
import { AppError } from '../platform/errors.ts';
import type { Asking, TaskName, Tasks, Told } from './tasks.ts';

/** A file may take so long and so much memory, whatever is in it. */
const MOST_SECONDS = 30;
const MOST_HEAP_MB = 384;
const IDLE_MS = 60_000;
const RECKONER_IDLE_MS = 10_000;
const LOOK_EVERY_MS = 250;

export interface WorkerPool {
  /**
   * Does a task in a thread of its own. @throws AppError of the task; `unreadableFile` where it takes too long or too much memory, or
   * where whoever asked has gone away
   */
  readonly run: <N extends TaskName>(
    name: N,
    input: Tasks[N]['input'],
    gone?: () => boolean,
  ) => Promise<Tasks[N]['output']>;
  /** So many stands are reckoned at once. */
  readonly reckoners: number;
  readonly stop: () => Promise<void>;
}

/** Reckoning leaves the answering thread a processor of its own, and knows how much it needs. */
const RECKONERS = Math.max(1, availableParallelism() - 1);
const RECKONER_HEAP_MB = 96;

export function startWorkers({ threads = 2 }: { readonly threads?: number } = {}): WorkerPool {
  const reckoners = new Piscina({
    filename: new URL('./thread.mjs', import.meta.url).href,
    minThreads: 0,
    maxThreads: RECKONERS,
    idleTimeout: RECKONER_IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: RECKONER_HEAP_MB },
  });
  const readers = new Piscina({
    filename: new URL('./thread.mjs', import.meta.url).href,
    minThreads: 0,
    maxThreads: threads,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: MOST_HEAP_MB },
  });
  return {
    run: async <N extends TaskName>(name: N, input: Tasks[N]['input'], gone: () => boolean = () => false) => {
      const stopped = new AbortController();
      const until = performance.now() + MOST_SECONDS * 1000;
      const look = setInterval(() => (gone() || performance.now() > until) && stopped.abort(), LOOK_EVERY_MS);
      try {
        const told = (await (name === 'reckonSeasons' ? reckoners : readers).run({ name, input } satisfies Asking<N>, {
          signal: stopped.signal,
        })) as Told<N>;
        if ('refused' in told) throw AppError.from(told.refused);
        return told.output;
      } catch (error) {
        if (error instanceof AppError) throw error;
        if (stopped.signal.aborted || isTooMuch(error))
          throw new AppError('unreadableFile', { reason: gone() ? 'stopped' : 'tooMuchWork', cause: error });
        throw error;
      } finally {
        clearInterval(look);
      }
    },
    reckoners: RECKONERS,
    stop: async () => void (await Promise.all([readers.destroy(), reckoners.destroy()])),
  };
}

/** Out of memory, or a text or list longer than there can be. */
const isTooMuch = (error: unknown): boolean =>
  (error as { code?: unknown } | null)?.code === 'ERR_WORKER_OUT_OF_MEMORY' || error instanceof RangeError;
