export { nextPatchLook, type PatchRead } from './patchesRead.ts';
export { patchLooks, type PatchLook } from './patchLooks.ts';
export * from './arms.ts';
export * from './design.ts';
export { standingActs, standingLooks } from './standing.ts';
export { sayTrialWord, trialWords } from './learnt.ts';
export { TRIED_LINE_WORDS, TRIED_LINES, TRIED_ROWS, type TriedLine } from './knowledge/tried.ts';
export {
  conclusionOf,
  gradeOf,
  rankingByParts,
  rankTrial,
  type Believed,
  type RankedWay,
  type Ranking,
  type TrialLook,
} from './ranking.ts';
export { SCORED_BY, type Grade, type Trait } from './knowledge/grades.ts';
export {
  betaOf,
  chanceLarger,
  settlesWith,
  SETTLED,
  tellsApart,
  tieBetween,
  WORTH_TELLING,
  type Beta,
  type Tie,
} from './settling.ts';
