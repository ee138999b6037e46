import { CLIMATE_LABELS, CLIMATES, type Climate } from '@rustic/core';
import { Choice } from './atOnce.tsx';

interface Props<Value extends Climate | null> {
  words: string;
  value: Value;
  onChange: (climate: Value) => void;
  /** What it is where nothing is chosen; not offered where something must be. */
  unsaid?: string;
}

/** How the year goes at a place: when paint outside dries there, and when water gets in. */
export function ClimateChoice<Value extends Climate | null>({ words, value, onChange, unsaid }: Props<Value>) {
  return (
    <Choice<string>
      words={words}
      value={value ?? ''}
      options={CLIMATES.map((code) => [code, CLIMATE_LABELS[code]] as const)}
      {...(unsaid === undefined ? {} : { unsaid })}
      onChoose={(code) => onChange((code || null) as Value)}
      width="min-h-[44px] wide:min-h-[36px]"
    />
  );
}
