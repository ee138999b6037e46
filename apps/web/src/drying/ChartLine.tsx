import { area, curveMonotoneX } from 'd3-shape';
import { memo, useRef, type PointerEvent } from 'react';
import { STEP_LABELS } from '@rustic/core';
import { CHEMISTRY_HUE } from '../drawing/Wedge.tsx';
import type { Block, Row } from './chartRows.ts';
import { snapped } from './moveByKeys.ts';
import { useWords } from '../words/Words.tsx';

/** Height of a line, and of a block on it. */
export const ROW = 44;
const BLOCK = 20;
const lettersOf = (left: number) => Math.floor(left / 7.3);

const wedgePath = area<[number, number]>().curve(curveMonotoneX);

interface Moves {
  minute: (x: number) => number;
  chosen: string | null;
  onChoose: ((name: string | null) => void) | undefined;
  onDrag: ((name: string, to: number) => void) | undefined;
}

/** One surface: its blocks, what dries down, the open ground, where it closes. */
export const Line = memo(function Line({
  row,
  y,
  x,
  right,
  now,
  left,
  seenFrom,
  seenTo,
  ...moves
}: {
  row: Row;
  y: number;
  x: (m: number) => number;
  right: number;
  now: number;
  left: number;
  /** What lies left and right of this is off the screen. */
  seenFrom: number;
  seenTo: number;
} & Moves) {
  const { sayTime } = useWords();
  const ground = y + 8 + BLOCK;
  const isSeen = (from: number, to: number) => x(to) > seenFrom && x(from) < seenTo;
  return (
    <g>
      <path d={`M0 ${y + ROW - 2}H${right}`} stroke="var(--color-rule)" strokeWidth=".8" />
      {row.open
        .filter((o) => isSeen(o.from, o.to))
        .map((o) => (
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
      {row.wedges
        .filter((w) => isSeen(w.from, w.to))
        .map((w) => {
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
      {row.blocks
        .filter((b) => isSeen(b.start, b.end))
        .map((b) => (
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
});

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
  const { sayTime } = useWords();
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
