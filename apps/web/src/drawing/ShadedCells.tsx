/** A square of a wall, shaded by how likely something is there. */
export interface Shaded {
  wall: number;
  /** Its middle: metres from the wall's left, and from the floor. */
  x: number;
  y: number;
  widthM: number;
  heightM: number;
  /** 0 to 1. */
  odds: number;
}

/** Under these odds a square is left as it is. */
const FAINTEST = 0.2;

/** Squares of the walls in madder, the likelier the deeper; from one half on with a stroke across as well. */
export function ShadedCells({
  shaded,
  at,
  perM,
}: {
  shaded: readonly Shaded[];
  at: (x: number, y: number) => readonly [number, number];
  perM: number;
}) {
  return (
    <g pointerEvents="none">
      {shaded
        .filter((cell) => cell.odds >= FAINTEST)
        .map(({ x, y, widthM, heightM, odds }, i) => {
          const [left, top] = at(x - widthM / 2, y + heightM / 2);
          const [w, h] = [widthM * perM, heightM * perM];
          return (
            <g key={i}>
              <rect
                x={left}
                y={top}
                width={w + 0.3}
                height={h + 0.3}
                fill="var(--color-madder)"
                fillOpacity={odds * 0.55}
              />
              {odds >= 0.5 && (
                <path d={`M${left} ${top + h}L${left + w} ${top}`} stroke="var(--color-madder)" strokeWidth=".9" />
              )}
            </g>
          );
        })}
    </g>
  );
}
