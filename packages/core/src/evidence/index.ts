export * from './facts.ts';
export * from './posterior.ts';
export * from './conditions.ts';
export * from './lead.ts';
export * from './treatment.ts';
export * from './nextTest.ts';
export { diagnose, type Diagnosis } from './diagnosis.ts';
export { moistureLimit } from './knowledge/moisture.ts';
