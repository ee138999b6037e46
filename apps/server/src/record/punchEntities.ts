import { JOB_RECORDS } from '@rustic/core';
import { Entity } from 'typeorm';
import { jobTableOf } from './tableOf.ts';

const { faults, faultActs, checks } = JOB_RECORDS;

@Entity(faults.table)
export class FaultMarkEntity extends jobTableOf(faults) {}

@Entity(faultActs.table)
export class FaultActEntity extends jobTableOf(faultActs) {}

@Entity(checks.table)
export class HandoverCheckEntity extends jobTableOf(checks) {}
