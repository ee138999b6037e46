import { describe, expect, test } from '@jest/globals';
import { weeksAhead } from '../src/calendar/weeks.ts';
import { timesIn } from '../src/words/time.ts';

const work = (id: string, jobId: string, startsAt: string, endsAt: string) => ({
  id,
  jobId,
  job: `Job ${jobId}`,
  words: `Walls: ${id}`,
  startsAt,
  endsAt,
});
const days = (weeks: ReturnType<typeof weeksAhead>) => weeks.flat();

describe('the weeks ahead', () => {
  test('begin on this week’s Monday and hold five weeks, whatever the day', () => {
    for (const now of ['2027-03-01T09:00:00Z', '2027-03-04T09:00:00Z', '2027-03-07T21:00:00Z']) {
      const all = days(weeksAhead({ work: [], taken: [] }, now, timesIn('Europe/London')));
      expect(all).toHaveLength(35);
      expect([all[0]!.day, all.at(-1)!.day]).toEqual(['2027-03-01', '2027-04-04']);
    }
  });

  test('a day is the day of the firm’s place: late in Denver it is not tomorrow', () => {
    // 23:30 on Monday in Denver is Tuesday in London.
    const late = work('a', '1', '2027-03-02T05:30:00Z', '2027-03-02T06:30:00Z');
    const on = (zone: string) =>
      days(weeksAhead({ work: [late], taken: [] }, '2027-03-01T16:00:00Z', timesIn(zone)))
        .filter((d) => d.jobs.length > 0)
        .map((d) => d.day);
    expect(on('America/Denver')).toEqual(['2027-03-01']);
    expect(on('Europe/London')).toEqual(['2027-03-02']);
  });

  test('the work of one job on one day is one stretch, from its first start to its last end', () => {
    const given = [
      work('a', '1', '2027-03-01T08:00:00Z', '2027-03-01T12:00:00Z'),
      work('b', '2', '2027-03-01T09:00:00Z', '2027-03-01T10:00:00Z'),
      work('c', '1', '2027-03-01T11:00:00Z', '2027-03-01T11:30:00Z'),
      work('d', '1', '2027-03-02T08:00:00Z', '2027-03-02T09:00:00Z'),
    ];
    const [monday, tuesday] = days(
      weeksAhead({ work: given, taken: [] }, '2027-03-01T07:00:00Z', timesIn('Europe/London')),
    );
    expect(monday!.jobs).toEqual([
      {
        jobId: '1',
        job: 'Job 1',
        startsAt: '2027-03-01T08:00:00Z',
        endsAt: '2027-03-01T12:00:00Z',
        words: ['Walls: a', 'Walls: c'],
      },
      expect.objectContaining({ jobId: '2', words: ['Walls: b'] }),
    ]);
    expect(tuesday!.jobs.map((j) => j.words)).toEqual([['Walls: d']]);
  });

  test('what takes somebody from one day into the next stands on each, and not on the day that begins as it ends', () => {
    const trip = { title: 'Boat', startsAt: '2027-03-02T20:00:00Z', endsAt: '2027-03-05T00:00:00Z' };
    const held = days(weeksAhead({ work: [], taken: [trip] }, '2027-03-01T07:00:00Z', timesIn('Europe/London')));
    expect(held.filter((d) => d.taken.length > 0).map((d) => d.day)).toEqual([
      '2027-03-02',
      '2027-03-03',
      '2027-03-04',
    ]);
  });
});
