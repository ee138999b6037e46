import { JOB_RECORDS, type Plan } from '@rustic/core';
import { Entity } from 'typeorm';
import { jobTableOf } from './tableOf.ts';

const { choices, plans } = JOB_RECORDS;

@Entity(choices.table)
export class SystemChoiceEntity extends jobTableOf(choices) {}

@Entity(plans.table)
export class PostedPlanEntity extends jobTableOf<typeof plans.fields, { plan: Plan }>(plans) {}
