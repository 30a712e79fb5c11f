import type { HouseRule, PartOutlook } from '@emberfield/contract';
import type { DayNumber } from '@emberfield/core/measure';
import type { Dependencies } from '../../dependencies.ts';
import { Pauses } from '../../platform/pauses.ts';
import type { Dossier } from './dossier.ts';
import { keptOutlooks, outlooksOn } from './outlook.ts';

export interface Reading {
  readonly day: DayNumber;
  readonly today: DayNumber;
  readonly houseRules: readonly HouseRule[];
}
export interface OutlooksOfAll {
  /** In the order of the stands; those that were not had in time are as they last were, or missing. */
  readonly outlooks: ReadonlyMap<Dossier, readonly PartOutlook[]>;
  /** So many are still reckoned behind the answer. */
  readonly waiting: number;
}

/** An answer waits so long for what is not reckoned yet. */
const PATIENCE_MS = 600;

const underway = new Map<string, { readonly reading: string; readonly done: Promise<void> }>();

/**
 * Outlooks of all stands of a group as far as they can be had at once. The rest is reckoned behind the answer, in pieces, so that
 * whoever asks again soon finds more; what changed since it was last reckoned comes first.
 */
export async function outlooksOfAll(
  { log }: Pick<Dependencies, 'log'>,
  groupId: string,
  stands: readonly Dossier[],
  reading: Reading,
): Promise<OutlooksOfAll> {
  const { day, today, houseRules } = reading;
  const outlooks = new Map<Dossier, readonly PartOutlook[]>();
  const cold: { readonly dossier: Dossier; readonly changed: boolean }[] = [];
  for (const dossier of stands) {
    const kept = keptOutlooks(dossier, day, today);
    if (kept) outlooks.set(dossier, kept.outlooks);
    if (!kept?.current) cold.push({ dossier, changed: kept !== null && kept.revision !== dossier.stand.revision });
  }
  cold.sort((a, b) => Number(b.changed) - Number(a.changed));
  const until = performance.now() + PATIENCE_MS;
  const pauses = new Pauses();
  let next = 0;
  for (; next < cold.length && performance.now() < until; next++) {
    const { dossier } = cold[next]!;
    outlooks.set(dossier, outlooksOn(dossier, day, today, houseRules));
    await pauses.pause();
  }
  const rest = cold.slice(next).map((c) => c.dossier);
  if (rest.length > 0) reckonBehind(log, groupId, rest, reading);
  return {
    outlooks: new Map(stands.flatMap((d) => (outlooks.has(d) ? [[d, outlooks.get(d)!]] : []))),
    waiting: rest.length,
  };
}

/** One run a group; for another day it waits until the one before is through, so that nobody's crowds out another's. */
function reckonBehind(log: Dependencies['log'], groupId: string, stands: readonly Dossier[], reading: Reading): void {
  const { day, today, houseRules } = reading;
  const name = `${day}:${today}`;
  if (underway.get(groupId)?.reading === name) return;
  const before = underway.get(groupId)?.done ?? Promise.resolve();
  const done = before
    .then(async () => {
      const pauses = new Pauses();
      for (const dossier of stands) {
        outlooksOn(dossier, day, today, houseRules);
        await pauses.pause();
      }
    })
    .catch((err: unknown) => log.error({ err, groupId }, 'reckoning behind an answer'))
    .finally(() => {
      if (underway.get(groupId)?.done === done) underway.delete(groupId);
    });
  underway.set(groupId, { reading: name, done });
}
