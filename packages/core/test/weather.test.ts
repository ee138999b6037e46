import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  dewPoint,
  forecast,
  latestStart,
  planRead,
  planSchema,
  readBy,
  readReadings,
  relianceOf,
  roomHours,
  stationHours,
  sunOn,
  surfaceHours,
  type Place,
  type PlanInput,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });
const NORTH: Place = { name: 'Pellworth Staithe', hemisphere: 'northern' };
const SOUTH: Place = { name: 'Pellworth Staithe', hemisphere: 'southern' };
const minute = (iso: string) => Date.parse(iso) / 60_000;
const mean = (list: readonly number[]) => list.reduce((a, b) => a + b, 0) / list.length;
const month = (place: Place, from: string) => stationHours(place, minute(from), 24 * 30);

describe('the simulated station', () => {
  test('has the same hour the same, whoever asks and from when', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 500_000 }), fc.integer({ min: 0, max: 40 }), (hour, before) => {
        const whole = stationHours(NORTH, hour * 60, 46);
        const part = stationHours(NORTH, (hour + before) * 60 + 17, 5);
        expect(part.temperatureC).toEqual(whole.temperatureC.slice(before, before + 5));
        expect(part.rainMm).toEqual(whole.rainMm.slice(before, before + 5));
      }),
    );
  });
  test('is plausible by season and hemisphere, and another place has other weather', () => {
    const [january, july] = ['2027-01-01T00:00:00Z', '2027-07-01T00:00:00Z'];
    expect(mean(month(NORTH, july).temperatureC)).toBeGreaterThan(mean(month(NORTH, january).temperatureC) + 8);
    expect(mean(month(SOUTH, january).temperatureC)).toBeGreaterThan(mean(month(SOUTH, july).temperatureC) + 8);
    expect(month({ ...NORTH, name: 'Elsewhere' }, july).temperatureC).not.toEqual(month(NORTH, july).temperatureC);
    for (const place of [NORTH, SOUTH])
      for (const from of ['2027-02-01T00:00:00Z', '2027-05-01T00:00:00Z', '2028-02-25T00:00:00Z', july]) {
        const air = month(place, from);
        expect(Math.min(...air.temperatureC)).toBeGreaterThan(-12);
        expect(Math.max(...air.temperatureC)).toBeLessThan(35);
        expect(air.relativeHumidityPct.every((rh) => rh >= 15 && rh <= 99)).toBe(true);
        const wet = air.rainMm.filter((mm) => mm > 0).length / air.rainMm.length;
        expect(wet).toBeLessThan(0.4);
        const at = (hour: number) => mean(air.temperatureC.filter((_, i) => i % 24 === hour));
        expect(at(15)).toBeGreaterThan(at(3) + 2);
      }
  });
});

describe('a forecast', () => {
  const now = minute('2027-04-10T09:00:00Z');
  const known = forecast(NORTH, now - 1440, 24 * 21, now);
  test('is what was measured until now, and less sure the further ahead', () => {
    const truth = stationHours(NORTH, now - 1440, 25);
    expect(known.air.temperatureC.slice(0, 24)).toEqual(truth.temperatureC.slice(0, 24));
    const spread = known.doubt.temperatureC;
    expect(spread[12]).toBe(0);
    for (let i = 26; i < spread.length; i++) expect(spread[i]!).toBeGreaterThanOrEqual(spread[i - 1]!);
  });
  test('errs about as much as it says', () => {
    // Over many days: how often the truth lies within one standard deviation, at three days ahead.
    let within = 0;
    const days = 200;
    for (let d = 0; d < days; d++) {
      const from = now + d * 1440;
      const said = forecast(NORTH, from + 72 * 60, 1, from);
      const truth = stationHours(NORTH, from + 72 * 60, 1);
      if (Math.abs(said.air.temperatureC[0]! - truth.temperatureC[0]!) <= said.doubt.temperatureC[0]!) within++;
    }
    expect(within / days).toBeGreaterThan(0.6);
  });
});

describe('indoors and on the wall', () => {
  const outside = month(NORTH, '2027-01-05T00:00:00Z');
  const swing = (list: readonly number[]) => Math.max(...list.slice(48)) - Math.min(...list.slice(48));
  test('a room lags and damps the weather, a heated one more', () => {
    const cold = roomHours({ heatedToC: null }, outside);
    const warm = roomHours({ heatedToC: 18 }, outside);
    expect(swing(cold.temperatureC)).toBeLessThan(swing(outside.temperatureC));
    expect(swing(warm.temperatureC)).toBeLessThan(swing(cold.temperatureC));
    expect(mean(warm.temperatureC)).toBeGreaterThan(mean(cold.temperatureC) + 4);
    // Warm air holds its water: it is drier by the same water.
    expect(mean(warm.relativeHumidityPct)).toBeLessThan(mean(cold.relativeHumidityPct));
    expect(warm.temperatureC.every((t, i) => dewPoint(t, warm.relativeHumidityPct[i]!) < t)).toBe(true);
  });
  test('the sun stands on the east face in the morning, on the west in the afternoon, on the equator side at noon', () => {
    const dry = { humidityPct: 50, rainMm: 0 };
    const at = (clock: string) => minute(`2027-06-20T${clock}:00Z`);
    expect(sunOn('east', NORTH, at('07:00'), dry)).toBeGreaterThan(sunOn('west', NORTH, at('07:00'), dry));
    expect(sunOn('west', NORTH, at('17:00'), dry)).toBeGreaterThan(sunOn('east', NORTH, at('17:00'), dry));
    expect(sunOn('south', NORTH, at('12:00'), dry)).toBeGreaterThan(300);
    expect(sunOn('north', NORTH, at('12:00'), dry)).toBe(0);
    expect(sunOn('north', SOUTH, minute('2027-12-20T12:00:00Z'), dry)).toBeGreaterThan(300);
    expect(sunOn('south', NORTH, at('01:00'), dry)).toBe(0);
    expect(sunOn('south', NORTH, at('12:00'), { ...dry, rainMm: 1 })).toBe(0);
  });
  test('a sunlit board stands well above the air, masonry later, a shaded face near it', () => {
    const air = {
      ...stationHours(NORTH, minute('2027-06-20T00:00:00Z'), 24),
      temperatureC: Array<number>(24).fill(18),
      relativeHumidityPct: Array<number>(24).fill(50),
      rainMm: Array<number>(24).fill(0),
    };
    const board = surfaceHours(air, { facing: 'south', substrate: 'softwood' }, NORTH);
    const brick = surfaceHours(air, { facing: 'south', substrate: 'brick' }, NORTH);
    const shade = surfaceHours(air, { facing: 'north', substrate: 'softwood' }, NORTH);
    const hottest = (list: number[]) => list.indexOf(Math.max(...list));
    expect(Math.max(...board)).toBeGreaterThan(25);
    expect(hottest(brick)).toBeGreaterThanOrEqual(hottest(board));
    expect(Math.max(...shade.slice(9, 16))).toBeLessThan(20);
  });
});

describe('readings from a file', () => {
  const file = (...lines: string[]) => ['time,temperature_c,humidity_pct', ...lines].join('\n');
  const good = (text: string, zone = 'Europe/London') => {
    const read = readReadings(text, zone);
    if ('faults' in read) throw new Error(read.faults.map((f) => f.message).join());
    return read.readings;
  };
  test('are averaged by the hour, in the time of the place, with comma or point', () => {
    const r = good(
      'Time;Air C;RH;Rain mm\n2027-03-01 08:00;10,5;60;0.2\n2027-03-01 08:30;11,5;64;0.4\n2027-03-01 09:00;12;66;0',
    );
    expect(r).toMatchObject({
      from: minute('2027-03-01T08:00:00Z'),
      temperatureC: [11, 12],
      relativeHumidityPct: [62, 66],
      gaps: [],
    });
    expect(r.rainMm![0]).toBeCloseTo(0.6);
    expect(r.surfaceC).toBeNull();
  });
  test('with a short gap are filled in and say so; with a long one are refused', () => {
    const r = good(file('2027-03-01T08:00Z,10,60', '2027-03-01T11:00Z,13,66'));
    expect(r.temperatureC).toEqual([10, 11, 12, 13]);
    expect(r.gaps).toEqual([{ from: minute('2027-03-01T09:00Z'), hours: 2 }]);
    expect(readReadings(file('2027-03-01T08:00Z,10,60', '2027-03-01T20:00Z,13,66'), 'UTC')).toMatchObject({
      faults: [{ message: expect.stringContaining('11 hours are missing') }],
    });
  });
  test('over a change of the clocks keep every hour once', () => {
    const spring = good(file('2027-03-28 00:30,8,60', '2027-03-28 02:30,9,60', '2027-03-28 03:30,10,60'));
    expect(spring.temperatureC).toHaveLength(3);
    const autumn = good(file('2027-10-31 00:30,8,60', '2027-10-31 01:30,9,60', '2027-10-31 02:30,10,60'));
    expect(autumn.temperatureC).toHaveLength(4);
    const year = good(file('2026-12-31 23:00,3,80', '2027-01-01 00:00,2,82'));
    expect(year.temperatureC).toEqual([3, 2]);
  });
  test('name every fault by its line, and nothing is kept', () => {
    expect(
      readReadings(file('soon,10,60', '2027-03-01 09:00,ninety,60', '2027-03-01 10:00,9,140'), 'UTC'),
    ).toMatchObject({ faults: [{ line: 2 }, { line: 3 }, { line: 4 }] });
    expect(readReadings('a,b\n1,2', 'UTC')).toMatchObject({ faults: [{ line: 1 }] });
    expect(readReadings(file(), 'UTC')).toMatchObject({ faults: [{ line: 1 }] });
    fc.assert(fc.property(fc.string({ maxLength: 200 }), (text) => void readReadings(text, 'Europe/London')));
  });
});

describe('what depends on the forecast', () => {
  const from = minute('2027-04-10T00:00:00Z');
  const steady = (t: number): PlanInput['air'] => ({
    kind: 'hourly',
    from: '2027-04-10T00:00:00Z',
    temperatureC: Array<number>(200).fill(t),
    relativeHumidityPct: Array<number>(200).fill(60),
  });
  const doubt = {
    temperatureC: Array<number>(200).fill(2),
    relativeHumidityPct: Array<number>(200).fill(0),
    rain: Array<number>(200).fill(0),
  };
  const chanceAt = (t: number) => {
    const input = readBy(planSchema, {
      start: '2027-04-12T08:00:00Z',
      timeZone: 'Europe/London',
      crew: [{ id: 'a' }],
      air: steady(t),
      surfaces: [
        {
          id: 's',
          steps: [
            { id: '1', kind: 'prime', minutes: 60, drying: { chemistry: 'waterborne', dustFreeMin: 60, minTempC: 8 } },
          ],
        },
      ],
    }) as PlanInput;
    const plan = planRead(input);
    if (plan.status !== 'feasible') throw new Error('must stand');
    return relianceOf(input, plan, new Map([[null, { from, doubt }]]))[0] ?? null;
  };
  test('is the share of the normal law above the least temperature, and goes with the margin', () => {
    // One standard deviation above: 0.8413 of the normal law.
    expect(chanceAt(10)!.chance).toBeCloseTo(0.84, 2);
    expect(chanceAt(10)!.text).toMatch(/10 °C, give or take 2, for its 8 °C/);
    expect(chanceAt(9)!.chance).toBeLessThan(chanceAt(10)!.chance);
    expect(chanceAt(15)).toBeNull();
  });
  test('the latest start lies before the cold, by hemisphere, and earlier for longer work', () => {
    const coats = [{ chemistry: 'waterborne' as const, minTempC: 8, dustFreeMin: 60 }];
    const summer = minute('2027-07-01T08:00:00Z');
    const north = latestStart(NORTH, coats, summer, 4)!;
    expect(north).toBeGreaterThan(minute('2027-09-15T00:00:00Z'));
    expect(north).toBeLessThan(minute('2027-11-15T00:00:00Z'));
    expect(latestStart(NORTH, coats, summer, 20)!).toBe(north - 16 * 1440);
    const south = latestStart(SOUTH, coats, minute('2027-01-01T08:00:00Z'), 4)!;
    expect(south).toBeLessThan(minute('2027-05-20T00:00:00Z'));
    expect(latestStart(NORTH, coats, minute('2027-01-10T08:00:00Z'), 4)).toBeNull();
    expect(latestStart(NORTH, [{ chemistry: 'solvent-borne' }], summer, 4)).toBeNull();
  });
});
