import 'reflect-metadata';
import { describe, expect, test } from '@jest/globals';
import { checkJobFile, JOB_FILE_TYPE, JOB_FILE_VERSION, UnusableInput } from '@rustic/core';
import fc from 'fast-check';
import { edgeValidation } from '../src/http/validation.ts';
import { JobBody, JobChange, RoomBody, RoomChange, SurfaceBody, SurfaceChange } from '../src/jobs/jobs.dto.ts';
import { OffersBody } from '../src/documents/documents.dto.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const ID = '01920000-0000-7000-8000-000000000001';
type Row = Record<string, unknown>;

const JOB: Row = {
  id: 'j',
  title: 'Reed House',
  place: 'Quay',
  builtYear: 1934,
  status: 'active',
  note: 'ring twice',
  startsAt: '2027-03-01T08:00:00Z',
  temperatureC: 17.5,
  relativeHumidityPct: 60,
  houseRules: {},
  crewIds: [],
  racks: 0,
  property: { occupants: 'two', leadYear: 1980, climate: 'mild-coast', mapPlace: { x: 1, y: 2 } },
  client: 'A. Reed',
  offers: [{ id: 'o', surfaceId: 's', key: '0123456789abcdef' }],
};
const ROOM: Row = {
  id: 'r',
  name: 'Hall',
  position: 0,
  noDustWhileWet: true,
  backBy: '18:00',
  fumesOutBy: null,
  maxNightsOut: 2,
  airFrom: 'reading',
  kind: 'room',
  facing: null,
  sketch: {
    walls: [
      { name: 'north', widthM: 4, heightM: 2.4, openings: [{ kind: 'door', x: 1, y: 0, widthM: 0.8, heightM: 2 }] },
    ],
  },
};
const SURFACE: Row = {
  id: 's',
  roomId: 'r',
  name: 'Walls',
  campaign: '1960s',
  facts: {
    element: 'wall',
    substrate: 'skim-plaster',
    exposure: 'interior-dry',
    texture: 'smooth',
    areaM2: 12,
    conditions: ['sound'],
  },
  wanted: { sheen: 'matt', lowOdour: true, colour: '#ccccbb' },
  position: 0,
  measure: null,
  exclusions: [
    {
      id: 'e',
      words: 'the mural',
      reason: 'client-does-it',
      whole: false,
      box: { wall: 0, x: 1, y: 1, widthM: 1, heightM: 1 },
    },
  ],
  access: 'floor',
  houseRules: {},
};

const fileOf = (job: Row, room: Row, surface: Row) => ({
  format: JOB_FILE_TYPE,
  version: JOB_FILE_VERSION,
  job,
  rooms: [room],
  surfaces: [surface],
  ...Object.fromEntries(
    'tests findings choices work readings series holds troubles followUps trials trialActs plans documents agreements photos faults faultActs checks visits visitActs looks products'
      .split(' ')
      .map((kind) => [kind, []]),
  ),
  ledger: [],
});
const IN_FILE = {
  job: (row: Row) => fileOf(row, ROOM, SURFACE),
  room: (row: Row) => fileOf(JOB, row, SURFACE),
  surface: (row: Row) => fileOf(JOB, ROOM, row),
};
const VALID = { job: JOB, room: ROOM, surface: SURFACE };

/** What the reader of job files says of it. */
function fileTakes(file: unknown): boolean {
  try {
    checkJobFile(file);
    return true;
  } catch (error) {
    if (!(error instanceof UnusableInput)) throw error;
    return false;
  }
}
/** What the server says of the same value as it comes in, through the pipe that every request passes. */
const edgeTakes = async (metatype: new () => object, body: unknown): Promise<boolean> =>
  edgeValidation()
    .transform(body, { type: 'body', metatype })
    .then(
      () => true,
      () => false,
    );

const BOUNDS = [
  0, 1, -1, 0.001, 24, 30, 60, 100, 120, 121, 200, 201, 365, 366, 400, 401, 1000, 1799, 1800, 2000, 2200, 2201,
];
const junk = fc.oneof(
  fc.constantFrom<unknown>(
    null,
    true,
    '',
    ' ',
    '18:00',
    '24:00',
    '#ccccbb',
    'wall',
    'client',
    'matt',
    [],
    {},
    ...BOUNDS,
  ),
  fc.constantFrom(...BOUNDS.filter((n) => n > 1 && Number.isInteger(n))).map((n) => 'x'.repeat(n)),
  fc.double({ noNaN: true, noDefaultInfinity: true, min: -5000, max: 5000 }),
  fc.jsonValue({ maxDepth: 2 }),
);

/** Every place in a value, so that one of them can be spoiled. */
function placesOf(value: unknown, at: (string | number)[] = []): (string | number)[][] {
  if (typeof value !== 'object' || value === null) return [at];
  return [at, ...Object.entries(value).flatMap(([key, held]) => placesOf(held, [...at, key]))];
}
function withAt(value: unknown, [key, ...rest]: (string | number)[], put: unknown): unknown {
  if (key === undefined) return put;
  const copy = Array.isArray(value) ? [...(value as unknown[])] : { ...(value as Row) };
  (copy as Row)[key] = withAt((value as Row)[key], rest, put);
  return copy;
}
const spoiled = (valid: unknown) =>
  fc.tuple(fc.constantFrom(...placesOf(valid)), junk).map(([at, put]) => withAt(valid, at, put));

const BODIES: [string, new () => object, keyof typeof VALID, Row, string][] = [
  [
    'a new job',
    JobBody,
    'job',
    { id: ID, title: 'Reed House', place: 'Quay', startsAt: JOB['startsAt'] },
    'title place builtYear note',
  ],
  [
    'a job changed',
    JobChange,
    'job',
    { id: ID, version: 1 },
    'status temperatureC relativeHumidityPct property client',
  ],
  ['offers', OffersBody, 'job', { id: ID, version: 1, offers: [] }, 'offers'],
  ['a new room', RoomBody, 'room', { id: ID, name: 'Hall' }, 'name kind facing sketch'],
  [
    'a room changed',
    RoomChange,
    'room',
    { id: ID, version: 1 },
    'name facing sketch noDustWhileWet backBy fumesOutBy maxNightsOut airFrom',
  ],
  [
    'a new surface',
    SurfaceBody,
    'surface',
    { id: ID, roomId: ID, name: 'Walls', facts: SURFACE['facts'] },
    'name campaign facts wanted measure access',
  ],
  [
    'a surface changed',
    SurfaceChange,
    'surface',
    { id: ID, version: 1 },
    'name campaign facts wanted measure access exclusions',
  ],
];

describe('one definition, one verdict', () => {
  test('the rows that are spoiled below are taken as they are by both', async () => {
    expect(fileTakes(fileOf(JOB, ROOM, SURFACE))).toBe(true);
    for (const [, body, kind, base, fields] of BODIES)
      expect(
        await edgeTakes(body, { ...base, ...Object.fromEntries(fields.split(' ').map((f) => [f, VALID[kind][f]])) }),
      ).toBe(true);
  });

  test.each(
    BODIES.flatMap(([what, body, kind, base, fields]) =>
      fields.split(' ').map((field) => ({ what, field, body, kind, base })),
    ),
  )(
    '$what: $field is refused at the edge exactly where a job file with it is refused',
    async ({ field, body, kind, base }) => {
      const verdicts = { taken: 0, refused: 0 };
      await fc.assert(
        fc.asyncProperty(spoiled(VALID[kind][field]), async (value) => {
          const inFile = fileTakes(IN_FILE[kind]({ ...VALID[kind], [field]: value }));
          verdicts[inFile ? 'taken' : 'refused'] += 1;
          expect(await edgeTakes(body, { ...base, [field]: value })).toBe(inFile);
        }),
        { numRuns: 120 },
      );
      expect(verdicts.refused).toBeGreaterThan(0);
    },
  );
});
