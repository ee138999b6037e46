export { areaOfMeasure, measureFault, SHAPE_LABELS, SHAPES, workingOf, type SayLength, type Shape } from './measure.ts';
export { areaOf, isBare, paintFor, USUAL_AREA_M2, type PaintTaken } from './paint.ts';
export {
  FURTHEST,
  learnRates,
  minutesOf,
  paceOf,
  rateFrom,
  USUAL_COUNTS,
  type LearnedRate,
  type PaceSeen,
} from './hours.ts';
export { estimateStep, estimateSystem, productFor, type StepEstimate } from './estimate.ts';
export {
  cheapestTins,
  tinsFor,
  type BatchInVan,
  type SurfaceNeed,
  type TinPlan,
  type TinsBought,
  type TinSet,
  type TinSize,
} from './tins.ts';
export { sundriesFor, type SundryNeed, type SundryWork } from './sundries.ts';
