import { describe, expect, test } from '@jest/globals';
import { plan, type FeasiblePlan } from '@rustic/core';
import { gainOf } from '../src/drying/Sought.tsx';

const made = plan({
  start: '2027-03-01T08:00:00+00:00',
  timeZone: 'Europe/London',
  crew: [{ id: 'a' }],
  air: { kind: 'steady', temperatureC: 23, relativeHumidityPct: 50 },
  surfaces: [{ id: 's', steps: [{ id: '1', kind: 'wash', minutes: 60 }] }],
}) as FeasiblePlan;
const ending = (finish: string, visits: number): FeasiblePlan => ({ ...made, finish, visits });
const first = ending('2027-03-05T15:00:00+00:00', 6);

describe('what a plan that was sought gains', () => {
  test('an earlier end, and visits fewer or more beside it', () => {
    expect(gainOf(first, ending('2027-03-05T12:30:00+00:00', 5))).toBe('2 h 30 sooner, 1 visit fewer');
    expect(gainOf(first, ending('2027-03-04T15:00:00+00:00', 8))).toBe('1 day sooner, 2 visits more');
    expect(gainOf(first, ending('2027-03-05T14:20:00+00:00', 6))).toBe('40 min sooner');
  });
  test('fewer visits at the same end', () => {
    expect(gainOf(first, ending(first.finish, 4))).toBe('2 visits fewer');
  });
  test('nothing, where it is the same, or gives up what it should not', () => {
    expect(gainOf(first, first)).toBeNull();
    expect(gainOf(first, ending(first.finish, 7))).toBeNull();
    expect(gainOf(first, ending('2027-03-05T16:00:00+00:00', 2))).toBeNull();
  });
});
