export { NOTHING_WANTED, asCase, type Case, type TrialWord, type Wanted } from './case.ts';
export { compose, type Composed } from './compose.ts';
export { stepKey, type Step, type System } from './step.ts';
export { alternativesTo, schoolsOn, type Alternative, type School } from './alternatives.ts';
export { blocksOn, type Block } from './blocks.ts';
export { cautionsFor, type Caution } from './cautions.ts';
export { risksOf, type Risk } from './risks.ts';
export { sectionOf, type Layer, type LayerStanding } from './section.ts';
export { systemDifference, type SystemDifference } from './difference.ts';
