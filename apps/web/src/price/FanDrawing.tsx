import { useId } from 'react';
import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX } from 'd3-shape';
import { Link } from 'react-router';
import type { Fan } from '@rustic/core';
import { sayRoundMoney } from '../words/figures.ts';
import type { FanRow } from './fanRows.ts';

const WIDTH = 820;
const NOW = 72;
const ROW = 56;
/** How thick the stroke is at its tenth, its middle and its ninetieth. */
const THICK = [0.12, 0.55, 1, 0.55, 0.12];

/** A brush stroke from the tenth to the ninetieth, thickest where the price most likely lies. */
function stroke(x: (v: number) => number, { p10, p50, p90 }: Fan, middle: number, height: number): string {
  const at = [p10, (p10 + p50) / 2, p50, (p50 + p90) / 2, p90];
  const shape = area<number>()
    .x((i) => x(at[i]!))
    .y0((i) => middle - (THICK[i]! * height) / 2)
    .y1((i) => middle + (THICK[i]! * height) / 2)
    .curve(curveMonotoneX);
  return shape([0, 1, 2, 3, 4]) ?? '';
}

interface Props {
  fan: Fan;
  rows: readonly FanRow[];
  asked: number;
  /** The firm's margin in hundredths of a percent: what may go on cost before the price is eaten up. */
  margin: number;
  currency: string;
  jobId: string;
}

/** The price as far as it is known, and below it what it would be with one thing more found out. */
export function FanDrawing({ fan, rows, asked, margin, currency, jobId }: Props) {
  const pad = (fan.p90 - fan.p10) * 0.08 + 1;
  const x = scaleLinear()
    .domain([Math.min(fan.p10, asked) - pad, Math.max(fan.p90, asked) + pad])
    .range([2, WIDTH - 2]);
  // A price that is eaten up to the last of the margin is a loss from there on.
  const lossFrom = x(asked * (1 + margin / 10_000));
  const whole = stroke(x, fan, NOW / 2 + 2, NOW * 0.8);
  const beyond = useId();
  const money = (minor: number) => sayRoundMoney(minor, currency);
  return (
    <div role="group" aria-label="Price fan">
      <svg
        viewBox={`0 0 ${WIDTH} ${NOW + 6}`}
        className="block h-auto w-full"
        role="img"
        aria-label={`Between ${money(fan.p10)} and ${money(fan.p90)} in eight jobs of ten, ${money(fan.p50)} in the middle; asked ${money(asked)}`}
      >
        <clipPath id={beyond}>
          <rect x={lossFrom} width={WIDTH} height={NOW + 6} />
        </clipPath>
        <path d={whole} fill="var(--color-umber)" fillOpacity=".5" />
        <path d={whole} clipPath={`url(#${beyond})`} fill="var(--color-madder)" fillOpacity=".6" />
        <path d={`M${x(fan.p50)} 2V${NOW + 2}`} stroke="var(--color-ink)" strokeWidth="2" />
        <path d={`M${x(asked)} 0V${NOW + 4}`} stroke="var(--color-madder)" strokeWidth="3" strokeDasharray="9 5" />
      </svg>
      <p className="flex justify-between px-[5%] text-sm">
        {(
          [
            [fan.p10, 'one in ten wants less than'],
            [fan.p50, 'half want less than'],
            [fan.p90, 'one in ten wants more than'],
          ] as const
        ).map(([value, words]) => (
          <span key={words} className="text-center">
            <span className="text-faded">{words}</span> <strong className="block wide:inline">{money(value)}</strong>
          </span>
        ))}
      </p>
      {rows.length > 0 && (
        <table className="mt-1 w-full border-collapse text-[14.5px]">
          <caption className="pb-0.5 text-left text-sm text-faded">
            What would narrow it, and the fan that would be left
          </caption>
          <tbody>
            {rows.map((row) => (
              <tr key={row.key} className="border-t border-rule align-middle">
                <th scope="row" className="py-1 pr-2 text-left font-normal">
                  {row.to ? (
                    <Link to={`/jobs/${jobId}/${row.to}`} className="font-semibold hover:underline">
                      {row.words}
                    </Link>
                  ) : (
                    row.words
                  )}
                  {row.minutes !== null && <span className="text-faded"> {row.minutes} min</span>}
                </th>
                <td className="w-[34%] py-1 max-wide:hidden">
                  <svg viewBox={`0 0 ${WIDTH} ${ROW}`} className="block h-auto w-full" aria-hidden>
                    <path
                      d={stroke(x, fan, ROW / 2, ROW * 0.8)}
                      fill="none"
                      stroke="var(--color-strong)"
                      strokeWidth="2.4"
                    />
                    <path
                      d={stroke(x, { ...fan, ...row }, ROW / 2, ROW * 0.8)}
                      fill="var(--color-umber)"
                      fillOpacity=".5"
                    />
                  </svg>
                </td>
                <td className="py-1 pl-3 text-right whitespace-nowrap">{money(row.narrows)} narrower</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}
