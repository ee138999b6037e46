export * from './roomSketch.ts';
export * from './wholeRoom.ts';
export * from './exteriorRound.ts';
export { CAUSE_WORDS, ROUND_PLACES, type Cause, type RoundPlace, type RoundSeen } from './knowledge/roundPlaces.ts';
