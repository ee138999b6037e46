import {
  AirReadingEntity,
  AirSeriesEntity,
  FindingEntity,
  FirmEntity,
  JobEntity,
  LedgerEntryEntity,
  PersonEntity,
  PhotoEntity,
  PostedPlanEntity,
  RoomEntity,
  SentWriteEntity,
  SessionEntity,
  SignInFailureEntity,
  SurfaceEntity,
  SystemChoiceEntity,
  TestRecordEntity,
  WorkLogEntity,
} from './entities.ts';
import { BusyTimeEntity, CalendarFeedEntity } from './calendarEntities.ts';
import {
  AgreementEntity,
  ClientLinkEntity,
  ClientVisitEntity,
  DocumentEntity,
  ShoppingTickEntity,
} from './documentEntities.ts';
import { AccessNoteEntity, InvitationEntity } from './peopleEntities.ts';
import { FaultActEntity, FaultMarkEntity, HandoverCheckEntity } from './punchEntities.ts';
import { EventEntity, FollowUpEntity, StepHoldEntity, TroubleEntity } from './siteEntities.ts';
import { ProductEntity, ProductNoteEntity, VanTinEntity } from './shelfEntities.ts';
import { TrialActEntity, TrialEntity } from './trialEntities.ts';
import { LookEntity, VisitActEntity, VisitEntity } from './visitEntities.ts';

/** Every table there is. */
export const ENTITIES = [
  FirmEntity,
  PersonEntity,
  SessionEntity,
  SignInFailureEntity,
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
  LedgerEntryEntity,
  TrialEntity,
  TrialActEntity,
  ProductEntity,
  VanTinEntity,
  ProductNoteEntity,
  DocumentEntity,
  AgreementEntity,
  ClientLinkEntity,
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
];
