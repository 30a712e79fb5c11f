import type { DayNumber } from '../measure/index.ts';
import { PRIOR_SCALES, type StageSpec } from '../stages/index.ts';
import { driveOf, FAMILY, type ClockForm, type ClockKey, type Drive } from './family.ts';
import { casesOf, foretold, type SeenCase } from './foretold.ts';
import { Restating } from './restated.ts';
import { seenSeasons, type SeenSeason, type SeenStand } from './seen-seasons.ts';
import { stackingWeights } from './stacking.ts';
import { stageClocks, type StageClock } from './stage-clock.ts';

/** One way in which a kind's stages are dated, and how much is given to it. */
export interface KindClock {
  /** Names of its forms, by what drives a stage. */
  readonly forms: Readonly<Partial<Record<Drive, ClockKey>>>;
  readonly stages: readonly StageSpec[];
  /** By stage: by so much what is of one season varies more, or less, than it usually does of a profile's figure; squared. */
  readonly spread: readonly number[];
  /** By stage; those of a kind's clocks add up to 1 at each. */
  readonly weights: readonly number[];
}

/** Beforehand the profile's own clock is worth so many cases, and all others together so many (estimates). */
const PROFILE_WORTH = 1.5;
const OTHERS_WORTH = 3;
/** Cases of one season and stand hang together: each counts so much. */
const CASE_SHARE = 0.8;
/** Below so many seasons there is nothing to leave out. */
const LEAST_SEASONS = 2;
/** Seasons of stands that a kind's clock is learned from: the newest; more would cost more than they tell. */
const MOST_SEASONS = 40;
/** What all stages of a kind say of its clocks is worth so many cases of one stage (an estimate). */
const KIND_WORTH = 4;
/** Clocks below this share at every stage are let go, and of those that are left so many kept. */
const LEAST_SHARE = 0.1;
const MOST_FORMS: Readonly<Record<Drive, number>> = { warmth: 3, cool: 2 };

/** A profile's own clock, before anything is known. */
export const asTold = (stages: readonly StageSpec[]): KindClock => ({
  forms: {},
  stages,
  spread: stages.map(() => 1),
  weights: stages.map(() => 1),
});

/**
 * The clocks of a kind by what was seen of its stands up to a day: each of a small family is tried on seasons left out of learning
 * it, and they are weighed by how well they foretold them, the profile's own clock with a start. A few sightings leave the profile's.
 * Cost: seasons × forms × 485 days.
 */
export function kindClocks(stands: readonly SeenStand[], until: DayNumber): readonly KindClock[] {
  const { stages } = stands[0]!.place;
  const measured = stands.find((s) => s.place.weather?.climatology);
  if (!measured) return [asTold(stages)];
  const seasons = stands
    .flatMap((stand, at) => seenSeasons(stand, { until }).map((season) => ({ at, stand, season })))
    .filter(({ at, season }) => casesOf(at, season).length > 0)
    .sort((a, b) => b.season.season - a.season.season)
    .slice(0, MOST_SEASONS);
  if (new Set(seasons.map((s) => s.season.season)).size < LEAST_SEASONS) return [asTold(stages)];
  const restating = new Restating(measured.place, until);
  const [warmth, cool] = (['warmth', 'cool'] as const).map((drive) => weighed(drive, seasons, restating, until));
  // One of each drive at a time, heaviest first: what stages of one drive go by says nothing of the other.
  return Array.from({ length: Math.max(warmth!.length, cool!.length) }, (_, k) => {
    const pair = { warmth: warmth![k] ?? warmth![0]!, cool: cool![k] ?? cool![0]! };
    const of = (stage: StageSpec): Weighed | null => {
      const drive = driveOf(stage);
      return drive && pair[drive];
    };
    return {
      forms: { warmth: pair.warmth.form.key, cool: pair.cool.form.key },
      stages: restating.under({ warmth: pair.warmth.form, cool: pair.cool.form }),
      spread: stages.map((stage, s) => of(stage)?.spreadAt(s) ?? 1),
      weights: stages.map((stage, s) => {
        const drive = driveOf(stage);
        const all = drive === 'warmth' ? warmth! : drive === 'cool' ? cool! : [];
        return all.length === 0 ? (k === 0 ? 1 : 0) : (all[k]?.weightAt(s) ?? 0);
      }),
    };
  });
}

/** A way in which a kind's stages are dated, and the share that it has in them. */
export interface ClockShare {
  readonly form: ClockKey;
  readonly share: number;
}

/** What a kind goes by, greatest share first, over all stages that anything can be learned of; nothing while that is its profile alone. */
export function clockShares(clocks: readonly KindClock[]): readonly ClockShare[] {
  const shares = new Map<ClockKey, number>();
  let total = 0;
  for (const { forms, stages, weights } of clocks)
    stages.forEach((stage, s) => {
      const drive = driveOf(stage);
      const form = drive && forms[drive];
      if (!form) return;
      shares.set(form, (shares.get(form) ?? 0) + weights[s]!);
      total += weights[s]!;
    });
  const all = [...shares].map(([form, sum]) => ({ form, share: sum / total }));
  return all.every((s) => s.form === 'profile') ? [] : all.sort((a, b) => b.share - a.share);
}

interface StandSeason {
  readonly at: number;
  readonly stand: SeenStand;
  readonly season: SeenSeason;
}
interface Weighed {
  readonly form: ClockForm;
  readonly spreadAt: (stage: number) => number;
  readonly weightAt: (stage: number) => number;
}

/** The forms of one drive that foretold best, by weight. */
function weighed(
  drive: Drive,
  seasons: readonly StandSeason[],
  restating: Restating,
  until: DayNumber,
): readonly Weighed[] {
  const driven = seasons[0]!.stand.place.stages.map((s) => driveOf(s) === drive);
  const cases = seasons.flatMap(({ at, season }) => casesOf(at, season).filter((c) => driven[c.stage]));
  if (cases.length === 0) return [{ form: FAMILY[drive][0]!, spreadAt: () => 1, weightAt: () => 1 }];
  const forms = FAMILY[drive];
  const byForm = forms.map((form) => {
    const stages = restating.under({ [drive]: form });
    const clocks = new Map<string, readonly (StageClock | null)[]>();
    for (const { at, stand, season } of seasons)
      clocks.set(
        `${at}:${season.season}`,
        stageClocks({ ...stand.place, stages }, season.season, { until, bounds: season.bounds }),
      );
    return foretold(cases, (c: SeenCase) => clocks.get(`${c.stand}:${c.season}`)![c.stage]!);
  });
  const rows = cases.map((_, i) => byForm.map((f) => f.probabilities[i]!));
  const { share, kept } = sharesOf(
    rows,
    cases.map((c) => c.stage),
    MOST_FORMS[drive],
  );
  return kept.map((k) => ({
    form: forms[k]!,
    spreadAt: (stage: number) => spreadFor(byForm[k]!.varianceAt(stage)),
    weightAt: (stage: number) => share(k, stage) / kept.reduce((sum, o) => sum + share(o, stage), 0),
  }));
}

/** Weights of the forms at every stage, those of the kind first; and which of them are worth keeping, heaviest first. */
function sharesOf(
  rows: readonly (readonly number[])[],
  stages: readonly number[],
  most: number,
): { readonly share: (form: number, stage: number) => number; readonly kept: readonly number[] } {
  const worth = rows[0]!.map((_, k, all) => (k === 0 ? PROFILE_WORTH : OTHERS_WORTH / (all.length - 1)));
  const ofKind = stackingWeights(rows, worth, CASE_SHARE);
  const prior = ofKind.map((w) => KIND_WORTH * w);
  const byStage = new Map<number, readonly number[]>();
  for (const stage of new Set(stages)) {
    const own = rows.filter((_, i) => stages[i] === stage);
    byStage.set(stage, stackingWeights(own, prior, CASE_SHARE));
  }
  const greatest = (k: number): number => Math.max(...[...byStage.values()].map((w) => w[k]!));
  const kept = ofKind
    .map((_, k) => k)
    .sort((a, b) => ofKind[b]! - ofKind[a]!)
    .filter((k, i) => i === 0 || greatest(k) >= LEAST_SHARE)
    .slice(0, most);
  return { share: (k, stage) => (byStage.get(stage) ?? ofKind)[k]!, kept };
}

/** What is of a season everywhere is the same for all kinds; the rest of a variance is the kind's own. */
function spreadFor(variance: number): number {
  const { season, standSeason, stage } = PRIOR_SCALES;
  return Math.min(MOST_SPREAD, Math.max(LEAST_SPREAD, (variance - season) / (standSeason + stage)));
}
const LEAST_SPREAD = 0.3;
const MOST_SPREAD = 12;
