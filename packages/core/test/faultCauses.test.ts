import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  assessSchema,
  caseOf,
  causeFirst,
  FAULTS,
  faultCauses,
  faultsOf,
  makeGood,
  mechanismOdds,
  mendLasts,
  readBy,
} from '../src/index.ts';
import { anySurface } from './anySurface.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

describe('the cause first', () => {
  const record = { skipped: [], leftOut: [], outside: [], flagged: [], outdoors: false, expected: {}, ageMonths: 12 };
  test('every fault either has its causes looked for, or is made good by hand; some have both', () => {
    for (const fault of FAULTS) {
      const causes = faultCauses(fault, record);
      if (causeFirst(fault)) {
        expect(causes.length).toBeGreaterThan(1);
        expect(makeGood(fault)).toBeNull();
      } else expect(makeGood(fault)).not.toBeNull();
      if (causes.length) expect(causes.reduce((sum, c) => sum + c.share, 0)).toBeCloseTo(1, 9);
      expect([...causes].sort((a, b) => b.share - a.share).map((c) => c.code)).toEqual(causes.map((c) => c.code));
    }
  });
  const shareOf = (code: string, causes: readonly { code: string; share: number }[]) =>
    causes.find((c) => c.code === code)!.share;
  test('what happened on the day moves its cause up, and is said', () => {
    const quiet = faultCauses('peels', record);
    for (const [outside, code] of [
      ['laid-outside-limits', 'too-cold'],
      ['recoated-late', 'recoated-late'],
      ['other-product', 'other-product'],
    ] as const) {
      const found = faultCauses('peels', { ...record, outside: [outside] });
      expect(shareOf(code, found)).toBeGreaterThan(2 * shareOf(code, quiet));
      expect(found.find((c) => c.code === code)!.because).not.toBeNull();
    }
    expect(quiet.every((c) => c.because === null)).toBe(true);
    expect(
      faultCauses('peels', { ...record, leftOut: ['prime'] }).find((c) => c.code === 'no-grip')!.because,
    ).toContain('left out by decision');
  });
  test('shares are what the account expects of each mechanism, with what is usual added', () => {
    const causes = faultCauses('peels', { ...record, expected: { 'no-grip': 0.49, dirt: 0.09 } });
    // 0.5, 0.1, and 0.005 + 0.02 + 0.01 + 0.005 + 0.005 for what nobody computed.
    expect(shareOf('no-grip', causes)).toBeCloseTo(0.5 / 0.645, 9);
    expect(shareOf('dirty-face', causes)).toBeCloseTo(0.1 / 0.645, 9);
  });
  const oldOil = {
    surface: { element: 'trim', substrate: 'softwood', builtYear: 2004, areaM2: 12, conditions: ['glossy'] },
    tests: [
      { kind: 'spirit-rub', result: 'no-transfer', place: 'a' },
      { kind: 'spirit-rub', result: 'no-transfer', place: 'b' },
    ],
  };
  const expectedOf = (
    ask: object,
    without: readonly string[],
    fault: 'peels' | 'crawls' | 'bleeds' | 'sticks-shut',
  ) => {
    const { c, made } = caseOf(readBy(assessSchema, ask));
    return mechanismOdds(
      c,
      made.steps.filter((s) => !without.includes(s.kind)),
      fault,
    );
  };
  test('unprimed and unsanded gloss let go for want of grip; unwashed, for dirt', () => {
    const done = expectedOf(oldOil, [], 'peels');
    const slick = expectedOf(oldOil, ['prime', 'sand', 'degloss'], 'peels');
    const dirty = expectedOf(oldOil, ['wash', 'rinse', 'solvent-wipe'], 'peels');
    expect(slick['no-grip']!).toBeGreaterThan(0.5);
    expect(slick['no-grip']!).toBeGreaterThan(5 * done['no-grip']!);
    expect(dirty.dirt!).toBeGreaterThan(2 * (done.dirt ?? 0));
    expect(faultCauses('peels', { ...record, expected: slick })[0]!.code).toBe('no-grip');
  });
  test('knots left unprimed bleed, and a sash that was not freed sticks', () => {
    const knots = { ...oldOil, surface: { ...oldOil.surface, conditions: ['knots'] } };
    const unprimed = expectedOf(knots, ['prime', 'spot-prime'], 'bleeds');
    expect(unprimed.rises!).toBeGreaterThan(0.5);
    expect(faultCauses('bleeds', { ...record, expected: unprimed })[0]!.code).toBe('not-blocked');
    const sash = { surface: { element: 'window', substrate: 'softwood', areaM2: 2, conditions: ['painted-shut'] } };
    const stuck = expectedOf(sash, ['free-sash'], 'sticks-shut');
    expect(faultCauses('sticks-shut', { ...record, expected: stuck })[0]!.code).toBe('painted-in');
  });
  test('mechanisms say no more than the fault itself, over any surface', () => {
    fc.assert(
      fc.property(anySurface, (surface) => {
        const { c, made } = caseOf(readBy(assessSchema, { surface }));
        const odds = mechanismOdds(c, made.steps, 'peels');
        const whole = faultsOf(c, made.steps).find((f) => f.fault === 'peels')?.odds ?? 0;
        const none = Object.values(odds).reduce((all, p) => all * (1 - p), 1);
        for (const p of Object.values(odds)) expect(p).toBeLessThanOrEqual(whole + 1e-9);
        // Told apart by its dirt, a bond is two causes that cannot both be it.
        expect(1 - none).toBeLessThanOrEqual(whole + 1e-9);
        expect(Object.values(odds).reduce((sum, p) => sum + p, 0)).toBeGreaterThanOrEqual(whole - 0.02 - 1e-9);
      }),
      { numRuns: 60 },
    );
  });
});

describe('whether a mend will last', () => {
  const cause = (share: number, stays: boolean) => ({ share, stays });
  test('a cause of the day is gone with it, one in the surface works on, and the system may fail anyhow', () => {
    expect(mendLasts([cause(1, false)], 0)).toEqual({ paintedOver: 0, causeMended: 0 });
    const half = mendLasts([cause(0.5, true), cause(0.5, false)], 0.1);
    expect(half.causeMended).toBe(0.1);
    // 1 − (1 − 0.5 × 0.95)(1 − 0.1)
    expect(half.paintedOver).toBeCloseTo(0.5275, 9);
  });
  test('it is never certain, never better painted over, and worse the more of it lies in the surface', () => {
    const chance = fc.double({ min: 0, max: 0.999, noNaN: true });
    fc.assert(
      fc.property(chance, chance, chance, (a, b, whole) => {
        const [less, more] = [Math.min(a, b), Math.max(a, b)];
        const of = (share: number) => mendLasts([cause(share, true), cause(1 - share, false)], whole);
        expect(of(more).paintedOver).toBeGreaterThanOrEqual(of(less).paintedOver);
        expect(of(less).paintedOver).toBeGreaterThanOrEqual(of(less).causeMended - 1e-12);
        expect(of(more).paintedOver).toBeLessThan(1);
      }),
    );
  });
  test('paint that peels off oil that nobody primed peels again; done in full it seldom does', () => {
    const { c, made } = caseOf(
      readBy(assessSchema, {
        surface: { element: 'trim', substrate: 'softwood', builtYear: 2004, areaM2: 12, conditions: ['glossy'] },
        tests: [
          { kind: 'spirit-rub', result: 'no-transfer', place: 'a' },
          { kind: 'spirit-rub', result: 'no-transfer', place: 'b' },
        ],
      }),
    );
    const bare = made.steps.filter((s) => !['prime', 'degloss', 'sand'].includes(s.kind));
    const causes = faultCauses('peels', {
      skipped: ['prime'],
      leftOut: [],
      outside: [],
      flagged: [],
      outdoors: false,
      expected: mechanismOdds(c, bare, 'peels'),
      ageMonths: 4,
    });
    const whole = faultsOf(c, made.steps).find((f) => f.fault === 'peels')?.odds ?? 0;
    const lasts = mendLasts(causes, whole);
    expect(lasts.paintedOver).toBeGreaterThan(0.7);
    expect(lasts.causeMended).toBeLessThan(0.1);
  });
});
