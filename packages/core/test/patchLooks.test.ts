import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { nextPatchLook, patchLooks, readDuration, sayLength, SHIPPED_SHELF, testWords } from '../src/index.ts';

describe('patches side by side', () => {
  test('are looked at once the slowest can take a coat, all together, and a day later', () => {
    const recoat = (family: string) => SHIPPED_SHELF.find((p) => p.family === family)!.drying.recoatMin!;
    const [first, later] = patchLooks(['shellac-primer', 'oil-primer'], SHIPPED_SHELF);
    expect(first!.at).toBe(recoat('oil-primer'));
    expect(later!.at).toBeGreaterThanOrEqual(1440);
    expect(later!.at - first!.at).toBeGreaterThanOrEqual(720);
    expect(patchLooks(['shellac-primer'], SHIPPED_SHELF)[0]!.at).toBe(Math.max(30, recoat('shellac-primer')));
  });
  const looks = [
    { at: 60, words: 'first' },
    { at: 1440, words: 'later' },
  ];
  const read = (family: 'shellac-primer' | 'oil-primer', result: string, minutes: number) => ({
    family,
    result,
    minutes,
  });
  test.each([
    ['nothing read', [], 60],
    ['one of two read', [read('oil-primer', 'covers', 62)], 60],
    ['both read, one a little early', [read('oil-primer', 'covers', 62), read('shellac-primer', 'covers', 50)], 1440],
    ['a glance at ten minutes', [read('oil-primer', 'covers', 10), read('shellac-primer', 'covers', 10)], 60],
    [
      'one bled: the other alone is waited for',
      [read('oil-primer', 'bleeds-through', 10), read('shellac-primer', 'covers', 60)],
      1440,
    ],
    ['all read late', [read('oil-primer', 'covers', 1500), read('shellac-primer', 'covers', 1500)], null],
    ['all out', [read('oil-primer', 'crawls', 10), read('shellac-primer', 'wrinkles', 10)], null],
  ] as const)('%s', (_what, reads, at) => {
    expect(nextPatchLook(['oil-primer', 'shellac-primer'], looks, reads)?.at ?? null).toBe(at);
  });
  test('a patch is said with its primer, coats and age as people say it', () => {
    const patch = { kind: 'test-patch' as const, family: 'shellac-primer' as const, coats: 2 };
    expect(testWords({ ...patch, minutes: 30, result: 'covers' })).toBe(
      'Shellac primer patch, two coats, after 30 min: covers',
    );
    expect(testWords({ ...patch, minutes: 1440, result: 'bleeds-through' })).toContain('after 1 day: bleeds through');
    expect(testWords({ kind: 'test-patch', result: 'covers' })).toMatch(/: covers$/);
  });
});

describe('a length of time', () => {
  test.each([
    ['30 min', 30],
    ['30', 30],
    ['2 h', 120],
    ['1 h 20', 80],
    ['1h20min', 80],
    ['1.5 days', 2160],
    ['1,5 h', 90],
    ['a day', 1440],
    ['half an hour', 30],
    ['an hour and 10 minutes', 70],
    ['2 weeks', 20_160],
    ['tomorrow', null],
    ['', null],
    ['3 fortnights', null],
    ['-5 min', null],
  ])('%s is read as %p', (text, minutes) => expect(readDuration(text)).toBe(minutes));
  test('what is said is read again to the minute below two days, and to the day beyond', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100_000 }), (minutes) => {
        const back = readDuration(sayLength(minutes))!;
        expect(Math.abs(back - minutes)).toBeLessThanOrEqual(minutes < 2880 ? 0 : 720);
      }),
    );
  });
});
