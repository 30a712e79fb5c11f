// What comes of a stand under one plan or another: from its book, its counts and the kind of its life.
import { yearOf, type DayNumber } from '../measure/index.ts';
import {
  hasModel,
  lifeOf,
  partBy,
  takenBy,
  type MethodKey,
  type NoLife,
  type PlantProfile,
  type ProfilePart,
} from '../plants/index.ts';
import {
  growthOf,
  LEAVE_ALONE,
  likeliestRates,
  LIVES,
  MOST_KILLED,
  prospectOf,
  standingShare,
  type Growth,
  type LifeForm,
  type LifeStage,
  type StandPlan,
  type StandProspect,
  type TakingEffect,
} from '../population/index.ts';
import type { Book } from './book.ts';
import { countOn } from './count-on.ts';
import type { RecordedCount } from './counts.ts';
import { killedBy, takenFrom } from './takes.ts';

type Known = Pick<Book, 'profile' | 'record'> & { readonly stand: Pick<Book['stand'], 'id'> };

/** Why nothing is said of the years to come. */
export type NoFuture = NoLife | 'noCount';

export interface StandFuture {
  readonly life: LifeForm;
  readonly prospect: StandProspect;
  /** The count that it begins with. */
  readonly count: RecordedCount;
  /** Growth from all counts, takes included; `null`: it was counted but once. */
  readonly counted: Growth | null;
  readonly timesCounted: number;
  /** Share of the stand that takes killed a year, on average over the years of the counts. */
  readonly killedShare: number;
}

export const DAYS_PER_YEAR = 365.25;

/**
 * All that a stand's future hangs on, as known on a day: its last count, its growth as its counts show it (what takes killed put back), and the
 * kind of its life.
 */
export function futureOn({ profile, record, stand }: Known, day: DayNumber): StandFuture | { readonly none: NoFuture } {
  const life = lifeOf(profile);
  if (!hasModel(life)) return { none: life };
  const counts = record.counts.filter((c) => c.day <= day && c.plants.value > 0);
  const count = countOn({ profile, record: { ...record, counts } }, day);
  if (!count) return { none: 'noCount' };
  const counted = growthOf(counts.map((c) => ({ years: c.day / DAYS_PER_YEAR, ...c.plants })));
  const killedShare = killedEachYear({ profile, record, stand }, counts);
  return {
    life,
    count,
    counted,
    timesCounted: counts.length,
    killedShare,
    prospect: prospectOf(LIVES[life], { plants: count.plants, counted, killedShare, seed: seedOf(stand.id) }),
  };
}

/** What takes of parts that kill took of the stand, a year, between its first and its last count. */
function killedEachYear({ profile, record }: Known, counts: readonly RecordedCount[]): number {
  const [first, last] = [counts[0]!, counts.at(-1)!];
  const years = (last.day - first.day) / DAYS_PER_YEAR;
  if (years < 0.5) return 0;
  const killed = record.takes
    .filter((t) => t.day >= first.day && t.day < last.day)
    .reduce((sum, t) => sum + killedBy(profile, t), 0);
  const usual = counts.reduce((s, c) => s + c.plants.value, 0) / counts.length;
  return Math.min(MOST_KILLED, killed / years / usual);
}

/** A seed of its own for every stand, the same every time. */
export function seedOf(id: string): number {
  let hash = 2166136261;
  for (const character of id) hash = Math.imul(hash ^ character.charCodeAt(0), 16777619);
  return hash >>> 0;
}

/** What it costs a plant that lives on if all of a part is taken from it. Estimates. */
const ALL_TAKEN: Readonly<Partial<Record<ProfilePart['key'], TakingEffect>>> = {
  leaf: { weakens: 0.2, setsBack: 0.4, seedLost: 0.6 },
  shoot: { weakens: 0.25, setsBack: 0.3, seedLost: 0.6 },
  stalk: { weakens: 0.15, setsBack: 0.2, seedLost: 1 },
  rosette: { weakens: 0.4, setsBack: 0.4, seedLost: 1 },
  root: { weakens: 0.4, setsBack: 0.3, seedLost: 0.3 },
  bark: { weakens: 0.3, setsBack: 0.1, seedLost: 0.3 },
  wholePlant: { weakens: 0.5, setsBack: 0.4, seedLost: 1 },
  tip: { weakens: 0.1, seedLost: 0.3 },
  sap: { weakens: 0.05 },
  fibre: { weakens: 0.05 },
};
/** So much of it is taken from a plant where its profile sets no cap. An estimate. */
const USUAL_SHARE = 1 / 3;

/** Share of what a plant carries of a part that is taken from it, by the cap of the profile. */
function shareOfPlant({ ceilings }: Pick<PlantProfile, 'ceilings'>, { key, perPlant }: ProfilePart): number {
  const caps = ceilings.flatMap(({ parts, rule }) =>
    rule.kind === 'perPlantCap' && (parts === null || parts.includes(key)) ? [rule.perPlant] : [],
  );
  return caps.length === 0 ? USUAL_SHARE : Math.min(1, Math.min(...caps) / Math.max(1, perPlant.value));
}

/**
 * What taking a part does to a plant that it is taken from, as much of it as its profile lets one take. In another than the usual way so many die as
 * its profile says, and of those that live the ones that do not bear again are a stage younger.
 */
export function effectOf(
  profile: Pick<PlantProfile, 'ceilings'>,
  whole: ProfilePart,
  method: MethodKey = 'usual',
): TakingEffect {
  const by = takenBy(whole, method);
  if (by.kills === 1) return { kills: 1 };
  const part = partBy(whole, method);
  const { weakens = 0, setsBack = 0, seedLost = 0 } = ALL_TAKEN[part.key] ?? {};
  // Of what is else dug up whole the way says itself how much of it goes.
  const share = whole.kills ? by.yield : by.yield * shareOfPlant(profile, part);
  return {
    ...(by.kills > 0 ? { kills: by.kills } : {}),
    weakens: share * weakens,
    setsBack: by.growsAgain === null ? share * setsBack : (1 - by.kills) * (1 - by.growsAgain),
    // Of flowers and fruit all seed of the plant is taken for lost: nobody knows which.
    seedLost: part.costsSeed ? by.yield : share * seedLost,
  };
}

const GROWN: readonly LifeStage[] = ['mature', 'flowering', 'old'];
const BEARING: readonly LifeStage[] = ['flowering', 'old'];
/** Parts that only plants in flower bear. */
const OF_FLOWERING: ReadonlySet<ProfilePart['key']> = new Set(['bud', 'flower', 'pollen', 'fruit', 'seed']);

/** Stages of a life from which a part is taken: those that flower, for what flowers bear; the first year of a plant of two; else all that are grown. */
export function stagesTakenFrom(life: LifeForm, part: Pick<ProfilePart, 'key' | 'yearOfLife'>): readonly LifeStage[] {
  const { stages } = LIVES[life];
  if (part.yearOfLife === 1) return stages.filter((s) => s === 'juvenile');
  const wanted = OF_FLOWERING.has(part.key) && stages.includes('flowering') ? BEARING : GROWN;
  return stages.filter((s) => wanted.includes(s));
}

/** The plan of taking a part in one way, its share still to be said. */
export const takingPlan = (
  life: LifeForm,
  profile: Pick<PlantProfile, 'ceilings'>,
  part: ProfilePart,
  method: MethodKey = 'usual',
): StandPlan => ({
  ...LEAVE_ALONE,
  stages: stagesTakenFrom(life, part),
  effect: effectOf(profile, part, method),
});

const MOST_SEASONS = 5;

/** What people did to a part of late: the share of the plants of its stages that they took from a year, and what that did to one. */
interface TakenOfLate {
  readonly share: number;
  /** By the ways in which it was taken, weighed by the plants each was taken from. */
  readonly effect: TakingEffect;
}

/**
 * What was taken of a part of late, on average over up to so many seasons; `null`: nobody took in those. How many of the counted plants are in those
 * stages is not counted: they are taken to stand as in the long run.
 */
export function takenOfLate(
  { profile, record }: Pick<Book, 'profile' | 'record'>,
  { life, count, prospect }: StandFuture,
  { part, day }: { readonly part: ProfilePart; readonly day: DayNumber },
): TakenOfLate | null {
  const since = day - MOST_SEASONS * DAYS_PER_YEAR;
  const takes = record.takes.filter((t) => t.part === part.key && t.day <= day && t.day >= since);
  const plants = takes.reduce((sum, t) => sum + takenFrom(t, part), 0);
  if (plants === 0) return null;
  const mean = (of: keyof TakingEffect): number =>
    takes.reduce((sum, t) => sum + takenFrom(t, part) * (effectOf(profile, part, t.method)[of] ?? 0), 0) / plants;
  const years = yearOf(day) - yearOf(takes[0]!.day) + 1;
  const standing = grownShare({ life, prospect }, part) * count.plants.value;
  return {
    share: Math.min(1, plants / years / standing),
    effect: { kills: mean('kills'), setsBack: mean('setsBack'), seedLost: mean('seedLost'), weakens: mean('weakens') },
  };
}

/** Share of the counted plants that are in the stages from which a part is taken, as the stages stand in the long run; 0–1. */
export const grownShare = ({ life, prospect }: Pick<StandFuture, 'life' | 'prospect'>, part: ProfilePart): number =>
  standingShare(likeliestRates(prospect.calibration), stagesTakenFrom(life, part));
