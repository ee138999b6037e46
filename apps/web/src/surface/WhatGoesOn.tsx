import { useState } from 'react';
import { Link } from 'react-router';
import type { Departure } from '@rustic/core';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { asking } from './departures.ts';
import { LineDetail } from './LineDetail.tsx';
import { OtherWays } from './OtherWays.tsx';
import type { Reasons } from './reasons.ts';
import { StandsBehind } from './StandsBehind.tsx';
import { SystemTable } from './SystemTable.tsx';
import { WhatIfPanel } from './WhatIfPanel.tsx';
import type { SurfacePage, WhatIfAnswer } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

export interface Asked {
  departures: Departure[];
  answer: WhatIfAnswer | undefined;
  error: unknown;
  onAsk: (departures: Departure[]) => void;
}

/** What goes on it: the system in ledger lines, what a line is done with, what follows without it, and other ways. */
export function WhatGoesOn({ data, reasons, asked }: { data: SurfacePage; reasons: Reasons; asked: Asked }) {
  const laid = new Set(data.work.map((w) => Number(/^s(\d+)/.exec(w.stepId)?.[1]) - 1));
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
      <SystemTable
        lines={data.lines}
        areaM2={data.surface.facts.areaM2}
        total={data.price}
        open={open}
        onToggle={toggle}
        struck={(i) => (laid.has(i) ? 'logged' : null)}
        beside={(i) => (
          <>
            <Mark n={reasons.ofLine.get(i)!} />
            <NotesUnder ns={[reasons.ofLine.get(i)!]} />
          </>
        )}
        detail={(line, i) => (
          <>
            <LineDetail
              line={line}
              at={i}
              last={data.lines.length - 1}
              asked={asked.departures.find((d) => d.step === i)}
              onAsk={(d) => asked.onAsk(asking(asked.departures, d))}
            />
            {asked.departures.length > 0 && <WhatIfPanel {...asked} data={data} onClear={() => asked.onAsk([])} />}
          </>
        )}
      />
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
