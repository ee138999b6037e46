import { describe, expect, test } from '@jest/globals';
import { plan, UnusableInput, type FeasiblePlan, type Plan } from '../src/index.ts';

const acrylic = { chemistry: 'waterborne', dustFreeMin: 60, recoatMin: 240, minTempC: 8 };
const quick = { chemistry: 'alcohol-borne', dustFreeMin: 20, recoatMin: 45 };
const job = (surfaces: object[], over: object = {}) => ({
  start: '2027-03-01T08:00:00+00:00',
  timeZone: 'Europe/London',
  crew: [{ id: 'a' }],
  air: { kind: 'steady', temperatureC: 23, relativeHumidityPct: 50 },
  surfaces,
  ...over,
});
const work = (id: string, minutes: number, over: object = {}) => ({ id, kind: 'wash', minutes, ...over });
const stands = (given: unknown): FeasiblePlan => {
  const p = plan(given);
  if (p.status !== 'feasible') throw new Error(p.reasons.map((r) => r.text).join());
  return p;
};
const at = (p: Plan, name: string) => p.steps.find((s) => `${s.surface}/${s.id}` === name)!;
const rules = (given: unknown) => {
  const p = plan(given);
  return p.status === 'infeasible' ? p.reasons.map((r) => r.rule) : [];
};
const faults = (given: unknown) => {
  try {
    plan(given);
    return [];
  } catch (error) {
    if (!(error instanceof UnusableInput)) throw error;
    return error.errors.map((f) => f.path);
  }
};

describe('times that people are taken', () => {
  const busy = [{ from: '2027-03-01T08:30:00+00:00', to: '2027-03-01T12:00:00+00:00' }];
  test('are kept clear of work, and nobody counts them as a visit', () => {
    const p = stands(job([{ id: 's', steps: [work('1', 60)] }], { crew: [{ id: 'a', busy }] }));
    expect(at(p, 's/1')).toMatchObject({ start: '2027-03-01T12:00:00+00:00', waitsFor: { code: 'crew' } });
    expect(p.visits).toBe(1);
  });
  test('may overlap each other, lie in the past, or last no time', () => {
    const odd = [
      ...busy,
      { from: '2027-03-01T11:00:00+00:00', to: '2027-03-01T13:00:00+00:00' },
      { from: '2027-02-01T11:00:00+00:00', to: '2027-02-01T13:00:00+00:00' },
      { from: '2027-03-01T14:00:00+00:00', to: '2027-03-01T14:00:00+00:00' },
    ];
    const p = stands(job([{ id: 's', steps: [work('1', 60)] }], { crew: [{ id: 'a', busy: odd }] }));
    expect(at(p, 's/1').start).toBe('2027-03-01T13:00:00+00:00');
  });
  test('that end before they begin are a fault of the input', () => {
    const wrong = [{ from: '2027-03-01T12:00:00+00:00', to: '2027-03-01T08:30:00+00:00' }];
    expect(faults(job([], { crew: [{ id: 'a', busy: wrong }] }))).toEqual(['crew[0].busy[0].to']);
  });
});

describe('visits and sites', () => {
  test('setting up and packing up shorten each day', () => {
    const p = stands(job([{ id: 's', steps: [work('1', 470)] }], { visit: { setUpMin: 20, packUpMin: 20 } }));
    expect(at(p, 's/1').start).toBe('2027-03-01T08:20:00+00:00');
    expect(rules(job([{ id: 's', steps: [work('1', 480)] }], { visit: { setUpMin: 20, packUpMin: 20 } }))).toEqual([
      'hours',
    ]);
  });
  test('the way between two jobs is left free, and each has its own rack', () => {
    const coat = { id: '1', kind: 'prime', minutes: 60, onRack: true, drying: acrylic };
    const p = stands(
      job(
        [
          { id: 's', site: 'mill', steps: [coat] },
          { id: 't', site: 'quay', steps: [coat] },
        ],
        {
          sites: [
            { id: 'mill', racks: 1 },
            { id: 'quay', racks: 1 },
          ],
          visit: { travelMin: 40 },
        },
      ),
    );
    const [first, second] = [at(p, 's/1'), at(p, 't/1')].sort((x, y) => (x.start < y.start ? -1 : 1));
    expect(Date.parse(second!.start) - Date.parse(first!.end)).toBe(40 * 60_000);
  });
  test('a site that is not there is a fault of the input', () => {
    expect(faults(job([{ id: 's', site: 'nowhere', steps: [] }]))).toEqual(['surfaces[0].site']);
  });
});

describe('dates and evenings', () => {
  test('another trade comes first', () => {
    const notBefore = '2027-03-03T10:00:00+00:00';
    const p = stands(job([{ id: 's', steps: [work('1', 60, { notBefore })] }]));
    expect(at(p, 's/1')).toMatchObject({ start: notBefore, waitsFor: { code: 'order' } });
  });
  test('what is taken off is hung again the same day, begun later if it must', () => {
    const steps = [
      work('off', 30, { kind: 'unhang' }),
      { id: 'coat', kind: 'prime', minutes: 200, drying: quick },
      work('on', 60, { kind: 'rehang', sameDayAs: 'off' }),
    ];
    const p = stands(job([{ id: 's', steps: [work('before', 300, { kind: 'sand' }), ...steps] }]));
    expect(at(p, 's/on').start.slice(0, 10)).toBe(at(p, 's/off').start.slice(0, 10));
    expect(at(p, 's/off').start.slice(0, 10)).toBe('2027-03-02');
  });
  test('it is planned from the evening back: off no longer than it takes, while its people have other work first', () => {
    const door = [
      work('off', 20, { kind: 'unhang' }),
      { id: 'coat', kind: 'prime', minutes: 40, drying: quick },
      work('on', 30, { kind: 'rehang', sameDayAs: 'off', notBefore: '2027-03-01T15:00:00+00:00' }),
    ];
    const p = stands(job([{ id: 'door', steps: door }]));
    // Unhung 20 min, primed 40 min, 45 min to open: none of it needs to begin at eight.
    expect(at(p, 'door/on').start).toBe('2027-03-01T15:00:00+00:00');
    const off = Date.parse(at(p, 'door/off').start);
    expect(Date.parse('2027-03-01T15:00:00+00:00') - off).toBeLessThanOrEqual((20 + 40 + 45 + 10) * 60_000);
    expect(at(p, 'door/off').waitsFor?.text).toContain('same evening');
    // What else there is to do is done meanwhile, and nothing ends later for it.
    const wall = Array.from({ length: 4 }, (_, i) => work(`${i}`, 60));
    const both = stands(
      job([
        { id: 'door', steps: door },
        { id: 'wall', steps: wall },
      ]),
    );
    expect(both.finish).toBe(p.finish);
    expect(Date.parse(at(both, 'door/off').start)).toBeGreaterThan(Date.parse('2027-03-01T12:00:00+00:00'));
  });
  test('or it is said what would do: an opening that is closed meanwhile', () => {
    const steps = [
      work('off', 30, { kind: 'unhang' }),
      { id: 'c1', kind: 'prime', minutes: 60, drying: { ...acrylic, recoatMin: 900 } },
      { id: 'c2', kind: 'finish-coat', minutes: 60, drying: acrylic },
      work('on', 30, { kind: 'rehang', sameDayAs: 'off' }),
    ];
    const p = plan(job([{ id: 's', steps }]));
    expect(p.status).toBe('infeasible');
    if (p.status !== 'infeasible') return;
    expect(p.reasons.map((r) => r.rule)).toContain('same-day');
    expect(p.reasons.map((r) => r.text).join(' ')).toMatch(/closed meanwhile would do/);
  });
  test('a step that names no earlier one of its surface is a fault of the input', () => {
    expect(faults(job([{ id: 's', steps: [work('on', 30, { sameDayAs: 'off' })] }]))).toEqual([
      'surfaces[0].steps[0].sameDayAs',
    ]);
  });
  test('strong vapour is gone by the hour people are back; other coats need not be', () => {
    const zones = [{ id: 'bed', fumesOutBy: '15:00' }];
    const coat = (strongVapour: boolean) => ({ id: '1', kind: 'prime', minutes: 60, strongVapour, drying: acrylic });
    const late = { notBefore: '2027-03-01T14:30:00+00:00' };
    const strong = stands(job([{ id: 's', zone: 'bed', steps: [{ ...coat(true), ...late }] }], { zones }));
    expect(at(strong, 's/1')).toMatchObject({ start: '2027-03-02T08:00:00+00:00', waitsFor: { code: 'room' } });
    const mild = stands(job([{ id: 's', zone: 'bed', steps: [{ ...coat(false), ...late }] }], { zones }));
    expect(at(mild, 's/1').start).toBe('2027-03-01T14:30:00+00:00');
  });
  test('a thick film opens later, by its square', () => {
    const opens = (thickness: number) => {
      const p = stands(
        job([{ id: 's', steps: [{ id: '1', kind: 'prime', minutes: 60, drying: { ...acrylic, thickness } }] }]),
      );
      return (Date.parse(at(p, 's/1').recoatFrom!) - Date.parse(at(p, 's/1').end)) / 60_000;
    };
    expect([opens(1), opens(2), opens(0.5)]).toEqual([240, 960, 60]);
  });
});

describe('what would release it', () => {
  const said = (given: unknown) => {
    const p = plan(given);
    return p.status === 'infeasible' ? p.reasons.map((r) => r.text).join(' ') : '';
  };
  const coats = [
    { id: '1', kind: 'prime', minutes: 120, drying: acrylic },
    { id: '2', kind: 'finish-coat', minutes: 120, drying: acrylic },
  ];
  test('a colder room than its coats bear: the air that would do', () => {
    const air = { kind: 'steady', temperatureC: 4, relativeHumidityPct: 60 };
    expect(said(job([{ id: 's', steps: coats }], { air }))).toMatch(
      /4 °C is under its 8 °C.*Air of 15 °C and 60 % would do/,
    );
  });
  test('no rack: one that would do', () => {
    const steps = [{ ...coats[0], onRack: true }];
    expect(said(job([{ id: 's', steps }], { racks: 0 }))).toMatch(/1 places? on the rack would do/);
  });
  test('two people where one works: one more', () => {
    expect(rules(job([{ id: 's', steps: [work('1', 30, { people: 2 })] }]))).toEqual(['crew']);
  });
  test('a coat that closes over night: abrading, or longer hours', () => {
    const closing = { ...acrylic, recoatMaxMin: 300 };
    const steps = [
      { id: '1', kind: 'prime', minutes: 240, drying: closing },
      { id: '2', kind: 'finish-coat', minutes: 300, drying: closing },
    ];
    const words = said(job([{ id: 's', steps }]));
    expect(words).toMatch(/closes/);
    expect(words).toMatch(/Abrading between the coats would do|Hours until \d\d:\d\d would do/);
  });
});
