export type { PracticeTest } from '../model/records/index.ts';
export { calibrationOf, sayCalibration, type OwnCalibration, type SaidAndSo, type Stated } from './calibration.ts';
export { doneOtherwise, systemChosen, type DoneOtherwise, type SystemChosen, type SystemWanted } from './chosen.ts';
export { playedForward, type Afterwards, type CameLater } from './forward.ts';
export { ROOM_PLANS, type RoomPlan } from './knowledge/rooms.ts';
export { SKILL_LABELS, SKILLS, skillOf, type Skill } from './knowledge/skills.ts';
export { nextDrill, nextPlan, skillStandings, type Judged, type SkillStanding } from './learning.ts';
export {
  drawRoom,
  isOffered,
  testMinutes,
  planOf,
  PRACTICE_TESTS,
  roomRead,
  suppliesUsed,
  testsShown,
  type PracticeRoom,
  type PracticeSurface,
} from './room.ts';
export { drawDrill, judgeDrill } from './drills/index.ts';
export {
  DRILL_CODES,
  DRILL_SKILL,
  type DrawnDrill,
  type Drill,
  type DrillAnswer,
  type DrillCode,
  type DrillJudged,
  type DrillLine,
  type DrillQuestion,
  type DrillTruth,
} from './drills/drill.ts';
export { patchPictures } from './drills/patches.ts';
export {
  caseRoom,
  caseSurfaces,
  LEAST_SURFACES,
  type CaseSurface,
  type KnownSurface,
  type PracticeCase,
} from './ownCase.ts';
export { weekCase } from './weekCase.ts';
export {
  byTheBook,
  lostOn,
  rightIn,
  scoreRoom,
  type PracticeDecision,
  type PracticeScore,
  type SurfaceScore,
} from './score.ts';
