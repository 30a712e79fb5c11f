// Other ways of taking a part than the usual one, by plant and part: what each costs the plant, and what it gives. All figures are estimates.
import type { PartKey } from '@emberfield/contract';
import type { OtherMethod, TakingMethod } from '@emberfield/core/plants';
import { estimate } from './figures.ts';
import type { Range } from './write-stages.ts';

const method = (key: OtherMethod, kills: Range, growsAgain: Range, gives: Range): TakingMethod => ({
  key,
  kills: estimate(...kills),
  growsAgain: estimate(...growsAgain),
  yield: estimate(...gives),
});
const NONE: Range = [0, 0, 0];
const ALL: Range = [1, 1, 1];

const SIDE_ROOTS = method('sideRoots', [0.1, 0.03, 0.25], [0.6, 0.4, 0.8], [0.35, 0.2, 0.5]);
const PART_OF_CROWN = method('partOfCrown', [0.15, 0.05, 0.35], [0.5, 0.3, 0.7], [0.5, 0.35, 0.65]);
/** What is left of a taproot shoots again, weaker. */
const LOWER_LEFT = method('lowerLeft', [0.35, 0.15, 0.6], [0.4, 0.2, 0.6], [0.65, 0.5, 0.8]);
const OUTER_LEAVES = method('outerLeaves', [0.02, 0, 0.05], [0.95, 0.85, 1], [0.5, 0.35, 0.6]);
const CUT_ABOVE = method('cutAbove', [0.05, 0.02, 0.15], [0.8, 0.6, 0.95], [0.7, 0.5, 0.85]);
const SHAKEN = method('shaken', NONE, ALL, [0.6, 0.4, 0.8]);
/** It tears leaves and young shoots along. */
const COMBED = method('combed', NONE, [0.8, 0.6, 0.95], ALL);
const EACH_BRANCH = method('eachBranch', NONE, ALL, [0.3, 0.15, 0.45]);

const METHODS_OF: Readonly<Record<string, Readonly<Partial<Record<PartKey, readonly TakingMethod[]>>>>> = {
  valerian: { root: [SIDE_ROOTS, PART_OF_CROWN] },
  'yellow-gentian': { root: [SIDE_ROOTS] },
  dandelion: { root: [LOWER_LEFT], leaf: [OUTER_LEAVES] },
  bittercress: { rosette: [OUTER_LEAVES] },
  weld: { wholePlant: [CUT_ABOVE] },
  comfrey: { leaf: [OUTER_LEAVES] },
  bilberry: { fruit: [COMBED] },
  lingonberry: { fruit: [COMBED] },
  hawthorn: { fruit: [EACH_BRANCH] },
  elder: { fruit: [EACH_BRANCH] },
  rowan: { fruit: [EACH_BRANCH] },
  birch: { leaf: [EACH_BRANCH] },
  'broad-dock': { seed: [SHAKEN] },
  goosefoot: { seed: [SHAKEN] },
  hogweed: { seed: [SHAKEN] },
};

/** A part with its other ways, where some are known. */
export const withMethods = <P extends { readonly key: PartKey }>(plant: string, part: P): P => {
  const methods = METHODS_OF[plant]?.[part.key];
  return methods ? { ...part, methods } : part;
};
