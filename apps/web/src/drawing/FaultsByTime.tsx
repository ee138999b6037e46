import { scaleSqrt } from 'd3-scale';
import { FAULT_LABELS } from '@rustic/core';
import type { HoldsPart } from '../store/endpoints.ts';
import { sayShows } from '../words/consequence.ts';
import { capital, sayPercent } from '../words/figures.ts';

type FaultLine = HoldsPart['faults'][number];

/** By when a fault shows, gathered as a painter meets it. */
const TIMES: readonly { words: string; spans: readonly string[] }[] = [
  { words: 'at once', spans: ['PT1H', 'PT4H', 'P1D'] },
  { words: 'weeks', spans: ['P1W', 'P1M'] },
  { words: 'months', spans: ['P2M', 'P3M', 'P6M'] },
  { words: 'a year', spans: ['P1Y'] },
  { words: 'later', spans: ['P2Y'] },
];
const HEIGHT = 30;
const tall = scaleSqrt().domain([0, 1]).range([0, HEIGHT]);
/** Below this chance there is no column. */
const WORTH_DRAWING = 0.005;
/** From this chance on, a column is drawn in the colour of a warning. */
const GRAVE = 0.2;

/** The chance that one of these comes. */
const anyOf = (faults: readonly FaultLine[]) => 1 - faults.reduce((holds, one) => holds * (1 - one.odds), 1);
const sayFault = (one: FaultLine) => `${FAULT_LABELS[one.fault]} ${sayPercent(one.odds)} ${sayShows(one.by)}`;

/** What may go wrong and by when it shows, as a small picture: a column for each time, as high as the chance. */
export function FaultsByTime({ faults }: { faults: readonly FaultLine[] }) {
  const columns = TIMES.map(({ words, spans }) => {
    const of = faults.filter((one) => spans.includes(one.by));
    return { words, of, odds: anyOf(of) };
  });
  const told = faults.length ? faults.slice(0, 4).map(sayFault).join('; ') : 'nothing worth a line';
  return (
    <span role="img" aria-label={`What may go wrong: ${told}`} className="inline-flex items-end gap-px align-bottom">
      {columns.map(({ words, of, odds }) => (
        <span
          key={words}
          title={of.map(sayFault).join('; ')}
          className="w-[46px] text-center text-[11.5px] leading-tight"
        >
          <span className={odds >= GRAVE ? 'font-semibold text-madder' : 'text-faded'}>
            {odds >= WORTH_DRAWING ? sayPercent(odds) : '–'}
          </span>
          <span
            className="mx-auto block w-[30px] border-b border-strong"
            style={{ height: HEIGHT, display: 'flex', alignItems: 'flex-end' }}
          >
            <span
              className="block w-full"
              style={{
                height: Math.max(odds >= WORTH_DRAWING ? 1 : 0, tall(odds)),
                background: odds >= GRAVE ? 'var(--color-madder)' : 'var(--color-umber)',
              }}
            />
          </span>
          <span className="text-faded">{words}</span>
        </span>
      ))}
    </span>
  );
}

const MOST = 3;

/** The faults that weigh most, each with its reason. */
export function WhatMayGoWrong({ faults }: { faults: readonly FaultLine[] }) {
  return (
    <>
      {faults.slice(0, MOST).map((one) => (
        <li key={one.fault}>
          {capital(FAULT_LABELS[one.fault])} {sayShows(one.by)}: {sayPercent(one.odds)}.{' '}
          <span className="text-faded">{one.because}</span>
        </li>
      ))}
    </>
  );
}
