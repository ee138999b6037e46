import { describeColour, nameOfColour, SHEENS, type ColourPart, type NamedColour, type SketchWall } from '@rustic/core';
import { ChipChoice } from '../colours/ChipChoice.tsx';
import { Choice, Typed } from '../form/atOnce.tsx';
import { capital } from '../words/figures.ts';
import { ShapeFields } from './ShapeFields.tsx';
import { SHAPE_WORDS } from './partActs.ts';

interface Props {
  part: ColourPart;
  walls: readonly SketchWall[];
  colours: readonly NamedColour[];
  isFirst: boolean;
  isLast: boolean;
  onChange: (change: Partial<ColourPart>) => void;
  onLift: (by: 1 | -1) => void;
  onTakeAway: () => void;
}

/** One part: what it is called, its colour and sheen, and its shape in figures. */
export function PartFields({ part, walls, colours, isFirst, isLast, onChange, onLift, onTakeAway }: Props) {
  const small = 'min-h-[44px] underline disabled:no-underline disabled:opacity-50 wide:min-h-[28px]';
  return (
    <section aria-label={part.name} className="mt-2 border-y-2 border-ink bg-leaf p-3">
      <p className="mb-2 flex flex-wrap items-center gap-x-4 text-sm">
        <strong className="font-semibold">{SHAPE_WORDS[part.shape.kind]}</strong>
        <button type="button" className={small} disabled={isLast} onClick={() => onLift(1)}>
          Over the next
        </button>
        <button type="button" className={small} disabled={isFirst} onClick={() => onLift(-1)}>
          Under the one before
        </button>
        <button type="button" className={small} onClick={onTakeAway}>
          Take it away
        </button>
      </p>
      <div className="mb-3 grid gap-3 wide:grid-cols-[1fr_1fr_auto_auto]">
        <Typed
          words="What it is called"
          value={part.name}
          maxLength={60}
          required
          width="w-full"
          onType={(name) => onChange({ name })}
        />
        <ChipChoice
          words="Colour, by its name"
          first={colours}
          chosen={nameOfColour(part.colour, colours)?.name ?? ''}
          onChoose={(chip) => onChange({ colour: chip.colour })}
        />
        <label className="text-sm">
          Swatch
          <span className="flex items-center gap-2">
            <input
              type="color"
              value={part.colour}
              onChange={(e) => onChange({ colour: e.target.value })}
              className="w-14 p-0.5"
            />
            <span className="w-28 text-faded">{describeColour(part.colour)}</span>
          </span>
        </label>
        <Choice
          words="Sheen"
          value={part.sheen ?? ''}
          unsaid="as the surface"
          options={SHEENS.map((sheen) => [sheen, capital(sheen)] as const)}
          onChoose={(sheen) => onChange({ sheen: SHEENS.find((one) => one === sheen) ?? null })}
        />
      </div>
      <ShapeFields shape={part.shape} walls={walls} onShape={(shape) => onChange({ shape })} />
    </section>
  );
}
