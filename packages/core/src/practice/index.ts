export { calibrationOf, sayCalibration, type OwnCalibration, type SaidAndSo, type Stated } from './calibration.ts';
export { playedForward, type Afterwards, type CameLater } from './forward.ts';
export { ROOM_PLANS, type RoomPlan } from './knowledge/rooms.ts';
export { SKILL_LABELS, SKILLS, skillOf, type Skill } from './knowledge/skills.ts';
export { nextPlan, skillStandings, type Judged, type SkillStanding } from './learning.ts';
export {
  drawRoom,
  planOf,
  PRACTICE_TESTS,
  roomRead,
  testsShown,
  type PracticeRoom,
  type PracticeSurface,
  type PracticeTest,
} from './room.ts';
export { weekCase } from './weekCase.ts';
export { byTheBook, lostOn, scoreRoom, type PracticeDecision, type PracticeScore, type SurfaceScore } from './score.ts';
