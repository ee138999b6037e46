import { describe, expect, test } from '@jest/globals';
import { steadyClock } from '../src/people/steadyClock.ts';

const MINUTE = 60_000;
function clocks() {
  const at = { wall: Date.parse('2027-03-01T09:00:00Z'), gone: 1000 };
  const said: number[] = [];
  const now = steadyClock(
    () => at.wall,
    () => at.gone,
    (ms) => said.push(ms),
  );
  const goes = (minutes: number, wallMinutes = minutes) => {
    at.gone += minutes * MINUTE;
    at.wall += wallMinutes * MINUTE;
  };
  return { now, goes, said, at };
}

describe('the time by which doors open and close', () => {
  test('is that of the wall, and follows it where it is set right bit by bit', () => {
    const { now, goes, at, said } = clocks();
    for (let i = 0; i < 50; i++) {
      goes(10, 10 + (i % 2 ? 1 : 1.5));
      expect(now().getTime()).toBe(at.wall);
    }
    expect(said).toEqual([]);
  });
  test.each([60 * 24 * 365, -60 * 24 * 365, 30, -5])(
    'goes on as time went by where the wall jumps by %d minutes',
    (jump) => {
      const { now, goes, said } = clocks();
      goes(60);
      const before = now().getTime();
      goes(10, 10 + jump);
      expect(now().getTime()).toBe(before + 10 * MINUTE);
      goes(120);
      expect(now().getTime()).toBe(before + 130 * MINUTE);
      // It is said once, and not at every look.
      expect(said).toEqual([jump * MINUTE]);
    },
  );
  test('takes up the wall again once that is right', () => {
    const { now, goes, at, said } = clocks();
    goes(10, 500);
    now();
    goes(10, 10 - 490);
    expect(now().getTime()).toBe(at.wall);
    goes(10, 500);
    now();
    expect(said).toHaveLength(2);
  });
});
