import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  assess,
  caseOf,
  assessSchema,
  FINISH_TESTS,
  openQuestions,
  readBy,
  TEST_RESULTS,
  type TestKind,
} from '../src/index.ts';
import { anySurface } from './anySurface.ts';

fc.configureGlobal({ seed: 20261201, endOnFailure: true });

interface Ask {
  surface: Record<string, unknown>;
  tests?: Record<string, unknown>[];
  joints?: Record<string, unknown>[];
}
const openOn = (ask: Ask) => {
  const { c, made } = caseOf(readBy(assessSchema, ask));
  return openQuestions(c, made);
};
const savingOn = (ask: Ask, kind: TestKind) => openOn(ask).find((t) => t.kind === kind)?.expectedSaving;
const withTest = (ask: Ask, ...tests: Record<string, unknown>[]): Ask => ({
  ...ask,
  tests: [...(ask.tests ?? []), ...tests],
});
const rub = { kind: 'spirit-rub', result: 'transfer' };

describe('what an open question saves', () => {
  const wall = (areaM2: number, conditions: string[] = []): Ask => ({
    surface: { element: 'wall', substrate: 'skim-plaster', areaM2, builtYear: 1965, conditions },
    tests: [rub],
  });

  test('a swab saves the work that a clean one spares, by the chance that it is clean', () => {
    const [presumed, clean] = [wall(40), withTest(wall(40), { kind: 'lead-swab', result: 'negative' })].map(
      (ask) => assess(ask).holds.cost,
    );
    const spared = 0.75 * (presumed! - clean!);
    expect(spared).toBeGreaterThan(0);
    // What wears and is done again one day costs less as well: never so much again.
    expect(savingOn(wall(40), 'lead-swab')).toBeGreaterThanOrEqual(Math.round(spared));
    expect(savingOn(wall(40), 'lead-swab')).toBeLessThan(1.5 * spared);
  });

  test('it grows with what would be sanded, and is nothing where nothing is', () => {
    expect(savingOn(wall(80), 'lead-swab')).toBeGreaterThan(1.5 * savingOn(wall(40), 'lead-swab')!);
    expect(savingOn(wall(40, ['smoke']), 'lead-swab')).toBe(0);
  });

  test('what is found late was not priced: soft timber is worth the repair that nobody had counted', () => {
    const gate: Ask = {
      surface: {
        element: 'gate',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        areaM2: 4,
        conditions: ['peeling'],
      },
      tests: [rub, { kind: 'moisture-meter', value: 12 }],
    };
    const [blind, soft] = [gate, withTest(gate, { kind: 'rot-probe', result: 'soft-surface' })].map(
      (ask) => assess(ask).holds.cost,
    );
    expect(savingOn(gate, 'rot-probe')).toBeGreaterThanOrEqual(0.25 * (soft! - blind!));
  });

  test('a window that sticks is painted in by whoever never tried it', () => {
    const window: Ask = {
      surface: { element: 'window', substrate: 'softwood', areaM2: 2, builtYear: 1990 },
      tests: [rub],
    };
    const stuck = { ...window.surface, conditions: ['painted-shut'] };
    const paintedIn = assess({ ...window, surface: stuck }).risks.find((r) => r.ifSkipped === 'free-sash')!;
    expect(paintedIn.fault).toBe('sticks-shut');
    expect(savingOn(window, 'ease-test')).toBeGreaterThan(0);
    expect(savingOn(window, 'ease-test')).toBeLessThan(0.25 * paintedIn.cost * 2);
    expect(savingOn(withTest(window, { kind: 'ease-test', result: 'moves' }), 'ease-test')).toBeUndefined();
  });

  test('a bead that was drawn is dabbed where it is drawn', () => {
    const joint = { side: 'wall', otherSide: 'frame', lengthM: 4, widthMm: 5, holds: 'unread', shine: 'shiny' };
    const ask: Ask = {
      surface: { element: 'wall', substrate: 'drywall', areaM2: 12, builtYear: 2015 },
      tests: [rub],
      joints: [joint],
    };
    expect(savingOn(ask, 'paint-dab')).toBeGreaterThan(0);
  });
});

describe('over random surfaces', () => {
  const readings = (kind: TestKind): Record<string, unknown>[] =>
    kind === 'moisture-meter'
      ? [1, 8, 14, 24, 40].map((value) => ({ kind, value }))
      : TEST_RESULTS[kind].map((result) => ({ kind, result }));
  const done = (ask: Ask) =>
    assess(ask)
      .system.steps.map((s) => `${s.kind} ${s.family} ${s.coats} ${s.grit} ${s.technique} ${s.scope} ${s.waitMin}`)
      .join();

  test('what is asked beside the finish is asked because some answer changes the work', () => {
    fc.assert(
      fc.property(anySurface, fc.constantFrom('transfer', 'no-transfer'), (surface, result) => {
        const ask: Ask = { surface, tests: [{ kind: 'spirit-rub', result }] };
        const next = assess(ask).nextTest;
        if (!next || FINISH_TESTS.includes(next.kind)) return;
        const before = done(ask);
        expect([next.kind, readings(next.kind).some((t) => done(withTest(ask, t)) !== before)]).toEqual([
          next.kind,
          true,
        ]);
      }),
      { numRuns: 150 },
    );
  });

  test('no saving is below nothing, and the same question saves the same', () => {
    fc.assert(
      fc.property(anySurface, (surface) => {
        const open = openOn({ surface });
        for (const { expectedSaving } of open) expect(expectedSaving).toBeGreaterThanOrEqual(0);
        expect(openOn({ surface })).toEqual(open);
      }),
      { numRuns: 60 },
    );
  });
});
