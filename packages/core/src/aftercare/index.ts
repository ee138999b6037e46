export { aftercareOf, nextDrySeason, type AftercareItem, type LastCoat } from './aftercare.ts';
