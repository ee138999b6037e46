import type { JointLine } from '@rustic/core';

/** A joint as it runs along a wall. */
export interface DrawnJoint {
  id: string;
  /** Its number in the list; null while it is drawn. */
  n: number | null;
  words: string;
  line: JointLine;
  look: 'painted' | 'bead' | 'unknown';
}

interface Props {
  joints: readonly DrawnJoint[];
  chosen: string | null;
  /** Where a place of a wall lies in the drawing. */
  at: (wall: number, x: number, y: number) => readonly [number, number];
  onChoose?: (id: string) => void;
}

const LOOKS: Record<DrawnJoint['look'], { stroke: string; dash?: string }> = {
  painted: { stroke: 'var(--color-ink)' },
  bead: { stroke: 'var(--color-verdigris)' },
  unknown: { stroke: 'var(--color-madder)', dash: '5 3' },
};

/** Joints along the walls, each with its number at its middle; what nobody knows is broken, the chosen one heavier. */
export function JointLines({ joints, chosen, at, onChoose }: Props) {
  return joints.map(({ id, n, words, line, look }) => {
    const places = line.points.map(({ x, y }) => at(line.wall, x, y));
    const path = `M${places.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`;
    const [x, y] = middle(places);
    const { stroke, dash } = LOOKS[look];
    return (
      <g key={id} className={onChoose ? 'cursor-pointer' : ''} onClick={onChoose && (() => onChoose(id))}>
        <title>{words}</title>
        <path d={path} fill="none" stroke="transparent" strokeWidth="14" />
        <path
          d={path}
          fill="none"
          stroke={stroke}
          strokeWidth={id === chosen ? 4.5 : 2.6}
          strokeLinejoin="round"
          {...(dash ? { strokeDasharray: dash } : {})}
        />
        {n !== null && (
          <text
            x={x}
            y={y - 5}
            textAnchor="middle"
            fontSize="12.5"
            fontWeight="700"
            fill={stroke}
            paintOrder="stroke"
            stroke="var(--color-leaf)"
            strokeWidth="3"
          >
            {n}
          </text>
        )}
      </g>
    );
  });
}

/** The middle of its longest run. */
function middle(places: readonly (readonly [number, number])[]): readonly [number, number] {
  let best: readonly [number, number] = places[0] ?? [0, 0];
  let longest = -1;
  for (const [i, [x, y]] of places.slice(1).entries()) {
    const [fromX, fromY] = places[i]!;
    const length = Math.hypot(x - fromX, y - fromY);
    if (length <= longest) continue;
    longest = length;
    best = [(x + fromX) / 2, (y + fromY) / 2];
  }
  return best;
}
