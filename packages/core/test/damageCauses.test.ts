import { describe, expect, test } from '@jest/globals';
import {
  DAMAGE,
  looksAt,
  marksThatStand,
  patternCauses,
  WALL_FEATURES,
  type Marked,
  type SketchWall,
} from '../src/index.ts';
import { PATTERN_ROWS } from '../src/damage/knowledge/patterns.ts';

const WALL: SketchWall = {
  name: 'outer wall',
  widthM: 5,
  heightM: 2.5,
  openings: [{ kind: 'window', x: 2, y: 0.9, widthM: 1.2, heightM: 1.2 }],
};
let n = 0;
const mark = (what: Marked['what'], x: number, y: number, there = true): Marked => ({
  id: `m${++n}`,
  what,
  there,
  place: { wall: 0, x, y },
  takesBack: null,
});
const codes = (marks: Marked[], walls = [WALL]) => patternCauses(marks, walls).map((c) => c.code);

describe('what the places of damage point to', () => {
  test.each<[string, Marked[], string]>([
    ['damp under the window', [mark('damp', 2.2, 0.5), mark('damp', 2.9, 0.3)], 'sill'],
    ['salts along the foot', [mark('efflorescence', 0.5, 0.4), mark('efflorescence', 4.5, 0.6)], 'foot'],
    ['stains at the ceiling', [mark('water-stain', 2.4, 2.3), mark('water-stain', 2.9, 2.2)], 'above'],
    ['mould in two upper corners', [mark('mould', 0.2, 2.4), mark('mould', 4.8, 2.3)], 'cold-corner'],
    ['soot over the heater', [mark('heater', 1, 0.4), mark('soot', 1.1, 1.2)], 'heater'],
    ['paint off beside the bathroom', [mark('wet-room-behind', 4.6, 1.2), mark('peeling', 4.2, 1.1)], 'wet-room'],
    ['a stain by the chimney', [mark('chimney', 0.5, 1.5), mark('water-stain', 0.8, 2.2)], 'chimney'],
    [
      'cracks out of the window’s corners',
      [mark('substrate-crack', 1.9, 2.3), mark('substrate-crack', 3.3, 0.7)],
      'opening-corners',
    ],
    ['lines of soot at 60 cm', [0.6, 1.2, 1.8, 2.4].map((x) => mark('soot', x, 1.4)), 'joists'],
  ])('%s', (_what, marks, code) => {
    expect(codes(marks)).toContain(code);
  });

  test('one place by itself points to nothing', () => {
    expect(codes([mark('damp', 2.4, 0.4)])).toEqual([]);
  });

  test('places all over point to no one cause', () => {
    const all = [
      mark('peeling', 0.6, 1.6),
      mark('peeling', 1.7, 0.4),
      mark('peeling', 3.9, 1.5),
      mark('peeling', 4.7, 2.1),
    ];
    expect(codes(all)).toEqual([]);
  });

  test('lines at uneven distances are no joists', () => {
    expect(codes([0.3, 0.9, 1.2, 2.9].map((x) => mark('soot', x, 1.4)))).not.toContain('joists');
  });

  test('places that are sound, or taken back, do not count', () => {
    const bad = mark('damp', 2.9, 0.3);
    expect(codes([mark('damp', 2.2, 0.5), mark('damp', 2.6, 0.3, false)])).toEqual([]);
    expect(codes([mark('damp', 2.2, 0.5), bad, { ...bad, id: 'back', takesBack: bad.id }])).toEqual([]);
  });

  test('every row says a cause, how to find out and what to stop first, in whole sentences', () => {
    for (const row of PATTERN_ROWS) {
      for (const text of [row.cause, row.findOut, row.stopFirst]) expect(text).toMatch(/^[A-Z].*\.$/);
      for (const damage of row.of) expect(DAMAGE).toContain(damage);
    }
    for (const feature of WALL_FEATURES)
      expect(PATTERN_ROWS.some(({ where }) => where.kind === 'near' && where.feature === feature)).toBe(true);
  });
});

describe('looks at one kind of damage', () => {
  const at = { wall: 0, x: 1, y: 1 };
  test('are marks that stand, and tests that were made at a place', () => {
    const tests = [
      { test: { kind: 'tape-pull', result: 'lifts' }, mark: at },
      { test: { kind: 'cross-cut', grade: 0 }, mark: at },
      { test: { kind: 'spirit-rub', result: 'clean' }, mark: at },
      { test: { kind: 'tape-pull', result: 'lifts' }, mark: null },
    ] as never[];
    expect(looksAt('peeling', [mark('peeling', 2, 2, false)], tests).map((l) => l.there)).toEqual([false, true, false]);
    expect(looksAt('damp', [], tests)).toEqual([]);
  });
  test('one that was taken back is gone, and so is what took it back', () => {
    const one = mark('rot', 1, 1);
    expect(marksThatStand([one, { ...one, id: 'b', takesBack: one.id }])).toEqual([]);
  });
});
