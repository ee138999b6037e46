import { Fragment, useState } from 'react';
import { Link } from 'react-router';
import { USUAL_AREA_M2, type Departure, sayArea } from '@rustic/core';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { sayHours } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { asking } from './departures.ts';
import { LineDetail } from './LineDetail.tsx';
import { OtherWays } from './OtherWays.tsx';
import type { Reasons } from './reasons.ts';
import { StandsBehind } from './StandsBehind.tsx';
import { WhatIfPanel } from './WhatIfPanel.tsx';
import type { SurfacePage, WhatIfAnswer } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { useMeasures } from '../words/useMeasures.ts';

export interface Asked {
  departures: Departure[];
  answer: WhatIfAnswer | undefined;
  error: unknown;
  onAsk: (departures: Departure[]) => void;
}

/** What goes on it: the system in ledger lines, what a line is done with, what follows without it, and other ways. */
export function WhatGoesOn({ data, reasons, asked }: { data: SurfacePage; reasons: Reasons; asked: Asked }) {
  const { sayStep } = useWords();
  const laid = new Set(data.work.map((w) => Number(/^s(\d+)/.exec(w.stepId)?.[1]) - 1));
  const { units, volume } = useMeasures();
  const [open, setOpen] = useState<number | null>(null);
  const toggle = (i: number) => {
    if (open === i) asked.onAsk([]);
    setOpen(open === i ? null : i);
  };
  return (
    <section aria-labelledby="goes" className="mt-5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="goes" className="text-[19px]">
          What goes on it
        </h2>
        <span className="no-print text-sm text-faded">press a line: what it is done with, and what if not</span>
      </div>
      <Settled data={data} />
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
          {data.lines.map((line, i) => (
            <Fragment key={i}>
              <tr className={`align-top ${open === i ? 'bg-leaf' : 'border-b border-rule'}`}>
                <td className="w-7 py-[6px] font-bold max-wide:py-3">{i + 1}</td>
                <td className="py-[4px] max-wide:py-0">
                  <button
                    type="button"
                    aria-expanded={open === i}
                    className={`min-h-[44px] text-left hover:underline wide:min-h-[26px] ${laid.has(i) ? 'text-faded line-through' : ''}`}
                    onClick={() => toggle(i)}
                  >
                    {sayStep(line.step)}
                  </button>
                  <Mark n={reasons.ofLine.get(i)!} />
                  {laid.has(i) && <span className="ml-1 text-sm text-faded">logged</span>}
                  <NotesUnder ns={[reasons.ofLine.get(i)!]} />
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
                    <LineDetail
                      line={line}
                      at={i}
                      last={data.lines.length - 1}
                      asked={asked.departures.find((d) => d.step === i)}
                      onAsk={(d) => asked.onAsk(asking(asked.departures, d))}
                    />
                    {asked.departures.length > 0 && (
                      <WhatIfPanel {...asked} data={data} onClear={() => asked.onAsk([])} />
                    )}
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
              {data.surface.facts.areaM2
                ? sayArea(data.surface.facts.areaM2, units)
                : `not measured: ${sayArea(USUAL_AREA_M2, units)} taken`}
            </td>
            <td className="text-right">{sayHours(data.price.minutes)}</td>
            <td className="text-right max-wide:hidden">{volume.say(data.price.litres)}</td>
            <td />
          </tr>
        </tfoot>
      </table>
      <StandsBehind data={data} />
      <OtherWays data={data} />
    </section>
  );
}

/** By whom and how it was settled, and what was signed for. */
function Settled({ data }: { data: SurfacePage }) {
  const { inOurWords, sayTime } = useWords();
  const { choice } = data;
  if (!choice) return null;
  return (
    <>
      <p className="text-sm text-faded">
        Settled by {choice.by}, {sayTime(choice.at)}: {inOurWords(choice.differs)}
      </p>
      {choice.override && (
        <p className="border-l-4 border-madder pl-3 text-sm">
          <strong>Signed for by {choice.override.signedAs}:</strong> {choice.override.reason}{' '}
          {data.work.length === 0 && 'The system as it was is among the other ways below.'}
        </p>
      )}
      {data.settledOther && (
        <p className="border-l-4 border-ochre pl-3 text-sm">
          The evidence or a house rule now asks for something else than what was settled. It is among the other ways
          below.{' '}
          <Link className="underline" to="rules">
            House rules here
          </Link>
        </p>
      )}
    </>
  );
}
