import { Fragment, type ReactNode } from 'react';
import { sayArea, USUAL_AREA_M2 } from '@rustic/core';
import { sayHours } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { useMeasures } from '../words/useMeasures.ts';
import { useWords } from '../words/Words.tsx';
import type { Line } from '../store/endpoints.ts';

interface Props {
  lines: readonly Line[];
  areaM2: number | null | undefined;
  total: { minutes: number; litres: number };
  open: number | null;
  onToggle: (at: number) => void;
  /** Why a line is struck out, in a word; null where it stands. */
  struck: (at: number) => string | null;
  /** What is done with it instead, in words; null where it stands as it is. */
  instead?: (at: number) => string | null;
  /** Beside the words of a line. */
  beside?: (at: number) => ReactNode;
  /** Under an open line. */
  detail: (line: Line, at: number) => ReactNode;
}

/** A system in ledger lines: each is pressed for what it is done with. */
export function SystemTable({
  lines,
  areaM2,
  total,
  open,
  onToggle,
  struck,
  instead = () => null,
  beside,
  detail,
}: Props) {
  const { sayStep } = useWords();
  const { units, volume } = useMeasures();
  return (
    <table className="mt-1 w-full border-collapse text-[15px]">
      <thead>
        <tr className="border-b border-strong text-right text-[13px] text-faded">
          <th scope="col" className="py-1.5 pl-7 text-left font-normal" colSpan={2}>
            step
          </th>
          <th scope="col" className="w-16 font-normal">
            hours
          </th>
          <th scope="col" className="w-16 font-normal max-wide:hidden">
            {volume.many}
          </th>
          <th scope="col" className="w-24 font-normal">
            ready after
          </th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line, i) => (
          <Fragment key={i}>
            <tr className={`align-top ${open === i ? 'bg-leaf' : 'border-b border-rule'}`}>
              <td className="w-7 py-[6px] font-bold max-wide:py-3">{i + 1}</td>
              <td className="py-[4px] max-wide:py-0">
                <button
                  type="button"
                  aria-expanded={open === i}
                  className={`min-h-[44px] text-left hover:underline wide:min-h-[26px] ${struck(i) === null ? '' : 'text-faded line-through'}`}
                  onClick={() => onToggle(i)}
                >
                  {sayStep(line.step)}
                </button>
                {struck(i) !== null && <span className="ml-1 text-sm text-faded">{struck(i)}</span>}
                {instead(i) !== null && <span className="ml-1 text-sm font-semibold">{instead(i)}</span>}
                {beside?.(i)}
              </td>
              <td className="py-[6px] text-right max-wide:py-3">{line.minutes ? sayHours(line.minutes) : ''}</td>
              <td className="py-[6px] text-right max-wide:hidden">{line.litres ? volume.say(line.litres) : ''}</td>
              <td className="py-[6px] text-right whitespace-nowrap max-wide:py-3">
                {line.readyAfterMin ? sayLength(line.readyAfterMin) : ''}
              </td>
            </tr>
            {open === i && (
              <tr className="border-b border-rule bg-leaf">
                <td />
                <td colSpan={4} className="pb-2">
                  {detail(line, i)}
                </td>
              </tr>
            )}
          </Fragment>
        ))}
      </tbody>
      <tfoot>
        <tr className="border-t-2 border-b-4 border-double border-ink font-semibold">
          <td />
          <td className="py-2">
            {areaM2 ? sayArea(areaM2, units) : `not measured: ${sayArea(USUAL_AREA_M2, units)} taken`}
          </td>
          <td className="text-right">{sayHours(total.minutes)}</td>
          <td className="text-right max-wide:hidden">{volume.say(total.litres)}</td>
          <td />
        </tr>
      </tfoot>
    </table>
  );
}
