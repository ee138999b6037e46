import { sayArea, readArea, type PartShape, type SketchWall } from '@rustic/core';
import { useState } from 'react';
import { Typed } from '../form/atOnce.tsx';
import { Chip } from '../page/Act.tsx';
import { useSight } from '../store/store.ts';
import { SaidMetres } from './SaidMetres.tsx';

interface Props {
  shape: PartShape;
  walls: readonly SketchWall[];
  onShape: (shape: PartShape) => void;
}

/** A shape in figures: the same that its handles are drawn to. */
export function ShapeFields({ shape, walls, onShape }: Props) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      {'walls' in shape && walls.length > 1 && (
        <WallChips walls={walls} on={shape.walls} onWalls={(on) => onShape({ ...shape, walls: on })} />
      )}
      <OfKind shape={shape} walls={walls} onShape={onShape} />
    </div>
  );
}

function OfKind({ shape, walls, onShape }: Props) {
  switch (shape.kind) {
    case 'band':
      return (
        <>
          <SaidMetres
            words="From, above the floor"
            metres={shape.fromM}
            onSay={(fromM) => onShape({ ...shape, fromM })}
          />
          <SaidMetres words="Up to" metres={shape.toM} least={0.01} onSay={(toM) => onShape({ ...shape, toM })} />
        </>
      );
    case 'stripes':
      return (
        <>
          <Pair
            words="Stripes run"
            options={[
              ['upright', 'Upright'],
              ['level', 'Level'],
            ]}
            value={shape.way}
            onChoose={(way) => onShape({ ...shape, way })}
          />
          <SaidMetres words="First begins at" metres={shape.firstM} onSay={(firstM) => onShape({ ...shape, firstM })} />
          <SaidMetres
            words="Each is wide"
            metres={shape.widthM}
            least={0.005}
            onSay={(widthM) => onShape({ ...shape, widthM })}
          />
          <SaidMetres words="Gap" metres={shape.gapM} onSay={(gapM) => onShape({ ...shape, gapM })} />
          <Count words="How many" value={shape.count} onSay={(count) => onShape({ ...shape, count })} />
        </>
      );
    case 'wave':
      return (
        <>
          <Pair
            words="Painted"
            options={[
              ['below', 'Below it'],
              ['above', 'Above it'],
            ]}
            value={shape.side}
            onChoose={(side) => onShape({ ...shape, side })}
          />
          <SaidMetres
            words="Height of its middle"
            metres={shape.heightM}
            onSay={(heightM) => onShape({ ...shape, heightM })}
          />
          <SaidMetres
            words="Swings up and down"
            metres={shape.swingM}
            onSay={(swingM) => onShape({ ...shape, swingM })}
          />
          <SaidMetres
            words="Repeats every"
            metres={shape.lengthM}
            least={0.05}
            onSay={(lengthM) => onShape({ ...shape, lengthM })}
          />
          <SaidMetres
            words="First rise at"
            metres={Math.max(0, shape.startM)}
            onSay={(startM) => onShape({ ...shape, startM })}
          />
        </>
      );
    case 'outline':
      return (
        <>
          <Pair
            words="Through its points"
            options={[
              ['round', 'Round'],
              ['straight', 'Straight'],
            ]}
            value={shape.round ? 'round' : 'straight'}
            onChoose={(way) => onShape({ ...shape, round: way === 'round' })}
          />
          {walls.length > 1 && (
            <WallChips walls={walls} on={[shape.wall]} onWalls={(on) => onShape({ ...shape, wall: on.at(-1)! })} />
          )}
          {shape.points.length > 3 && (
            <Chip onPress={() => onShape({ ...shape, points: shape.points.slice(0, -1) })}>
              Take the last point away
            </Chip>
          )}
          <p className="max-w-[40ch] text-sm text-faded">
            Draw each point to its place. A tap on the wall puts in another.
          </p>
        </>
      );
    case 'figures':
      return (
        <>
          <AreaField areaM2={shape.areaM2} onSay={(areaM2) => onShape({ ...shape, areaM2 })} />
          <SaidMetres words="Edge that is taped" metres={shape.edgeM} onSay={(edgeM) => onShape({ ...shape, edgeM })} />
        </>
      );
  }
}

function WallChips({
  walls,
  on,
  onWalls,
}: {
  walls: readonly SketchWall[];
  on: readonly number[];
  onWalls: (on: number[]) => void;
}) {
  return (
    <div role="group" aria-label="On which walls" className="flex flex-wrap gap-1.5">
      {walls.map((wall, i) => (
        <Chip
          key={i}
          pressed={on.includes(i)}
          onPress={() => {
            const now = on.includes(i) ? on.filter((w) => w !== i) : [...on, i].sort((a, b) => a - b);
            if (now.length) onWalls(now);
          }}
        >
          {i + 1} · {wall.name}
        </Chip>
      ))}
    </div>
  );
}

function Pair<T extends string>({
  words,
  options,
  value,
  onChoose,
}: {
  words: string;
  options: readonly (readonly [T, string])[];
  value: T;
  onChoose: (value: T) => void;
}) {
  return (
    <div role="group" aria-label={words}>
      <p className="text-sm">{words}</p>
      <div className="flex gap-1.5">
        {options.map(([one, said]) => (
          <Chip key={one} pressed={one === value} onPress={() => onChoose(one)}>
            {said}
          </Chip>
        ))}
      </div>
    </div>
  );
}

function Count({ words, value, onSay }: { words: string; value: number; onSay: (count: number) => void }) {
  return (
    <Typed
      words={words}
      type="number"
      min={1}
      max={400}
      value={String(value)}
      onType={(text) => {
        const count = Math.round(Number(text));
        if (count >= 1 && count <= 400) onSay(count);
      }}
      width="w-20"
    />
  );
}

function AreaField({ areaM2, onSay }: { areaM2: number; onSay: (areaM2: number) => void }) {
  const units = useSight((s) => s.units);
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <Typed
      words="Its area"
      value={typed ?? sayArea(areaM2, units)}
      onType={setTyped}
      onBlur={() => {
        const said = typed === null ? null : readArea(typed, units);
        if (said !== null && said > 0) onSay(said);
        setTyped(null);
      }}
      width="w-28"
    />
  );
}
