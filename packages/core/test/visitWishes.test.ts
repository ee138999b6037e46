import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { visitLetterPaper, visitWishes, type LetterVisit, type WantsVisit } from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const TODAY = 20_700;
const wants = fc
  .array(
    fc.record({
      jobId: fc.constantFrom('a', 'b', 'c'),
      minutes: fc.integer({ min: 5, max: 150 }),
      from: fc.integer({ min: -300, max: 500 }),
      long: fc.integer({ min: 0, max: 150 }),
    }),
    { maxLength: 14 },
  )
  .map((all) =>
    all.map(({ jobId, minutes, from, long }, i): WantsVisit => ({
      key: `k${i}`,
      jobId,
      minutes,
      fromDay: TODAY + from,
      byDay: TODAY + from + long,
    })),
  );

describe('what is due becomes visits', () => {
  test('everything wanted by the horizon is in one visit of its job, on days that suit all of it', () => {
    fc.assert(
      fc.property(wants, (all) => {
        const wishes = visitWishes(all, TODAY, TODAY + 365);
        const wanted = all.filter((w) => w.fromDay <= TODAY + 365);
        expect(wishes.flatMap((w) => w.keys).sort()).toEqual(wanted.map((w) => w.key).sort());
        for (const wish of wishes) {
          const own = wanted.filter((w) => wish.keys.includes(w.key));
          expect(new Set(own.map((w) => w.jobId))).toEqual(new Set([wish.jobId]));
          expect(wish.minutes).toBe(own.reduce((sum, w) => sum + w.minutes, 0));
          expect(wish.fromDay).toBeGreaterThanOrEqual(TODAY);
          expect(wish.byDay).toBeGreaterThanOrEqual(wish.fromDay);
          for (const w of own) {
            expect(wish.fromDay).toBeGreaterThanOrEqual(w.fromDay);
            // Kept within its own days, unless those have gone by.
            if (w.byDay >= TODAY) expect(wish.byDay).toBeLessThanOrEqual(Math.max(w.byDay, w.fromDay));
            else expect(wish.byDay).toBeLessThanOrEqual(TODAY + 28);
          }
        }
      }),
    );
  });
  test('two that can be done on one day are one visit; two that cannot are two', () => {
    const of = (key: string, fromDay: number, byDay: number): WantsVisit => ({
      key,
      jobId: 'a',
      minutes: 20,
      fromDay: TODAY + fromDay,
      byDay: TODAY + byDay,
    });
    expect(visitWishes([of('x', 10, 40), of('y', 30, 90)], TODAY, TODAY + 365)).toEqual([
      { jobId: 'a', keys: ['x', 'y'], minutes: 40, fromDay: TODAY + 30, byDay: TODAY + 40 },
    ]);
    expect(visitWishes([of('x', 10, 20), of('y', 30, 90)], TODAY, TODAY + 365)).toHaveLength(2);
  });
});

describe('a letter about a visit', () => {
  const head = { firm: 'The firm', about: 'The house', marked: 'today' };
  const visit = (more: Partial<LetterVisit> = {}): LetterVisit => ({
    onDay: '2027-04-08',
    fromTime: '09:40',
    minutes: 25,
    calls: [{ what: 'look', words: 'Check the joints', where: 'Quay side, rail' }],
    ...more,
  });
  const said = (visits: LetterVisit[], client = 'Barnaby Fisk') => {
    const paper = visitLetterPaper(visits, client, head);
    return { title: paper.title, text: JSON.stringify(paper.blocks) };
  };
  test('says the day, about when, how long and what for', () => {
    const { title, text } = said([visit()]);
    expect(title).toBe('We would like to look at our work');
    for (const words of [
      'Dear Barnaby Fisk,',
      'Thursday 8 April 2027, between 09:00 and 10:00',
      'about 30 minutes',
      'check the joints: Quay side, rail',
    ])
      expect(text).toContain(words);
  });
  test.each([
    [50, 'about 50 minutes'],
    [60, 'about an hour'],
    [75, 'about 1½ hours'],
    [240, 'about 4 hours'],
  ])('%d minutes are %s', (minutes, words) => expect(said([visit({ minutes })]).text).toContain(words));
  test('where something is mended it asks for room, and warns of wet paint', () => {
    const { title, text } = said([visit({ calls: [{ what: 'fault', words: 'Mend number 3', where: '' }] })]);
    expect(title).toBe('We are coming to put things right');
    expect(text).toContain('must not be touched');
    expect(text).toContain('mend number 3');
  });
  test('with nothing fixed it says so, and without a name it still greets', () => {
    const { text } = said([], '');
    expect(text).toContain('No visit is fixed');
    expect(text).toContain('Good day,');
  });
});
