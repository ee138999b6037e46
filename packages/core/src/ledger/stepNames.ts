import { stepWords } from '../documents/stepWords.ts';
import type { Step } from '../model/step.ts';
import type { Entry } from './chain.ts';

const SETTLED: readonly string[] = ['system-chosen', 'system-overridden'];
const STEP_ID = /^s(\d+)(?:c(\d+))?$/;

/**
 * What the steps of a surface are called, by the systems that were settled for it up to an entry: `s3c2` is the second
 * coat of its third line. Where no system is known the step keeps its id.
 */
export function stepNamesIn(entries: readonly Pick<Entry, 'kind' | 'subject' | 'seq' | 'payload'>[]) {
  const settled = entries
    .filter((e) => SETTLED.includes(e.kind))
    .map(({ subject, seq, payload }) => ({ subject, seq, steps: (payload as { steps?: Step[] }).steps ?? [] }));
  return (surfaceId: string | null, stepId: string, seq: number): string => {
    const [, line, coat] = STEP_ID.exec(stepId) ?? [];
    const system = settled.findLast((s) => s.subject === surfaceId && s.seq <= seq);
    const step = line ? system?.steps[Number(line) - 1] : undefined;
    if (!step) return stepId;
    const { coats = 1, ...one } = step;
    return coat ? `${stepWords(one)}, coat ${coat} of ${coats}` : stepWords(one);
  };
}
