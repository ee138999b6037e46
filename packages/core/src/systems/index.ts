export { NOTHING_WANTED, asCase, recase, type Case, type TrialWord, type Wanted } from './case.ts';
export { compose, type Composed } from './compose.ts';
export { stepKey, type Step, type System } from './step.ts';
export {
  alternativesTo,
  schoolsOn,
  waysOf,
  type Alternative,
  type RankedAlternative,
  type School,
} from './alternatives.ts';
export { blocksOn, type Block } from './blocks.ts';
export { cautionsFor, type Caution } from './cautions.ts';
export { risksOf, type Risk } from './risks.ts';
export { sectionOf, type Layer, type LayerStanding } from './section.ts';
export { systemDifference, type SystemDifference } from './difference.ts';
export { forbiddenIn } from './blocks.ts';
export { ifSkipped, type Consequence } from './consequences.ts';
export { whatIf, othersFor, type Departure, type WhatIf } from './whatIf.ts';
export { FAULT_PLACES, type FaultPlace } from './knowledge/faultPlaces.ts';
export { underDoubt, type Doubt, type DoubtOption } from './underDoubt.ts';
export { guaranteeOf, longestTerm, type Departed, type Guarantee } from './guarantee.ts';
export { toolsFor, type StepTools } from './tools.ts';
export { rescueFrom, type Rescue } from './rescue.ts';
export type { Wrong } from './knowledge/rescues.ts';
export { anotherYear, type AnotherYear } from './anotherYear.ts';
export { schoolsSideBySide, type SchoolWay } from './sideBySide.ts';
export { SCHOOLS } from './knowledge/schools.ts';
export { productDemands } from './productDemands.ts';
export { coatFamilies } from './step.ts';
export { scoreOf } from './score.ts';
export { USUAL_WEIGHTS, WEIGHT_CODES, type Weights } from './weights.ts';
export { heldAs, type Held, type HeldFactor } from './held.ts';
export { PREPARATION_WORDS, preparationOf, type Preparation } from './knowledge/preparations.ts';
