import {
  cameFromSchema,
  CONDITIONS,
  FAMILIES,
  FINISHES,
  JOB_RECORDS,
  jobRecord,
  pick,
  withdrawnSchema,
} from '@rustic/core';
import { z } from 'zod';
import {
  answer,
  core,
  figure,
  flag,
  from,
  like,
  moment,
  named,
  oneOf,
  rowOf,
  sum,
  sumOrNone,
  text,
  texts,
} from './answer.ts';
import { houseRules } from './firm.ts';
import {
  finding,
  inJob,
  job,
  jobFields,
  nextTest,
  nextTestFields,
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
  holds,
} from './parts.ts';

const withdrawn = like(withdrawnSchema);

export const jobList = z.array(
  named('JobBrief', {
    ...jobFields,
    surfaces: figure,
    drying: figure,
    open: figure,
    done: figure,
    tested: figure,
    minutes: figure,
    cost: sum,
    /** The newest quote that was sent, and who agreed to it. */
    quote: answer({ number: figure, version: figure, sentAt: moment, agreedBy: text.nullable() }).nullable(),
  }),
);

/** All jobs in a few figures: how many are in hand and handed over, and what those in hand take and cost. */
export const jobSums = answer({ inHand: figure, over: figure, minutes: figure, cost: sum });
/** Every job by its name. */
export const jobNames = z.array(
  named('JobName', { ...rowOf(jobRecord, 'id', 'title', 'place', 'status'), empty: flag }),
);

/** A surface as the page of its job shows it. */
const surfaceBrief = named('SurfaceBrief', {
  ...surfaceFields,
  likeliest: core('FinishChance'),
  tested: flag,
  /** Those that stand once tests have spoken. */
  conditions: z.array(oneOf(CONDITIONS)),
  inferred: flag,
  zones: figure,
  conflicts: figure,
  lastCoatAt: moment.nullable(),
  minutes: figure,
  section: z.array(core('Layer')),
  tests: z.array(testRow),
  cost: sum,
  standing: answer(standingFields),
});

export const wholeJob = named('WholeJob', {
  job,
  rooms: z.array(room),
  totals: answer({ minutes: figure, cost: sum }),
  unknown: answer({
    atStake: sum,
    more: figure,
    /** Tests worth making somewhere in the house. */
    tests: z.array(named('UnknownTest', { ...nextTestFields, surfaceId: text, alsoTells: figure })),
  }),
  photos: z.array(photo),
  surfaces: z.array(surfaceBrief),
  /** Rooms and surfaces that were taken out, and can be brought back. A surface of a room that is out is in it. */
  takenOut: z.array(answer({ what: oneOf(['room', 'surface']), id: text, name: text, withdrawn })),
});

/** Jobs that were taken out. */
export const jobsTakenOut = z.array(named('JobTakenOut', { ...pick(jobRecord, 'id', 'title', 'place'), withdrawn }));

/** One line of a system, with what it takes and what it is done with. */
const line = named('Line', {
  step: core('Step'),
  minutes: figure,
  litres: figure,
  /** What thins the coat that meets the ground, in litres. */
  thinnerL: figure,
  /** The parts of a two-part product. */
  parts: answer({ baseL: figure, hardenerL: figure }).nullable(),
  pots: figure,
  readyAfterMin: figure,
  product: answer({ id: text, name: text, maker: text }).nullable(),
  tools: texts,
  /** What might be taken instead. */
  others: z.array(oneOf(FAMILIES)),
});

/** Everything the page of a surface shows. */
export const surfacePage = named('SurfacePage', {
  surface,
  job,
  room,
  firm: answer({ currency: text, timeZone: text }),
  finish: z.array(core('FinishChance')),
  weights: z.array(core('EvidenceWeight')),
  inherited: z.array(answer({ surfaceId: text, name: text, sameCampaign: flag, ratio: figure })),
  zones: z.array(
    answer({
      places: texts.readonly(),
      likeliest: oneOf(FINISHES),
      probability: figure,
      adhesion: oneOf(['grips', 'weak', 'unknown']),
      /** What stands there and nowhere else on this surface. */
      found: z.array(oneOf(CONDITIONS)),
    }),
  ),
  conflicts: z.array(core('Conflict')).readonly(),
  patches: z.array(core('PatchReading')).readonly(),
  demands: z.array(core('Demand')),
  conditions: z.array(oneOf(CONDITIONS)),
  cleared: z.array(oneOf(CONDITIONS)),
  lines: z.array(line),
  section: z.array(core('Layer')),
  /** What is there in each place, where places differ. */
  places: z.array(answer({ place: text, layers: z.array(core('Layer')) })),
  /** Names the system that stands. */
  key: text,
  computedKey: text,
  settledOther: flag,
  rules: answer({ firm: houseRules, job: houseRules, surface: houseRules }),
  cautions: z.array(core('Caution')),
  blocks: z.array(core('Block')),
  nextTests: z.array(nextTest),
  findings: z.array(finding),
  photos: z.array(photo),
  price: systemPrice,
  choice: answer({ differs: text, by: text, at: moment, override: override.nullable() }).nullable(),
  guarantee: core('Guarantee'),
  holds,
  doubt: named('DoubtPart', {
    ...from('Doubt', 'safer'),
    options: z.array(
      answer({ ...from('DoubtOption', 'treatAs', 'words', 'share', 'chosen'), cost: sum, expectedLoss: sum }),
    ),
    test: nextTest.nullable(),
  }).nullable(),
  anotherYear: answer({
    brings: z.array(answer({ condition: oneOf(CONDITIONS), odds: figure, text, addedCost: sum })),
    expectedCost: sum,
    atWorst: sum,
  }),
  /** `against`: what it weighs by the firm's weights, against what the evidence asks for; below 0 it weighs less. */
  alternatives: z.array(answer({ key: text, differs: text, against: sumOrNone, addedCost: sumOrNone, holds })),
  schools: z.array(answer({ ...from('School', 'rule', 'choice', 'differs'), addedCost: sum, holds })),
  risks: z.array(risk),
  tests: z.array(testRow),
  work: z.array(workLog),
  /** Every step of the system as work. */
  steps: z.array(workStep),
  standing: answer({ ...standingFields, work: z.array(workStep) }),
});

export const roomAnswer = room;
export const surfaceAnswer = surface;
export const jobAnswer = job;
export const wholeRoomAnswer = answer({ room, surfaces: figure });
export const readingAnswer = answer({ ...rowOf(JOB_RECORDS.readings), ...inJob });
export const testAnswer = testRow;
export const findingAnswer = finding;
export const photoAnswer = photo;
export const choiceAnswer = answer({ ...rowOf(JOB_RECORDS.choices), ...inJob });
export const orderAnswer = answer({ moved: figure });
/** What campaign each surface had before. */
export const campaignAnswer = answer({ before: z.array(answer({ id: text, campaign: text.nullable() })) });

export const foundAnswer = named('SearchHits', {
  jobs: z.array(answer({ id: text, title: text, place: text })),
  surfaces: z.array(answer({ id: text, jobId: text, name: text })),
});

/** The weather of a job's place hour by hour, from `from` (minutes since the epoch), with how far a forecast may be off. */
export const weatherAnswer = named('WeatherHours', {
  place: text,
  from: figure,
  temperatureC: z.array(figure),
  relativeHumidityPct: z.array(figure),
  rainMm: z.array(figure),
  windMs: z.array(figure),
  doubtC: z.array(figure),
  rainChance: z.array(figure),
  /** The air of each room now. */
  rooms: z.array(
    answer({
      id: text,
      airFrom: like(JOB_RECORDS.rooms.fields.airFrom),
      temperatureC: figure,
      relativeHumidityPct: figure,
      surfaceC: figure,
    }),
  ),
});
export const readingsAnswer = answer({
  hours: figure,
  gaps: z.array(answer({ from: figure, hours: figure })),
});
/** What an import of a whole job did. */
export const importAnswer = answer({ jobId: text, already: flag, entries: figure, photos: figure });
/** What the file of a job holds, before it is brought in. */
export const jobFileAnswer = named('JobFileHolds', {
  jobId: text,
  title: text,
  place: text,
  client: text,
  status: like(jobRecord.fields.status),
  /** The firm that gave it out; an older file does not say it. */
  from: like(cameFromSchema).nullable(),
  rooms: figure,
  surfaces: figure,
  tests: figure,
  steps: figure,
  photos: figure,
  entries: figure,
  firstAt: text.nullable(),
  lastAt: text.nullable(),
  people: texts,
  products: figure,
  quotes: z.array(answer({ marked: text, total: sum, currency: text, agreedBy: text.nullable() })),
  /** Whether it is here, entry for entry. */
  already: flag,
  /** The currency in which this firm prices. */
  currency: text,
});
