export { fitGrowth, type GrowthFit, type GrowthSpec, type MeasuredLengths, sumForLength } from './growth.ts';
export { againMark, lengthMark, type LengthWish, type Regrowth, type WindowEdge } from './part-marks.ts';
