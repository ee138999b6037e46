import { STEP_LABELS, type Departure } from '@rustic/core';
import type { Line } from '../store/endpoints.ts';
import type { OurWords } from '../words/ourWords.ts';

/** A departure as it is said: "Dull the gloss left out", "Prime: bonding primer instead". */
export function sayDeparture(
  d: Departure,
  lines: readonly Pick<Line, 'step'>[],
  { inOurWords, sayFamily }: OurWords,
): string {
  const step = lines[d.step]?.step;
  if (!step) return '';
  const words = inOurWords(STEP_LABELS[step.kind]);
  if (d.act === 'skip') return `${words} left out`;
  if (d.act === 'swap') return `${words}: ${sayFamily(d.family)} instead`;
  const after = lines[d.to]?.step;
  return `${words} ${d.to < d.step ? 'before' : 'after'} ${after ? inOurWords(STEP_LABELS[after.kind]).toLowerCase() : 'the rest'}`;
}

/** One departure for each line: asked again it takes the place of what was asked of that line before. */
export const asking = (departures: readonly Departure[], d: Departure): Departure[] => [
  ...departures.filter((one) => one.step !== d.step),
  d,
];
