import {
  instant,
  JOB_RECORDS,
  jobRecord,
  localDay,
  namedColourSchema,
  newId,
  optional,
  pick,
  roomRecord,
  surfaceRecord,
  version,
  withdrawnSchema,
} from '@rustic/core';
import { z } from 'zod';
import { bodyOf, noted, queryOf } from '../http/bodyOf.ts';

const { readings } = JOB_RECORDS;

/** When work on a job may begin. */
const begins = instant.refine((at) => /^(20|21)/.test(at), 'must lie in this century or the next');

export class JobBody extends bodyOf({
  id: newId,
  ...pick(jobRecord, 'title', 'place'),
  ...optional(jobRecord, 'builtYear', 'note'),
  startsAt: begins,
}) {}

export class JobChange extends bodyOf({
  id: newId,
  version,
  ...optional(jobRecord, 'title', 'place', 'builtYear', 'note', 'status', 'temperatureC', 'relativeHumidityPct'),
  ...optional(jobRecord, 'property', 'client', 'clientEmail'),
  startsAt: begins.optional(),
}) {}

const room = { id: newId, ...pick(roomRecord, 'name'), ...optional(roomRecord, 'kind', 'facing', 'sketch') };
export class RoomBody extends bodyOf(room) {}

export class RoomChange extends bodyOf({
  id: newId,
  version,
  ...optional(
    roomRecord,
    'name',
    'facing',
    'sketch',
    'noDustWhileWet',
    'backBy',
    'fumesOutBy',
    'maxNightsOut',
    'airFrom',
  ),
}) {}

const surface = {
  id: newId,
  ...pick(surfaceRecord, 'roomId', 'name', 'facts'),
  ...optional(surfaceRecord, 'campaign', 'wanted', 'measure', 'access'),
};
/** What the colour that is wanted is called, where it was chosen by its name: the job's schedule has it with the surface. */
const named = { colourNamed: namedColourSchema.nullish() };

export class SurfaceBody extends bodyOf({ ...surface, ...named }) {}

export class SurfaceChange extends bodyOf({
  id: newId,
  version,
  ...optional(surfaceRecord, 'name', 'campaign', 'facts', 'wanted', 'measure', 'access', 'exclusions'),
  ...named,
}) {}

/** A room with its surfaces in one act: the whole-room entry, or a copy of a room. */
export class WholeRoomBody extends bodyOf({
  id: newId,
  room: z.strictObject(room),
  surfaces: z.array(z.strictObject(surface)).max(60),
}) {}

/** The order in which rooms and surfaces stand. */
export class OrderBody extends bodyOf({
  id: newId,
  rooms: z.array(roomRecord.fields.id).max(500),
  surfaces: z.array(z.strictObject(pick(surfaceRecord, 'id', 'roomId'))).max(5000),
}) {}

/** Surfaces join a campaign of this name, or leave theirs. */
export class CampaignBody extends bodyOf({
  id: newId,
  name: z.string().min(1).max(60).nullish(),
  surfaceIds: z.array(surfaceRecord.fields.id).max(1000),
}) {}

/** Takes a job, a room or a surface out; where the record rests on it, with the reason. */
export class WithdrawalBody extends bodyOf({ id: newId, reason: withdrawnSchema.shape.reason.optional() }) {}
/** Brings it back. */
export class ReturnBody extends bodyOf({ id: newId, note: z.string().max(400).optional() }) {}

const MOST_AT_ONCE = 100;
/** Which jobs are asked for: by words in their name, place or client, from the one after `after` on, so many at most. */
export class JobsAsked extends queryOf({
  words: z.string().trim().max(120).optional(),
  after: z.uuid().optional(),
  most: z.number().int().min(1).max(MOST_AT_ONCE).optional(),
}) {}

export class DayAsked extends bodyOf({ day: localDay }) {}

export class ReadingBody extends bodyOf({
  id: newId,
  ...pick(readings, 'temperatureC', 'relativeHumidityPct'),
  at: noted(readings.fields.at),
}) {}

/** Hourly readings from a file. */
export class ReadingsBody extends bodyOf({ id: newId, csv: z.string().min(1).max(400_000) }) {}
