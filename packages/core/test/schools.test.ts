import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  assess,
  CONDITIONS,
  DEFAULT_HOUSE_RULES,
  ELEMENTS,
  HOUSE_RULES,
  HOUSE_RULE_CODES,
  SUBSTRATES,
  type HouseRuleCode,
} from '../src/index.ts';

/** Questions of every kind a firm meets, each asked under every rule. */
const QUESTIONS = fc.sample(
  fc.record({
    surface: fc.record({
      element: fc.constantFrom(...ELEMENTS),
      substrate: fc.constantFrom(...SUBSTRATES),
      exposure: fc.constantFrom('interior-dry' as const, 'interior-grease' as const, 'exterior-exposed' as const),
      conditions: fc.subarray([...CONDITIONS], { maxLength: 3 }),
      areaM2: fc.constantFrom(4, 20),
      builtYear: fc.constantFrom(1905, 1968, 2019),
      isNew: fc.boolean(),
      currentColour: fc.constantFrom('#f4f1e8', '#22384d'),
    }),
    wanted: fc.record({
      colour: fc.constantFrom('#f4f1e8', '#22384d', '#d01020'),
      chemistry: fc.constantFrom(null, 'solvent-borne'),
    }),
    tests: fc.constantFrom(
      [],
      [{ kind: 'spirit-rub', result: 'no-transfer' }],
      [{ kind: 'spirit-rub', result: 'transfer' }],
      [
        { kind: 'spirit-rub', result: 'transfer' },
        { kind: 'blade-lift', result: 'lifts-in-sheet' },
      ],
      [{ kind: 'chip-look', layers: ['waterborne', 'oil'] }],
    ),
  }),
  { numRuns: 500, seed: 20270301 },
);

type Question = (typeof QUESTIONS)[number];
const under = (question: Question, rule: HouseRuleCode, choice: string) =>
  assess({ ...question, houseRules: { [rule]: choice } } as Parameters<typeof assess>[0]);
const usual = new Map(QUESTIONS.map((q) => [q, assess(q as Parameters<typeof assess>[0])]));
/** What is done, without its reasons: a rule that is followed says so even where it changes nothing. */
const said = (a: ReturnType<typeof assess>) =>
  JSON.stringify([a.system.steps.map((step) => ({ ...step, why: null })), a.cautions.map((c) => c.code)]);

/** Rules that speak of how the whole job is run, not of what goes on one surface. */
const OF_THE_JOB: readonly HouseRuleCode[] = ['roomOrder', 'rollers', 'makers', 'planGoal'];

describe.each(HOUSE_RULE_CODES)('%s', (rule) => {
  const [first, ...others] = HOUSE_RULES[rule] as readonly string[];

  test('said at its first choice, changes nothing', () => {
    for (const q of QUESTIONS.slice(0, 40)) expect(said(under(q, rule, first!))).toBe(said(usual.get(q)!));
    expect(DEFAULT_HOUSE_RULES[rule]).toBe(first);
  });

  if (!OF_THE_JOB.includes(rule))
    test.each(others)('%s: changes some surface, and leaves most alone', (choice) => {
      const moves = (q: Question) => said(under(q, rule, choice)) !== said(usual.get(q)!);
      expect(QUESTIONS.some(moves)).toBe(true);
      // A school has its own conditions: one that moved everything would be no rule but another engine.
      expect(QUESTIONS.every(moves)).toBe(false);
    });

  test.each(others)('%s: never lifts a block, and never fails to answer', (choice) => {
    for (const q of QUESTIONS.slice(0, 40)) {
      const blocks = (a: ReturnType<typeof assess>) => a.blocks.map((b) => b.code).sort();
      const safety = blocks(usual.get(q)!).filter((c) => /lead|asbestos|mould|damp/.test(c));
      expect(blocks(under(q, rule, choice))).toEqual(expect.arrayContaining(safety));
    }
  });
});

describe('what another way is told to be worth', () => {
  const asked = (surface: object, more: object = {}) => assess({ surface, ...more });
  const OIL_TRIM = {
    element: 'trim',
    substrate: 'softwood',
    areaM2: 12,
    builtYear: 1996,
    conditions: ['glossy'],
    currentColour: '#efe9d8',
  };
  const RUBBED = { tests: [{ kind: 'spirit-rub', result: 'no-transfer' }] };
  test('a school that is told apart by no figure is not shown', () => {
    const { schools, holds, system } = asked(OIL_TRIM, { ...RUBBED, wanted: { colour: '#22384d' } });
    const same = schools.filter(
      (s) =>
        s.holds.cost === holds.cost &&
        s.holds.hours === holds.hours &&
        s.holds.waitingHours === holds.waitingHours &&
        s.holds.callBackAYear === holds.callBackAYear,
    );
    expect(same).toEqual([]);
    expect(system.steps.find((s) => s.kind === 'prime')!.tint).toBe('grey-deep');
    expect(schools.map((s) => `${s.rule} ${s.choice}`)).toContain('primerTint dark-to-light-only');
  });
  test('a way that neither saves nor holds longer says what it is for', () => {
    const { alternatives, holds } = asked(
      { element: 'wall', substrate: 'drywall', areaM2: 30, isNew: true, sanded: true },
      { wanted: { sheen: 'eggshell', colour: '#d8d2c4' } },
    );
    const dearer = alternatives.filter(
      (a) => a.holds.cost > holds.cost && a.holds.hours >= holds.hours && a.holds.waitingHours >= holds.waitingHours,
    );
    expect(dearer.length).toBeGreaterThan(0);
    for (const { differs } of dearer) expect(differs).toMatch(/ (Its film|It lies|It is wiped|A thicker film)[^.]*\.$/);
  });
  test('saturating bare timber before its primer never makes it likelier to let go', () => {
    const siding = { element: 'siding', substrate: 'softwood', areaM2: 60, builtYear: 1992, conditions: ['peeling'] };
    const by = (exteriorBare: string) =>
      asked(siding, { tests: [{ kind: 'spirit-rub', result: 'transfer' }], houseRules: { exteriorBare } }).holds;
    expect(by('epoxy-saturate').callBackAYear).toBeLessThanOrEqual(by('oil-primer').callBackAYear);
  });
  test('a primer for bare timber beside one that grips the rest is laid on no old oil', () => {
    const gate = { element: 'gate', substrate: 'softwood', areaM2: 12, builtYear: 2010, conditions: ['peeling'] };
    const by = (exteriorBare: string) => asked(gate, { houseRules: { exteriorBare } });
    const breathes = by('breathable-waterborne');
    const coats = breathes.system.steps.filter((s) => s.kind === 'prime').map((s) => s.scope);
    expect(coats).toEqual(['bare-areas', 'all']);
    expect(breathes.holds.callBackAYear).toBeLessThan(by('oil-primer').holds.callBackAYear + 0.02);
  });
});
