import {
  ADHESION_KINDS,
  MOISTURE_SCALE_LABELS,
  MOISTURE_SCALES,
  PLANE_LABELS,
  PLANES,
  PRIMER_FAMILIES,
  type TestKind,
} from '@rustic/core';
import { DurationField, SelectField, TextField } from '../form/fields.tsx';
import { Chip } from '../page/Act.tsx';
import { useWords } from '../words/Words.tsx';
import { ChipLayers } from './ChipLayers.tsx';
import type { Beside } from './testMade.ts';

/** The questions that some tests ask beside their result. */
export function BesideResult({
  kind,
  beside,
  say,
}: {
  kind: TestKind;
  beside: Beside;
  say: (more: Partial<Beside>) => void;
}) {
  const { sayFamily } = useWords();
  if (kind === 'sheen-look')
    return (
      <div className="mb-2 flex gap-2">
        <Chip
          pressed={beside.yellowed === true}
          onPress={() => say({ yellowed: beside.yellowed === true ? null : true })}
        >
          Yellowed
        </Chip>
        <Chip
          pressed={beside.yellowed === false}
          onPress={() => say({ yellowed: beside.yellowed === false ? null : false })}
        >
          Not yellowed
        </Chip>
      </div>
    );
  if (kind === 'chip-look') return <ChipLayers layers={beside.layers} onSay={(layers) => say({ layers })} />;
  if (kind === 'moisture-meter')
    return (
      <div className="mb-2 flex flex-wrap items-center gap-1.5 text-sm" role="group" aria-label="Scale of the meter">
        {MOISTURE_SCALES.map((scale) => (
          <Chip key={scale} pressed={beside.scale === scale} onPress={() => say({ scale })}>
            {MOISTURE_SCALE_LABELS[scale]}
          </Chip>
        ))}
      </div>
    );
  if (kind === 'spirit-rub')
    return (
      <div className="mb-2 flex flex-wrap gap-1.5 text-sm">
        <Chip
          pressed={beside.plane === 'between-coats'}
          onPress={() => say({ plane: beside.plane === 'between-coats' ? null : 'between-coats' })}
        >
          rubbed under the flake
        </Chip>
      </div>
    );
  if (ADHESION_KINDS.includes(kind))
    return (
      <div className="mb-2 flex flex-wrap items-center gap-1.5 text-sm">
        <span>If it let go:</span>
        {PLANES.map((p) => (
          <Chip key={p} pressed={beside.plane === p} onPress={() => say({ plane: beside.plane === p ? null : p })}>
            {PLANE_LABELS[p]}
          </Chip>
        ))}
        <Chip pressed={beside.young} onPress={() => say({ young: !beside.young })}>
          film under three days old
        </Chip>
      </div>
    );
  if (kind === 'test-patch')
    return (
      <div className="mb-3 flex flex-wrap items-end gap-3 text-sm">
        <SelectField
          name="family"
          words="Primer"
          unsaid="not said"
          options={PRIMER_FAMILIES}
          say={(f) => sayFamily(f)}
          width=""
        />
        <TextField name="coats" words="Coats" type="number" min={1} max={10} width="w-20" />
        <DurationField name="waited" words="How long since it was laid" such="30 min, 2 h or 1 day" width="w-44" />
      </div>
    );
  return null;
}
