import { describe, expect, test } from '@jest/globals';
import { differenceOf, plan, type Plan } from '../src/index.ts';

const air = { kind: 'steady' as const, temperatureC: 20, relativeHumidityPct: 50 };
const shellac = { family: 'shellac-primer', chemistry: 'alcohol-borne', dustFreeMin: 20, recoatMin: 45 };
const acrylic = { chemistry: 'waterborne', dustFreeMin: 60, recoatMin: 240, minTempC: 10, maxRhPct: 85 };
const oil = { chemistry: 'solvent-borne', dustFreeMin: 300, recoatMin: 960, recoatMaxMin: 4320, minTempC: 5 };
const job = (surfaces: object[], over: object = {}) => ({
  start: '2027-03-01T08:00:00+00:00',
  timeZone: 'Europe/London',
  crew: [{ id: 'a' }, { id: 'b', from: '09:00', to: '15:00' }],
  air,
  surfaces,
  ...over,
});
const at = (p: Plan, name: string) => p.steps.find((s) => `${s.surface}/${s.id}` === name)!;
const minutes = (a: string, b: string) => (Date.parse(b) - Date.parse(a)) / 60_000;

describe('a plan', () => {
  test('at label air a coat opens when its label says, and the next waits for it', () => {
    const p = plan(
      job(
        [
          {
            id: 's',
            steps: [
              { id: '1', kind: 'prime', minutes: 60, drying: shellac },
              { id: '2', kind: 'finish-coat', minutes: 60, drying: acrylic },
            ],
          },
        ],
        { air: { kind: 'steady', temperatureC: 23, relativeHumidityPct: 50 } },
      ),
    );
    expect(minutes(at(p, 's/1').end, at(p, 's/1').recoatFrom!)).toBe(45);
    expect(minutes(at(p, 's/2').end, at(p, 's/2').dustFreeAt!)).toBe(60);
    expect(at(p, 's/1').waitsFor).toBeNull();
    expect(at(p, 's/2')).toMatchObject({ start: at(p, 's/1').recoatFrom, waitsFor: { code: 'coat' } });
    expect(p.finish).toBe(at(p, 's/2').end);
    expect(p.lowerBound).toBe(p.finish);
  });

  test('says what each start waits for', () => {
    const late = plan(
      job([
        {
          id: 's',
          steps: [
            { id: '1', kind: 'wash', minutes: 400, waitMin: 60 },
            { id: '2', kind: 'sand', minutes: 120 },
            { id: '3', kind: 'sand', minutes: 30, people: 2 },
          ],
        },
      ]),
    );
    expect(at(late, 's/2').waitsFor!.code).toBe('hours');
    const racks = plan(
      job(
        ['s', 't', 'u'].map((id) => ({
          id,
          steps: [{ id: '1', kind: 'finish-coat', minutes: 30, onRack: true, drying: acrylic }],
        })),
        { racks: 1 },
      ),
    );
    expect(racks.steps.map((s) => s.waitsFor?.code ?? null).sort()).toContain('rack');
    const dust = plan(
      job(
        [
          { id: 's', zone: 'z', steps: [{ id: '1', kind: 'finish-coat', minutes: 200, drying: acrylic }] },
          { id: 't', zone: 'z', steps: [{ id: '1', kind: 'sand', minutes: 150, dusty: true }] },
        ],
        { zones: [{ id: 'z', noDustWhileWet: true }] },
      ),
    );
    expect(dust.steps.map((s) => s.waitsFor?.code)).toContain('dust');
  });

  test('holds a coat back where it would close before the next can come', () => {
    const quick = { chemistry: 'alcohol-borne', dustFreeMin: 10, recoatMin: 60, recoatMaxMin: 120 };
    const p = plan(
      job(
        [
          {
            id: 's',
            steps: [
              { id: '0', kind: 'sand', minutes: 400 },
              { id: '1', kind: 'prime', minutes: 60, drying: quick },
              { id: '2', kind: 'prime', minutes: 60, drying: quick },
            ],
          },
        ],
        { crew: [{ id: 'a' }] },
      ),
    );
    expect(p.status).toBe('feasible');
    expect(at(p, 's/1').start.slice(0, 10)).toBe('2027-03-02');
  });

  test('counts a spring night by the clock of the place', () => {
    const p = plan(
      job(
        [
          {
            id: 's',
            steps: [
              { id: '1', kind: 'sand', minutes: 480 },
              { id: '2', kind: 'sand', minutes: 480 },
            ],
          },
        ],
        { start: '2027-03-26T08:00:00+00:00' },
      ),
    );
    expect(at(p, 's/2').start).toBe('2027-03-29T08:00:00+01:00');
  });

  test('what is done stays where it was', () => {
    const done = { done: true, start: '2027-02-26T09:00:00+00:00', end: '2027-02-26T10:00:00+00:00' };
    const p = plan(
      job([
        {
          id: 's',
          steps: [
            { id: '1', kind: 'prime', minutes: 60, drying: oil, ...done },
            { id: '2', kind: 'finish-coat', minutes: 60, drying: oil },
          ],
        },
      ]),
    );
    expect(at(p, 's/1')).toMatchObject({ start: done.start, end: done.end });
    expect(p.status).toBe('feasible');
  });

  test.each([
    ['more people than there are', [{ id: '1', kind: 'sand', minutes: 10, people: 3 }], {}, 'crew'],
    ['a skill nobody has', [{ id: '1', kind: 'sand', minutes: 10, skill: 'spray' }], {}, 'skill'],
    ['longer than any day', [{ id: '1', kind: 'sand', minutes: 600 }], {}, 'hours'],
    [
      'air that never suits',
      [{ id: '1', kind: 'prime', minutes: 10, drying: { ...acrylic, minTempC: 30 } }],
      {},
      'air',
    ],
    [
      'a window that closes over the weekend',
      [
        {
          id: '1',
          kind: 'prime',
          minutes: 450,
          drying: { chemistry: 'waterborne', recoatMin: 240, recoatMaxMin: 300 },
        },
        { id: '2', kind: 'prime', minutes: 450, drying: acrylic },
      ],
      {},
      'recoat-closes',
    ],
    ['nobody at all', [{ id: '1', kind: 'sand', minutes: 10 }], { crew: [] }, 'crew'],
  ])('cannot be made: %s', (_what, steps, over, rule) => {
    const p = plan(job([{ id: 's', steps }], over));
    expect(p).toMatchObject({ status: 'infeasible', steps: [], finish: null, lowerBound: null });
    expect(p.status === 'infeasible' && p.reasons[0]).toMatchObject({ rule, step: expect.stringContaining('s/') });
  });

  test('the same input gives the same plan', () => {
    const input = job(
      ['s', 't', 'u'].map((id) => ({
        id,
        steps: [
          { id: '1', kind: 'prime', minutes: 70, drying: shellac },
          { id: '2', kind: 'finish-coat', minutes: 90, drying: acrylic },
        ],
      })),
    );
    expect(plan(input)).toEqual(plan(input));
  });

  test('an empty job is finished as it starts', () => {
    expect(plan(job([]))).toMatchObject({ status: 'feasible', visits: 0, objective: { finishMin: 0 } });
  });

  test('what moved since it was posted is named, and what is done is not', () => {
    const steps = [
      { id: '1', kind: 'prime', minutes: 60, drying: acrylic },
      { id: '2', kind: 'finish-coat', minutes: 60, drying: acrylic },
    ];
    const posted = plan(job([{ id: 's', steps }]));
    const cold = plan(
      job([{ id: 's', steps }], { air: { kind: 'steady', temperatureC: 12, relativeHumidityPct: 70 } }),
    );
    const d = differenceOf(posted, cold, new Set(['s/1']));
    expect(d.moved.map((m) => m.id)).toEqual(['2']);
    expect(d.finishLaterMin).toBeGreaterThan(0);
  });
});
