import { scaleLinear } from 'd3-scale';
import type { CallBackRate } from '@rustic/core';

const WIDTH = 220;
const HEIGHT = 18;
const percent = (share: number) => `${share < 0.1 ? (share * 100).toFixed(1) : Math.round(share * 100)}`;
const SAYS = {
  more: 'more than is typical',
  less: 'less than is typical',
  'nothing-yet': 'too few to say',
} as const;

/** How often films of one kind came back in a year, as a bar from low to high with the typical rate as a tick. */
export function RateLine({ rate, words, most }: { rate: CallBackRate<unknown>; words: string; most: number }) {
  const x = scaleLinear().domain([0, most]).range([0, WIDTH]).clamp(true);
  const typical = rate.typical / rate.years;
  return (
    <li className="grid grid-cols-[1fr_auto] items-center gap-x-4 border-b border-rule py-2 wide:grid-cols-[1fr_220px_150px]">
      <div>
        <span className="font-semibold">{words}</span>
        <div className="text-sm text-faded">
          {rate.films === 1 ? 'one film' : `${rate.films} films`}, {rate.years.toFixed(1)} years, came back{' '}
          {rate.failed}
        </div>
      </div>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        width={WIDTH}
        height={HEIGHT}
        role="img"
        aria-label={`${percent(rate.aYearFrom)} to ${percent(rate.aYearTo)} in 100 a year, typical ${percent(typical)}`}
        className="col-span-2 row-start-2 max-w-full wide:col-span-1 wide:row-start-1 wide:col-start-2"
      >
        <line x1="0" x2={WIDTH} y1={HEIGHT - 2} y2={HEIGHT - 2} stroke="var(--color-rule)" />
        <rect
          x={x(rate.aYearFrom)}
          width={Math.max(2, x(rate.aYearTo) - x(rate.aYearFrom))}
          y="5"
          height="7"
          fill="var(--color-umber)"
          opacity="0.45"
        />
        <rect x={x(rate.aYear) - 1.5} width="3" y="3" height="11" fill="var(--color-ink)" />
        <line x1={x(typical)} x2={x(typical)} y1="0" y2={HEIGHT - 2} stroke="var(--color-madder)" strokeWidth="1.5" />
      </svg>
      <div className="text-right">
        <strong className="font-serif">{percent(rate.aYear)}</strong> in 100 a year
        <div className={`text-sm ${rate.says === 'more' ? 'text-ochre-ink' : 'text-faded'}`}>{SAYS[rate.says]}</div>
      </div>
    </li>
  );
}
