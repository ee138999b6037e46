export {
  leastRoundTime,
  planRounds,
  USUAL_EFFORT,
  type NotInARound,
  type Round,
  type Rounds,
  type RoundStop,
} from './planRounds.ts';
export type { RoundsAsked, RoundVisit } from './roundProblem.ts';
export { BLANK_SKETCH, ROUNDABOUT, roadsBetween, type MapPlace, type TownMap } from './townMap.ts';
export { STAITHE } from './knowledge/staithe.ts';
