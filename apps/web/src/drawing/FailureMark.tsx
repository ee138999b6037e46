import { FAULT_LABELS, type Fault, type FaultPlace } from '@rustic/core';
import type { Piece } from './Section.tsx';

interface Props {
  fault: Fault;
  where: FaultPlace;
  pieces: readonly Piece[];
  width: number;
}

/** A film that lets go: a bow that lifts from the line it should hold to. */
const bow = (width: number, y: number) => `M6 ${y}Q${width / 2} ${y - 26} ${width - 6} ${y}`;
/** What rises through: three tongues from the old film to the face. */
const tongue = (x: number, from: number, to: number) =>
  `M${x} ${from}C${x - 7} ${from - (from - to) / 3} ${x + 7} ${from - (2 * (from - to)) / 3} ${x} ${to}`;
const ripple = (width: number, y: number) =>
  Array.from(
    { length: Math.ceil(width / 14) },
    (_, i) => `${i ? 'T' : `M0 ${y}Q3.5 ${y - 7} 7 ${y}T`}${14 * (i + 1)} ${y}`,
  ).join('');

/** Where a fault sits in the stack: under the new coats, through them, between two, or at the face. */
export function FailureMark({ fault, where, pieces, width }: Props) {
  const coats = pieces.filter((p) => p.layer.stepId !== null);
  const top = coats[0]?.y ?? 0;
  const under = coats.length ? coats.at(-1)!.y + coats.at(-1)!.h + 1 : (pieces[0]?.y ?? 0) + 2;
  const between = coats.length > 1 ? coats[0]!.y + coats[0]!.h + 1 : under;
  const line = { under, through: under, between, face: top + 4 }[where];
  const paths =
    where === 'through'
      ? [0.25, 0.55, 0.82].map((at) => tongue(width * at, under + 6, top + 3))
      : where === 'face'
        ? [ripple(width, line)]
        : [bow(width, line)];
  // Under the coats the saw-tooth leaves room for the word; elsewhere it stands on the mark.
  const room = where === 'under' && pieces.some((p) => p.layer.role === 'preparation');
  const at = room
    ? under + 26
    : where === 'through'
      ? (under + top) / 2
      : Math.max(14, line + (where === 'face' ? 16 : -6));
  return (
    <g aria-hidden>
      {paths.map((d) => (
        <path key={d} d={d} fill="none" stroke="#fff" strokeOpacity=".85" strokeWidth="5" />
      ))}
      {paths.map((d) => (
        <path key={d} d={d} fill="none" stroke="var(--color-madder)" strokeWidth="2.4" strokeLinecap="round" />
      ))}
      <text
        x={room ? 8 : width / 2}
        y={at}
        textAnchor={room ? 'start' : 'middle'}
        fontSize="14.5"
        fontWeight="700"
        fill="#98382c"
        paintOrder="stroke"
        stroke="#fff"
        strokeWidth="4.5"
        strokeLinejoin="round"
      >
        {FAULT_LABELS[fault]}
      </text>
    </g>
  );
}
