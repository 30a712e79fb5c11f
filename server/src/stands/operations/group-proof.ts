import type { GroupProof, ProofScores } from '@emberfield/contract';
import { dayNumber, isoDay, type DayNumber } from '@emberfield/core/measure';
import { bandShares, DATE_RULES, scoresOf, worthOfLook, type Trial } from '@emberfield/core/proof';
import type { Dependencies } from '../../dependencies.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { forecastInput } from '@emberfield/core/stand';
import { Pauses } from '../../answers/index.ts';
import { dossiersOf, type Dossier } from './dossier.ts';
import { presentSeason } from './stand-answers.ts';
import { DAYS_BEFORE, hundredth, keptTrials, tenth, trialsOf } from './stand-trials.ts';

/** An answer waits so long; stands whose past is not reckoned by then come with the next one. */
const PATIENCE_MS = 1_500;
const AHEAD_DAYS = 45;
const MOST_LOOKS = 6;

/** Forecast against real for all plants of the group, and where a look would help most. */
export async function viewGroupProof(deps: Dependencies, { group }: GroupContext<null>): Promise<GroupProof> {
  const today = dayNumber(group.today);
  const { stands } = await dossiersOf(deps, group);
  const seen = stands.filter((d) => d.record.sightings.length > 0);
  const until = performance.now() + PATIENCE_MS;
  const trials = new Map<Dossier, readonly Trial[]>();
  let waiting = 0;
  for (const dossier of seen) {
    if (performance.now() < until || keptTrials(deps.answers, dossier))
      trials.set(dossier, await trialsOf(deps.answers, dossier));
    else waiting += 1;
  }
  const all = [...trials.values()].flat();
  return {
    daysBefore: DAYS_BEFORE,
    all: shownScores(all),
    plants: byPlant(trials),
    calibration: bandShares(all),
    looks: await looks(stands, today),
    waiting,
  };
}

function shownScores(trials: readonly Trial[]): ProofScores | null {
  const scores = scoresOf(trials, DATE_RULES);
  return (
    scores && {
      trials: scores.trials,
      forecast: tenth(scores.forecast),
      lastYear: tenth(scores.lastYear),
      meanDate: tenth(scores.meanDate),
      covered: hundredth(scores.covered),
    }
  );
}

function byPlant(trials: ReadonlyMap<Dossier, readonly Trial[]>): GroupProof['plants'] {
  const plants = new Map<string, { readonly dossier: Dossier; readonly trials: Trial[] }>();
  for (const [dossier, own] of trials) {
    const known = plants.get(dossier.stand.plantKey) ?? { dossier, trials: [] };
    known.trials.push(...own);
    plants.set(dossier.stand.plantKey, known);
  }
  return [...plants].flatMap(([plantKey, { dossier, trials: own }]) => {
    const { names, stages } = dossier.plant.profile;
    const scores = shownScores(own);
    if (!scores) return [];
    const byStage = stages.flatMap(({ key, name }) => {
      const ofStage = shownScores(own.filter((t) => t.stage === key));
      return ofStage ? [{ stage: key, stageName: name, scores: ofStage }] : [];
    });
    return [{ plantKey, plantName: names, scores, stages: byStage }];
  });
}

/** What a look would narrow, summed up by place: one way serves all that stands there. */
async function looks(stands: readonly Dossier[], today: DayNumber): Promise<GroupProof['looks']> {
  const pauses = new Pauses();
  const places = new Map<string, GroupProof['looks'][number] & { readonly best: number }>();
  const until = performance.now() + PATIENCE_MS;
  for (const dossier of stands) {
    if (performance.now() > until) break;
    await pauses.pause();
    const { patch, plant } = dossier;
    const { windows, stages, names } = plant.profile;
    if (windows.length === 0) continue;
    const input = forecastInput(dossier.book, presentSeason(dossier.book));
    const worth = worthOfLook(input, windows, { from: today, to: today + AHEAD_DAYS });
    if (!worth || worth.narrowed.length === 0) continue;
    const days = worth.narrowed.reduce((sum, n) => sum + n.days, 0);
    const before = places.get(patch.id);
    const leads = !before || days > before.best;
    places.set(patch.id, {
      patchId: patch.id,
      patchName: patch.name,
      day: leads ? isoDay(worth.day) : before.day,
      plantName: leads ? names : before.plantName,
      stageName: leads ? stages.find((s) => s.key === worth.stage)!.name : before.stageName,
      windows: (before?.windows ?? 0) + worth.narrowed.length,
      days: (before?.days ?? 0) + days,
      best: Math.max(days, before?.best ?? 0),
    });
  }
  return [...places.values()]
    .sort((a, b) => b.days - a.days)
    .slice(0, MOST_LOOKS)
    .map(({ best: _, ...look }) => ({ ...look, days: tenth(look.days) }));
}
