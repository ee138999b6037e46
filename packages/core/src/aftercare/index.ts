export { aftercareOf, nextDrySeason, type AftercareItem, type LastCoat } from './aftercare.ts';
export { outsideLimits, type OutsideLimits } from './outsideLimits.ts';
export type { Laid } from './knowledge/outsideLimits.ts';
