import type { Region } from '@rustic/core';

/** A part in a colour of its own, as it lies on the walls. */
export interface Painted {
  id: string;
  words: string;
  colour: string;
  /** What is seen of it on each wall. */
  regions: readonly Region[];
}

interface Props {
  painted: readonly Painted[];
  chosen: string | null;
  /** Where a place of a wall lies in the drawing. */
  at: (wall: number, x: number, y: number) => readonly [number, number];
  onChoose?: (id: string) => void;
}

/** The parts of a face in their colours, holes left open; the chosen one has a heavier line. */
export function PaintedParts({ painted, chosen, at, onChoose }: Props) {
  const path = (regions: readonly Region[]) =>
    regions
      .flatMap((region, wall) =>
        region.flatMap((rings) =>
          rings.map(
            (ring) =>
              `M${ring
                .map(([x, y]) =>
                  at(wall, x, y)
                    .map((v) => v.toFixed(1))
                    .join(' '),
                )
                .join('L')}Z`,
          ),
        ),
      )
      .join('');
  return painted.map(({ id, words, colour, regions }) => (
    <path
      key={id}
      d={path(regions)}
      fill={colour}
      fillRule="evenodd"
      stroke={id === chosen ? 'var(--color-ink)' : 'var(--color-faded)'}
      strokeWidth={id === chosen ? 1.8 : 0.6}
      className={onChoose ? 'cursor-pointer' : ''}
      onClick={onChoose && (() => onChoose(id))}
    >
      <title>{words}</title>
    </path>
  ));
}
