export { nextPatchLook, type PatchRead } from './patchesRead.ts';
export { patchLooks, type PatchLook } from './patchLooks.ts';
export * from './design.ts';
export {
  conclusionOf,
  gradeOf,
  rankingByParts,
  rankTrial,
  trialWords,
  type Believed,
  type RankedWay,
  type Ranking,
  type TrialLook,
} from './ranking.ts';
export { SCORED_BY, type Grade, type Trait } from './knowledge/grades.ts';
export { betaOf, chanceLarger, settlesWith, SETTLED, tieBetween, type Beta, type Tie } from './settling.ts';
