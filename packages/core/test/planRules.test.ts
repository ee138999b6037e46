import { describe, expect, test } from '@jest/globals';
import { plan, planSchema, readBy, type Plan, type PlannedStep } from '../src/index.ts';
import { brokenRules } from './planChecker.ts';

/** Each sentence of the plan's contract by itself: what is asked, and what must come of it. */
const LABEL_AIR = { kind: 'steady' as const, temperatureC: 23, relativeHumidityPct: 50 };
const START = '2027-03-01T08:00:00+00:00';
type Step = Record<string, unknown>;
const surface = (id: string, steps: Step[], zone?: string) => ({ id, ...(zone ? { zone } : {}), steps });
const wash = (id: string, minutes: number, more: Step = {}): Step => ({ id, kind: 'wash', minutes, ...more });
const sand = (id: string, minutes: number, more: Step = {}): Step => ({
  id,
  kind: 'sand',
  minutes,
  dusty: true,
  ...more,
});
const coat = (id: string, minutes: number, drying: Step = {}, more: Step = {}): Step => ({
  id,
  kind: 'finish-coat',
  minutes,
  drying: { chemistry: 'waterborne', dustFreeMin: 60, recoatMin: 240, minTempC: 8, ...drying },
  ...more,
});

function planned(surfaces: object[], over: object = {}): Plan {
  const input = { start: START, timeZone: 'Europe/London', crew: [{ id: 'p1' }], air: LABEL_AIR, surfaces, ...over };
  const made = plan(input);
  // Whatever is asked of a plan here, it also keeps every other rule.
  if (made.status === 'feasible') expect(brokenRules(readBy(planSchema, input), made)).toEqual([]);
  return made;
}
const at = (p: Plan, name: string): PlannedStep => p.steps.find((s) => `${s.surface}/${s.id}` === name)!;
const gap = (a: string, b: string) => (Date.parse(b) - Date.parse(a)) / 60_000;
const local = (iso: string) => iso.slice(11, 16);

describe('people and hours', () => {
  test('nobody works before they come, after they go, or on a day off', () => {
    const p = planned([surface('s', [wash('1', 300), wash('2', 300), wash('3', 300)])], {
      crew: [{ id: 'p1', from: '09:00', to: '15:00', days: [1, 2, 3, 4, 5], off: ['2027-03-02'] }],
    });
    for (const s of p.steps) {
      expect(local(s.start) >= '09:00').toBe(true);
      expect(local(s.end) <= '15:00').toBe(true);
      expect(s.start.startsWith('2027-03-02')).toBe(false);
    }
    expect(p.visits).toBe(3);
  });
  test('a step for two has two, both present throughout', () => {
    const p = planned([surface('s', [wash('1', 60, { people: 2 })])], {
      crew: [
        { id: 'p1', from: '08:00', to: '12:00' },
        { id: 'p2', from: '10:00', to: '16:00' },
      ],
    });
    expect(at(p, 's/1').crew.sort()).toEqual(['p1', 'p2']);
    expect(local(at(p, 's/1').start)).toBe('10:00');
  });
  test('a skill is held by each of its people', () => {
    const p = planned([surface('s', [wash('1', 60, { skill: 'spray' })])], {
      crew: [{ id: 'p1' }, { id: 'p2', skills: ['spray'], from: '11:00' }],
    });
    expect(at(p, 's/1').crew).toEqual(['p2']);
    expect(local(at(p, 's/1').start)).toBe('11:00');
  });
  test('two people work on two surfaces at once, one person does not', () => {
    const two = [surface('a', [wash('1', 120)]), surface('b', [wash('1', 120)])];
    expect(gap(START, planned(two).finish!)).toBe(240);
    expect(gap(START, planned(two, { crew: [{ id: 'p1' }, { id: 'p2' }] }).finish!)).toBe(120);
  });
  test('a step longer than the rest of the day waits for the morning; a splittable one begins', () => {
    const crew = [{ id: 'p1', from: '08:00', to: '12:00' }];
    const whole = planned([surface('s', [wash('1', 120), wash('2', 180)])], { crew });
    expect(at(whole, 's/2').start).toBe('2027-03-02T08:00:00+00:00');
    const split = planned([surface('s', [wash('1', 120), wash('2', 180, { splittable: true })])], { crew });
    expect(at(split, 's/2').start).toBe('2027-03-01T10:00:00+00:00');
  });
  test('begun after hours, or in the last minutes of a day, it ends when the next day lets it, and no bound lies beyond', () => {
    for (const [from, ends] of [
      ['17:10', '2027-03-02T09:00'],
      ['16:20', '2027-03-02T09:00'],
      ['15:30', '2027-03-01T16:30'],
    ] as const) {
      const p = planned([surface('s', [wash('1', 60)])], { start: `2027-03-01T${from}:00+00:00` });
      expect(p.status === 'feasible' && [p.finish.slice(0, 16), p.lowerBound]).toEqual([
        ends,
        p.status === 'feasible' && p.finish,
      ]);
    }
  });
  test('what needs nobody may run over the night', () => {
    const p = planned([
      surface('s', [wash('1', 60), { id: '2', kind: 'other-trade', minutes: 900, people: 0 }, wash('3', 30)]),
    ]);
    expect(gap(at(p, 's/2').start, at(p, 's/2').end)).toBe(900);
    expect(at(p, 's/2').crew).toEqual([]);
    expect(at(p, 's/3').start.startsWith('2027-03-02')).toBe(true);
  });
});

describe('waits and order', () => {
  test('a wait stands beside the drying: the longer of the two holds', () => {
    const p = planned([surface('s', [coat('1', 60, { recoatMin: 60 }, { waitMin: 180 }), wash('2', 30)])]);
    expect(gap(at(p, 's/1').end, at(p, 's/2').start)).toBe(180);
  });
  test('after names steps of other surfaces that must have ended', () => {
    const p = planned([surface('a', [wash('1', 60, { after: ['b/1'] })]), surface('b', [wash('1', 90)])], {
      crew: [{ id: 'p1' }, { id: 'p2' }],
    });
    expect(Date.parse(at(p, 'a/1').start)).toBeGreaterThanOrEqual(Date.parse(at(p, 'b/1').end));
    expect(at(p, 'a/1').waitsFor!.code).toBe('order');
  });
  test('what is done stays where it was, and what follows waits for its drying', () => {
    const done = { done: true, start: '2027-02-27T10:00:00+00:00', end: '2027-02-27T11:00:00+00:00' };
    const p = planned([surface('s', [coat('1', 60, {}, done), coat('2', 60)])]);
    expect(at(p, 's/1')).toMatchObject({ start: '2027-02-27T10:00:00+00:00', end: '2027-02-27T11:00:00+00:00' });
    expect(at(p, 's/2').start).toBe(START);
  });
  test('the next coat may begin in the very minute in which the one before closes, and not later', () => {
    const next = (recoatMaxMin: number) =>
      planned([surface('s', [coat('1', 60, { recoatMin: 90, recoatMaxMin }), coat('2', 60)])]);
    const last = next(90);
    expect(last.status).toBe('feasible');
    expect(gap(at(last, 's/1').end, at(last, 's/2').start)).toBe(90);
    expect(gap(at(last, 's/1').end, at(last, 's/1').recoatUntil!)).toBe(90);
    // A day's work ends before the second coat, and the window ends one minute before work begins again: abraded, or not at all.
    const over = (recoatMaxMin: number) =>
      planned([surface('s', [coat('1', 60, { recoatMin: 60, recoatMaxMin }), coat('2', 60)])], {
        crew: [{ id: 'p1', from: '08:00', to: '09:00' }],
      });
    expect(over(23 * 60).status).toBe('feasible');
    expect(over(23 * 60 - 1).status).toBe('infeasible');
  });
  test('a recoat that closes binds the next coat; a sanding between opens it again', () => {
    const closing = { recoatMin: 60, recoatMaxMin: 600 };
    const slow = (between: Step[]) =>
      planned([surface('s', [coat('1', 60, closing), ...between, coat('2', 60)])], {
        crew: [{ id: 'p1', from: '08:00', to: '10:30' }],
      });
    const held = slow([]);
    if (held.status === 'feasible')
      expect(Date.parse(at(held, 's/2').start)).toBeLessThanOrEqual(Date.parse(at(held, 's/1').recoatUntil!));
    expect(slow([sand('x', 30)]).status).toBe('feasible');
  });
});

describe('air', () => {
  const hours = (list: number[], more: object = {}) => ({
    kind: 'hourly',
    from: '2027-03-01T00:00:00+00:00',
    temperatureC: list,
    relativeHumidityPct: list.map(() => 50),
    ...more,
  });
  const warmFrom = (hour: number) => Array.from({ length: 48 }, (_, i) => (i < hour ? 3 : 18));

  test('a coat waits until the air is within its limits, and says so', () => {
    const p = planned([surface('s', [coat('1', 60)])], { air: hours(warmFrom(11)) });
    expect(local(at(p, 's/1').start)).toBe('11:00');
    expect(at(p, 's/1').waitsFor!.code).toBe('air');
  });
  test('and stays within them until it is dust-free', () => {
    // Warm from nine to noon only: a coat of an hour that needs an hour more must begin by ten.
    const list = Array.from({ length: 48 }, (_, i) => (i >= 9 && i < 12 ? 23 : 3));
    const p = planned([surface('s', [wash('0', 90), coat('1', 60)])], { air: hours(list) });
    const start = at(p, 's/1').start;
    expect(local(start) >= '09:30' && local(start) <= '10:00').toBe(true);
  });
  test('no rain from its start until it stands rain', () => {
    const rain = Array.from({ length: 72 }, (_, i) => (i >= 10 && i < 13 ? 2 : 0));
    const air = hours(
      Array.from({ length: 72 }, () => 20),
      { rainMm: rain },
    );
    const p = planned([surface('s', [coat('1', 60, { rainSafeMin: 180 })])], { air });
    expect(Date.parse(at(p, 's/1').start)).toBeGreaterThanOrEqual(Date.parse('2027-03-01T13:00:00+00:00'));
  });
  test('near the dew point nothing is laid', () => {
    const wet = { kind: 'steady', temperatureC: 15, relativeHumidityPct: 92 };
    const p = planned([surface('s', [coat('1', 60, { dewMarginC: 3 })])], { air: wet });
    expect(p.status).toBe('infeasible');
    expect(planned([surface('s', [coat('1', 60, { dewMarginC: 1 })])], { air: wet }).status).toBe('feasible');
  });
  test('a zone’s own air replaces the job’s', () => {
    const zones = [{ id: 'cold', air: { kind: 'steady', temperatureC: 12, relativeHumidityPct: 60 } }, { id: 'warm' }];
    const p = planned([surface('c', [coat('1', 30)], 'cold'), surface('w', [coat('1', 30)], 'warm')], { zones });
    const dries = (name: string) => gap(at(p, name).end, at(p, name).recoatFrom!);
    expect(dries('w/1')).toBe(240);
    expect(dries('c/1')).toBeGreaterThan(300);
  });
});

describe('rooms', () => {
  test('no dusty step runs while another coat there is wet', () => {
    const zones = [{ id: 'z', noDustWhileWet: true }];
    const work = [surface('a', [coat('1', 60)], 'z'), surface('b', [sand('1', 60)], 'z')];
    const p = planned(work, { zones, crew: [{ id: 'p1' }, { id: 'p2' }] });
    const [a, b] = [at(p, 'a/1'), at(p, 'b/1')];
    const apart = Date.parse(b.end) <= Date.parse(a.start) || Date.parse(b.start) >= Date.parse(a.dustFreeAt!);
    expect(apart).toBe(true);
  });
  test('what makes no dust may run beside a wet coat in its room', () => {
    const crew = [{ id: 'p1' }, { id: 'p2' }];
    const zones = [{ id: 'hall', noDustWhileWet: true }];
    const p = planned([surface('a', [wash('1', 300)], 'hall'), surface('b', [coat('1', 60)], 'hall')], { crew, zones });
    expect([local(at(p, 'a/1').start), local(at(p, 'b/1').start)]).toEqual(['08:00', '08:00']);
  });
  test('in another room dust does no harm', () => {
    const zones = [
      { id: 'y', noDustWhileWet: true },
      { id: 'z', noDustWhileWet: true },
    ];
    const work = [surface('a', [coat('1', 60)], 'z'), surface('b', [sand('1', 60)], 'y')];
    const p = planned(work, { zones, crew: [{ id: 'p1' }, { id: 'p2' }] });
    expect(at(p, 'b/1').start).toBe(START);
    expect(at(p, 'a/1').start).toBe(START);
  });
  test('a room wanted back has its coats dust-free on the day, by the hour', () => {
    const zones = [{ id: 'z', backBy: '14:00' }];
    const p = planned([surface('s', [wash('0', 200), coat('1', 120)], 'z')], { zones });
    expect(at(p, 's/1').start.startsWith('2027-03-02')).toBe(true);
    expect(local(at(p, 's/1').dustFreeAt!) <= '14:00').toBe(true);
  });
  test('nights out are counted from its first start to its last end', () => {
    const zones = [{ id: 'z', maxNightsOut: 1 }];
    const p = planned([surface('s', [wash('1', 400), wash('2', 400)], 'z')], { zones });
    expect(p.status).toBe('feasible');
    expect(planned([surface('s', [wash('1', 400), wash('2', 400), wash('3', 400)], 'z')], { zones }).status).toBe(
      'infeasible',
    );
  });
  test('rack places are held until the recoat opens', () => {
    const doors = ['a', 'b', 'c'].map((id) => surface(id, [coat('1', 30, {}, { onRack: true })]));
    const p = planned(doors, { racks: 1, crew: [{ id: 'p1' }, { id: 'p2' }] });
    const held = p.steps
      .map((s) => [Date.parse(s.start), Date.parse(s.recoatFrom!)] as const)
      .sort((x, y) => x[0] - y[0]);
    for (let i = 1; i < held.length; i++) expect(held[i]![0]).toBeGreaterThanOrEqual(held[i - 1]![1]);
  });
});

describe('what cannot be is said, not thrown', () => {
  test.each<[string, object[], object]>([
    ['more people than there are', [surface('s', [wash('1', 60, { people: 3 })])], {}],
    ['a step longer than any day', [surface('s', [wash('1', 2000)])], {}],
    ['a skill that nobody has', [surface('s', [wash('1', 60, { skill: 'gilding' })])], {}],
    [
      'air that never suits',
      [surface('s', [coat('1', 60)])],
      { air: { kind: 'steady', temperatureC: 2, relativeHumidityPct: 50 } },
    ],
  ])('%s', (_what, surfaces, over) => {
    const p = planned(surfaces, over);
    expect(p).toMatchObject({ status: 'infeasible', steps: [], finish: null, lowerBound: null });
    if (p.status !== 'infeasible') return;
    expect(p.reasons.length).toBeGreaterThan(0);
    for (const r of p.reasons) expect([typeof r.rule, typeof r.text]).toEqual(['string', 'string']);
  });
});

describe('the clock of the place', () => {
  test('the night the clocks change, hours are still the hours people keep', () => {
    const p = planned([surface('s', [wash('1', 420), wash('2', 420)])], {
      start: '2027-03-27T08:00:00+00:00',
      crew: [{ id: 'p1', days: [6, 7], from: '08:00', to: '16:00' }],
    });
    expect(at(p, 's/1').start).toBe('2027-03-27T08:00:00+00:00');
    expect(at(p, 's/2').start).toBe('2027-03-28T08:00:00+01:00');
  });
  test('a place on the other side of the world keeps its own days', () => {
    const p = planned([surface('s', [wash('1', 60)])], {
      start: '2027-03-01T00:00:00+00:00',
      timeZone: 'Pacific/Auckland',
      crew: [{ id: 'p1', days: [1, 2, 3, 4, 5], from: '08:00', to: '16:00' }],
    });
    expect(local(at(p, 's/1').start) >= '08:00').toBe(true);
    expect(at(p, 's/1').start.endsWith('+13:00')).toBe(true);
  });
});

describe('the objective', () => {
  test('counts finish and visits as they are, and stands at or above its bound', () => {
    const work = ['a', 'b', 'c'].map((id) => surface(id, [wash('1', 60), coat('2', 60), coat('3', 60)]));
    const p = planned(work, { crew: [{ id: 'p1' }, { id: 'p2' }] });
    if (p.status !== 'feasible') throw new Error('feasible');
    const days = new Set(p.steps.flatMap((s) => s.crew.map((c) => `${c} ${s.start.slice(0, 10)}`)));
    expect(p.visits).toBe(days.size);
    expect(p.objective.finishMin).toBe(gap(START, p.finish));
    expect(Date.parse(p.finish)).toBe(Math.max(...p.steps.map((s) => Date.parse(s.end))));
    expect(Date.parse(p.lowerBound)).toBeLessThanOrEqual(Date.parse(p.finish));
  });
});
