export type { ProvenBound } from './roundBound.ts';
export {
  leastRoundTimeBy,
  leastRoundTimes,
  leastRoundTimeTriedOut,
  planRounds,
  USUAL_EFFORT,
  type NotInARound,
  type Round,
  type Rounds,
  type RoundStop,
} from './planRounds.ts';
export type { RoundsAsked, RoundVisit } from './roundProblem.ts';
export {
  BLANK_SKETCH,
  fromYard,
  onSketch,
  ROUNDABOUT,
  roadsBetween,
  sketchRound,
  type MapPlace,
  type TownMap,
} from './townMap.ts';
export { STAITHE } from './knowledge/staithe.ts';
