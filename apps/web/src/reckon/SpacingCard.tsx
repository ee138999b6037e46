import { useState } from 'react';
import { evenSpacing, mostThatFit, SIXTEENTH_M, type SpacingAsked } from '@rustic/core';
import { useSight } from '../store/store.ts';
import { readTyped, sayMetres } from '../words/length.ts';
import { Card, useTyped } from './Card.tsx';
import { figure } from './figure.ts';
import { Choice, Typed } from '../form/atOnce.tsx';

const ENDS = {
  'as-gaps': 'a whole gap at each end',
  'half-gaps': 'half a gap at each end',
  'at-ends': 'one of them at each end',
  stated: 'a gap that I say',
} as const;

/** A mark as the tape reads it: millimetres, or inches to the sixteenth. */
const sayMark = (metres: number, units: 'metric' | 'us') =>
  units === 'us' ? sixteenths(metres) : `${Math.round(metres * 1000)} mm`;

function sixteenths(metres: number): string {
  const all = Math.round(metres / SIXTEENTH_M);
  const inches = Math.floor(all / 16);
  let [top, bottom] = [all % 16, 16];
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  return `${inches || !top ? inches : ''}${top ? `${inches ? ' ' : ''}${top}/${bottom}` : ''}"`;
}

/** Battens, stripes or hooks set out evenly: marks as the tape reads them, and what rounding leaves over. */
export function SpacingCard() {
  const units = useSight((s) => s.units);
  const us = units === 'us';
  const [t, type] = useTyped(`spacing/${units}`, {
    length: us ? `11' 9"` : '3.6',
    count: '7',
    width: us ? '1 3/4"' : '45 mm',
    clearance: us ? '3"' : '80 mm',
    end: us ? '6"' : '150 mm',
  });
  const [ends, setEnds] = useState<keyof typeof ENDS>('as-gaps');
  const read = (text: string) => readTyped(text, units);
  const [lengthM, count, widthM, clearanceM, endM] = [
    read(t.length),
    figure(t.count),
    read(t.width),
    read(t.clearance),
    read(t.end),
  ];
  const fit = lengthM && count && count >= 1 && count <= 500 && widthM !== null && clearanceM !== null && endM !== null;
  const asked: SpacingAsked | null = fit
    ? {
        lengthM,
        count: Math.round(count),
        widthM,
        clearanceM,
        ends: ends === 'stated' ? { endM } : ends,
        tapeM: us ? SIXTEENTH_M : 0.001,
      }
    : null;
  const say = (m: number) => sayMark(m, units);
  const made = asked && evenSpacing(asked, say);
  return (
    <Card
      answer={made && (made.fault ?? `Gaps of ${say(made.gapM)}`)}
      formula={
        made &&
        `${made.formula}. ${made.fault ? `At most ${mostThatFit({ ...asked, clearanceM: asked.clearanceM ?? 0 })} fit.` : `Rounding to the tape leaves ${say(Math.abs(made.leftOverM))} over at the end.`}`
      }
      drawing={made && <Wall asked={asked} marks={made.marks} say={say} length={sayMetres(asked.lengthM, units)} />}
    >
      <Typed words="Along" value={t.length} onType={type('length')} />
      <Typed words="How many" value={t.count} onType={type('count')} />
      <Typed words="Each is wide (0 for hooks)" value={t.width} onType={type('width')} />
      <Typed words="Never closer than" value={t.clearance} onType={type('clearance')} />
      <Choice
        words="At the ends"
        value={ends}
        options={Object.entries(ENDS) as [keyof typeof ENDS, string][]}
        onChoose={setEnds}
      />
      {ends === 'stated' && <Typed words="Gap at the ends" value={t.end} onType={type('end')} />}
    </Card>
  );
}

function Wall({
  asked,
  marks,
  say,
  length,
}: {
  asked: SpacingAsked;
  marks: readonly number[];
  say: (m: number) => string;
  length: string;
}) {
  const x = (m: number) => 10 + (m / asked.lengthM) * 620;
  const every = Math.ceil(marks.length / 12);
  return (
    <>
      <svg viewBox="0 0 640 104" className="block w-full" role="img" aria-label={`Set out along ${length}`}>
        <rect x="10" y="14" width="620" height="56" fill="var(--color-leaf)" stroke="var(--color-strong)" />
        {marks.map((m, i) => (
          <g key={i}>
            <rect
              x={x(m) - (asked.widthM ? 0 : 1)}
              y="14"
              width={Math.max(2, x(asked.widthM) - x(0))}
              height="56"
              fill="var(--color-umber)"
              fillOpacity=".65"
            />
            {i % every === 0 && (
              <text x={x(m)} y={i % (2 * every) ? 100 : 86} fontSize="11" fill="var(--color-ink)">
                {say(m)}
              </text>
            )}
          </g>
        ))}
      </svg>
      <p className="mt-1 text-sm">
        <strong>Marks from the left:</strong> {marks.map(say).join(', ')}
      </p>
    </>
  );
}
