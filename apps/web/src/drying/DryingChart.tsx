import { area, curveMonotoneX } from 'd3-shape';
import { useRef, type PointerEvent } from 'react';
import { STEP_LABELS } from '@rustic/core';
import { CHEMISTRY_HUE } from '../drawing/Wedge.tsx';
import { sayTime } from '../words/time.ts';
import type { Block, Row } from './chartRows.ts';
import { moveByKeys, snapped } from './moveByKeys.ts';
import { timeAxis } from './timeAxis.ts';
import { SCALES, type Scale } from './Zoom.tsx';

const ROW = 44;
const HEAD = 46;
const ROOM = 34;
const BLOCK = 20;
/** How much of the past is drawn: on a phone only today's. */
const PAST_MIN = 3 * 1440;
const PAST_ON_PHONE_MIN = 240;

/** Room for the names: less on a phone. */
const leftOf = (width: number) => (width < 640 ? 112 : 178);
const lettersOf = (left: number) => Math.floor(left / 7.3);

/** The plan as one line a surface: hands on, drying down, open, closing. Past is faded behind the torn edge of now. */
export function DryingChart({
  rows,
  now,
  zone,
  minWidth,
  scale = 'fit',
  chosen = null,
  onChoose,
  onDrag,
}: {
  rows: readonly Row[];
  now: number;
  zone: string;
  minWidth: number;
  scale?: Scale;
  /** The block that the keys move, as surface/step. */
  chosen?: string | null;
  onChoose?: (name: string | null) => void;
  /** A block is asked for at another start; the plan answers before it is let go. */
  onDrag?: (name: string, to: number) => void;
}) {
  const times = rows.flatMap((r) => [...r.blocks.flatMap((b) => [b.start, b.end]), ...r.wedges.map((w) => w.to)]);
  const from = Math.max(Math.min(...times, now), now - (minWidth < 640 ? PAST_ON_PHONE_MIN : PAST_MIN));
  const to = Math.max(...times, now);
  const left = leftOf(minWidth);
  const days = Math.ceil((to - from) / 1440) + 1;
  const fitting = Math.max(118, Math.floor((minWidth - left) / days / 1.22) - 1);
  const perDay = SCALES[scale] ?? fitting;
  const axis = timeAxis(from, to, zone, left, perDay);
  const rooms = [...new Set(rows.map((r) => r.room))];
  let y = HEAD;
  const laid = rooms.map((room) => {
    const top = y;
    const lines = rows.filter((r) => r.room === room).map((row, i) => ({ row, y: top + ROOM + i * ROW }));
    y = top + ROOM + lines.length * ROW;
    return { room, top, lines };
  });
  const bottom = y + 12;
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
        {axis.days.map((day) => (
          <g key={day.at.toISODate()}>
            <rect
              x={day.x1}
              y={HEAD - 10}
              width={day.nightX1 - day.x1}
              height={bottom - HEAD}
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
              {day.at.setLocale('en-GB').toFormat(perDay < 60 ? 'd' : 'ccc d')}
            </text>
            {day.hours.map((h) => (
              <g key={h.hour}>
                <text x={h.x} y="31" fontSize="11.5" fill="var(--color-faded)" textAnchor="middle">
                  {h.hour}
                </text>
                <path d={`M${h.x} ${HEAD - 8}V${bottom - 10}`} stroke="var(--color-rule)" strokeWidth=".8" />
              </g>
            ))}
          </g>
        ))}
        {laid.map(({ room, top, lines }) => (
          <g key={room}>
            <text
              x="0"
              y={top + 22}
              fontFamily="var(--font-serif)"
              fontSize="15.5"
              fontWeight="600"
              fill="var(--color-ink)"
            >
              {room}
            </text>
            <path d={`M0 ${top + 30}H${axis.right}`} stroke="var(--color-strong)" />
            {lines.map((line) => (
              <Line
                key={line.row.id}
                row={line.row}
                y={line.y}
                x={axis.x}
                minute={axis.minute}
                right={axis.right}
                now={now}
                left={left}
                chosen={chosen}
                onChoose={onChoose}
                onDrag={onDrag}
              />
            ))}
          </g>
        ))}
        <Torn x={nowX} bottom={bottom} />
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

function Torn({ x, bottom }: { x: number; bottom: number }) {
  const steps = Math.floor((bottom - HEAD) / 9);
  const d = Array.from(
    { length: steps },
    (_, i) => `L${x + [0, 2.4, -1.6, 1.2, -2.2, 0.8, 2, -1][i % 8]!} ${HEAD - 8 + i * 9}`,
  ).join('');
  return <path d={`M${x} ${HEAD - 12}${d}`} fill="none" stroke="var(--color-ink)" strokeWidth="1.2" />;
}

const wedgePath = area<[number, number]>().curve(curveMonotoneX);

interface Moves {
  minute: (x: number) => number;
  chosen: string | null;
  onChoose: ((name: string | null) => void) | undefined;
  onDrag: ((name: string, to: number) => void) | undefined;
}

function Line({
  row,
  y,
  x,
  right,
  now,
  left,
  ...moves
}: {
  row: Row;
  y: number;
  x: (m: number) => number;
  right: number;
  now: number;
  left: number;
} & Moves) {
  const ground = y + 8 + BLOCK;
  return (
    <g>
      <path d={`M0 ${y + ROW - 2}H${right}`} stroke="var(--color-rule)" strokeWidth=".8" />
      {row.open.map((o) => (
        <rect
          key={o.from}
          x={x(o.from)}
          y={ground - 3.5}
          width={Math.max(2, x(o.to) - x(o.from))}
          height="3.5"
          fill="var(--color-verdigris)"
          opacity={o.to < now ? 0.45 : 1}
        />
      ))}
      {row.wedges.map((w) => {
        const xs = w.left.map((left, i): [number, number] => [
          x(w.from + ((w.to - w.from) * i) / (w.left.length - 1)),
          left,
        ]);
        const d = wedgePath
          .x((p) => p[0])
          .y0(ground)
          .y1((p) => ground - p[1] * BLOCK)(xs);
        return (
          <path key={w.key} d={d ?? ''} fill={CHEMISTRY_HUE[w.chemistry]} fillOpacity={w.to < now ? 0.25 : 0.55} />
        );
      })}
      {row.ghosts.map((g) => (
        <rect
          key={g.key}
          x={x(g.start)}
          y={y + 8}
          width={Math.max(3, x(g.end) - x(g.start))}
          height={BLOCK}
          fill="none"
          stroke="var(--color-ochre)"
          strokeWidth="1.4"
          strokeDasharray="3 2"
        >
          <title>stood here before: {sayTime(g.start, now)}</title>
        </rect>
      ))}
      {row.blocks.map((b) => (
        <HandsOn key={b.key} block={b} name={`${row.id}/${b.key}`} x={x} y={y} now={now} {...moves} />
      ))}
      {row.flags.map((f) => (
        <path key={f} d={`M${x(f)} ${ground - 18}l9 5.5-9 5.5z`} fill="var(--color-madder)">
          <title>closes {sayTime(f, now)}</title>
        </path>
      ))}
      <rect x="-2" y={y + 4} width={left - 14} height={ROW - 9} fill="var(--color-paper)" />
      <text x={left < 150 ? 0 : 10} y={y + 23} fontSize={left < 150 ? 13 : 13.8} fill="var(--color-ink)">
        {row.name.length > lettersOf(left) ? `${row.name.slice(0, lettersOf(left) - 1)}…` : row.name}
      </text>
    </g>
  );
}

function HandsOn({
  block,
  name,
  x,
  minute,
  y,
  now,
  chosen,
  onChoose,
  onDrag,
}: { block: Block; name: string; x: (m: number) => number; y: number; now: number } & Moves) {
  const grabbed = useRef<{ at: number; start: number; to: number } | null>(null);
  const left = x(block.start);
  const width = Math.max(3, x(block.end) - left);
  const past = block.end <= now;
  const moves = !block.done && onDrag !== undefined;
  const drag = {
    onPointerDown: (e: PointerEvent<SVGGElement>) => {
      onChoose?.(name);
      e.currentTarget.setPointerCapture(e.pointerId);
      grabbed.current = { at: e.clientX, start: left, to: block.start };
    },
    onPointerMove: (e: PointerEvent<SVGGElement>) => {
      const from = grabbed.current;
      if (!from) return;
      const to = snapped(Math.max(now, minute(from.start + e.clientX - from.at)));
      if (to === from.to) return;
      from.to = to;
      onDrag?.(name, to);
    },
    onPointerUp: () => {
      grabbed.current = null;
    },
  };
  return (
    <g
      opacity={past ? 0.5 : 1}
      data-step={name}
      style={moves ? { cursor: 'ew-resize', touchAction: 'none' } : undefined}
      {...(moves ? drag : {})}
    >
      <rect
        x={left}
        y={y + 8}
        width={width}
        height={BLOCK}
        fill="var(--color-ink)"
        stroke={chosen === name ? 'var(--color-ochre)' : 'none'}
        strokeWidth="3"
      >
        <title>{`${STEP_LABELS[block.kind]}, ${sayTime(block.start, now)}${block.waits ? `. ${block.waits}` : ''}`}</title>
      </rect>
      {block.coat !== null && width > 8 && (
        <text
          x={left + width / 2}
          y={y + 22.5}
          fontSize="12"
          fontWeight="700"
          textAnchor="middle"
          fill="var(--color-onink)"
        >
          {block.coat}
        </text>
      )}
      {block.hands && width > 11 && (
        <text x={left + width / 2} y={y + 39} fontSize="9.8" textAnchor="middle" fill="var(--color-ink)">
          {block.hands}
        </text>
      )}
    </g>
  );
}
