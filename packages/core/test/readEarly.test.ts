import { describe, expect, test } from '@jest/globals';
import {
  assess,
  METHOD_CARDS,
  RESULT_LABELS,
  TEST_KINDS,
  TEST_NOT_YET,
  TEST_RESULTS,
  testWords,
} from '../src/index.ts';

const trim = { element: 'trim', substrate: 'softwood', builtYear: 1931, areaM2: 8 };
const ask = (surface: object, ...tests: object[]) => assess({ surface, tests });
const codes = (answer: { blocks: { code: string }[] }) => answer.blocks.map((b) => b.code);

describe('a test that is read before its time', () => {
  test('every test that looks like nothing at first has a time, and a result for it', () => {
    for (const kind of TEST_KINDS) {
      const notYet = TEST_NOT_YET[kind];
      if (notYet === null) continue;
      expect(METHOD_CARDS[kind].waitSec).toBeGreaterThan(0);
      expect(TEST_RESULTS[kind] as readonly string[]).toContain(notYet);
      expect(testWords({ kind, result: notYet, readEarly: true })).toMatch(
        new RegExp(`${RESULT_LABELS[notYet]}, read early$`),
      );
    }
    expect(TEST_KINDS.filter((k) => TEST_NOT_YET[k] !== null)).toEqual(
      expect.arrayContaining(['lead-swab', 'acetone-rub', 'bleach-drop', 'water-drop']),
    );
  });

  test('a negative swab that was hurried releases nothing; a positive one counts however early', () => {
    const swab = (result: string, readEarly?: boolean) => ({
      kind: 'lead-swab',
      result,
      ...(readEarly ? { readEarly } : {}),
    });
    expect(codes(ask(trim))).toContain('dry-sand-lead');
    expect(codes(ask(trim, swab('negative')))).not.toContain('dry-sand-lead');
    expect(codes(ask(trim, swab('negative', true)))).toContain('dry-sand-lead');
    const found = ask(trim, swab('positive', true)).cautions.map((c) => c.code);
    expect(found).toContain('lead-positive');
    // A hurried one beside one that had its time takes nothing from it.
    expect(codes(ask(trim, swab('negative', true), swab('negative')))).not.toContain('dry-sand-lead');
  });

  test('nothing seen too early leaves the answer as though it had not been made, and is asked again', () => {
    const wall = { element: 'wall', substrate: 'drywall', conditions: ['mould'], areaM2: 20 };
    for (const [surface, early] of [
      [wall, { kind: 'bleach-drop', result: 'unchanged' }],
      [trim, { kind: 'acetone-rub', result: 'no-change' }],
      [
        { ...wall, conditions: ['paste-residue'] },
        { kind: 'damp-sponge', result: 'clean' },
      ],
    ] as const) {
      const none = ask(surface);
      expect(ask(surface, { ...early, readEarly: true })).toEqual(none);
      expect(ask(surface, early)).not.toEqual(none);
    }
    const beside = (readEarly: boolean) =>
      assess({
        surface: trim,
        neighbours: [{ campaign: 'same', tests: [{ kind: 'acetone-rub', result: 'no-change', readEarly }] }],
      });
    expect(beside(true).finish).toEqual(
      assess({ surface: trim, neighbours: [{ campaign: 'same', tests: [] }] }).finish,
    );
    expect(beside(false).finish).not.toEqual(beside(true).finish);
  });

  test('what is read at once cannot be early', () => {
    expect(() => ask(trim, { kind: 'spirit-rub', result: 'transfer', readEarly: true })).toThrow(/no time to wait for/);
  });
});
