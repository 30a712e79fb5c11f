// What comes of a stand under one plan or another: from its book, its counts and the kind of its life.
import { yearOf, type DayNumber } from '../measure/index.ts';
import { hasModel, lifeOf, type NoLife, type ProfilePart } from '../plants/index.ts';
import {
  calibrate,
  chanceOf,
  growthOf,
  LEAVE_ALONE,
  LIVES,
  type Growth,
  type LifeForm,
  type LifeStage,
  type StandPlan,
  type StandProspect,
  type TakingEffect,
} from '../population/index.ts';
import type { Book } from './book.ts';
import type { RecordedCount } from './record.ts';

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

/** Where nobody said how many the place carries, it is taken to carry so many times what stands there now. An estimate. */
export const USUAL_ROOM = 2;
const DAYS_PER_YEAR = 365.25;

/**
 * All that a stand's future hangs on, as known on a day: its last count, its growth as its counts show it (what takes killed put back), and the
 * kind of its life.
 * @param room how many times the counted plants the place carries.
 */
export function futureOn(
  { profile, record, stand }: Known,
  day: DayNumber,
  room = USUAL_ROOM,
): StandFuture | { readonly none: NoFuture } {
  const life = lifeOf(profile);
  if (!hasModel(life)) return { none: life };
  const counts = record.counts.filter((c) => c.day <= day && c.plants.value > 0);
  const count = counts.at(-1);
  if (!count) return { none: 'noCount' };
  const counted = growthOf(counts.map((c) => ({ years: c.day / DAYS_PER_YEAR, ...c.plants })));
  const killedShare = killedEachYear({ profile, record, stand }, counts);
  const alone = counted && { ...counted, meanLog: counted.meanLog - Math.log(1 - killedShare) };
  const seed = seedOf(stand.id);
  return {
    life,
    count,
    counted,
    timesCounted: counts.length,
    killedShare,
    prospect: {
      calibration: calibrate(LIVES[life], alone, chanceOf(seed)),
      plants: count.plants,
      capacity: room * count.plants.value,
      stroke: null,
      seed,
    },
  };
}

/** What takes of parts that kill took of the stand, a year, between its first and its last count. */
function killedEachYear({ profile, record }: Known, counts: readonly RecordedCount[]): number {
  const [first, last] = [counts[0]!, counts.at(-1)!];
  const years = (last.day - first.day) / DAYS_PER_YEAR;
  if (years < 0.5) return 0;
  const kills = new Set(profile.parts.filter((p) => p.kills).map((p) => p.key));
  const killed = record.takes
    .filter((t) => t.day >= first.day && t.day < last.day)
    .reduce((sum, t) => sum + (t.killed ?? (kills.has(t.part) ? (t.plants ?? 0) : 0)), 0);
  const usual = counts.reduce((s, c) => s + c.plants.value, 0) / counts.length;
  return Math.min(MOST_KILLED, killed / years / usual);
}
const MOST_KILLED = 0.9;

/** A seed of its own for every stand, the same every time. */
function seedOf(id: string): number {
  let hash = 2166136261;
  for (const character of id) hash = Math.imul(hash ^ character.charCodeAt(0), 16777619);
  return hash >>> 0;
}

/** Lost to a plant from which a part is taken, where it lives on: survival of the year, estimates. */
const WEAKENS: Readonly<Partial<Record<ProfilePart['key'], number>>> = {
  leaf: 0.04,
  shoot: 0.08,
  stalk: 0.06,
  rosette: 0.2,
  root: 0.2,
  bark: 0.1,
  sap: 0.02,
  tip: 0.03,
  fibre: 0.03,
  wholePlant: 0.3,
};
/** Of seed, to a plant whose leaves or shoots go into no flower. An estimate. */
const LESS_SEED = 0.2;
const GREEN: ReadonlySet<ProfilePart['key']> = new Set(['leaf', 'shoot', 'tip', 'rosette']);

/** What taking a part does to a plant that it is taken from. */
export function effectOf({ key, kills, costsSeed }: ProfilePart): TakingEffect {
  if (kills) return { kills: 1 };
  const weakens = WEAKENS[key] ?? 0;
  if (costsSeed) return { seedLost: 1, weakens };
  return { weakens, seedLost: GREEN.has(key) ? LESS_SEED : 0 };
}

const GROWN: readonly LifeStage[] = ['mature', 'flowering', 'old'];
const BEARING: readonly LifeStage[] = ['flowering', 'old'];
/** Parts that only plants in flower bear. */
const OF_FLOWERING: ReadonlySet<ProfilePart['key']> = new Set(['bud', 'flower', 'pollen', 'fruit', 'seed']);

/** Stages of a life from which a part is taken: those that flower, for what flowers bear; the first year of a plant of two; else all that are grown. */
export function stagesTakenFrom(life: LifeForm, part: ProfilePart): readonly LifeStage[] {
  const { stages } = LIVES[life];
  if (part.yearOfLife === 1) return stages.filter((s) => s === 'juvenile');
  const wanted = OF_FLOWERING.has(part.key) && stages.includes('flowering') ? BEARING : GROWN;
  return stages.filter((s) => wanted.includes(s));
}

/** The plan of taking a part, its share still to be said. */
export const takingPlan = (life: LifeForm, part: ProfilePart): StandPlan => ({
  ...LEAVE_ALONE,
  stages: stagesTakenFrom(life, part),
  effect: effectOf(part),
});

/** The share of the plants of a part's stages that people took from a year of late, on average over up to so many seasons; `null`: never yet. */
export function shareTakenOfLate({ record }: Pick<Book, 'record'>, part: ProfilePart, day: DayNumber): number | null {
  const count = record.counts.filter((c) => c.day <= day && c.plants.value > 0).at(-1);
  const takes = record.takes.filter((t) => t.part === part.key && t.day <= day);
  if (!count || takes.length === 0) return null;
  const first = Math.max(takes[0]!.day, day - MOST_SEASONS * DAYS_PER_YEAR);
  const years = Math.max(1, yearOf(day) - yearOf(first) + 1);
  const plants = takes
    .filter((t) => t.day >= first)
    .reduce((sum, t) => sum + (t.plants ?? t.amount / Math.max(1, part.perPlant.value)), 0);
  return Math.min(1, plants / years / count.plants.value);
}
const MOST_SEASONS = 5;
