import type { PlannedStep } from '@rustic/core';
import type { PlanSheet } from '../store/types.ts';
import { sayTime } from '../words/time.ts';
import { nameOf, withNames } from './planNames.ts';

/** The same facts as a table: for print, for readers, for a phone. */
export function ByTheClock({ data }: { data: PlanSheet }) {
  const people = new Map(data.people.map((p) => [p.id, p.initials]));
  const kinds = new Map(data.input.surfaces.flatMap((s) => s.steps.map((t) => [`${s.id}/${t.id}`, t] as const)));
  const coming = data.plan.steps
    .filter((s: PlannedStep) => !kinds.get(`${s.surface}/${s.id}`)?.done)
    .sort((a, b) => Date.parse(a.start) - Date.parse(b.start));
  return (
    <details className="mt-4" open>
      <summary className="min-h-[44px] cursor-pointer font-serif text-[18px] font-semibold">By the clock</summary>
      <table className="w-full border-collapse text-[14.5px]">
        <thead>
          <tr className="border-b border-strong text-left text-[13px] text-faded">
            <th className="py-1 font-normal">start</th>
            <th className="font-normal">surface and step</th>
            <th className="font-normal">who</th>
            <th className="text-right font-normal">open from</th>
            <th className="pl-4 font-normal max-wide:hidden">why then</th>
          </tr>
        </thead>
        <tbody>
          {coming.map((s) => (
            <tr key={s.surface + s.id} className="border-b border-rule align-top">
              <td className="py-1 pr-3 whitespace-nowrap">{sayTime(s.start)}</td>
              <td className="py-1">{nameOf(data, `${s.surface}/${s.id}`)}</td>
              <td className="py-1">{s.crew.map((id) => people.get(id)).join(' ')}</td>
              <td className="py-1 text-right whitespace-nowrap">{s.recoatFrom ? sayTime(s.recoatFrom) : ''}</td>
              <td className="py-1 pl-4 text-faded max-wide:hidden">{withNames(data, s.waitsFor?.text ?? '')}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
