export {
  completeCount,
  countByEye,
  estimateFromQuadrats,
  EYE_CLASSES,
  type CountEstimate,
  type EyeClass,
  type QuadratEstimate,
} from './census.ts';
