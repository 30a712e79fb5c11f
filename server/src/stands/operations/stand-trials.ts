import { backtest, daysBefore, type Trial } from '@emberfield/core/proof';
import { seenStand } from '@emberfield/core/stand';
import { cacheOf, Pauses, type Answers } from '../../answers/index.ts';
import type { Dossier } from './dossier.ts';
import { presentSeason, sightingsKey } from './stand-answers.ts';

export const DAYS_BEFORE = 14;
const SEASONS = 5;
const TRIALS = cacheOf<readonly Trial[]>(6_000);

/** What is known of a stand's past forecasts without reckoning. */
export const keptTrials = (answers: Answers, dossier: Dossier): readonly Trial[] | undefined =>
  answers.of(TRIALS).peek(keyOf(dossier));

/**
 * A stand's last seasons, each forecast a fortnight before from its own earlier seasons only: what the others' sightings said
 * then is not held any more.
 */
export async function trialsOf(answers: Answers, dossier: Dossier): Promise<readonly Trial[]> {
  const key = keyOf(dossier);
  const known = answers.of(TRIALS).peek(key);
  if (known) return known;
  const trials: Trial[] = [];
  const pauses = new Pauses();
  const first = presentSeason(dossier.book) - SEASONS + 1;
  for (const trial of backtest([seenStand(dossier.book)], [daysBefore(DAYS_BEFORE)], first)) {
    trials.push(trial);
    await pauses.pause();
  }
  trials.sort((a, b) => a.seen.stage - b.seen.stage || a.season - b.season);
  answers.of(TRIALS).put(key, trials);
  return trials;
}

function keyOf({ stand, patch, plant, weather, book }: Dossier): string {
  return [stand.id, sightingsKey(book), patch.version, plant.revision, weather?.key, presentSeason(book)].join(':');
}

export const tenth = (value: number): number => Math.round(value * 10) / 10;
export const hundredth = (value: number): number => Math.round(value * 100) / 100;
