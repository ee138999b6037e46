import { CHIP_LAYER_LABELS, CHIP_LAYERS, type ChipLayer } from '@rustic/core';
import { Chip } from '../page/Act.tsx';

const COLOURS: Readonly<Record<ChipLayer, string>> = {
  waterborne: 'var(--color-indigo)',
  oil: 'var(--color-umber)',
  clear: 'var(--color-shellac)',
  distemper: 'var(--color-wash)',
  primer: 'var(--color-strong)',
  paper: 'var(--color-leaf)',
  unknown: 'transparent',
};

interface Props {
  layers: readonly ChipLayer[];
  onSay: (layers: ChipLayer[]) => void;
}

/** The layers of a chip, tapped from the top down: what was tapped stands beside as it lies. */
export function ChipLayers({ layers, onSay }: Props) {
  return (
    <div className="mb-3 flex flex-wrap items-start gap-x-6 gap-y-2 text-sm">
      <div role="group" aria-label="The next layer down">
        <span className="mb-1 block">{layers.length ? 'Under that:' : 'On top:'}</span>
        <span className="flex flex-wrap gap-1.5">
          {CHIP_LAYERS.map((layer) => (
            <Chip key={layer} onPress={() => onSay([...layers, layer])}>
              {CHIP_LAYER_LABELS[layer]}
            </Chip>
          ))}
        </span>
      </div>
      {layers.length > 0 && (
        <div>
          <ol aria-label="The chip, from the top" className="w-48">
            {layers.map((layer, i) => (
              <li
                key={i}
                className="flex items-center gap-2 border-x border-t border-strong bg-paper px-2 last:border-b"
              >
                <span aria-hidden className="h-4 w-3" style={{ background: COLOURS[layer] }} />
                {CHIP_LAYER_LABELS[layer]}
              </li>
            ))}
          </ol>
          <button
            type="button"
            className="min-h-[44px] underline wide:min-h-[30px]"
            onClick={() => onSay(layers.slice(0, -1))}
          >
            Take the last away
          </button>
        </div>
      )}
    </div>
  );
}
