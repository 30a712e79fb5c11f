// Ways of putting plants back: what of them lives, how deep, how far apart, when, and the work of it. All figures are estimates of one hand.
import type { Figure, MonthDay } from '../measure/index.ts';
import type { LifeForm, LifeStage } from '../population/index.ts';

export const PLANTING_WAYS = ['seed', 'offset', 'division', 'crown', 'cutting', 'youngPlant'] as const;
export type PlantingWay = (typeof PLANTING_WAYS)[number];

/** A span of days of the year in the north; half a year later in the south. */
export interface PlantingSpan {
  readonly from: MonthDay;
  readonly to: MonthDay;
}

export interface WayGuide {
  /** Share that stands a year after it was put in, with its 80 % range. */
  readonly survival: Figure;
  /** Top of it under the ground, cm: from, to. */
  readonly depthCm: readonly [number, number];
  /** From one to the next, cm: from, to. */
  readonly apartCm: readonly [number, number];
  /** Work for one, minutes: digging, setting, pressing down, watering in. */
  readonly minutes: number;
  readonly when: readonly PlantingSpan[];
}

const p = (value: number, low: number, high: number): Figure => ({ value, low, high, source: 'estimate' });
/** While leaves are down and the ground is still warm, or before they come. */
const AT_REST: readonly PlantingSpan[] = [
  { from: '09-15', to: '11-15' },
  { from: '03-01', to: '04-15' },
];

export const WAY_GUIDES: Readonly<Record<PlantingWay, WayGuide>> = {
  seed: {
    survival: p(0.04, 0.015, 0.07),
    depthCm: [0, 1],
    apartCm: [10, 20],
    minutes: 0.1,
    when: [{ from: '08-01', to: '11-30' }],
  },
  offset: {
    survival: p(0.6, 0.4, 0.8),
    depthCm: [4, 10],
    apartCm: [10, 20],
    minutes: 2,
    when: [{ from: '07-01', to: '11-15' }],
  },
  division: { survival: p(0.75, 0.55, 0.9), depthCm: [2, 5], apartCm: [25, 40], minutes: 5, when: AT_REST },
  crown: { survival: p(0.55, 0.35, 0.75), depthCm: [2, 5], apartCm: [30, 45], minutes: 4, when: AT_REST },
  cutting: {
    survival: p(0.35, 0.15, 0.6),
    depthCm: [5, 10],
    apartCm: [20, 40],
    minutes: 4,
    when: [{ from: '06-01', to: '07-31' }],
  },
  youngPlant: { survival: p(0.7, 0.5, 0.88), depthCm: [3, 8], apartCm: [25, 40], minutes: 6, when: AT_REST },
};

/** How a kind of life is put back, the usual way first. Nothing of an invader is. */
const WAYS_OF: Readonly<Record<LifeForm, readonly PlantingWay[]>> = {
  annual: ['seed', 'youngPlant'],
  biennial: ['seed', 'youngPlant'],
  herb: ['crown', 'division', 'seed', 'youngPlant'],
  spreadingHerb: ['offset', 'division', 'cutting', 'seed'],
  slowRoot: ['crown', 'seed', 'youngPlant'],
  slowBulb: ['offset', 'seed', 'youngPlant'],
  crownFern: ['division', 'youngPlant'],
  reedBed: ['division', 'offset'],
  shrub: ['offset', 'cutting', 'seed', 'youngPlant'],
  annualInvader: [],
  spreadingInvader: [],
};
export const plantingWaysOf = (life: LifeForm): readonly PlantingWay[] => WAYS_OF[life];

/** Ways to set back at once what comes of the plant that was taken. */
export const waysFromTake = (life: LifeForm): readonly PlantingWay[] => WAYS_OF[life].filter((w) => w !== 'youngPlant');

/** Stages that it may be in a year on, the likeliest first: of a parted or replanted grown plant one that is grown, of a seed a seedling, else a young plant. */
const A_YEAR_ON: Readonly<Record<PlantingWay, readonly LifeStage[]>> = {
  seed: ['seedling', 'juvenile', 'flowering', 'mature'],
  offset: ['juvenile', 'mature', 'flowering'],
  division: ['mature', 'juvenile', 'flowering'],
  crown: ['mature', 'juvenile', 'flowering'],
  cutting: ['juvenile', 'mature', 'flowering'],
  youngPlant: ['juvenile', 'mature', 'flowering'],
};

/** What it is a year on, if it stands: the nearest that the life has. */
export const stageAfterPlanting = (way: PlantingWay, stages: readonly LifeStage[]): LifeStage =>
  A_YEAR_ON[way].find((s) => stages.includes(s)) ?? stages[stages.length - 1]!;
