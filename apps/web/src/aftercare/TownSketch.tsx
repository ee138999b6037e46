import { useId, type PointerEvent } from 'react';
import { line, curveCatmullRomClosed } from 'd3-shape';
import { scaleLinear } from 'd3-scale';
import type { MapPlace, TownMap } from '@rustic/core';
import { useWidth } from '../drawing/useWidth.ts';
import { useMeasures } from '../words/useMeasures.ts';

/** A house on the map; with a number it is a stop. */
export interface House {
  id: string;
  place: MapPlace;
  words: string;
  n?: number;
}

interface Props {
  map: TownMap;
  houses: readonly House[];
  /** The way of a round, yard to yard. */
  path?: readonly MapPlace[] | undefined;
  /** Tapping the map says where something is. */
  onPlace?: ((place: MapPlace) => void) | undefined;
  label: string;
}

const WIDEST = 580;

/** The town as a plain sketch: water by hairlines, roads as they run, houses as chalk ticks. */
export function TownSketch(props: Props) {
  const { ref, px } = useWidth();
  const width = Math.min(px, WIDEST);
  return (
    <div ref={ref} className="w-full">
      <Drawn {...props} width={width} />
    </div>
  );
}

function Drawn({ map, houses, path, onPlace, label, width }: Props & { width: number }) {
  const { inUnits } = useMeasures();
  const id = useId();
  const x = scaleLinear().domain([0, map.widthKm]).range([0, width]);
  const y = scaleLinear()
    .domain([0, map.heightKm])
    .range([0, (width * map.heightKm) / map.widthKm]);
  const at = (p: MapPlace): [number, number] => [x(p.x), y(p.y)];
  const shore = line().curve(curveCatmullRomClosed.alpha(0.5));
  const way = line();
  const height = y(map.heightKm);
  const small = width < 480;
  const tap = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const km = (value: number) => Math.round(value * 100) / 100;
    onPlace?.({
      x: km(x.invert(((event.clientX - box.left) * width) / box.width)),
      y: km(y.invert(((event.clientY - box.top) * height) / box.height)),
    });
  };
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      role="img"
      aria-label={label}
      className={`block border border-rule bg-leaf ${onPlace ? 'cursor-crosshair' : ''}`}
      onPointerUp={onPlace ? tap : undefined}
    >
      <defs>
        <pattern id={id} width="6" height="5" patternUnits="userSpaceOnUse">
          <line x1="0" y1="2.5" x2="6" y2="2.5" stroke="var(--color-indigo)" strokeWidth="0.7" opacity="0.45" />
        </pattern>
        <clipPath id={`${id}c`}>
          <rect width={width} height={height} />
        </clipPath>
      </defs>
      <g clipPath={`url(#${id}c)`}>
        {map.water.map((w) => (
          <path
            key={w.name}
            d={shore(w.outline.map(at)) ?? ''}
            fill={`url(#${id})`}
            stroke="var(--color-indigo)"
            strokeOpacity="0.5"
          />
        ))}
        {map.roads.map(([a, b]) => (
          <path
            key={`${a}-${b}`}
            d={way([at(map.corners[a]!), at(map.corners[b]!)]) ?? ''}
            stroke="var(--color-strong)"
            strokeWidth="4"
            strokeLinecap="round"
            fill="none"
          />
        ))}
        {path && (
          <path
            d={way(path.map(at)) ?? ''}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth="2"
            strokeDasharray="5 4"
            strokeLinejoin="round"
          />
        )}
      </g>
      {!small &&
        map.corners.map(
          (c, i) =>
            c.name && (
              <text
                key={i}
                x={x(c.x)}
                y={y(c.y) - 8}
                textAnchor="middle"
                fontSize="11.5"
                fontStyle="italic"
                fill="var(--color-faded)"
              >
                {c.name}
              </text>
            ),
        )}
      {map.water.map((w) => (
        <text key={w.name} x={x(2)} y={y(4.15)} fontSize="13" fontStyle="italic" fill="var(--color-indigo)">
          {w.name}
        </text>
      ))}
      <g>
        <rect x={x(map.yard.x) - 5} y={y(map.yard.y) - 5} width="10" height="10" fill="var(--color-ink)" />
        <text
          x={x(map.yard.x) - 9}
          y={y(map.yard.y) + 4}
          textAnchor="end"
          fontSize="12"
          fontWeight="600"
          fill="var(--color-ink)"
        >
          yard
        </text>
      </g>
      <ScaleBar
        at={x(0)}
        px={x(map.widthKm / 8)}
        words={inUnits(`${Math.round(map.widthKm / 8)} km`)}
        height={height}
      />
      {houses.map((house) => (
        <Tick key={house.id} house={house} at={at(house.place)} />
      ))}
    </svg>
  );
}

function ScaleBar({ at, px, words, height }: { at: number; px: number; words: string; height: number }) {
  const left = at + 12;
  return (
    <g>
      <path d={`M${left} ${height - 16}v6h${px}v-6`} fill="none" stroke="var(--color-faded)" />
      <text x={left + px / 2} y={height - 15} textAnchor="middle" fontSize="11" fill="var(--color-faded)">
        {words}
      </text>
    </g>
  );
}

function Tick({ house: { n, words }, at: [px, py] }: { house: House; at: [number, number] }) {
  return (
    <g>
      <title>{words}</title>
      {n === undefined ? (
        <circle cx={px} cy={py} r="4.5" fill="var(--color-leaf)" stroke="var(--color-ink)" strokeWidth="1.5" />
      ) : (
        <>
          <circle cx={px} cy={py} r="11" fill="var(--color-madder)" />
          <text x={px} y={py + 4.5} textAnchor="middle" fontSize="13" fontWeight="700" fill="var(--color-onink)">
            {n}
          </text>
        </>
      )}
    </g>
  );
}
