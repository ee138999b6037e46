import { scaleLinear } from 'd3-scale';
import type { Ranking, Tie } from '@rustic/core';
import { capital, sayPercent } from '../words/figures.ts';

const SHOWN = 8;
const WIDTH = 210;
const x = scaleLinear()
  .domain([0, 1])
  .range([4, WIDTH - 4]);

/** The ways of a trial, best first: how often each holds, with the interval that the looks allow. */
export function RankedWays({ ranking }: { ranking: Ranking }) {
  return (
    <section aria-labelledby="ranking" className="mt-4">
      <h2 id="ranking" className="text-[19px]">
        What held
      </h2>
      <table className="mt-1 w-full border-collapse text-[15px]">
        <thead>
          <tr className="border-b border-strong text-right text-[13px] text-faded">
            <th scope="col" className="py-1 text-left font-normal">
              way
            </th>
            <th scope="col" className="pr-1 font-normal max-wide:hidden">
              holds, nine in ten within
            </th>
            <th scope="col" className="w-16 font-normal">
              holds
            </th>
            <th scope="col" className="w-16 font-normal">
              best
            </th>
          </tr>
        </thead>
        <tbody>
          {ranking.ways.slice(0, SHOWN).map((way) => (
            <tr key={way.words} className="border-b border-rule">
              <td className="py-1.5">{capital(way.words)}</td>
              <td className="max-wide:hidden">
                <svg
                  viewBox={`0 0 ${WIDTH} 18`}
                  width={WIDTH}
                  height="18"
                  role="img"
                  aria-label={`${sayPercent(way.holds.low)} to ${sayPercent(way.holds.high)}`}
                  className="ml-auto block"
                >
                  <path d={`M${x(0)} 14H${x(1)}`} stroke="var(--color-rule)" />
                  <path d={`M${x(way.holds.low)} 9H${x(way.holds.high)}`} stroke="var(--color-ink)" strokeWidth="2" />
                  <rect x={x(way.holds.mean) - 2} y="4" width="4" height="10" fill="var(--color-ink)" />
                  <path
                    d={`M${x(ranking.untreated.mean)} 2V16`}
                    stroke="var(--color-madder)"
                    strokeWidth="2"
                    strokeDasharray="3 2"
                  />
                </svg>
              </td>
              <td className="text-right font-semibold">{sayPercent(way.holds.mean)}</td>
              <td className="text-right text-faded">{sayPercent(way.best)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {ranking.tie && <NotToldApart tie={ranking.tie} />}
      <p className="mt-1 text-sm text-faded">
        {ranking.ways.length > SHOWN && `${ranking.ways.length - SHOWN} more below these. `}
        Broken red: the untreated cell, {sayPercent(ranking.untreated.mean)}.
        {ranking.young > 0 && ` ${ranking.young} looks were made on young films and count for a third.`}
      </p>
    </section>
  );
}

/** The two that lead are alike as far as the board goes: what it would take to tell them apart. */
function NotToldApart({ tie }: { tie: Tie }) {
  const [first, second] = tie.ways;
  return (
    <p className="mt-2 max-w-[70ch] border-l-4 border-ochre bg-leaf px-3 py-1.5">
      <strong>Not told apart yet.</strong> {capital(first)} is better than {second} at {sayPercent(tie.ahead)}.{' '}
      {tie.cellsMore === null
        ? 'No board that anybody lays would settle it: they are alike. Take the quicker or the cheaper.'
        : `About ${tie.cellsMore} ${tie.cellsMore === 1 ? 'cell' : 'cells'} more of each would settle it four times in five, or show that they are alike.`}
    </p>
  );
}
