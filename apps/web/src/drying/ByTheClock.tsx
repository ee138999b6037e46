import { memo, useDeferredValue, useMemo } from 'react';
import type { PlannedStep } from '@rustic/core';
import { nameOf, withNames } from './planNames.ts';
import type { PlanSheet } from './planSheet.ts';
import { useWords } from '../words/Words.tsx';

/** The same facts as a table for each day: for print, for readers, for a phone. It follows when the page has a moment. */
export function ByTheClock({ data }: { data: PlanSheet }) {
  const shown = useDeferredValue(data);
  const days = useMemo(() => daysOf(shown), [shown]);
  return (
    <details className="mt-4" open>
      <summary className="min-h-[44px] cursor-pointer font-serif text-[18px] font-semibold">By the clock</summary>
      {days.map(([day, steps]) => (
        <Day key={day} day={day} steps={steps} data={shown} />
      ))}
    </details>
  );
}

/** What is to come, by the local day on which it starts. */
function daysOf(data: PlanSheet): [day: string, steps: PlannedStep[]][] {
  const done = new Set(data.input.surfaces.flatMap((s) => s.steps.flatMap((t) => (t.done ? [`${s.id}/${t.id}`] : []))));
  const coming = data.plan.steps
    .filter((s: PlannedStep) => !done.has(`${s.surface}/${s.id}`))
    .sort((a: PlannedStep, b: PlannedStep) => Date.parse(a.start) - Date.parse(b.start));
  const days = new Map<string, PlannedStep[]>();
  for (const step of coming) {
    const day = step.start.slice(0, 10);
    const own = days.get(day);
    if (own) own.push(step);
    else days.set(day, [step]);
  }
  return [...days];
}

const Day = memo(function Day({ day, steps, data }: { day: string; steps: PlannedStep[]; data: PlanSheet }) {
  const { sayDay, sayHour } = useWords();
  const people = new Map(data.people.map((p) => [p.id, p.initials]));
  return (
    <table className="off-screen mb-3 w-full table-fixed border-collapse text-[14.5px]">
      <caption className="border-b border-strong pb-0.5 text-left font-semibold">{sayDay(day)}</caption>
      <thead>
        <tr className="text-left text-[13px] text-faded">
          <th className="w-[58px] py-1 font-normal">start</th>
          <th className="font-normal wide:w-[34%]">surface and step</th>
          <th className="w-[52px] font-normal">who</th>
          <th className="w-[92px] text-right font-normal">open from</th>
          <th className="pl-4 font-normal max-wide:hidden">why then</th>
        </tr>
      </thead>
      <tbody>
        {steps.map((s) => (
          <tr key={s.surface + s.id} className="border-t border-rule align-top">
            <td className="py-1 whitespace-nowrap">{sayHour(s.start)}</td>
            <td className="py-1 pr-2">{nameOf(data, `${s.surface}/${s.id}`)}</td>
            <td className="py-1">{s.crew.map((id) => people.get(id)).join(' ')}</td>
            <td className="py-1 text-right whitespace-nowrap">{s.recoatFrom ? sayHour(s.recoatFrom, s.start) : ''}</td>
            <td className="py-1 pl-4 text-faded max-wide:hidden">{withNames(data, s.waitsFor?.text ?? '')}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
});
