import { areaOfMeasure } from '@rustic/core';
import { useSight } from '../store/store.ts';
import { sayArea } from '../words/length.ts';
import { measureOf, type MeasureSaid } from './measure.ts';

/** Width and height with openings taken off: the area follows, and is said as it is typed. */
export function MeasureFields({ said, onSay }: { said: MeasureSaid; onSay: (said: MeasureSaid) => void }) {
  const units = useSight((s) => s.units);
  const measure = measureOf(said, units);
  const opening = (at: number, more: Partial<MeasureSaid['openings'][number]>) =>
    onSay({ ...said, openings: said.openings.map((o, i) => (i === at ? { ...o, ...more } : o)) });
  const narrow = 'block w-24';
  return (
    <fieldset className="mt-3 border-t border-rule pt-2">
      <legend className="pr-2 text-sm text-faded">Or measure it: the size follows</legend>
      <div className="flex flex-wrap items-end gap-3 text-sm">
        <label>
          Width
          <input value={said.width} onChange={(e) => onSay({ ...said, width: e.target.value })} className={narrow} />
        </label>
        <label>
          Height
          <input value={said.height} onChange={(e) => onSay({ ...said, height: e.target.value })} className={narrow} />
        </label>
        <label>
          How many
          <input
            type="number"
            min={1}
            max={10000}
            value={said.count}
            onChange={(e) => onSay({ ...said, count: e.target.value })}
            className="block w-20"
          />
        </label>
        <label className="flex items-center gap-2 pb-2">
          <input
            type="checkbox"
            checked={said.bothSides}
            onChange={(e) => onSay({ ...said, bothSides: e.target.checked })}
            className="size-5 min-h-0"
          />
          both sides
        </label>
        {said.openings.map((o, i) => (
          <span key={i} className="flex items-end gap-1.5">
            <label>
              Opening, width
              <input value={o.width} onChange={(e) => opening(i, { width: e.target.value })} className={narrow} />
            </label>
            <label>
              height
              <input value={o.height} onChange={(e) => opening(i, { height: e.target.value })} className={narrow} />
            </label>
            <label>
              ×
              <input
                value={o.count}
                inputMode="numeric"
                onChange={(e) => opening(i, { count: e.target.value })}
                className="block w-14"
              />
            </label>
          </span>
        ))}
        <button
          type="button"
          className="min-h-[44px] underline"
          onClick={() => onSay({ ...said, openings: [...said.openings, { width: '', height: '', count: '1' }] })}
        >
          Take an opening off
        </button>
        {measure && (
          <span role="status" className="pb-2 text-[15px]">
            {'fault' in measure ? (
              <span className="text-madder">{measure.fault}</span>
            ) : (
              <strong>{sayArea(areaOfMeasure(measure), units)}</strong>
            )}
          </span>
        )}
      </div>
    </fieldset>
  );
}
