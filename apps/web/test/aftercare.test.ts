import { describe, expect, test } from '@jest/globals';
import { planRead, planRounds, planSchema, readBy, STEP_LABELS } from '@rustic/core';
import { dueLines } from '../src/aftercare/due.ts';
import { houseSketch } from '../src/aftercare/houseSketch.ts';
import { clockAt, dayNumber, dayText, roundsAsked, USUAL_ROUND } from '../src/aftercare/roundsAsked.ts';
import { sayCalls } from '../src/aftercare/sayCalls.ts';
import { yearOf } from '../src/aftercare/year.ts';
import { withNames } from '../src/drying/planNames.ts';
import { timesIn } from '../src/words/time.ts';
import type { AftercarePage, Call, CareJob } from '../src/store/endpoints.ts';

const { localDay } = timesIn('Europe/London');

const NOW = '2027-03-10T09:00:00.000Z';
const job = (id: string, more: Partial<CareJob> = {}): CareJob => ({
  id,
  title: `House ${id}`,
  place: '',
  client: '',
  version: 1,
  mapPlace: { x: 3, y: 2 },
  at: null,
  ...more,
});
const demoSketch = (jobs: readonly CareJob[]) => houseSketch({ shelfFrom: 'demo', yard: null }, jobs);
const call = (jobId: string, more: Partial<Call> = {}): Call => ({
  jobId,
  what: 'look',
  subject: `${jobId} wall`,
  surfaceId: `${jobId} wall`,
  name: 'Wall',
  code: 'wet-season',
  words: 'Walk round after the wet season',
  why: 'Water finds the first weak joint.',
  at: '2027-04-01',
  by: '2027-05-31',
  minutes: 25,
  visitId: null,
  ...more,
});
const page = (more: Partial<AftercarePage> = {}): AftercarePage => ({
  now: NOW,
  zone: 'Europe/London',
  jobs: [job('a'), job('b')],
  people: [],
  calls: [],
  moreCalls: 0,
  uses: [],
  repaints: [],
  lookedAfter: 0,
  visits: [],
  ...more,
});

describe('what is due, line by line', () => {
  test('the same look on several surfaces of a job is one line; on another job, or weeks apart, another', () => {
    const { calls } = dueLines(
      page({
        calls: [
          call('a'),
          call('a', { subject: 'a gable', name: 'Gable', at: '2027-04-09' }),
          call('a', { subject: 'a doors', name: 'Doors', at: '2027-06-01' }),
          call('b'),
        ],
      }),
    );
    expect(calls.map((l) => [l.job.id, l.items.map((i) => i.name)])).toEqual([
      ['a', ['Wall', 'Gable']],
      ['b', ['Wall']],
      ['a', ['Doors']],
    ]);
  });
  test('faults stay apart, since each is closed by itself; so does what is in a visit already', () => {
    const fault = (subject: string) => call('a', { what: 'fault', code: 'knock', subject });
    const { calls } = dueLines(
      page({ calls: [fault('1'), fault('2'), call('a'), call('a', { subject: 'x', visitId: 'v' })] }),
    );
    expect(calls).toHaveLength(4);
  });
  test('a reason is written once in the margin, and every line leads to it', () => {
    const { notes, calls } = dueLines(
      page({ calls: [call('a'), call('b'), call('b', { code: 'salts', why: 'Salts.' })] }),
    );
    expect(notes.map((n) => n.text)).toEqual(['Water finds the first weak joint.', 'Salts.']);
    expect(calls.map((l) => l.n).sort()).toEqual([1, 1, 2]);
  });
  test('soonest first', () => {
    const { calls } = dueLines(page({ calls: [call('a', { at: '2028-04-01' }), call('b')] }));
    expect(calls.map((l) => l.job.id)).toEqual(['b', 'a']);
  });
});

describe('what is asked of the rounds', () => {
  test('what is on the map and in no visit yet, a week from now at the soonest, on working days', () => {
    const { asked, wishes } = roundsAsked(
      page({
        jobs: [job('a'), job('b', { mapPlace: null }), job('c')],
        calls: [
          call('a'),
          call('b'),
          call('c', { visitId: 'v' }),
          call('a', { code: 'knots', at: '2027-08-01', by: '2027-09-01' }),
        ],
      }),
      USUAL_ROUND,
      localDay,
      demoSketch([job('a'), job('b', { mapPlace: null }), job('c')]),
    );
    expect([...wishes.values()].map((w) => w.jobId)).toEqual(['a', 'a']);
    expect(Math.min(...asked.days)).toBeGreaterThanOrEqual(dayNumber('2027-03-17'));
    expect(asked.days.every((d) => ![0, 6].includes(new Date(d * 86_400_000).getUTCDay()))).toBe(true);
    const { rounds, notTaken } = planRounds({ ...asked, effort: 50 });
    expect(notTaken).toEqual([]);
    expect(rounds.flatMap((r) => r.stops)).toHaveLength(2);
  });
  test('what lies beyond the months asked for is left for later', () => {
    const data = page({ calls: [call('a', { at: '2027-09-01', by: '2027-10-01' })] });
    expect(roundsAsked(data, { ...USUAL_ROUND, months: 3 }, localDay, demoSketch([job('a')])).asked.visits).toEqual([]);
    expect(roundsAsked(data, USUAL_ROUND, localDay, demoSketch([job('a')])).asked.visits).toHaveLength(1);
  });
  test('a day on which a round is fixed already takes no other', () => {
    const visit = {
      id: 'v',
      jobId: 'b',
      onDay: '2027-04-05',
      fromTime: '09:00',
      minutes: 20,
      calls: [],
      personId: null,
      roundId: 'r',
    };
    const { asked } = roundsAsked(
      page({ calls: [call('a')], visits: [visit] }),
      USUAL_ROUND,
      localDay,
      demoSketch([job('a')]),
    );
    expect(asked.days).not.toContain(dayNumber('2027-04-05'));
    expect(asked.days).toContain(dayNumber('2027-04-06'));
  });
  test('nothing due asks nothing', () => {
    expect(roundsAsked(page(), USUAL_ROUND, localDay, demoSketch([job('a')])).asked.visits).toEqual([]);
  });
  test('days and hours are said as people write them', () => {
    expect(dayText(dayNumber('2028-02-29'))).toBe('2028-02-29');
    expect([clockAt(0), clockAt(26), clockAt(400)]).toEqual(['08:20', '08:46', '15:00']);
  });
});

describe('the year ahead', () => {
  test('begins with this month, holds what can be done within it, and jobs by what comes first', () => {
    const year = yearOf(
      page({
        calls: [
          call('a', { at: '2027-06-01', by: '2027-08-01' }),
          call('b', { at: '2026-04-01', by: '2026-05-31' }),
          call('b', { code: 'far', at: '2029-01-01', by: '2029-02-01' }),
        ],
      }),
    );
    expect(year.months).toHaveLength(13);
    expect(year.months[0]!.words).toBe('Mar');
    expect(year.months[10]!.words).toBe('Jan 28');
    expect(year.lines.map((l) => l.job.id)).toEqual(['b', 'a']);
    expect(year.lines[0]!.spans).toHaveLength(1);
    const [overdue] = year.lines[0]!.spans;
    // What should have been done is drawn up to now.
    expect(overdue).toMatchObject({ past: true, from: year.from, to: Date.parse(NOW) });
  });
  test('the same thing on several surfaces is one bar; a fixed visit stands in its place', () => {
    const visit = {
      id: 'v',
      jobId: 'a',
      onDay: '2027-04-08',
      fromTime: '09:40',
      minutes: 20,
      calls: [],
      personId: null,
      roundId: null,
    };
    const { lines } = yearOf(
      page({
        calls: [call('a'), call('a', { subject: 'x', name: 'Gable' }), call('a', { subject: 'y', visitId: 'v' })],
        visits: [visit],
      }),
    );
    expect(lines[0]!.spans.map((s) => s.name)).toEqual(['Wall, Gable']);
    expect(new Date(lines[0]!.visits[0]!.at).toISOString()).toBe('2027-04-08T08:40:00.000Z');
  });
});

test('what a visit is for is said once, however many surfaces it is for', () => {
  const walk = (name?: string) => ({ words: 'walk round', ...(name ? { name } : {}) });
  expect(sayCalls([walk('Gable'), walk('Doors'), { words: 'Mend number 3' }])).toBe(
    'Walk round (Gable, Doors); mend number 3',
  );
  expect(sayCalls([walk(), walk()])).toBe('Walk round');
  const whole = { words: 'Tape it: it lies on a closed coat.', name: 'Gable' };
  expect(sayCalls([whole, walk('Doors')])).toBe('Tape it: it lies on a closed coat (Gable); walk round (Doors)');
});

describe('lines of visits on the plan', () => {
  const [visit, fault] = ['01a214e8-7f12-74dd-a36e-4b7ced9999dd', '01a214e8-7f12-74dd-a36e-4b7ced9999de'];
  const plan = planRead(
    readBy(planSchema, {
      start: '2027-04-08T08:00:00+01:00',
      timeZone: 'Europe/London',
      crew: [{ id: 'p1' }],
      air: { kind: 'steady', temperatureC: 18, relativeHumidityPct: 55 },
      zones: [{ id: 'quay' }],
      surfaces: [
        {
          id: visit,
          zone: 'quay',
          steps: [{ id: 's0', kind: 'revisit', minutes: 30, people: 1, notBefore: '2027-04-08T09:40:00+01:00' }],
        },
        {
          id: fault,
          zone: 'quay',
          steps: [
            {
              id: 's0',
              kind: 'finish-coat',
              minutes: 25,
              people: 1,
              notBefore: '2027-04-08T09:40:00+01:00',
              drying: { family: 'acrylic-trim', dustFreeMin: 60, recoatMin: 240 },
            },
          ],
        },
      ],
    }),
  );
  test('begin when they were promised, one after the other, and what is mended dries', () => {
    expect(plan.status).toBe('feasible');
    if (plan.status !== 'feasible') return;
    const starts = plan.steps.map((s) => s.start).sort();
    expect(starts).toEqual(['2027-04-08T09:40:00+01:00', '2027-04-08T10:10:00+01:00'].sort());
    expect(plan.steps.find((s) => s.surface === fault)!.dustFreeAt).not.toBeNull();
    expect(plan.visits).toBe(1);
  });
  test('are called by what they are for', () => {
    const data = {
      input: { surfaces: [{ id: visit, steps: [{ id: 's0', kind: 'revisit' }] }] },
      surfaces: [{ id: visit, name: 'Visit: check the joints' }],
      rooms: [],
    } as unknown as Parameters<typeof withNames>[0];
    expect(withNames(data, `Waits for ${visit}/s0.`)).toBe(
      `Waits for Visit: check the joints, ${STEP_LABELS.revisit.toLowerCase()}.`,
    );
  });
});
