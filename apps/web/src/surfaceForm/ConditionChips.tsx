import { useState } from 'react';
import { CONDITION_LABELS, CONDITIONS, type Condition } from '@rustic/core';
import { Chip } from '../page/Act.tsx';

interface Props {
  label: string;
  /** Those offered at once; the others come with a tap. */
  usual: readonly Condition[];
  chosen: readonly Condition[];
  onChoose: (conditions: Condition[]) => void;
}

/** Conditions to be pressed in, the usual ones first. */
export function ConditionChips({ label, usual, chosen, onChoose }: Props) {
  const [all, setAll] = useState(false);
  const shown = all ? CONDITIONS.filter((c) => c !== 'sound') : [...new Set([...usual, ...chosen])];
  return (
    <div className="flex flex-wrap gap-1.5" role="group" aria-label={label}>
      {shown.map((c) => (
        <Chip
          key={c}
          pressed={chosen.includes(c)}
          onPress={() => onChoose(chosen.includes(c) ? chosen.filter((x) => x !== c) : [...chosen, c])}
        >
          {CONDITION_LABELS[c]}
        </Chip>
      ))}
      {!all && <Chip onPress={() => setAll(true)}>More …</Chip>}
    </div>
  );
}
