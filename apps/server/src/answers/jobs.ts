import { z } from 'zod';
import { answer, plain, sum } from './answer.ts';
import {
  finding,
  guarantee,
  job,
  nextTest,
  override,
  photo,
  risk,
  room,
  standingFields,
  surface,
  surfaceFields,
  systemPrice,
  testRow,
  workLog,
  workStep,
} from './parts.ts';

export const jobBrief = job.extend({
  ...plain('surfaces', 'drying', 'open', 'done', 'tested', 'minutes'),
  cost: sum,
  quote: answer(plain('number', 'version', 'sentAt', 'agreedBy'))
    .nullable()
    .optional(),
});
export const jobList = z.array(jobBrief);

export const wholeJob = answer({
  job,
  rooms: z.array(room),
  totals: answer({ ...plain('minutes'), cost: sum }),
  unknown: answer({
    atStake: sum,
    ...plain('more'),
    tests: z.array(nextTest.extend(plain('surfaceId', 'alsoTells', 'element'))),
  }),
  photos: z.array(photo),
  surfaces: z.array(
    answer({
      ...surfaceFields,
      ...plain(
        'likeliest',
        'tested',
        'conditions',
        'inferred',
        'zones',
        'conflicts',
        'lastCoatAt',
        'minutes',
        'section',
      ),
      tests: z.array(testRow),
      cost: sum,
      standing: answer(standingFields),
    }),
  ),
});

/** Everything the page of a surface shows. */
export const surfacePage = answer({
  surface,
  job,
  room: room.optional(),
  firm: answer(plain('currency', 'timeZone')),
  ...plain(
    'finish',
    'weights',
    'inherited',
    'zones',
    'conflicts',
    'patches',
    'demands',
    'conditions',
    'cleared',
    'lines',
    'section',
    'key',
    'computedKey',
    'settledOther',
    'rules',
    'cautions',
    'blocks',
  ),
  nextTests: z.array(nextTest),
  findings: z.array(finding),
  photos: z.array(photo),
  price: systemPrice,
  choice: answer({ ...plain('differs', 'by', 'at'), override: override.nullable() })
    .nullable()
    .optional(),
  guarantee,
  doubt: answer({
    ...plain('safer'),
    options: z.array(answer({ ...plain('treatAs', 'words', 'share', 'chosen'), cost: sum, expectedLoss: sum })),
    test: nextTest.nullable(),
  }).nullable(),
  anotherYear: answer({
    brings: z.array(answer({ ...plain('condition', 'odds', 'text'), addedCost: sum })),
    expectedCost: sum,
    atWorst: sum,
  }),
  alternatives: z.array(answer({ ...plain('key', 'differs'), against: sum, addedCost: sum })),
  schools: z.array(answer({ ...plain('rule', 'choice', 'differs'), addedCost: sum })),
  risks: z.array(risk),
  tests: z.array(testRow),
  work: z.array(workLog),
  steps: z.array(workStep),
  standing: answer({ ...standingFields, work: z.array(workStep).optional() }),
});

export const roomAnswer = room;
export const surfaceAnswer = surface;
export const jobAnswer = job;
export const wholeRoomAnswer = answer({ room, ...plain('surfaces') });
export const readingAnswer = answer(
  plain('id', 'jobId', 'roomId', 'temperatureC', 'relativeHumidityPct', 'byName', 'at'),
);
export const testAnswer = testRow;
export const findingAnswer = finding;
export const photoAnswer = photo;
export const foundAnswer = answer(plain('jobs', 'surfaces'));
export const weatherAnswer = answer(
  plain('place', 'from', 'temperatureC', 'relativeHumidityPct', 'rainMm', 'windMs', 'doubtC', 'rainChance', 'rooms'),
);
export const readingsAnswer = answer(plain('hours', 'gaps'));
