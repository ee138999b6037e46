import { practiceCaseRecord, practiceDrillRecord, practiceGoRecord } from '@rustic/core';
import { Column, Entity } from 'typeorm';
import { FirmOwned } from './firmOwned.ts';
import { tableOf } from './tableOf.ts';

@Entity(practiceGoRecord.table)
export class PracticeGoEntity extends tableOf(practiceGoRecord) {}

@Entity(practiceDrillRecord.table)
export class PracticeDrillEntity extends tableOf(practiceDrillRecord) {}

@Entity(practiceCaseRecord.table)
export class PracticeCaseEntity extends tableOf(practiceCaseRecord) {}

/** Whether somebody, by their own id, shows the others of the firm how they do. */
@Entity('practice_shown')
export class PracticeShownEntity extends FirmOwned {
  @Column('boolean') shown: boolean;
}
