export {
  completeCount,
  countByEye,
  type CountEstimate,
  estimateFromQuadrats,
  EYE_CLASSES,
  type EyeClass,
  type QuadratEstimate,
} from './census.ts';
