export * from './vocabulary/index.ts';
export * from './model/index.ts';
export * from './evidence/index.ts';
export * from './systems/index.ts';
export * from './failure/index.ts';
export * from './shelf/index.ts';
export * from './quantities/index.ts';
export * from './pricing/index.ts';
export * from './comparison/index.ts';
export * from './reckon/index.ts';
export * from './documents/index.ts';
export { assessSchema, type AssessInput } from './assessInput.ts';
export { assess, assessRead, caseOf, factsOf, type Assessment, type Known } from './assess.ts';
export * from './drying/index.ts';
export * from './schedule/index.ts';
export * from './weather/index.ts';
export * from './places/index.ts';
export * from './colours/index.ts';
export * from './colourPhoto/index.ts';
export * from './colourParts/index.ts';
export * from './damage/index.ts';
export * from './joints/index.ts';
export {
  lightness,
  chroma,
  ciede2000Of,
  colourDifference,
  hexOfLab,
  labOf,
  labOfLight,
  reflectancePct,
  type Lab,
} from './units/colour.ts';
export * from './ledger/index.ts';
export * from './jobfile/index.ts';
export * from './aftercare/index.ts';
export * from './practice/index.ts';
export * from './patchPicture/index.ts';
export * from './trials/index.ts';
export * from './walkround/index.ts';
export { inUsMeasures } from './units/usText.ts';
export {
  fromFahrenheit,
  fromMils,
  fromSqFtPerGal,
  LITRES_A_GALLON,
  toFahrenheit,
  toMils,
  toSqFtPerGal,
} from './units/usFigures.ts';
export { isCurrency, minorUnits, writeMoney } from './units/money.ts';
export {
  coordinatesSchema,
  offsetKm,
  placeAt,
  readCoordinates,
  sayCoordinates,
  type Coordinates,
} from './units/coordinates.ts';
export { readDuration, sayLength } from './units/duration.ts';
export { readLength, sayLengthM } from './units/length.ts';
export { readArea, sayArea } from './units/area.ts';
export { readVolume, sayVolume } from './units/volume.ts';
