// What was put back at a stand, what is still owed to it, and by what ways that can be made up.
import type { DayNumber } from '../measure/index.ts';
import { hasModel, isInvader, lifeOf, type NoLife, type PlantProfile, type ProfilePart } from '../plants/index.ts';
import {
  calibrate,
  likeliestRates,
  LIVES,
  standingShare,
  startOf,
  type LifeStage,
  type Range,
  type Rates,
} from '../population/index.ts';
import {
  chanceToFlower,
  livesOf,
  meanOver,
  plantingWaysOf,
  putBackPerKilled,
  shareOf,
  stageAfterPlanting,
  yearsToFlower,
  type Life,
  type PlantingWay,
  type Survival,
} from '../replanting/index.ts';
import { cohortsOn, survivalOf, type PlantedBook } from './cohorts.ts';
import { DAYS_PER_YEAR, futureOn, seedOf, stagesTakenFrom } from './future.ts';
import { killedBy } from './takes.ts';

/** What was killed longer ago than this the stand has made up for, or its count shows that it has not. */
const OWED_FOR_YEARS = 5;

/** One way to put back, and what it takes. */
export interface WayAdvice {
  readonly way: PlantingWay;
  readonly into: LifeStage;
  /** For each plant killed. */
  readonly perKilled: Range;
  readonly survival: Range;
  /** Cohorts here that say so. */
  readonly cohorts: number;
  readonly drawn: Survival;
  readonly yearsToFlower: number | null;
}

export type NoPuttingBack = NoLife | 'invader';

export interface PuttingBack {
  /** Over the last years: plants killed by takes, and how many of them were to flower or did. */
  readonly killed: number;
  readonly killedToFlower: number;
  /** Of what was put back in those years: put in, and expected to flower. */
  readonly putIn: number;
  readonly toFlower: number;
  /** Plants killed that nothing makes up for yet. */
  readonly owed: number;
  readonly years: number;
  readonly ways: readonly WayAdvice[];
  /** Grown plants that stand by the last count; `null`: never counted. */
  readonly grown: number | null;
  /** Stages that are taken from. */
  readonly from: readonly LifeStage[];
  /** Draws of how the stand lives, to ask more of. */
  readonly lives: readonly Life[];
}

/** What is owed to a stand on a day, and how it can be made up. */
export function puttingBackOn(book: PlantedBook, day: DayNumber): PuttingBack | { readonly none: NoPuttingBack } {
  const { profile, record, stand } = book;
  const life = lifeOf(profile);
  if (isInvader(profile)) return { none: 'invader' };
  if (!hasModel(life)) return { none: life };
  const future = futureOn(book, day);
  const known = 'prospect' in future ? future : null;
  const calibration = known?.prospect.calibration ?? calibrate(LIVES[life], null);
  const rates = likeliestRates(calibration);
  const from = stagesTakenFrom(life, killingPart(profile));
  const lives = livesOf(calibration, seedOf(stand.id));
  const since = day - OWED_FOR_YEARS * DAYS_PER_YEAR;
  const recent = cohortsOn(book, day).filter((c) => c.day >= since);
  const killed = record.takes
    .filter((t) => t.day >= since && t.day <= day)
    .reduce((sum, t) => sum + killedBy(profile, t), 0);
  // Of the plants that are taken from so many come to flower, or do.
  const each = meanOver({ rates, stableStages: startOf(rates, 1) }, from, chanceToFlower(rates));
  const toFlower = recent.reduce((sum, c) => sum + c.toFlower, 0);
  const count = known?.count.plants.value ?? null;
  return {
    killed,
    killedToFlower: killed * each,
    putIn: recent.reduce((sum, c) => sum + c.number, 0),
    toFlower,
    owed: Math.max(0, killed - toFlower / each),
    years: OWED_FOR_YEARS,
    ways: plantingWaysOf(life).map((way) => adviceOn(way, { book, day, lives, rates, from })),
    grown: count === null ? null : count * standingShare(rates, from),
    from,
    lives,
  };
}

/** The part whose taking kills; where none does, the plants of the grown stages are spoken of. */
const killingPart = ({ parts }: Pick<PlantProfile, 'parts'>): Pick<ProfilePart, 'key' | 'yearOfLife'> =>
  parts.find((p) => p.kills) ?? { key: 'root' };

function adviceOn(
  way: PlantingWay,
  {
    book,
    day,
    lives,
    rates,
    from,
  }: {
    readonly book: PlantedBook;
    readonly day: DayNumber;
    readonly lives: readonly Life[];
    readonly rates: Rates;
    readonly from: readonly LifeStage[];
  },
): WayAdvice {
  const { survival, cohorts } = survivalOf(book, way, day);
  const into = stageAfterPlanting(way, rates.stages);
  return {
    way,
    into,
    perKilled: putBackPerKilled(lives, { killed: from, into, survival }),
    survival: shareOf(survival),
    cohorts,
    drawn: survival,
    yearsToFlower: addOne(yearsToFlower(rates, into)),
  };
}

/** What was put in is in its stage a year on. */
const addOne = (years: number | null): number | null => (years === null ? null : years + 1);

/** Why something may not be planted at a stand. */
export type PlantingBar = 'invader' | 'wildToGarden';
/** Plants under pressure are not taken from the wild into a garden; the other way round they may go. */
const UNDER_PRESSURE: readonly PlantProfile['status'][] = ['protected', 'atRisk'];

/**
 * Why a planting is refused; `null`: it is not. Of an invader nothing is put in anywhere.
 * @param fromWild what is put in comes from a stand that is not tended; `null`: from none.
 */
export function plantingBar(
  profile: Parameters<typeof isInvader>[0],
  { isTended, fromWild }: { readonly isTended: boolean; readonly fromWild: boolean },
): PlantingBar | null {
  if (isInvader(profile)) return 'invader';
  return isTended && fromWild && UNDER_PRESSURE.includes(profile.status) ? 'wildToGarden' : null;
}
