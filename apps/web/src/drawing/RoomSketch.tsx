import { useCallback, useId, useRef, useState, type PointerEvent } from 'react';
import { scaleLinear } from 'd3-scale';
import { unfoldedAt, type RoomSketch as Sketch, type SketchPlace } from '@rustic/core';
import { useSight } from '../store/store.ts';
import { sayMetres } from '../words/length.ts';
import { Handle } from './Handle.tsx';
import { ShadedCells, type Shaded } from './ShadedCells.tsx';
import { JointLines, type DrawnJoint } from './JointLines.tsx';
import { PaintedParts, type Painted } from './PaintedParts.tsx';

/** A chalk tick on the sketch: its number leads to a note or a list. */
export interface Tick {
  id: string;
  n: number;
  place: SketchPlace;
  words: string;
  kind: 'test' | 'photo' | 'fault' | 'sound' | 'feature';
}

const TOP = 18;
const FOOT = 22;
const GAP_M = 0.25;
const TALLEST_PX = 190;

interface Props {
  sketch: Sketch;
  width: number;
  ticks?: readonly Tick[];
  excluded?: readonly (SketchPlace & { id: string; widthM: number; heightM: number; words: string })[];
  chosen?: SketchPlace | null;
  onPlace?: (place: SketchPlace) => void;
  onMoveOpening?: (wall: number, opening: number, x: number) => void;
  /** Parts in colours of their own over the colour of the ground, and which of them is being drawn. */
  ground?: string | null;
  painted?: readonly Painted[];
  chosenPart?: string | null;
  onChoosePart?: (id: string) => void;
  /** Joints along the walls, and which of them is chosen. */
  joints?: readonly DrawnJoint[];
  chosenJoint?: string | null;
  onChooseJoint?: (id: string) => void;
  /** How likely something is, square by square. */
  shaded?: readonly Shaded[];
  /** What is drawn to its place by hand. */
  handles?: readonly SketchHandle[];
  /** No smaller than this a metre: then the walls are slid along. */
  leastPerM?: number;
}

/** A place on the walls that is drawn to another. */
export interface SketchHandle {
  id: string;
  words: string;
  place: SketchPlace;
  /** To where: metres along its own wall, and from the floor; it may lie beside the wall. */
  onMove: (x: number, y: number) => void;
}

/** A room as its walls unfolded in a row, as wide as there is room for and no wider than asked. */
export function RoomSketch(props: Props) {
  const [room, setRoom] = useState<number | null>(null);
  const measure = useCallback((box: HTMLDivElement | null) => {
    if (!box) return;
    const watch = new ResizeObserver(() => setRoom(box.clientWidth));
    watch.observe(box);
    return () => watch.disconnect();
  }, []);
  return (
    <div
      ref={measure}
      className={`w-full ${props.leastPerM ? 'overflow-x-auto' : ''}`}
      // Walls that are wider than the page are slid along, by keys as well.
      {...(props.leastPerM ? { tabIndex: 0, role: 'group', 'aria-label': 'The walls in a row' } : {})}
    >
      {room !== null && room > 0 && <Walls {...props} width={Math.min(props.width, room)} />}
    </div>
  );
}

/** Openings cut, what is left out hatched, test places as chalk ticks. */
function Walls({
  sketch,
  width,
  ticks = [],
  excluded = [],
  chosen = null,
  onPlace,
  onMoveOpening,
  ground = null,
  painted = [],
  chosenPart = null,
  onChoosePart,
  joints = [],
  chosenJoint = null,
  onChooseJoint,
  shaded = [],
  handles = [],
  leastPerM = 0,
}: Props) {
  const id = useId();
  const units = useSight((s) => s.units);
  const frame = useRef<SVGSVGElement>(null);
  const whole = useRef<HTMLDivElement>(null);
  const [drag, setDrag] = useState<{ wall: number; opening: number; grab: number; x: number } | null>(null);
  const row = unfoldedAt(sketch, GAP_M);
  const tallest = TALLEST_PX / Math.max(1, row.heightM);
  const perM = Math.max(leastPerM, Math.min((width - 2) / Math.max(1, row.widthM), tallest));
  const x = scaleLinear()
    .domain([0, row.widthM])
    .range([1, 1 + row.widthM * perM]);
  const floor = TOP + row.heightM * perM;
  const total = floor + FOOT;
  const drawnWidth = row.widthM * perM + 2;

  /** Where on which wall a pointer is; null beside them all. */
  const placeAt = (event: { clientX: number; clientY: number }): SketchPlace | null => {
    const box = frame.current!.getBoundingClientRect();
    const scale = drawnWidth / box.width;
    const metres = x.invert((event.clientX - box.left) * scale);
    const up = (floor - (event.clientY - box.top) * scale) / perM;
    const wall = sketch.walls.findIndex((w, i) => metres >= row.x[i]! && metres <= row.x[i]! + w.widthM);
    if (wall < 0 || up < 0 || up > sketch.walls[wall]!.heightM) return null;
    return { wall, x: round(metres - row.x[wall]!), y: round(up) };
  };
  const move = (event: PointerEvent) => {
    const at = drag && placeAt(event);
    if (!drag || !at || at.wall !== drag.wall) return;
    const wall = sketch.walls[drag.wall]!;
    const most = wall.widthM - wall.openings[drag.opening]!.widthM;
    setDrag({ ...drag, x: round(Math.max(0, Math.min(most, at.x - drag.grab))) });
  };
  const drop = () => {
    if (drag) onMoveOpening?.(drag.wall, drag.opening, drag.x);
    setDrag(null);
  };

  const drawing = (
    <svg
      ref={frame}
      viewBox={`0 0 ${drawnWidth} ${total}`}
      width={drawnWidth}
      height={total}
      role="img"
      aria-label={`Walls unfolded: ${sketch.walls.map((w) => `${w.name} ${sayMetres(w.widthM, units)}`).join(', ')}`}
      className={`block ${leastPerM ? 'max-w-none' : 'max-w-full'} font-sans ${onPlace ? 'cursor-crosshair touch-manipulation' : ''}`}
      onPointerMove={move}
      onPointerUp={drop}
      onClick={(event) => {
        const at = onPlace && placeAt(event);
        if (at) onPlace(at);
      }}
    >
      <defs>
        <pattern id={`${id}-out`} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0v7" stroke="var(--color-madder)" strokeWidth="1.6" strokeOpacity=".7" />
        </pattern>
      </defs>
      {sketch.walls.map((wall, i) => {
        const left = x(row.x[i]!);
        const top = floor - wall.heightM * perM;
        return (
          <g key={i}>
            <rect
              x={left}
              y={top}
              width={wall.widthM * perM}
              height={wall.heightM * perM}
              fill={ground ?? 'var(--color-leaf)'}
              stroke="var(--color-strong)"
              strokeWidth="1.2"
            />
            <ShadedCells
              shaded={shaded.filter((cell) => cell.wall === i)}
              at={(along, up) => [left + along * perM, floor - up * perM]}
              perM={perM}
            />
            <text x={left + 2} y={floor + 15} fontSize="12" fill="var(--color-faded)">
              {sketch.walls.length > 1 ? `${i + 1} · ` : ''}
              {sayMetres(wall.widthM, units)}
            </text>
            {wall.openings.map((o, at) => {
              const moved = drag?.wall === i && drag.opening === at ? drag.x : o.x;
              return (
                <g key={at}>
                  <rect
                    x={left + moved * perM}
                    y={floor - (o.y + o.heightM) * perM}
                    width={o.widthM * perM}
                    height={o.heightM * perM}
                    fill="var(--color-paper)"
                    stroke="var(--color-faded)"
                    className={onMoveOpening ? 'cursor-ew-resize' : ''}
                    onPointerDown={
                      onMoveOpening &&
                      ((event) => {
                        const place = placeAt(event);
                        if (!place) return;
                        event.currentTarget.setPointerCapture(event.pointerId);
                        setDrag({ wall: i, opening: at, grab: place.x - o.x, x: o.x });
                      })
                    }
                  />
                  {o.kind === 'window' && (
                    <path
                      d={`M${left + (moved + o.widthM / 2) * perM} ${floor - (o.y + o.heightM) * perM}v${o.heightM * perM}M${left + moved * perM} ${floor - (o.y + o.heightM / 2) * perM}h${o.widthM * perM}`}
                      stroke="var(--color-faded)"
                      strokeWidth=".8"
                      pointerEvents="none"
                    />
                  )}
                  {o.kind === 'door' && (
                    <circle
                      cx={left + (moved + o.widthM * 0.85) * perM}
                      cy={floor - o.heightM * 0.48 * perM}
                      r="1.8"
                      fill="var(--color-faded)"
                      pointerEvents="none"
                    />
                  )}
                </g>
              );
            })}
          </g>
        );
      })}
      <PaintedParts
        painted={painted}
        chosen={chosenPart}
        at={(wall, along, up) => [x(row.x[wall]! + along), floor - up * perM]}
        {...(onChoosePart ? { onChoose: onChoosePart } : {})}
      />
      <path d={`M0 ${floor}H${drawnWidth}`} stroke="var(--color-ink)" strokeWidth="1.4" />
      <JointLines
        joints={joints.filter((j) => sketch.walls[j.line.wall])}
        chosen={chosenJoint}
        at={(wall, along, up) => [x(row.x[wall]! + along), floor - up * perM]}
        {...(onChooseJoint ? { onChoose: onChooseJoint } : {})}
      />
      {excluded
        .filter((e) => sketch.walls[e.wall])
        .map((e) => (
          <rect
            key={e.id}
            x={x(row.x[e.wall]! + e.x)}
            y={floor - (e.y + e.heightM) * perM}
            width={e.widthM * perM}
            height={e.heightM * perM}
            fill={`url(#${id}-out)`}
            stroke="var(--color-madder)"
            strokeDasharray="4 2"
          >
            <title>{e.words}</title>
          </rect>
        ))}
      {ticks
        .filter((t) => sketch.walls[t.place.wall])
        .map((t) => (
          <Chalk key={t.id} tick={t} x={x(row.x[t.place.wall]! + t.place.x)} y={floor - t.place.y * perM} />
        ))}
      {chosen && sketch.walls[chosen.wall] && (
        <circle
          cx={x(row.x[chosen.wall]! + chosen.x)}
          cy={floor - chosen.y * perM}
          r="7"
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
      )}
    </svg>
  );
  if (handles.length === 0) return drawing;
  return (
    <div ref={whole} className="relative" style={{ width: drawnWidth }}>
      {drawing}
      {handles.map(({ id: name, words, place, onMove }) => (
        <Handle
          key={name}
          words={words}
          look="point"
          picture={whole}
          at={{ x: x(row.x[place.wall]! + place.x) / drawnWidth, y: (floor - place.y * perM) / total }}
          onMove={(to) => onMove(x.invert(to.x * drawnWidth) - row.x[place.wall]!, (floor - to.y * total) / perM)}
        />
      ))}
    </div>
  );
}

/** A stroke of chalk, with its number on a short leader. */
function Chalk({ tick, x, y }: { tick: Tick; x: number; y: number }) {
  const up = y > 34 ? -1 : 1;
  return (
    <g>
      <title>{`${tick.n}: ${tick.words}`}</title>
      {tick.kind === 'sound' ? (
        <circle cx={x} cy={y} r="4" fill="var(--color-leaf)" stroke="var(--color-ink)" strokeWidth="1.6" />
      ) : tick.kind === 'feature' ? (
        <path d={`M${x - 5} ${y}l5-5 5 5-5 5z`} fill="var(--color-leaf)" stroke="var(--color-ink)" strokeWidth="1.6" />
      ) : tick.kind === 'photo' ? (
        <rect x={x - 4} y={y - 3} width="8" height="6" fill="none" stroke="var(--color-ink)" strokeWidth="1.6" />
      ) : (
        <path
          d={`M${x - 4} ${y + 1}l3 3 6-8`}
          fill="none"
          stroke="var(--color-madder)"
          strokeWidth="2.4"
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      )}
      <path d={`M${x + 3} ${y + up * 4}l8 ${up * 9}`} stroke="var(--color-madder)" strokeWidth=".9" />
      <text
        x={x + 13}
        y={y + up * 13 + 4}
        fontSize="12.5"
        fontWeight="700"
        fill="var(--color-madder)"
        paintOrder="stroke"
        stroke="var(--color-leaf)"
        strokeWidth="3"
      >
        {tick.n}
      </text>
    </g>
  );
}

const round = (v: number) => Math.round(v * 100) / 100;
