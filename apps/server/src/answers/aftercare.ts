import {
  coordinatesSchema,
  CALLS,
  ELEMENTS,
  FAMILIES,
  FAULTS,
  JOB_RECORDS,
  PREPARATIONS,
  jobRecord,
} from '@rustic/core';
import { z } from 'zod';
import { answer, core, figure, flag, from, like, moment, named, oneOf, rowOf, text, texts } from './answer.ts';
import { inJob, photo } from './parts.ts';

const { visits, visitActs, looks, faults, faultActs, checks, rooms } = JOB_RECORDS;

export const visitAnswers = z.array(answer({ ...rowOf(visits), ...inJob }));
export const visitActAnswer = answer({ ...rowOf(visitActs), ...inJob });
export const lookAnswer = answer({ ...rowOf(looks), ...inJob });

const fixedVisit = named('FixedVisit', {
  ...inJob,
  ...rowOf(visits, 'id', 'onDay', 'fromTime', 'minutes', 'calls', 'personId', 'roundId'),
});
/** Something that wants a visit: to look at again, a follow-up of a coat, or a fault to be mended. */
const call = named('Call', {
  ...inJob,
  what: oneOf(CALLS),
  /** What it is about: the surface, decision, test, trial, follow-up or fault. */
  subject: text,
  surfaceId: text.nullable(),
  name: text,
  code: text,
  words: text,
  why: text,
  at: text,
  by: text,
  minutes: figure,
  /** The fixed visit that it is in. */
  visitId: text.nullable(),
});
const mapPlace = like(jobRecord.fields.property.shape.mapPlace.unwrap());

export const aftercarePage = named('AftercarePage', {
  now: text,
  zone: text,
  jobs: z.array(
    named('CareJob', {
      id: text,
      title: text,
      place: text,
      client: text,
      version: figure,
      mapPlace: mapPlace.nullable(),
      /** Where it stands on the earth. */
      at: like(coordinatesSchema).nullable(),
    }),
  ),
  /** Who paints; `days` are ISO weekdays. */
  people: z.array(answer({ id: text, name: text, initials: text, days: z.array(figure) })),
  /** Those that come first; how many more there are. */
  calls: z.array(call),
  moreCalls: figure,
  uses: z.array(
    named('CareUse', { ...inJob, surfaceId: text, name: text, code: text, words: text, why: text, at: text }),
  ),
  repaints: z.array(
    named('Repaint', {
      ...from('AftercareItem', 'kind', 'code', 'at', 'words', 'why'),
      ...inJob,
      surfaceId: text,
      name: text,
    }),
  ),
  /** How many surfaces are looked after, shown or not. */
  lookedAfter: figure,
  visits: z.array(fixedVisit),
});

/** What the firm lets count of it. */
const heldCount = answer({ ...from('Held', 'systems', 'preparations'), films: figure, by: text, at: text });

/** What came back, by system and preparation and never by person. */
export const heldPage = named('HeldPage', {
  films: figure,
  years: figure,
  systems: z.array(core('HeldSystem')),
  preparations: z.array(core('HeldPreparation')),
  limits: z.array(core('HeldLimits')),
  callBacks: z.array(
    named('CallBack', {
      ...inJob,
      jobTitle: text,
      surfaceId: text,
      name: text,
      fault: oneOf(FAULTS),
      at: moment,
      years: figure,
      primer: oneOf(FAMILIES).nullable(),
      finish: oneOf(FAMILIES).nullable(),
      preparation: oneOf(PREPARATIONS),
      weather: answer({ temperatureC: figure.nullable(), relativeHumidityPct: figure.nullable() }),
      hand: text,
      schools: texts,
    }),
  ),
  counts: heldCount.nullable(),
});
export const countsAnswer = answer({ counts: heldCount.nullable() });

const faultAct = named('FaultAct', { ...rowOf(faultActs), ...inJob });
const faultFields = { ...rowOf(faults), ...inJob };
export const faultAnswer = answer(faultFields);
export const faultActAnswer = faultAct;
export const checkAnswer = answer({ ...rowOf(checks), ...inJob });

/** What is to be done about a fault. */
const mend = named('MendWork', {
  causeFirst: flag,
  causes: z.array(core('FaultCause')),
  /** How likely it comes back. */
  lasts: answer({ paintedOver: figure, causeMended: figure }).nullable(),
  makeGood: text.nullable(),
  touchUp: core('TouchUp').nullable(),
  kit: core('TouchUpKit').nullable(),
});
export const punchPage = named('PunchPage', {
  now: text,
  job: answer(rowOf(jobRecord, 'id', 'title', 'place', 'status', 'handedOver')),
  /** Surfaces whose last coat is still to come, by name. */
  unfinished: texts,
  rooms: z.array(answer(rowOf(rooms, 'id', 'name', 'sketch', 'kind'))),
  surfaces: z.array(named('PunchSurface', { id: text, roomId: text, name: text, element: oneOf(ELEMENTS) })),
  photos: z.array(photo),
  faults: z.array(
    named('MarkedFault', {
      ...faultFields,
      act: faultAct.nullable(),
      /** Null once it is closed. */
      mend: mend.nullable(),
    }),
  ),
  visits: z.array(answer({ on: text, closes: texts })),
  /** Visits that are fixed already. */
  standing: z.array(answer(rowOf(visits, 'id', 'onDay', 'fromTime', 'minutes', 'calls', 'personId'))),
  checks: z.array(
    named('HandoverCheck', {
      surfaceId: text,
      code: text,
      words: text,
      tried: answer(rowOf(checks, 'holds', 'note', 'byName', 'at')).nullable(),
    }),
  ),
});

/** Papers as blocks of text and tables; those with prices on them are not for everybody, and say so themselves. */
export const papers = z.array(core('Paper'));
