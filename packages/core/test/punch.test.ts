import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ELEMENTS, handoverChecks, punchVisits, type PunchWait } from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const TODAY = 10;
const wait = fc
  .tuple(fc.integer({ min: 0, max: 24 }), fc.integer({ min: 0, max: 9 }))
  .map(([readyDay, patience]) => ({ readyDay, byDay: readyDay + patience }));
const waits = fc.array(wait, { maxLength: 7 }).map((all): PunchWait[] => all.map((w, i) => ({ id: `f${i}`, ...w })));

/** The fewest visits by trying every set of days. */
function fewest(all: readonly PunchWait[]): number {
  const spans = all.map((w) => [Math.max(TODAY, w.readyDay), Math.max(TODAY, w.readyDay, w.byDay)] as const);
  const days = [...new Set(spans.flat())];
  let least = Infinity;
  for (let set = 0; set < 2 ** days.length; set++) {
    const chosen = days.filter((_, i) => (set >> i) & 1);
    if (spans.every(([from, to]) => chosen.some((d) => d >= from && d <= to))) least = Math.min(least, chosen.length);
  }
  return all.length === 0 ? 0 : least;
}

describe('visits for faults', () => {
  test('close each fault once, none before it is ready, none later than it should be', () => {
    fc.assert(
      fc.property(waits, (all) => {
        const visits = punchVisits(all, TODAY);
        expect(visits.flatMap((v) => v.closes).sort()).toEqual(all.map((w) => w.id).sort());
        for (const { day, closes } of visits)
          for (const id of closes) {
            const one = all.find((w) => w.id === id)!;
            expect(day).toBeGreaterThanOrEqual(Math.max(TODAY, one.readyDay));
            expect(day).toBeLessThanOrEqual(Math.max(TODAY, one.readyDay, one.byDay));
          }
      }),
    );
  });
  test('are as few as trying every set of days finds', () => {
    fc.assert(
      fc.property(waits, (all) => expect(punchVisits(all, TODAY)).toHaveLength(fewest(all))),
      { numRuns: 150 },
    );
  });
  test('are the same whatever the order in which the faults were marked', () => {
    fc.assert(
      fc.property(waits, (all) => expect(punchVisits([...all].reverse(), TODAY)).toEqual(punchVisits(all, TODAY))),
    );
  });
});

describe('what is tried before hand-over', () => {
  const codes = (...of: Parameters<typeof handoverChecks>) => handoverChecks(...of).map((c) => c.code);
  test('sashes slide, doors close, hardware is back, where there is any', () => {
    expect(codes('window', ['free-sash', 'mask'])).toEqual(['slides', 'freed', 'unmasked']);
    expect(codes('door', ['unhang', 'remove-hardware'])).toEqual(['closes', 'hardware-back', 'hung']);
    expect(codes('wall', [])).toEqual([]);
    for (const element of ELEMENTS) expect(() => codes(element, ['prime'])).not.toThrow();
  });
});
