import { expect } from '@jest/globals';
import { assess, type Assessment, type Step } from '../../src/index.ts';

/** A situation in words, with what a good painter would say: what must be in the answer, and what must not. */
export interface Situation {
  what: string;
  /** Why, in the words of the trade. */
  why: string;
  ask: Record<string, unknown>;
  /** Lines that must stand, as `lineOf` writes them: a kind, with `:family`, `@scope`, `~later` where it matters. */
  has?: string[];
  hasNot?: string[];
  /** Words that stand among the reasons of its lines, and words that must not. */
  says?: string[];
  saysNot?: string[];
  /** The first comes before the second. */
  order?: [string, string][];
  next?: string | null;
  /** The next test saves at least so much, in minor units. */
  saving?: number;
  likeliest?: string;
  /** A finish is at least, or at most, so likely. */
  atLeast?: [string, number];
  atMost?: [string, number];
  blocks?: string[];
  noBlocks?: string[];
  cautions?: string[];
  /** No other way lays this. */
  noOther?: string[];
  /** Some other way lays this. */
  other?: string[];
  /** Schools that are set beside it, as `rule choice`, and such as are not. */
  schools?: string[];
  noSchools?: string[];
  /** Some other way does this work, as `lineOf` writes it; and none does. */
  otherDoes?: string[];
  noOtherDoes?: string[];
  /** No way lays both of these. */
  notTogether?: [string, string];
  /** A fault is not likelier than this; and words that stand among the reasons of its faults, or must not. */
  fault?: [fault: string, to: number];
  because?: string;
  notBecause?: string;
  /** A skipped step brings this fault, at least and at most so likely. */
  risk?: [skipped: string, fault: string, from: number, to: number];
  /** The risk of a skipped step names a place. */
  riskWhere?: [skipped: string, place: string];
  /** The guarantee: a term, or none. */
  guaranteed?: boolean;
  coats?: [family: string, coats: number];
}

const lineOf = (s: Step): string =>
  `${s.kind}${s.family ? `:${s.family}` : ''}${s.scope && s.scope !== 'all' ? `@${s.scope}` : ''}${s.later ? `~${s.later}` : ''}`;
/** A line is meant where every part that is named is there: `prime@spots` is meant by `prime:oil-primer@spots`. */
const means = (line: string, wanted: string): boolean => {
  const [kind, ...parts] = wanted.split(/(?=[:@~])/);
  return line.split(/[:@~]/)[0] === kind && parts.every((part) => line.includes(part));
};

export const rub = (result: string, place?: string, more: object = {}) => ({
  kind: 'spirit-rub',
  result,
  ...(place ? { place } : {}),
  ...more,
});
export const patch = (family: string, result: string, minutes = 3000, coats = 2) => ({
  kind: 'test-patch',
  family,
  result,
  coats,
  minutes,
});

function heldLines(s: Situation, a: Assessment): void {
  const lines = a.system.steps.map(lineOf);
  for (const wanted of s.has ?? [])
    expect([wanted, lines.filter((l) => means(l, wanted)).length > 0, lines]).toEqual([wanted, true, lines]);
  for (const not of s.hasNot ?? []) expect([not, lines.filter((l) => means(l, not))]).toEqual([not, []]);
  for (const [first, then] of s.order ?? []) {
    const at = lines.findIndex((l) => means(l, first));
    const after = lines.findLastIndex((l) => means(l, then));
    expect([first, then, at >= 0 && after > at, lines]).toEqual([first, then, true, lines]);
  }
  const reasons = a.system.steps.flatMap((l) => l.why).join(' ');
  for (const words of s.says ?? []) expect(reasons).toContain(words);
  for (const words of s.saysNot ?? []) expect(reasons).not.toContain(words);
  if (s.coats) {
    const [family, coats] = s.coats;
    expect([
      family,
      a.system.steps.filter((l) => l.family === family).reduce((sum, l) => sum + (l.coats ?? 0), 0),
    ]).toEqual([family, coats]);
  }
}

function heldOdds(s: Situation, a: Assessment): void {
  const odds = (code: string) => a.finish.find((f) => f.code === code)?.probability ?? 0;
  if (s.likeliest) expect(a.finish[0]!.code).toBe(s.likeliest);
  if (s.atLeast) expect(odds(s.atLeast[0])).toBeGreaterThanOrEqual(s.atLeast[1]);
  if (s.atMost) expect(odds(s.atMost[0])).toBeLessThanOrEqual(s.atMost[1]);
  if (s.next !== undefined) expect(a.nextTest?.kind ?? null).toBe(s.next);
  if (s.saving) expect(a.nextTest!.expectedSaving).toBeGreaterThan(s.saving);
}

function heldOutcome(s: Situation, a: Assessment): void {
  const others = a.alternatives.flatMap((other) => other.system.steps.map((step) => step.family));
  for (const family of s.noOther ?? []) expect(others).not.toContain(family);
  for (const family of s.other ?? []) expect(others).toContain(family);
  const schools = a.schools.map((school) => `${school.rule} ${school.choice}`);
  for (const school of s.schools ?? []) expect(schools).toContain(school);
  for (const school of s.noSchools ?? []) expect(schools).not.toContain(school);
  const done = a.alternatives.flatMap((other) => other.system.steps.map(lineOf));
  for (const wanted of s.otherDoes ?? [])
    expect([wanted, done.some((line) => means(line, wanted)), done]).toEqual([wanted, true, done]);
  for (const not of s.noOtherDoes ?? []) expect([not, done.filter((line) => means(line, not))]).toEqual([not, []]);
  if (s.notTogether)
    for (const { steps } of [a.system, ...a.alternatives.map((other) => other.system)])
      expect(s.notTogether.filter((family) => steps.some((step) => step.family === family)).length).toBeLessThan(2);
  const reasons = a.holds.faults.map((f) => f.because).join(' ');
  if (s.because) expect(reasons).toContain(s.because);
  if (s.notBecause) expect(reasons).not.toContain(s.notBecause);
  if (s.fault) expect(a.holds.faults.find((f) => f.fault === s.fault![0])?.odds ?? 0).toBeLessThanOrEqual(s.fault[1]);
}

/** Asks, and holds the answer against the situation. */
export function holdsTo(s: Situation): void {
  const a = assess(s.ask);
  heldLines(s, a);
  heldOdds(s, a);
  heldOutcome(s, a);
  for (const code of s.blocks ?? []) expect(a.blocks.map((b) => b.code)).toContain(code);
  for (const code of s.noBlocks ?? []) expect(a.blocks.map((b) => b.code)).not.toContain(code);
  for (const code of s.cautions ?? []) expect(a.cautions.map((c) => c.code)).toContain(code);
  if (s.guaranteed !== undefined)
    expect([a.holds.guaranteeMonths !== null, a.holds.faults.slice(0, 3)]).toEqual([
      s.guaranteed,
      a.holds.faults.slice(0, 3),
    ]);
  if (s.riskWhere) expect(a.risks.find((r) => r.ifSkipped === s.riskWhere![0])?.text).toContain(s.riskWhere[1]);
  if (s.risk) {
    const [skipped, fault, from, to] = s.risk;
    const risk = a.risks.find((r) => r.ifSkipped === skipped);
    expect([skipped, risk?.fault]).toEqual([skipped, fault]);
    expect(risk!.odds).toBeGreaterThanOrEqual(from);
    expect(risk!.odds).toBeLessThanOrEqual(to);
  }
}
