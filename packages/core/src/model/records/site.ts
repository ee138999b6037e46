import { z } from 'zod';
import { TROUBLES, HOLD_KINDS, METHODS, STEP_KINDS } from '../../vocabulary/index.ts';
import { airC, code, computed, count, faceC, humidityPct, id, instant, text, written } from '../fields.ts';
import { record } from '../record.ts';
import { stepsSchema } from './evidence.ts';

/** A step that was done; for a coat also what was laid, and in what air. */
export const workRecord = record(
  'work_log',
  {
    id,
    surfaceId: id,
    /** The step of the surface's system, as the plan names it. */
    stepId: code,
    stepKind: z.enum(STEP_KINDS),
    productId: text(80).nullable(),
    batch: text(80).nullable(),
    startedAt: instant,
    endedAt: instant,
    temperatureC: airC.nullable(),
    relativeHumidityPct: humidityPct.nullable(),
    wetFilmUm: z.number().gt(0).max(10_000).nullable(),
    litres: z.number().min(0).max(10_000).nullable(),
    method: z.enum(METHODS).nullable(),
    surfaceC: faceC.nullable(),
    /** Who lent a hand, by name. */
    helper: text(120).nullable(),
    note: text(1000),
    /** Why another product than the system's was laid. */
    instead: text(400).nullable(),
    /** The log that this one puts right; withdrawn, the step was not done at all. */
    corrects: id.nullable(),
    withdrawn: z.boolean(),
    writtenAt: instant.nullable(),
    /** What the usual rates say of it, in minutes: what the firm's own pace is learned against. */
    usualMin: count.nullable(),
    /** How long somebody was at it, in minutes, as it was said; null: nobody said it, and nothing is learned from it. */
    handsOnMin: count.min(1).max(1440).nullable(),
    byName: text(120),
  },
  {},
  ['handsOnMin'],
);

export const readingRecord = record('air_reading', {
  id,
  roomId: id,
  temperatureC: airC,
  relativeHumidityPct: humidityPct,
  ...written,
});

/** Hourly readings of a room from a file; the newest stands. */
export const seriesRecord = record('air_series', { id, roomId: id, readings: computed, ...written });

/** A step that is not to begin: until another trade's date, or until what looked wrong is put right. */
export const holdRecord = record('step_hold', {
  id,
  surfaceId: id,
  stepId: code,
  kind: z.enum(HOLD_KINDS),
  until: instant.nullable(),
  reason: text(400),
  /** The hold that this one ends; the record keeps both. */
  releases: id.nullable(),
  ...written,
});

/** A film that looked wrong, with the way back as it was computed then. */
export const troubleRecord = record('trouble', {
  id,
  surfaceId: id,
  /** Empty where nothing of the system was laid yet. */
  stepId: z.union([code, z.literal('')]),
  fault: z.enum(TROUBLES),
  note: text(1000),
  photoId: id.nullable(),
  rescue: z.looseObject({ cause: text(2000), backTo: text(400), steps: stepsSchema, undoes: count, price: computed }),
  ...written,
});

/** Something to look at again: opened by a coat outside its limits, closed by whoever looked. */
export const followUpRecord = record('follow_up', {
  id,
  surfaceId: id,
  workId: id.nullable(),
  kind: text(30),
  words: text(600),
  dueAt: instant,
  closedAt: instant.nullable(),
  closedBy: text(120).nullable(),
  closedNote: text(600).nullable(),
  ...written,
});
