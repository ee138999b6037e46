import type { TestKind } from '../../vocabulary/index.ts';

/** What a trial asks of a cell: that it grips, and that nothing rises through it. */
export const TRAITS = ['grip', 'block'] as const;
export type Trait = (typeof TRAITS)[number];

/** Grades of a look, from lets go (0) to holds (3). */
export const GRADES = [0, 1, 2, 3] as const;
export type Grade = (typeof GRADES)[number];

/** The tests that score a cell, the trait each speaks for, and the grade of each result. Cross-cuts carry a grade of their own. */
export const SCORED_BY: readonly { kind: TestKind; trait: Trait; grades: Readonly<Record<string, Grade>>; reason: string; source: string }[] = [
  {
    kind: 'nail-scratch',
    trait: 'grip',
    grades: { holds: 3, marks: 2, 'scratches-off': 1, 'peels-in-sheet': 0 },
    reason: 'A thumbnail is the hand that will use it.',
    source: 'practice',
  },
  { kind: 'blade-lift', trait: 'grip', grades: { holds: 3, chips: 2, 'lifts-in-sheet': 0 }, reason: 'A sheet takes everything above it along.', source: 'practice' },
  { kind: 'scraper-drag', trait: 'grip', grades: { holds: 3, marks: 2, 'scratches-off': 0 }, reason: 'A scraper finds the weak bond.', source: 'practice' },
  { kind: 'tape-pull', trait: 'grip', grades: { holds: 3, specks: 2, lifts: 0 }, reason: 'Tape pulls on the bond alone.', source: 'after ASTM D3359' },
  {
    kind: 'cross-cut',
    trait: 'grip',
    grades: { '0': 3, '1': 3, '2': 2, '3': 1, '4': 0, '5': 0 },
    reason: 'Grades of ISO 2409, 0 best.',
    source: 'ISO 2409',
  },
  {
    kind: 'test-patch',
    trait: 'block',
    grades: { covers: 3, 'shows-through': 2, 'faint-bleed': 1, 'bleeds-through': 0, crawls: 0, wrinkles: 0, bubbles: 0 },
    reason: 'What rises through the primer rises through the house.',
    source: 'practice',
  },
];

/** A look at a film too young to say how it will hold counts for a third. Source: practice. */
export const YOUNG_COUNTS = 0.33;
