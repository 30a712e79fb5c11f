import type { ProofTrial, StandProof } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { comparable, DATE_RULES, missOf, scoresOf, type Trial } from '@emberfield/core/proof';
import type { SeasonSighting } from '@emberfield/core/learning';
import type { Dependencies } from '../../dependencies.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { dossiersOf, type Dossier } from './dossier.ts';
import { seenStand, viewRange } from '@emberfield/core/stand';
import { DAYS_BEFORE, hundredth, tenth, trialsOf } from './stand-trials.ts';

/** How far off the dates of a stand were in its last seasons, and which sightings do not fit the others. */
export async function viewStandProof(deps: Dependencies, { group, params }: GroupContext<null>): Promise<StandProof> {
  const {
    stands: [dossier],
  } = await dossiersOf(deps, group, params['standId']);
  if (!dossier) throw notFound('stand');
  const trials = await trialsOf(deps.answers, dossier);
  const scores = scoresOf(trials, DATE_RULES);
  return {
    daysBefore: DAYS_BEFORE,
    scores: scores && {
      seasons: new Set(comparable(trials, DATE_RULES).map((t) => t.season)).size,
      trials: scores.trials,
      forecast: tenth(scores.forecast),
      lastYear: tenth(scores.lastYear),
      meanDate: tenth(scores.meanDate),
      covered: hundredth(scores.covered),
    },
    trials: trials.map((t) => shown(t, dossier)),
    doubtful: doubtfulOf(dossier, dayNumber(group.today)),
  };
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
    forecast: viewRange(trial.forecast),
    lastYear: lastYear === null ? null : isoDay(lastYear),
    miss: p50 === null ? null : missOf(p50, trial.seen),
    lastYearMiss: lastYear === null ? null : missOf(lastYear, trial.seen),
  };
}

function doubtfulOf(dossier: Dossier, until: number): StandProof['doubtful'] {
  const { plant, knowledge, record } = dossier;
  const { stages } = plant.profile;
  const learned = knowledge.learning.standOf(seenStand(dossier.book), { until });
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
