import { JOB_RECORDS, newId, optional, pick } from '@rustic/core';
import { bodyOf, noted } from '../http/bodyOf.ts';

const { faults, faultActs, checks } = JOB_RECORDS;

export class FaultBody extends bodyOf({
  id: newId,
  ...pick(faults, 'surfaceId', 'fault', 'sizeM2', 'view'),
  ...optional(faults, 'note', 'mark', 'photoId', 'photoPlace', 'light'),
  at: noted(faults.fields.at),
}) {}

export class FaultActBody extends bodyOf({
  id: newId,
  ...pick(faultActs, 'kind'),
  ...optional(faultActs, 'way', 'withWhat', 'note'),
  at: noted(faultActs.fields.at),
}) {}

export class CheckBody extends bodyOf({
  id: newId,
  ...pick(checks, 'code', 'holds'),
  ...optional(checks, 'note'),
  at: noted(checks.fields.at),
}) {}
