import { JOB_RECORDS, type Readings, type Rescue } from '@rustic/core';
import { Entity } from 'typeorm';
import { jobTableOf } from './tableOf.ts';

const { work, readings, series, holds, troubles, followUps } = JOB_RECORDS;

@Entity(work.table)
export class WorkLogEntity extends jobTableOf(work) {}

@Entity(readings.table)
export class AirReadingEntity extends jobTableOf(readings) {}

@Entity(series.table)
export class AirSeriesEntity extends jobTableOf<typeof series.fields, { readings: Readings }>(series) {}

@Entity(holds.table)
export class StepHoldEntity extends jobTableOf(holds) {}

@Entity(troubles.table)
export class TroubleEntity extends jobTableOf<typeof troubles.fields, { rescue: Omit<Rescue, 'ways'> }>(troubles) {}

@Entity(followUps.table)
export class FollowUpEntity extends jobTableOf(followUps) {}
