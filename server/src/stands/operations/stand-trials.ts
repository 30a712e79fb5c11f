import type { DayNumber } from '@emberfield/core/measure';
import { backtest, daysBefore, type Trial } from '@emberfield/core/phenology';
import { Kept } from '../../platform/kept.ts';
import { Pauses } from '../../platform/pauses.ts';
import type { Dossier } from './dossier.ts';
import { seasonNow, seenStand } from './forecast-input.ts';

export const DAYS_BEFORE = 14;
const SEASONS = 5;
const MOST_KEPT = 6_000;
const kept = new Kept<readonly Trial[]>(MOST_KEPT);

/** What is known of a stand's past forecasts without reckoning. */
export const keptTrials = (dossier: Dossier, today: DayNumber): readonly Trial[] | undefined =>
  kept.peek(keyOf(dossier, today));

/**
 * A stand's last seasons, each forecast a fortnight before from its own earlier seasons only: what the others' sightings said
 * then is not held any more.
 */
export async function trialsOf(dossier: Dossier, today: DayNumber): Promise<readonly Trial[]> {
  const key = keyOf(dossier, today);
  const known = kept.peek(key);
  if (known) return known;
  const trials: Trial[] = [];
  const pauses = new Pauses();
  const first = seasonNow(dossier, today) - SEASONS + 1;
  for (const trial of backtest([seenStand(dossier)], [daysBefore(DAYS_BEFORE)], first)) {
    trials.push(trial);
    await pauses.pause();
  }
  trials.sort((a, b) => a.seen.stage - b.seen.stage || a.season - b.season);
  kept.put(key, trials);
  return trials;
}

function keyOf(dossier: Dossier, today: DayNumber): string {
  const { stand, record, patch, plant, weather } = dossier;
  return [stand.id, record.sightingsKey, patch.version, plant.revision, weather?.key, seasonNow(dossier, today)].join(
    ':',
  );
}

export const tenth = (value: number): number => Math.round(value * 10) / 10;
export const hundredth = (value: number): number => Math.round(value * 100) / 100;
