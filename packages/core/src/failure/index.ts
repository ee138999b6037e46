export { faultsOf, type FaultChance } from './faults.ts';
export { firstCoat, type FirstCoat } from './firstCoat.ts';
export { ifLeftOut, ifSwapped, type Consequence } from './departing.ts';
export {
  callBackAYear,
  guaranteeOf,
  longestTerm,
  wearAYear,
  wornBy,
  type Departed,
  type Guarantee,
} from './lasting.ts';
export { FAULT_ROWS, type FaultPlace } from './knowledge/faultRows.ts';
export { mechanismOdds, type MechanismOdds } from './mechanismOdds.ts';
export type { Mechanism } from './knowledge/mechanisms.ts';
