import type { DayNumber } from '@emberfield/core/measure';
import type { StandDay } from '@emberfield/core/stand';
import { Pauses, type CacheKind } from '../../answers/index.ts';
import type { Dependencies } from '../../dependencies.ts';
import type { Dossier } from './dossier.ts';

export interface DaysOfAll {
  /** In the order of the stands; those that were not had in time are as they last were, or missing. */
  readonly days: ReadonlyMap<Dossier, StandDay>;
  /** So many are still reckoned behind the answer. */
  readonly waiting: number;
}

/** Handing stands to other threads and starting those costs as much as reckoning so many. */
const LEAST_FOR_THREADS = 150;
const BATCH = 32;

type Reckoning = Pick<Dependencies, 'log' | 'answers' | 'workers'>;

/** The costly part of what a day says, the seasons about it, reckoned in another thread. */
async function reckonElsewhere(
  workers: Dependencies['workers'],
  batch: readonly Dossier[],
  day: DayNumber,
): Promise<void> {
  const asked = batch.flatMap(({ answers }) => {
    const stand = answers.unreckoned(day);
    return stand ? [{ answers, stand }] : [];
  });
  if (asked.length === 0) return;
  const made = await workers.run('reckonSeasons', { stands: asked.map((a) => a.stand) });
  asked.forEach(({ answers }, i) => answers.keep(made[i]!));
}

/** An answer waits so long for what is not reckoned yet. */
const PATIENCE_MS = 600;

const UNDERWAY: CacheKind<Map<string, { readonly day: DayNumber; readonly done: Promise<void> }>> = {
  make: () => new Map<string, { readonly day: DayNumber; readonly done: Promise<void> }>(),
};

/**
 * What a day says of all stands of a group as far as it can be had at once. The rest is reckoned behind the answer, in pieces, so
 * that whoever asks again soon finds more; what changed since it was last reckoned comes first.
 */
export async function daysOfAll(
  deps: Reckoning,
  groupId: string,
  stands: readonly Dossier[],
  day: DayNumber,
): Promise<DaysOfAll> {
  const days = new Map<Dossier, StandDay>();
  const cold: { readonly dossier: Dossier; readonly changed: boolean }[] = [];
  for (const dossier of stands) {
    const held = dossier.answers.held(day);
    if (held) days.set(dossier, held.said);
    if (!held?.current) cold.push({ dossier, changed: held !== null && held.revision !== dossier.stand.revision });
  }
  cold.sort((a, b) => Number(b.changed) - Number(a.changed));
  const until = performance.now() + PATIENCE_MS;
  const pauses = new Pauses();
  let next = 0;
  for (; next < cold.length && performance.now() < until; next++) {
    const { dossier } = cold[next]!;
    days.set(dossier, dossier.answers.on(day));
    await pauses.pause();
  }
  const rest = cold.slice(next).map((c) => c.dossier);
  if (rest.length > 0) reckonBehind(deps, groupId, rest, day);
  return { days: new Map(stands.flatMap((d) => (days.has(d) ? [[d, days.get(d)!]] : []))), waiting: rest.length };
}

/** One run a group; for another day it waits until the one before is through, so that nobody's crowds out another's. */
function reckonBehind(
  { log, answers, workers }: Reckoning,
  groupId: string,
  stands: readonly Dossier[],
  day: DayNumber,
): void {
  const underway = answers.of(UNDERWAY);
  if (underway.get(groupId)?.day === day) return;
  const before = underway.get(groupId)?.done ?? Promise.resolve();
  const done = before
    .then(async () => {
      const pauses = new Pauses();
      const reckon = async (batch: readonly Dossier[]): Promise<void> => {
        if (stands.length >= LEAST_FOR_THREADS) await reckonElsewhere(workers, batch, day);
        for (const dossier of batch) {
          dossier.answers.on(day);
          await pauses.pause();
        }
      };
      const batches = Array.from({ length: Math.ceil(stands.length / BATCH) }, (_, i) =>
        stands.slice(i * BATCH, (i + 1) * BATCH),
      );
      // One more at once than there are threads: while one batch is reckoned another is made ready or taken in.
      await Promise.all(
        Array.from({ length: workers.reckoners + 1 }, async () => {
          for (let batch = batches.shift(); batch; batch = batches.shift()) await reckon(batch);
        }),
      );
    })
    .catch((err: unknown) => log.error({ err, groupId }, 'reckoning behind an answer'))
    .finally(() => {
      if (underway.get(groupId)?.done === done) underway.delete(groupId);
    });
  underway.set(groupId, { day, done });
}
