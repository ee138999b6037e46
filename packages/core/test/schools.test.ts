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
