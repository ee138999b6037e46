import { BusyTimeEntity, CalendarFeedEntity } from './calendarEntities.ts';
import {
  AgreementEntity,
  ClientLinkEntity,
  ClientReplyEntity,
  ClientVisitEntity,
  DocumentEntity,
  QuoteNumberEntity,
  ShoppingTickEntity,
} from './documentEntities.ts';
import { DerivedAnswerEntity } from './derivedEntities.ts';
import {
  DamageMarkEntity,
  JointEntity,
  PhotoFrameEntity,
  FindingEntity,
  PhotoContentEntity,
  PhotoEntity,
  TestRecordEntity,
} from './evidenceEntities.ts';
import {
  FirmEntity,
  FoundingEntity,
  PersonEntity,
  SessionEntity,
  DoorTryEntity,
  RecoveryLinkEntity,
  KeyChallengeEntity,
} from './firmEntities.ts';
import { JobEntity, RoomEntity, SurfaceEntity } from './jobEntities.ts';
import { FirmPaceEntity, JobPaceEntity } from './jobPace.ts';
import { EventEntity, LedgerEntryEntity, OpenFeedEntity, SentWriteEntity } from './ledgerEntities.ts';
import { AccessNoteEntity, InvitationEntity } from './peopleEntities.ts';
import { MailEntity } from './postEntities.ts';
import { FaultActEntity, FaultMarkEntity, HandoverCheckEntity } from './punchEntities.ts';
import { ColourCardEntity } from './colourEntities.ts';
import { ProductEntity, ProductNoteEntity, VanTinEntity } from './shelfEntities.ts';
import {
  AirReadingEntity,
  AirSeriesEntity,
  FollowUpEntity,
  StepHoldEntity,
  TroubleEntity,
  WorkLogEntity,
} from './siteEntities.ts';
import { PostedPlanEntity, SystemChoiceEntity } from './systemEntities.ts';
import { PracticeCaseEntity, PracticeDrillEntity, PracticeGoEntity, PracticeShownEntity } from './practiceEntities.ts';
import { PatchEntity, PatchPictureEntity, TrialActEntity, TrialEntity } from './trialEntities.ts';
import { LookEntity, VisitActEntity, VisitEntity } from './visitEntities.ts';

/** Every table there is. */
export const ENTITIES = [
  FirmEntity,
  FoundingEntity,
  PersonEntity,
  SessionEntity,
  DoorTryEntity,
  RecoveryLinkEntity,
  KeyChallengeEntity,
  SentWriteEntity,
  JobEntity,
  RoomEntity,
  SurfaceEntity,
  TestRecordEntity,
  SystemChoiceEntity,
  PostedPlanEntity,
  WorkLogEntity,
  AirReadingEntity,
  FindingEntity,
  PhotoEntity,
  PhotoContentEntity,
  LedgerEntryEntity,
  OpenFeedEntity,
  TrialEntity,
  TrialActEntity,
  ProductEntity,
  VanTinEntity,
  ProductNoteEntity,
  ColourCardEntity,
  DocumentEntity,
  QuoteNumberEntity,
  AgreementEntity,
  ClientLinkEntity,
  ClientReplyEntity,
  ClientVisitEntity,
  ShoppingTickEntity,
  CalendarFeedEntity,
  BusyTimeEntity,
  AirSeriesEntity,
  InvitationEntity,
  AccessNoteEntity,
  StepHoldEntity,
  TroubleEntity,
  FollowUpEntity,
  EventEntity,
  FaultMarkEntity,
  FaultActEntity,
  HandoverCheckEntity,
  VisitEntity,
  VisitActEntity,
  LookEntity,
  PatchEntity,
  PatchPictureEntity,
  DamageMarkEntity,
  JointEntity,
  PhotoFrameEntity,
  PracticeGoEntity,
  PracticeDrillEntity,
  PracticeCaseEntity,
  PracticeShownEntity,
  MailEntity,
  DerivedAnswerEntity,
  JobPaceEntity,
  FirmPaceEntity,
];
