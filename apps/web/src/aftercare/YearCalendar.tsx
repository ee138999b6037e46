import { scaleTime } from 'd3-scale';
import { Link } from 'react-router';
import { useWidth } from '../drawing/useWidth.ts';
import type { Year, YearLine } from './year.ts';
import { useWords } from '../words/Words.tsx';

const NAMES_PX = 190;
const ROW = 22;
const PAD = 9;
const HEAD = 26;

/** The year as lines of a ledger: an open bar while something can be done, a black block where a visit is fixed. */
export function YearCalendar({ year }: { year: Year }) {
  const { ref, px } = useWidth();
  const x = scaleTime()
    .domain([year.from, year.to])
    .range([NAMES_PX, Math.max(NAMES_PX + 300, px - 2)]);
  return (
    <div ref={ref}>
      <Legend />
      <svg width={px} height={HEAD} aria-hidden>
        {year.months.map((m) => (
          <text key={m.at} x={x(m.at) + 4} y={16} fontSize="12.5" fontWeight="600" fill="var(--color-ink)">
            {m.words}
          </text>
        ))}
      </svg>
      <ul>
        {year.lines.map((line) => (
          <Line key={line.job.id} year={year} line={line} x={x} px={px} />
        ))}
      </ul>
    </div>
  );
}

type Scale = (at: number) => number;

function Line({ year, line, x, px }: { year: Year; line: YearLine; x: Scale; px: number }) {
  const { sayDate } = useWords();
  const rows = Math.max(1, line.spans.length);
  const height = rows * ROW + PAD;
  const lasts = (at: number) => sayDate(new Date(at).toISOString());
  return (
    <li className="relative border-t border-rule">
      <Link
        className="absolute top-1 left-0 w-[180px] truncate font-serif text-[15px] font-semibold hover:underline"
        to={`/jobs/${line.job.id}`}
      >
        {line.job.title}
      </Link>
      <svg width={px} height={height} role="img" aria-label={lineInWords(line, lasts)} className="block">
        {year.months.map((m) => (
          <line key={m.at} x1={x(m.at)} x2={x(m.at)} y1={0} y2={height} stroke="var(--color-rule)" strokeWidth="0.7" />
        ))}
        {line.spans.map((s, i) => {
          const left = x(s.from);
          const wide = Math.max(6, x(s.to) - left);
          const label = labelAt(left, wide, px);
          return (
            <g key={s.key}>
              <rect
                x={left}
                y={i * ROW + 6}
                width={wide}
                height={ROW - 9}
                fill={s.past ? 'var(--color-wash)' : 'var(--color-leaf)'}
                stroke={s.past ? 'var(--color-ochre)' : 'var(--color-ink)'}
                strokeDasharray={s.past ? '3 2' : undefined}
              />
              <text
                x={label.x}
                textAnchor={label.anchor}
                y={i * ROW + 17}
                fontSize="12.5"
                fill={s.past ? 'var(--color-ochre-ink)' : 'var(--color-ink)'}
              >
                {s.past ? `overdue: ${s.words}` : s.words}
              </text>
            </g>
          );
        })}
        {line.visits.map((v) => (
          <rect key={v.id} x={x(v.at) - 4} y={4} width={8} height={height - 9} fill="var(--color-ink)" />
        ))}
        {line.repaints.map((r) => (
          <circle key={r.key} cx={x(r.at)} cy={height - 8} r={4} fill="var(--color-umber)" />
        ))}
        <line
          x1={x(year.now)}
          x2={x(year.now)}
          y1={0}
          y2={height}
          stroke="var(--color-madder)"
          strokeWidth="1.2"
          strokeDasharray="2 2"
        />
      </svg>
    </li>
  );
}

const WORDS_PX = 250;
/** Words stand after their bar; before it where there is no room after, and within it where there is none before. */
function labelAt(left: number, wide: number, px: number): { x: number; anchor: 'start' | 'end' } {
  if (px - left - wide > WORDS_PX) return { x: left + wide + 6, anchor: 'start' };
  return left - NAMES_PX > WORDS_PX ? { x: left - 6, anchor: 'end' } : { x: left + 8, anchor: 'start' };
}

const lineInWords = ({ job, spans, visits, repaints }: YearLine, day: (at: number) => string) =>
  [
    job.title,
    ...spans.map((s) => `${s.words}, ${s.past ? 'overdue' : `${day(s.from)} to ${day(s.to)}`}`),
    ...visits.map((v) => `visit fixed ${day(v.at)}`),
    ...repaints.map((r) => `${r.name} due for painting again ${day(r.at)}`),
  ].join('. ');

function Legend() {
  return (
    <p className="mb-1 flex flex-wrap gap-x-6 text-sm text-faded">
      <span className="inline-flex items-center gap-2">
        <span className="inline-block h-3 w-6 border border-ink bg-leaf" /> can be done
      </span>
      <span className="inline-flex items-center gap-2">
        <span className="inline-block h-3 w-6 border border-dashed border-ochre bg-wash" /> should have been
      </span>
      <span className="inline-flex items-center gap-2">
        <span className="inline-block h-3.5 w-2 bg-ink" /> visit fixed
      </span>
      <span className="inline-flex items-center gap-2">
        <span className="inline-block h-2.5 w-2.5 rounded-full bg-umber" /> due for painting again
      </span>
      <span className="inline-flex items-center gap-2">
        <span className="inline-block h-3.5 border-l border-dashed border-madder" /> now
      </span>
    </p>
  );
}
