import { JOB_RECORDS } from '@rustic/core';
import { Entity } from 'typeorm';
import { jobTableOf } from './tableOf.ts';

const { visits, visitActs, looks } = JOB_RECORDS;

@Entity(visits.table)
export class VisitEntity extends jobTableOf(visits) {}

@Entity(visitActs.table)
export class VisitActEntity extends jobTableOf(visitActs) {}

@Entity(looks.table)
export class LookEntity extends jobTableOf(looks) {}
