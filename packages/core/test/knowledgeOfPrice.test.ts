import { describe, expect, test } from '@jest/globals';
import {
  ACCESS,
  ACCESS_LABELS,
  assessSchema,
  caseOf,
  CAUTION_CODES,
  CAUTION_FOR_CLIENTS,
  CAUTION_SHORT,
  CONDITION_LABELS,
  DOOR_PATTERNS,
  ELEMENTS,
  fanSurfaceOf,
  isCoat,
  LEFT_OUT_REASONS,
  LEFT_OUT_WORDS,
  minutesOf,
  MOULDINGS,
  readBy,
  SHAPE_LABELS,
  SHAPES,
  SPINDLE_SECTIONS,
  STEP_KINDS,
  stepWords,
  SUBSTRATES,
  surfaceFacts,
  WINDOW_PATTERNS,
  type Step,
} from '../src/index.ts';
import { HIDDEN } from '../src/pricing/knowledge/hidden.ts';
import { ACCESS_HOURS, METHOD_FACTOR, RATES, SUCTION, THINNED } from '../src/quantities/knowledge/rates.ts';
import { SUNDRIES, USES, WORN, type SundryCode } from '../src/quantities/knowledge/sundries.ts';

describe('tables a painter could review', () => {
  test('every step has a rate, and none takes time away', () => {
    for (const kind of STEP_KINDS) {
      const [perM2, setUp] = RATES[kind];
      expect(perM2).toBeGreaterThanOrEqual(0);
      expect(setUp).toBeGreaterThanOrEqual(0);
    }
  });
  test('nothing is reached faster than from the floor; every way of reaching has its words', () => {
    for (const access of ACCESS) {
      expect(ACCESS_HOURS[access].factor).toBeGreaterThanOrEqual(1);
      expect(ACCESS_LABELS[access]).toBeTruthy();
    }
  });
  test('bare ground drinks, it never gives; thinning is a part, never a half', () => {
    for (const left of Object.values(SUCTION)) expect(left).toBeGreaterThan(0.5);
    for (const left of Object.values(SUCTION)) expect(left).toBeLessThanOrEqual(1);
    for (const water of Object.values(THINNED)) expect(water).toBeLessThan(0.5);
    for (const methods of Object.values(METHOD_FACTOR))
      for (const f of Object.values(methods)) expect(f).toBeGreaterThan(0.2);
  });
  test('shapes have words, and sizes that joinery has', () => {
    for (const shape of SHAPES) expect(SHAPE_LABELS[shape]).toBeTruthy();
    for (const { girthM } of Object.values(MOULDINGS)) expect(girthM > 0.03 && girthM < 0.8).toBe(true);
    for (const { factor } of [...Object.values(DOOR_PATTERNS), ...Object.values(WINDOW_PATTERNS)])
      expect(factor > 0.2 && factor < 3).toBe(true);
    // A turned spindle has more face than a round one; a square one more than either's girth of the same thickness.
    expect(SPINDLE_SECTIONS.turned.girth).toBeGreaterThan(SPINDLE_SECTIONS.round.girth);
    expect(SPINDLE_SECTIONS.square.girth).toBeGreaterThan(SPINDLE_SECTIONS.turned.girth);
  });
  test('every sundry that is used or worn is one that is sold', () => {
    const sold = Object.keys(SUNDRIES) as SundryCode[];
    for (const uses of Object.values(USES)) for (const { code } of uses) expect(sold).toContain(code);
    for (const worn of Object.values(WORN)) expect(sold).toContain(worn.code);
    for (const { price } of Object.values(SUNDRIES)) expect(Number.isInteger(price) && price > 0).toBe(true);
  });
  test('every caution has its line for painters; what a client is told is a caution too', () => {
    for (const code of CAUTION_CODES) expect(CAUTION_SHORT[code]).toMatch(/\.$/);
    for (const [code, words] of Object.entries(CAUTION_FOR_CLIENTS)) {
      expect(CAUTION_CODES).toContain(code);
      // Never that something is safe: what the caution is, and who decides.
      expect(words).not.toMatch(/\bsafe\b|harmless|no risk/i);
    }
    for (const lead of ['lead-presumed', 'lead-positive'] as const)
      expect(CAUTION_FOR_CLIENTS[lead]).toMatch(/rules|law/);
  });
  test('every reason for leaving out has words', () => {
    for (const reason of LEFT_OUT_REASONS) expect(LEFT_OUT_WORDS[reason]).toBeTruthy();
  });
});

describe('what may be hidden', () => {
  const somewhere = (row: (typeof HIDDEN)[number]) =>
    ELEMENTS.flatMap((element) =>
      SUBSTRATES.flatMap((substrate) =>
        (['interior-dry', 'exterior-exposed'] as const).map((exposure) => ({
          element,
          substrate,
          exposure,
          builtYear: 1908,
          areaM2: 12,
        })),
      ),
    ).find((s) => row.when(surfaceFacts(s)));

  test.each(HIDDEN.map((row) => [row.id, row] as const))(
    '%s is met somewhere, and finding it is never cheaper',
    (_id, row) => {
      const surface = somewhere(row)!;
      expect(surface).toBeDefined();
      expect(CONDITION_LABELS[row.condition]).toBeTruthy();
      expect(row.chance > 0 && row.chance < 0.6).toBe(true);
      expect(row.share > 0 && row.share <= 1).toBe(true);
      const { c, made } = caseOf(readBy(assessSchema, { surface }));
      const { hidden } = fanSurfaceOf({ surfaceId: 's', nodes: [0], c, steps: made.steps, sized: 'typed', zones: [] });
      const found = hidden.find((h) => h.id === row.id)!;
      expect(found.minutes).toBeGreaterThanOrEqual(0);
      expect(found.materials).toBeGreaterThanOrEqual(0);
      expect(found.minutes + found.materials).toBeGreaterThan(0);
    },
  );
  test('what was found, or ruled out, is hidden no longer', () => {
    const surface = { element: 'siding', substrate: 'softwood', builtYear: 1908, areaM2: 20 } as const;
    const hiddenOn = (question: object) => {
      const { c, made } = caseOf(readBy(assessSchema, question));
      return fanSurfaceOf({ surfaceId: 's', nodes: [0], c, steps: made.steps, sized: 'typed', zones: [] }).hidden.map(
        (h) => h.id,
      );
    };
    expect(hiddenOn({ surface })).toContain('rot-outside');
    expect(hiddenOn({ surface: { ...surface, conditions: ['rot'] } })).not.toContain('rot-outside');
    expect(hiddenOn({ surface, tests: [{ kind: 'rot-probe', result: 'firm' }] })).not.toContain('rot-outside');
    expect(hiddenOn({ surface: { ...surface, isNew: true } })).not.toContain('rot-outside');
  });
});

describe('a step in words', () => {
  test('every kind of step says something, and a coat says how many', () => {
    for (const kind of STEP_KINDS) {
      const step: Step = { kind, why: ['x'], ...(isCoat(kind) ? { family: 'acrylic-wall' as const, coats: 2 } : {}) };
      const words = stepWords(step);
      expect(words).toMatch(/^[A-Z]/);
      expect(words).not.toMatch(/undefined|null/);
      if (isCoat(kind)) expect(words).toContain('two coats');
    }
  });
  test('grit, technique, tint, sheen and place are in it', () => {
    expect(stepWords({ kind: 'sand', grit: 220, technique: 'wet', why: ['x'] })).toMatch(/220 grit, wet/);
    expect(stepWords({ kind: 'sand', grit: 120, technique: 'extracted', scope: 'above the rail', why: ['x'] })).toMatch(
      /above the rail only: 120 grit, with extraction/,
    );
    expect(
      stepWords({ kind: 'prime', family: 'shellac-primer', coats: 1, tint: 'grey-deep', scope: 'all', why: ['x'] }),
    ).toMatch(/all: shellac primer, deep grey, one coat/);
    expect(stepWords({ kind: 'finish-coat', family: 'acrylic-trim', coats: 5, sheen: 'satin', why: ['x'] })).toMatch(
      /satin acrylic trim paint, 5 coats/,
    );
    expect(stepWords({ kind: 'prime', family: 'oil-primer', coats: 1, scope: 'bare-areas', why: ['x'] })).toMatch(
      /what is bare/,
    );
  });
  test('waiting steps take no hands', () => {
    for (const kind of ['cure-hold', 'other-trade'] as const)
      expect(
        minutesOf({ kind, why: ['x'] }, surfaceFacts({ element: 'wall', substrate: 'drywall', areaM2: 40 }), {
          access: 'stairwell',
        }),
      ).toBe(0);
  });
});
