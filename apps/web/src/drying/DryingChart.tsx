import { useMemo, useRef } from 'react';
import { Line, ROW } from './ChartLine.tsx';
import type { Row } from './chartRows.ts';
import { moveByKeys } from './moveByKeys.ts';
import { timeAxis } from './timeAxis.ts';
import { useSeen } from './useSeen.ts';
import { STRIP, WeatherStrip } from './WeatherStrip.tsx';
import { SCALES, type Scale } from './Zoom.tsx';
import type { WeatherHours } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

const HEAD = 46;
const ROOM = 34;
/** How much of the past is drawn: on a phone only today's. */
const PAST_MIN = 3 * 1440;
const PAST_ON_PHONE_MIN = 240;
/** Where nothing can be planned, the weather stands alone: so far ahead. */
const WEATHER_ALONE_MIN = 8 * 1440;

/** Room for the names: less on a phone. */
const leftOf = (width: number) => (width < 640 ? 112 : 178);

/** The plan as one line a surface: hands on, drying down, open, closing. Past is faded behind the torn edge of now. */
export function DryingChart({
  rows,
  now,
  zone,
  minWidth,
  scale = 'fit',
  weather = null,
  chosen = null,
  onChoose,
  onDrag,
}: {
  rows: readonly Row[];
  now: number;
  zone: string;
  minWidth: number;
  scale?: Scale;
  /** The weather outside, where it bears on the plan. */
  weather?: WeatherHours | null;
  /** The block that the keys move, as surface/step. */
  chosen?: string | null;
  onChoose?: (name: string | null) => void;
  /** A block is asked for at another start; the plan answers before it is let go. */
  onDrag?: (name: string, to: number) => void;
}) {
  const { sayTime } = useWords();
  const drawing = useRef<SVGSVGElement>(null);
  const seen = useSeen(drawing);
  const left = leftOf(minWidth);
  const span = useMemo(() => spanOf(rows), [rows]);
  const from = Math.max(Math.min(span.from, now), now - (minWidth < 640 ? PAST_ON_PHONE_MIN : PAST_MIN));
  const to = rows.length ? Math.max(span.to, now) : now + WEATHER_ALONE_MIN;
  const axis = useMemo(() => {
    const days = Math.ceil((to - from) / 1440) + 1;
    const fitting = Math.max(118, Math.floor((minWidth - left) / days / 1.22) - 1);
    return timeAxis(from, to, zone, left, SCALES[scale] ?? fitting);
  }, [from, to, zone, left, minWidth, scale]);
  const top = HEAD + (weather ? STRIP : 0);
  const { rooms, end } = useMemo(() => laidOut(rows, top), [rows, top]);
  const bottom = end + 12;
  const isSeen = (y: number, height: number) => y < seen.bottom && y + height > seen.top;
  // A hatch that runs far off the screen is slow to paint.
  const high = Math.max(HEAD - 9, seen.top);
  const low = Math.min(bottom - 10, seen.bottom);
  const nowX = axis.x(now);
  return (
    <div
      className="overflow-x-auto"
      tabIndex={0}
      role="group"
      aria-label="Drying plan, drawn. Arrow keys choose a step, with Shift they move it. The same facts stand in the table below."
      onKeyDown={(e) => {
        if (onChoose && onDrag) moveByKeys(e, { rows, now, chosen, onChoose, onDrag });
      }}
    >
      <svg
        ref={drawing}
        width={axis.right + 6}
        height={bottom}
        viewBox={`0 0 ${axis.right + 6} ${bottom}`}
        className="block font-sans"
        aria-hidden
      >
        <defs>
          <pattern id="night" width="6" height="6" patternUnits="userSpaceOnUse">
            <path d="M0 6L6 0" stroke="var(--color-strong)" strokeWidth=".8" />
          </pattern>
        </defs>
        {axis.days
          .filter((d) => d.x0 < seen.right && d.nightX1 > seen.left)
          .map((day) => (
            <g key={day.at.toISODate()}>
              <rect
                x={day.x1}
                y={high}
                width={day.nightX1 - day.x1}
                height={low - high}
                fill="url(#night)"
                opacity=".75"
              />
              <text
                x={day.hours[0]?.x ?? (day.x0 + day.x1) / 2}
                y="15"
                fontSize="13.5"
                fontWeight="700"
                fill="var(--color-ink)"
                textAnchor="middle"
              >
                {day.at.setLocale('en-GB').toFormat(axis.perDay < 60 ? 'd' : 'ccc d')}
              </text>
              {day.hours.map((h) => (
                <g key={h.hour}>
                  <text x={h.x} y="31" fontSize="11.5" fill="var(--color-faded)" textAnchor="middle">
                    {h.hour}
                  </text>
                  <path d={`M${h.x} ${high}V${low}`} stroke="var(--color-rule)" strokeWidth=".8" />
                </g>
              ))}
            </g>
          ))}
        {weather && <WeatherStrip weather={weather} axis={axis} from={from} top={HEAD} left={left} now={now} />}
        {rooms.map((room) => (
          <g key={room.name}>
            {isSeen(room.top, ROOM) && <RoomName name={room.name} y={room.top} right={axis.right} />}
            {/* What is off the screen is not drawn: a plan of all jobs has hundreds of lines. */}
            {room.lines
              .filter((line) => isSeen(line.y, ROW))
              .map((line) => (
                <Line
                  key={line.row.id}
                  row={line.row}
                  y={line.y}
                  x={axis.x}
                  minute={axis.minute}
                  right={axis.right}
                  now={now}
                  left={left}
                  seenFrom={seen.left}
                  seenTo={seen.right}
                  chosen={chosen?.startsWith(`${line.row.id}/`) ? chosen : null}
                  onChoose={onChoose}
                  onDrag={onDrag}
                />
              ))}
          </g>
        ))}
        <Torn x={nowX} from={high} to={low} />
        <text
          x={nowX + 6}
          y={HEAD + 2}
          fontSize="12.5"
          fontWeight="700"
          fill="var(--color-ink)"
          paintOrder="stroke"
          stroke="var(--color-paper)"
          strokeWidth="4"
        >
          now {sayTime(now, now).split(' ')[1]}
        </text>
      </svg>
    </div>
  );
}

/** From the first to the last minute that is drawn. */
function spanOf(rows: readonly Row[]): { from: number; to: number } {
  let from = Infinity;
  let to = -Infinity;
  for (const row of rows) {
    for (const block of row.blocks) {
      from = Math.min(from, block.start);
      to = Math.max(to, block.end);
    }
    for (const wedge of row.wedges) to = Math.max(to, wedge.to);
  }
  return { from, to };
}

/** Rooms in the order of the rows, each with its lines below it. */
function laidOut(rows: readonly Row[], top: number) {
  const of = new Map<string, Row[]>();
  for (const row of rows) of.set(row.room, [...(of.get(row.room) ?? []), row]);
  let y = top;
  const rooms = [...of].map(([name, own]) => {
    const at = y;
    y += ROOM + own.length * ROW;
    return { name, top: at, lines: own.map((row, i) => ({ row, y: at + ROOM + i * ROW })) };
  });
  return { rooms, end: y };
}

function RoomName({ name, y, right }: { name: string; y: number; right: number }) {
  return (
    <>
      <text x="0" y={y + 22} fontFamily="var(--font-serif)" fontSize="15.5" fontWeight="600" fill="var(--color-ink)">
        {name}
      </text>
      <path d={`M0 ${y + 30}H${right}`} stroke="var(--color-strong)" />
    </>
  );
}

function Torn({ x, from, to }: { x: number; from: number; to: number }) {
  const steps = Math.max(0, Math.floor((to - from) / 9));
  const d = Array.from(
    { length: steps },
    (_, i) => `L${x + [0, 2.4, -1.6, 1.2, -2.2, 0.8, 2, -1][i % 8]!} ${from + i * 9}`,
  ).join('');
  return <path d={`M${x} ${from - 4}${d}`} fill="none" stroke="var(--color-ink)" strokeWidth="1.2" />;
}
