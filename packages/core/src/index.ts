export * from './vocabulary/index.ts';
export * from './evidence/index.ts';
export * from './systems/index.ts';
export * from './shelf/index.ts';
export * from './quantities/index.ts';
export * from './pricing/index.ts';
export { UnusableInput, readBy, type InputFault } from './contract/fault.ts';
export { assessSchema, type AssessInput } from './contract/assessInput.ts';
export { assess, assessRead, caseOf, type Assessment } from './assess.ts';
