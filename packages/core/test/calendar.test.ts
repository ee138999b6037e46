import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Calendar, WorkingHours, type PersonHours } from '../src/schedule/calendar.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const minute = (iso: string) => Date.parse(iso) / 60_000;
const ZONES = ['Europe/London', 'America/St_Johns', 'Asia/Kathmandu', 'Pacific/Auckland', 'UTC'] as const;
const START = minute('2027-03-01T08:00:00Z');

/** The local date and clock of a minute, by the platform's own calendar: it shares nothing with the one under test. */
function local(zone: string, at: number): { date: string; clock: string } {
  const text = new Intl.DateTimeFormat('sv-SE', {
    timeZone: zone,
    dateStyle: 'short',
    timeStyle: 'short',
  }).format(new Date(at * 60_000));
  const [date, clock] = text.split(' ');
  return { date: date!, clock: clock! };
}

const within = fc.integer({ min: START - 50 * 1440, max: START + 500 * 1440 });
const anyZone = fc.constantFrom(...ZONES);

describe('days of a place', () => {
  test('a minute falls on the day its own clock shows', () => {
    fc.assert(
      fc.property(anyZone, within, (zone, at) => {
        const calendar = new Calendar(zone, START);
        expect(calendar.named(calendar.dayOf(at)).date).toBe(local(zone, at).date);
      }),
    );
  });

  test('a day begins at its midnight and ends at the next', () => {
    fc.assert(
      fc.property(anyZone, within, (zone, at) => {
        const calendar = new Calendar(zone, START);
        const day = calendar.dayOf(at);
        expect(calendar.midnight(day)).toBeLessThanOrEqual(at);
        expect(calendar.midnight(day + 1)).toBeGreaterThan(at);
        expect(calendar.dayOf(calendar.midnight(day))).toBe(day);
        expect(calendar.dayOf(calendar.midnight(day) - 1)).toBe(day - 1);
      }),
    );
  });

  test('a clock time is that of the place, on every day that has it', () => {
    fc.assert(
      fc.property(
        anyZone,
        within,
        fc.integer({ min: 4, max: 23 }),
        fc.integer({ min: 0, max: 59 }),
        (zone, near, hour, min) => {
          const calendar = new Calendar(zone, START);
          const clock = `${String(hour).padStart(2, '0')}:${String(min).padStart(2, '0')}`;
          const day = calendar.dayOf(near);
          expect(local(zone, calendar.at(day, clock))).toEqual({ date: calendar.named(day).date, clock });
        },
      ),
    );
  });

  test('weekdays are those of the calendar on the wall', () => {
    const calendar = new Calendar('Europe/London', START);
    const monday = calendar.dayOf(minute('2027-03-01T12:00:00Z'));
    expect(Array.from({ length: 8 }, (_, i) => calendar.named(monday + i).weekday)).toEqual([1, 2, 3, 4, 5, 6, 7, 1]);
  });

  test.each([
    ['a spring night is an hour short', '2027-03-28', 23 * 60],
    ['an autumn night is an hour long', '2027-10-31', 25 * 60],
    ['any other day has its twenty-four', '2027-06-10', 24 * 60],
  ])('%s', (_what, date, length) => {
    const calendar = new Calendar('Europe/London', START);
    const day = calendar.dayOf(minute(`${date}T12:00:00Z`));
    expect(calendar.midnight(day + 1) - calendar.midnight(day)).toBe(length);
  });

  test('a clock time that the spring change skips is moved on, as clocks are', () => {
    const calendar = new Calendar('Europe/London', START);
    const day = calendar.dayOf(minute('2027-03-28T12:00:00Z'));
    expect(calendar.iso(calendar.at(day, '01:30'))).toBe('2027-03-28T02:30:00+01:00');
  });

  test('a time is written with the offset that holds then', () => {
    const calendar = new Calendar('Europe/London', START);
    expect(calendar.iso(minute('2027-03-27T12:00:00Z'))).toMatch(/^2027-03-27T12:00:00(Z|\+00:00)$/);
    expect(calendar.iso(minute('2027-03-29T12:00:00Z'))).toBe('2027-03-29T13:00:00+01:00');
    expect(calendar.said(minute('2027-03-29T12:05:00Z'))).toBe('Mon 13:05');
  });
});

describe('a person’s hours', () => {
  const hours = (over: Partial<PersonHours> = {}): PersonHours => ({
    days: [1, 2, 3, 4, 5],
    from: '08:00',
    to: '16:30',
    off: new Set(),
    ...over,
  });
  const anyHours = fc.record({
    days: fc.subarray([1, 2, 3, 4, 5, 6, 7]),
    from: fc.constantFrom('06:00', '07:30', '08:00'),
    to: fc.constantFrom('12:00', '16:30', '19:00'),
    off: fc.array(fc.integer({ min: 0, max: 60 }), { maxLength: 6 }),
  });

  test('are worked on their weekdays, and on no day off', () => {
    fc.assert(
      fc.property(anyZone, anyHours, (zone, given) => {
        const calendar = new Calendar(zone, START);
        const first = calendar.dayOf(START);
        const off = new Set(given.off.map((i) => calendar.named(first + i).date));
        const person = new WorkingHours(calendar, hours({ ...given, off }), START);
        for (let day = 0; day < 70; day++) {
          const span = person.on(day);
          const date = calendar.named(first + day).date;
          const weekday = new Date(`${date}T12:00:00Z`).getUTCDay() || 7;
          expect(span !== null).toBe(given.days.includes(weekday) && !off.has(date));
          if (!span) continue;
          expect(local(zone, span[0])).toEqual({ date, clock: given.from });
          expect(local(zone, span[1])).toEqual({ date, clock: given.to });
        }
      }),
      { numRuns: 25 },
    );
  });

  test('are of one length by the clock, whatever the night before was', () => {
    const calendar = new Calendar('Europe/London', START);
    const person = new WorkingHours(calendar, hours({ days: [1, 2, 3, 4, 5, 6, 7] }), START);
    for (let day = 0; day < 300; day++) {
      const [from, to] = person.on(day)!;
      expect(to - from).toBe(8.5 * 60);
    }
  });

  test('days are counted from the plan’s first; what lies before it counts as the first', () => {
    const calendar = new Calendar('Europe/London', START);
    const person = new WorkingHours(calendar, hours(), START);
    expect(person.dayAt(START)).toBe(0);
    expect(person.dayAt(START - 3 * 1440)).toBe(0);
    expect(person.dayAt(START + 1440)).toBe(1);
    expect(person.dayAt(START + 30 * 1440)).toBe(30);
  });
});
