import { areaOfMeasure, measureFault, type Measure } from '@rustic/core';
import { useSight } from '../store/store.ts';
import { readTyped, sayArea, sayMetres } from '../words/length.ts';

/** A measure while it is being typed. */
export interface MeasureSaid {
  width: string;
  height: string;
  count: string;
  bothSides: boolean;
  openings: { width: string; height: string; count: string }[];
}

export function saidOf(measure: Measure | null | undefined, units: 'metric' | 'us'): MeasureSaid {
  const say = (m: number) => sayMetres(m, units);
  return {
    width: measure ? say(measure.widthM) : '',
    height: measure ? say(measure.heightM) : '',
    count: String(measure?.count ?? 1),
    bothSides: measure?.bothSides ?? false,
    openings: (measure?.openings ?? []).map((o) => ({
      width: say(o.widthM),
      height: say(o.heightM),
      count: String(o.count),
    })),
  };
}

/** What was typed as a measure; null where nothing was, words where it cannot be read. */
export function measureOf(said: MeasureSaid, units: 'metric' | 'us'): Measure | null | { fault: string } {
  if (said.width.trim() === '' && said.height.trim() === '') return null;
  const read = (text: string) => readTyped(text, units);
  const unread = (words: string) => ({ fault: `${words} cannot be read. Write it as 2.4, 240 cm or 7' 10".` });
  const widthM = read(said.width);
  const heightM = read(said.height);
  if (widthM === null) return unread('The width');
  if (heightM === null) return unread('The height');
  const openings = said.openings
    .filter((o) => o.width.trim() !== '' || o.height.trim() !== '')
    .map((o) => ({ widthM: read(o.width), heightM: read(o.height), count: Math.max(1, Number(o.count) || 1) }));
  if (openings.some((o) => !o.widthM || !o.heightM)) return unread('An opening');
  const measure: Measure = {
    widthM,
    heightM,
    count: Math.max(1, Math.round(Number(said.count) || 1)),
    bothSides: said.bothSides,
    openings: openings as Measure['openings'],
  };
  const fault = measureFault(measure);
  return fault ? { fault } : measure;
}

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
