export { estimateStep, productFor, areaOf, USUAL_AREA_M2, type StepEstimate } from './estimate.ts';
export { areaOfMeasure, measureFault, type Measure, type Opening } from './measure.ts';
