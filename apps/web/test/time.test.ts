import { describe, expect, test } from '@jest/globals';

const { timesIn } = await import('../src/words/time.ts');

/** The platform's own words for a moment, part by part. */
const platform = (date: Date, timeZone: string, parts: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat('en-GB', { timeZone, ...parts }).format(date).replace(',', '');

describe('times of a zone, said as the platform says them', () => {
  const moments = Array.from({ length: 60 }, (_, i) => new Date(Date.UTC(2026, 0, 3, 5, 7) + i * 6.37 * 86_400_000));
  test.each(['Europe/London', 'Pacific/Auckland', 'America/Denver', 'Asia/Kathmandu', 'UTC'])('%s', (zone) => {
    const { sayDate, sayDay, sayHour, localDay } = timesIn(zone);
    for (const moment of moments) {
      const iso = moment.toISOString();
      expect(sayDate(iso)).toBe(platform(moment, zone, { day: 'numeric', month: 'short', year: 'numeric' }));
      expect(sayDay(iso)).toBe(platform(moment, zone, { weekday: 'short', day: 'numeric', month: 'short' }));
      expect(sayHour(iso)).toBe(platform(moment, zone, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }));
      expect(localDay(iso)).toBe(new Intl.DateTimeFormat('sv-SE', { timeZone: zone }).format(moment));
    }
  });
  test('a day by itself belongs to no zone', () => {
    for (const zone of ['Pacific/Auckland', 'America/Denver']) {
      expect(timesIn(zone).sayDate('2026-09-04')).toBe('4 Sept 2026');
      expect(timesIn(zone).localDay('2026-09-04')).toBe('2026-09-04');
    }
  });
});
