import type { ProofTrial, StandProof } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import {
  backtest,
  comparable,
  DATE_RULES,
  daysBefore,
  historyOf,
  LearnedStand,
  missOf,
  scoresOf,
  seasonFirstDay,
  seasonOf,
  type SeasonSighting,
  type Trial,
} from '@emberfield/core/phenology';
import type { Dependencies } from '../../dependencies.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { KeptLater } from '../../platform/kept.ts';
import { Pauses } from '../../platform/pauses.ts';
import { dossiersOf, type Dossier } from './dossier.ts';
import { isoRange } from './outlook.ts';
import { seenStand } from './season-forecast.ts';

const DAYS_BEFORE = 14;
const SEASONS = 5;
const MOST_KEPT = 2_000;
const kept = new KeptLater<readonly Trial[]>(MOST_KEPT);

/** How far off the dates of a stand were in its last seasons, and which sightings do not fit the others. */
export async function viewStandProof(deps: Dependencies, { group, params }: GroupContext<null>): Promise<StandProof> {
  const {
    stands: [dossier],
  } = await dossiersOf(deps, group, params['standId']);
  if (!dossier) throw notFound('stand');
  const trials = await trialsOf(dossier, dayNumber(group.today));
  const scores = scoresOf(trials, () => null, DATE_RULES);
  return {
    daysBefore: DAYS_BEFORE,
    scores: scores && {
      seasons: new Set(comparable(trials, DATE_RULES).map((t) => t.season)).size,
      trials: scores.trials,
      forecast: tenth(scores.forecast),
      lastYear: tenth(scores.lastYear),
      meanDate: tenth(scores.meanDate),
      covered: Math.round(scores.covered * 100) / 100,
    },
    trials: trials.map((t) => shown(t, dossier)),
    doubtful: doubtfulOf(dossier, dayNumber(group.today)),
  };
}

/** From the stand's own earlier seasons only: what others saw then is not held any more. */
function trialsOf(
  { stand, patch, plant, weather, record, ...rest }: Dossier,
  today: number,
): Promise<readonly Trial[]> {
  const { station } = weather ?? { station: null };
  const key = [stand.id, record.sightingsKey, patch.version, plant.revision, station?.id, station?.revision].join(':');
  return kept.get(key, async () => {
    const seen = seenStand({ stand, patch, plant, weather, record, ...rest });
    const first = seasonOf(today, plant.profile.seasonStart, patch.latitudeDeg) - SEASONS + 1;
    const trials: Trial[] = [];
    const pauses = new Pauses();
    for (const trial of backtest([seen], [daysBefore(DAYS_BEFORE)], first)) {
      trials.push(trial);
      await pauses.pause();
    }
    return trials.sort((a, b) => a.seen.stage - b.seen.stage || a.season - b.season);
  });
}

function shown(trial: Trial, { plant: { profile } }: Dossier): ProofTrial {
  const { p50 } = trial.forecast;
  const { lastYear } = trial.rivals;
  return {
    stage: trial.stage,
    stageName: profile.stages[trial.seen.stage]!.name,
    season: trial.season,
    issued: isoDay(trial.issued),
    after: isoDay(trial.seen.after),
    by: isoDay(trial.seen.by),
    forecast: isoRange(trial.forecast),
    lastYear: lastYear === null ? null : isoDay(lastYear),
    miss: p50 === null ? null : missOf(p50, trial.seen),
    lastYearMiss: lastYear === null ? null : missOf(lastYear, trial.seen),
  };
}

function doubtfulOf(dossier: Dossier, until: number): StandProof['doubtful'] {
  const { patch, plant, knowledge, record } = dossier;
  const { stages } = plant.profile;
  const history = historyOf(seenStand(dossier), { until });
  const learned = new LearnedStand(history, knowledge.learning.beforehand(history), (season) =>
    seasonFirstDay(season, plant.profile.seasonStart, patch.latitudeDeg),
  );
  // What follows for the stages before and after is no sighting that anybody could look at again.
  const said = ({ stage, after, by }: SeasonSighting): boolean =>
    record.sightings.some((s) => s.stage === stages[stage]!.key && (s.day === after || s.day === by));
  return learned
    .doubtful()
    .filter(said)
    .map(({ stage, season, after, by }) => ({
      stage: stages[stage]!.key,
      stageName: stages[stage]!.name,
      season,
      after: after === null ? null : isoDay(after),
      by: by === null ? null : isoDay(by),
    }));
}

const tenth = (value: number): number => Math.round(value * 10) / 10;
