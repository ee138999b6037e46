import type { PlannedStep } from '@rustic/core';
import { Total } from '../page/Page.tsx';
import { minuteOf, sayLength } from '../words/time.ts';
import type { PlanSheet } from './planSheet.ts';
import { useWords } from '../words/Words.tsx';

/** What a plan comes to: its end, the earliest possible, and how many visits. */
export function PlanFooting({ data, asked = false }: { data: PlanSheet; asked?: boolean }) {
  const { sayTime } = useWords();
  const { plan } = data;
  if (plan.status !== 'feasible') return <Total words="plan" figure="cannot stand" />;
  const slow = slowest(data);
  const gap = minuteOf(plan.finish) - minuteOf(plan.lowerBound);
  return (
    <>
      <Total words={asked ? 'then it ends' : 'finish'} figure={sayTime(plan.finish)} />
      <Total words="earliest possible" figure={gap === 0 ? 'the same' : sayTime(plan.lowerBound)} />
      <Total words="visits" figure={plan.visits} />
      {data.difference && data.difference.finishLaterMin !== 0 && (
        <Total
          words="against what was posted"
          figure={`${sayLength(Math.abs(data.difference.finishLaterMin))} ${data.difference.finishLaterMin > 0 ? 'later' : 'sooner'}`}
        />
      )}
      {slow && <Total end words={`${slow.name}:`} figure={slow.text} />}
    </>
  );
}

/** The coat that this air keeps longest beyond its label. */
function slowest(data: PlanSheet): { name: string; text: string } | null {
  let worst: { name: string; text: string; over: number } | null = null;
  for (const surface of data.input.surfaces)
    for (const step of surface.steps) {
      const planned = data.plan.steps.find((s: PlannedStep) => s.surface === surface.id && s.id === step.id);
      if (!planned?.recoatFrom || !step.drying?.recoatMin || step.done) continue;
      const over = minuteOf(planned.recoatFrom) - minuteOf(planned.end) - step.drying.recoatMin;
      if (over > 30 && (!worst || over > worst.over))
        worst = {
          name: data.surfaces.find((s) => s.id === surface.id)?.name ?? '',
          text: `this air adds ${sayLength(over)}`,
          over,
        };
    }
  return worst;
}
