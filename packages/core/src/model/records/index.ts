import { agreementRecord, documentRecord, replyRecord } from './papers.ts';
import { checkRecord, faultActRecord, faultRecord } from './punch.ts';
import { findingRecord, photoRecord, testRecord } from './evidence.ts';
import { followUpRecord, holdRecord, readingRecord, seriesRecord, troubleRecord, workRecord } from './site.ts';
import { lookRecord, visitActRecord, visitRecord } from './visits.ts';
import { choiceRecord, planRecord } from './system.ts';
import { damageMarkRecord, photoFrameRecord } from './damage.ts';
import { jointRecord } from './joints.ts';
import { patchPictureRecord, patchRecord } from './patches.ts';
import { roomRecord } from './room.ts';
import { surfaceRecord } from './surface.ts';
import { trialActRecord, trialRecord } from './trials.ts';

export { placeSchema, withdrawnSchema, type Withdrawn } from '../fields.ts';
export {
  drillAnswerSchema,
  practiceCaseRecord,
  practiceDecisionSchema,
  practiceDrillRecord,
  practiceGoRecord,
  practiceJudgedSchema,
  practiceTestSchema,
  type PracticeTest,
} from './practice.ts';
export { patchSettingSchema, patchShowsSchema, type PatchSetting, type PatchShows } from './patches.ts';
export {
  handedOverSchema,
  jobRecord,
  cameFromSchema,
  clientPhotosSchema,
  currencyOfSum,
  ownSumsSchema,
  propertySchema,
  type CameFrom,
  type ClientPhoto,
  type HandedOver,
  type Offer,
  type OwnSum,
  type Property,
} from './job.ts';
export {
  roomRecord,
  sketchSchema,
  type RoomSketch,
  type SketchOpening,
  type SketchPlace,
  type SketchWall,
} from './room.ts';
export { exclusionSchema, surfaceRecord, type Exclusion } from './surface.ts';
export {
  CLAIM_STANDINGS,
  firmPlaceFields,
  foundingFields,
  HEMISPHERES,
  hoursSchema,
  letterheadSchema,
  newPassword,
  NOTE_KINDS,
  noteFields,
  personFields,
  planningSchema,
  priceSettingsSchema,
  productIdSchema,
  retentionSchema,
  SHELF_BEGINNINGS,
  supplierSchema,
  termsSchema,
  tinFields,
  weightsSchema,
  type Hemisphere,
  type Letterhead,
  type Planning,
  type PriceSettings,
  type Retention,
  type ShelfBeginning,
  type Supplier,
  type Weights,
} from './firm.ts';
export { departureSchema, overrideSchema, type Departure, type Override } from './system.ts';
export type { JointLine } from './joints.ts';
export type { FindingChanges } from './evidence.ts';
export { unanswered } from './papers.ts';
export type { VisitCall } from './visits.ts';

/** Every kind of row that a job is made of, under the name that a job file has for it; what points comes after what it points at. */
export const JOB_RECORDS = {
  rooms: roomRecord,
  surfaces: surfaceRecord,
  tests: testRecord,
  findings: findingRecord,
  choices: choiceRecord,
  work: workRecord,
  readings: readingRecord,
  series: seriesRecord,
  holds: holdRecord,
  troubles: troubleRecord,
  followUps: followUpRecord,
  trials: trialRecord,
  trialActs: trialActRecord,
  plans: planRecord,
  documents: documentRecord,
  agreements: agreementRecord,
  replies: replyRecord,
  photos: photoRecord,
  faults: faultRecord,
  faultActs: faultActRecord,
  checks: checkRecord,
  visits: visitRecord,
  visitActs: visitActRecord,
  looks: lookRecord,
  patches: patchRecord,
  patchPictures: patchPictureRecord,
  damageMarks: damageMarkRecord,
  joints: jointRecord,
  photoFrames: photoFrameRecord,
} as const;
export type JobRecordKind = keyof typeof JOB_RECORDS;
export { boardSchema } from './trials.ts';
