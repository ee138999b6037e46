import { scaleLinear } from 'd3-scale';
import { FINISH_LABELS, type Finish, type FinishChance } from '@rustic/core';
import { sayPercent } from '../words/figures.ts';

const OIL: Finish[] = ['oil-alkyd'];
const WATER: Finish[] = ['waterborne-acrylic', 'waterborne-over-oil', 'primer-only', 'distemper'];
const hue = (f: Finish) =>
  OIL.includes(f) ? 'var(--color-umber)' : WATER.includes(f) ? 'var(--color-indigo)' : 'var(--color-shellac)';
const width = scaleLinear().domain([0, 1]).range([0, 100]);
const SHOWN = 4;

/** The odds over finishes, as bars with their figure. */
export function Odds({ finish }: { finish: readonly FinishChance[] }) {
  return (
    <dl className="my-2">
      {finish
        .slice(0, SHOWN)
        .filter((f, i) => i < 2 || f.probability >= 0.005)
        .map((f, i) => (
          <div key={f.code} className="grid grid-cols-[132px_1fr_52px] items-center gap-2 py-[2px]">
            <dt className="text-[14.5px]">{FINISH_LABELS[f.code]}</dt>
            <dd aria-hidden>
              <span
                className="block h-[9px]"
                style={{ width: `${Math.max(0.8, width(f.probability))}%`, background: hue(f.code) }}
              />
            </dd>
            <dd className={`text-right text-[14.5px] ${i === 0 ? 'font-bold' : ''}`}>{sayPercent(f.probability)}</dd>
          </div>
        ))}
    </dl>
  );
}
