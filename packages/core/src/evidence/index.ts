export * from './facts.ts';
export { rankedFinishes, type FinishChance, type FinishProbabilities } from './odds.ts';
export { priorOdds } from './prior.ts';
export { REACH, readHouse, type House, type Member } from './house.ts';
export {
  evidenceWeights,
  inheritedBy,
  posteriorIn,
  posteriorOdds,
  stacksIn,
  weightsIn,
  type EvidenceWeight,
  type Inherited,
} from './posterior.ts';
export { zonesOf } from './zones.ts';
export type { Zone } from './places.ts';
export { foundPlaces } from './found.ts';
export type { Conflict } from './conflicts.ts';
export { beatenBy, LATER_LOOK_MIN, provenBy, readPatches, type PatchReading, type PatchVerdict } from './patches.ts';
export { layerStacks, layersUnder, type LayerChance, type Stack } from './stacks.ts';
export { STACKS, type StackKind } from './stackSpace.ts';
export type { BondOdds } from './bonds.ts';
export { UNDER_LAYER_LABELS, type UnderLayer } from './knowledge/layers.ts';
export { demandOf, type Demand } from './knowledge/demands.ts';
export * from './conditions.ts';
export * from './lead.ts';
export * from './treatment.ts';
export { MINUTE_COST } from './testSaving.ts';
export { houseTests, testsThatPay, type HouseStanding, type HouseTest, type NextTest } from './nextTest.ts';
export { drawHouse, jointOdds, type JointNode, type JointOdds } from './jointOdds.ts';
export { resultOdds } from './resultOdds.ts';
export { diagnose, diagnoseBy, type Diagnosis, type ZoneDiagnosis } from './diagnosis.ts';
export { FINISH_TESTS } from './knowledge/questions.ts';
export { USUAL_DATES } from './knowledge/placeDates.ts';
export { moistureLimit } from './knowledge/moisture.ts';
