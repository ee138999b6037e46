export { dewPoint, saturationPressure, vapourDeficit } from './dewPoint.ts';
export { airAt, nextChange, type Air, type AirHour } from './air.ts';
export { dryingRate, dryingSource, LABEL_AIR } from './rate.ts';
export { reaches, doseBetween, type Film } from './dose.ts';
export { airFault, endOfFirstBad } from './limits.ts';
