export { dewPoint, saturationPressure, vapourDeficit } from './dewPoint.ts';
export { airAt, nextChange, type Air, type AirHour } from './air.ts';
export { dryingRate, dryingSource, LABEL_AIR } from './rate.ts';
export { reaches, doseBetween, doseTable, filmOf, type DoseTable, type Film } from './dose.ts';
export { airFault, rainy, unsuited, type BadHours } from './limits.ts';
