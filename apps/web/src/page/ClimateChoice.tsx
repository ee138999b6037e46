import { CLIMATE_LABELS, CLIMATES, type Climate } from '@rustic/core';

interface Props<Value extends Climate | null> {
  value: Value;
  onChange: (climate: Value) => void;
  /** What it is where nothing is chosen; not offered where something must be. */
  unsaid?: string;
}

/** How the year goes at a place: when paint outside dries there, and when water gets in. */
export function ClimateChoice<Value extends Climate | null>({ value, onChange, unsaid }: Props<Value>) {
  return (
    <select
      value={value ?? ''}
      onChange={(e) => onChange((e.target.value || null) as Value)}
      className="block min-h-[44px] max-w-full wide:min-h-[36px]"
    >
      {unsaid !== undefined && <option value="">{unsaid}</option>}
      {CLIMATES.map((code) => (
        <option key={code} value={code}>
          {CLIMATE_LABELS[code]}
        </option>
      ))}
    </select>
  );
}
