export { damageZone, type DamageZone, type Look, type ZoneSize } from './zone.ts';
export { looksAt, marksThatStand, type Marked, type PlacedTest } from './looks.ts';
export { placeInPhoto, placeOnWall, type PhotoFrame } from './framed.ts';
export { patternCauses, type PatternCause } from './causes.ts';
export type { WallCell } from './cells.ts';
