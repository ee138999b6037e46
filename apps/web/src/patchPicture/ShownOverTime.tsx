import { scaleLinear, scaleLog } from 'd3-scale';
import { line } from 'd3-shape';
import { SEEN } from '@rustic/core';
import { sayLength } from '../words/time.ts';

/** What one picture showed of a patch. */
export interface Shown {
  minutes: number;
  coats: number;
  difference: number;
  doubt: number;
}

const [WIDTH, HEIGHT, EDGE] = [190, 58, 7];

/** What shows through a patch over time: hiding stays as it is, or falls with a coat; what rises is dye. */
export function ShownOverTime({ shown, most }: { shown: readonly Shown[]; most: number }) {
  const times = shown.map((s) => Math.max(1, s.minutes));
  const x = scaleLog()
    .domain([Math.min(20, ...times), Math.max(1500, ...times)])
    .range([EDGE, WIDTH - 26]);
  const y = scaleLinear()
    .domain([0, Math.max(SEEN.dyeStrong, most)])
    .range([HEIGHT - EDGE, EDGE]);
  const at = ({ minutes }: Shown) => x(Math.max(1, minutes));
  const path = line<Shown>(at, (s) => y(s.difference))(shown);
  const told = shown.map((s) => `${s.difference.toFixed(1)} after ${sayLength(s.minutes)}`).join(', ');
  const last = shown.at(-1)!;
  return (
    <svg width={WIDTH} height={HEIGHT} role="img" aria-label={`Shows through: ${told}`} className="block">
      <title>{told}</title>
      <line x1={EDGE} x2={WIDTH - 26} y1={y(0)} y2={y(0)} stroke="var(--color-strong)" />
      <line
        x1={EDGE}
        x2={WIDTH - 26}
        y1={y(SEEN.throughHiding)}
        y2={y(SEEN.throughHiding)}
        stroke="var(--color-ochre)"
        strokeDasharray="3 3"
      />
      <path d={path ?? ''} fill="none" stroke="var(--color-ink)" strokeWidth="1.6" />
      {shown.map((s) => (
        <g key={`${s.minutes}/${s.coats}`}>
          <line
            x1={at(s)}
            x2={at(s)}
            y1={y(Math.max(0, s.difference - 2 * s.doubt))}
            y2={y(s.difference + 2 * s.doubt)}
            stroke="var(--color-strong)"
            strokeWidth="3"
          />
          <circle cx={at(s)} cy={y(s.difference)} r="3" fill="var(--color-ink)" />
        </g>
      ))}
      <text x={at(last) + 6} y={y(last.difference) + 4} fontSize="12.5" fontWeight="600">
        {last.difference.toFixed(1)}
      </text>
    </svg>
  );
}
