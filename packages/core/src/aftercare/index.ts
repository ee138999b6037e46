export { aftercareOf, nextDrySeason, type AftercareItem, type LastCoat } from './aftercare.ts';
export { outsideLimits, type OutsideLimits } from './outsideLimits.ts';
export type { Laid } from './knowledge/outsideLimits.ts';
export { agedColour, touchUp, type TouchUp, type TouchUpAsked, type TouchUpReason } from './touchUp.ts';
export { LIGHTS, MENDS, VIEWS, type Light, type Mend, type View } from './knowledge/showing.ts';
export { causeFirst, faultCauses, makeGood, type FaultCause } from './faultCauses.ts';
export type { FaultRecord } from './knowledge/causes.ts';
export { touchUpKit, type TinKept, type TouchUpKit } from './touchUpKit.ts';
