export { tapsOf, type MarkedTree, type TapGirths } from './trees.ts';
export {
  completeCount,
  countByEye,
  type CountEstimate,
  type CountFit,
  estimateFromBelts,
  estimateFromClumps,
  estimateFromQuadrats,
  EYE_CLASSES,
  type EyeClass,
  type QuadratEstimate,
} from './census.ts';
export { combineCounts } from './combined.ts';
export { randomSpots, type Spot } from './spots.ts';
