export type LeftKind = 'departure' | 'left-another-year' | 'test-patch' | 'trial-board';

/** What was left as it was, or tried and left to stand, and when it is looked at again. */
export interface LeftRow {
  months: number;
  withinDays: number;
  againMonths: number | null;
  minutes: number;
  words: (what: string) => string;
  why: string;
}

/** Source: practice. */
export const LEFT_ROWS: Readonly<Record<LeftKind, LeftRow>> = {
  departure: {
    months: 12,
    withinDays: 60,
    againMonths: 12,
    minutes: 10,
    words: (what) => `Look at what was done otherwise: ${what}`,
    why: 'Somebody signed for doing it otherwise than the system asks. Whether it holds is worth knowing.',
  },
  'left-another-year': {
    months: 11,
    withinDays: 45,
    againMonths: 12,
    minutes: 15,
    words: (what) => `Left for another year: ${what}`,
    why: 'A year is up. What peels lets in water; another winter makes it dearer.',
  },
  'test-patch': {
    months: 1,
    withinDays: 30,
    againMonths: null,
    minutes: 5,
    words: (what) => `Read the patch again: ${what}`,
    why: 'A stain takes its time to rise. The later look decides.',
  },
  'trial-board': {
    months: 12,
    withinDays: 60,
    againMonths: 12,
    minutes: 10,
    words: (what) => `Scratch the trial board again: ${what}`,
    why: 'What held at cure may not hold after a year. The board says it before a house does.',
  },
};
