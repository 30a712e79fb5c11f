// The words a profile is written in: parts, units, habits, statuses, cautions, organs.
import type { Figure } from '../measure/index.ts';

export const PART_KEYS = [
  'leaf',
  'shoot',
  'stalk',
  'bud',
  'flower',
  'pollen',
  'fruit',
  'seed',
  'sap',
  'bark',
  'root',
  'tip',
  'rosette',
  'wholePlant',
  'fruitBody',
  'fibre',
] as const;
export type PartKey = (typeof PART_KEYS)[number];
export const UNIT_KEYS = [
  'leaf',
  'shoot',
  'stalk',
  'head',
  'blossom',
  'tip',
  'litre',
  'root',
  'fruit',
  'nut',
  'cap',
  'spike',
  'seed',
  'gram',
] as const;
export type UnitKey = (typeof UNIT_KEYS)[number];
export { HABITS } from '../identity/index.ts';
export const STATUSES = ['common', 'slow', 'atRisk', 'protected', 'invasive'] as const;
export type Status = (typeof STATUSES)[number];
/** Parts of the world that a plant is said to grow in: broad enough that a gatherer knows which are theirs. */
export const REGIONS = [
  'atlanticEurope',
  'northernEurope',
  'continentalEurope',
  'mountainsOfEurope',
  'mediterranean',
  'easternAmerica',
  'prairie',
  'westernAmerica',
] as const;
export type Region = (typeof REGIONS)[number];
/** A look-alike does harm, or is at least a nuisance. */
export const LOOK_ALIKE_SEVERITIES = ['deadly', 'poisonous', 'harmful', 'nuisance'] as const;
export type LookAlikeSeverity = (typeof LOOK_ALIKE_SEVERITIES)[number];
/** How a part may be eaten at all, its window given; `none`: not for eating. */
export const EATINGS = ['raw', 'cooked', 'none'] as const;
export type Eating = (typeof EATINGS)[number];
export const CAUTION_CLASSES = [
  'lookAlike',
  'cooking',
  'notForEating',
  'slowPoison',
  'skin',
  'handling',
  'ground',
  'law',
  'people',
  'spoiling',
  'invader',
  'stand',
] as const;
export const ORGANS = [
  'wholePlant',
  'leaf',
  'leafStalk',
  'stem',
  'root',
  'bud',
  'flower',
  'fruit',
  'seed',
  'bark',
  'cap',
  'gills',
  'stipe',
  'sporePrint',
  'smell',
  'flesh',
] as const;
export const PRICES = ['glance', 'cut', 'loupe', 'overnight', 'microscope'] as const;

/** Beside the usual way, which a profile tells in words: part of what it digs, cuts or picks, so that more is left. */
export const OTHER_METHODS = [
  'sideRoots',
  'partOfCrown',
  'lowerLeft',
  'outerLeaves',
  'cutAbove',
  'shaken',
  'combed',
  'eachBranch',
] as const;
/** `usual`: as the profile tells it. */
export const METHOD_KEYS = ['usual', ...OTHER_METHODS] as const;
export type OtherMethod = (typeof OTHER_METHODS)[number];
export type MethodKey = (typeof METHOD_KEYS)[number];

/** One of a part's other ways; every figure 0–1. */
export interface TakingMethod {
  readonly key: OtherMethod;
  /** Share of the plants so taken from that die of it. */
  readonly kills: Figure;
  /** Share of those that live which bear as much again the next season; the others are set back by a stage. */
  readonly growsAgain: Figure;
  /** So much is had of a plant, as a share of what the usual way gives. */
  readonly yield: Figure;
}
