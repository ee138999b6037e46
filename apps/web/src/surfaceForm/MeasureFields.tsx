import { areaOfMeasure, SHAPE_LABELS, SHAPES, workingOf, sayArea } from '@rustic/core';
import { useSight } from '../store/store.ts';
import { capital } from '../words/figures.ts';
import { sayMetres } from '../words/length.ts';
import { blankMeasure, measureOf, type MeasureSaid } from './measure.ts';
import { CUT, SHAPE_FIELDS, type Field } from './measureFields.ts';

const NARROW = 'block w-24';

/** A surface measured by what it is: the area follows, and is said as it is typed, with how it came about. */
export function MeasureFields({ said, onSay }: { said: MeasureSaid; onSay: (said: MeasureSaid) => void }) {
  const units = useSight((s) => s.units);
  const measure = measureOf(said, units);
  return (
    <fieldset className="mt-3 border-t border-rule pt-2">
      <legend className="pr-2 text-sm text-faded">Or measure it: the size follows</legend>
      <div className="flex flex-wrap items-end gap-3 text-sm">
        <label>
          It is
          <select
            value={said.shape}
            className="block"
            onChange={(e) => onSay(blankMeasure(e.target.value as MeasureSaid['shape'], units))}
          >
            {SHAPES.map((s) => (
              <option key={s} value={s}>
                {SHAPE_LABELS[s]}
              </option>
            ))}
          </select>
        </label>
        {SHAPE_FIELDS[said.shape].map((f) => (
          <One key={`${said.shape}/${f.name}`} field={f} said={said} onSay={onSay} />
        ))}
        {CUT.includes(said.shape) && <Openings said={said} onSay={onSay} />}
      </div>
      {measure && (
        <p role="status" className="mt-1 text-[15px]">
          {'fault' in measure ? (
            <span className="text-madder">{measure.fault}</span>
          ) : (
            <>
              <strong>{sayArea(areaOfMeasure(measure), units)}</strong>
              <span className="text-faded">: {workingOf(measure, (m) => sayMetres(m, units))}</span>
            </>
          )}
        </p>
      )}
    </fieldset>
  );
}

function One({ field, said, onSay }: { field: Field; said: MeasureSaid; onSay: (said: MeasureSaid) => void }) {
  const write = (value: string) => onSay({ ...said, text: { ...said.text, [field.name]: value } });
  if (field.kind === 'tick')
    return (
      <label className="flex items-center gap-2 pb-2">
        <input
          type="checkbox"
          checked={said.ticks[field.name] === true}
          onChange={(e) => onSay({ ...said, ticks: { ...said.ticks, [field.name]: e.target.checked } })}
          className="size-5 min-h-0"
        />
        {field.words}
      </label>
    );
  const value = said.text[field.name] ?? '';
  return (
    <label>
      {field.words}
      {field.kind === 'pick' ? (
        <select value={value} onChange={(e) => write(e.target.value)} className="block">
          {Object.entries(field.options).map(([code, { words }]) => (
            <option key={code} value={code}>
              {capital(words)}
            </option>
          ))}
        </select>
      ) : (
        <input
          value={value}
          inputMode={field.kind === 'count' ? 'numeric' : undefined}
          onChange={(e) => write(e.target.value)}
          className={field.kind === 'count' ? 'block w-20' : NARROW}
        />
      )}
    </label>
  );
}

function Openings({ said, onSay }: { said: MeasureSaid; onSay: (said: MeasureSaid) => void }) {
  const change = (at: number, more: Partial<MeasureSaid['openings'][number]>) =>
    onSay({ ...said, openings: said.openings.map((o, i) => (i === at ? { ...o, ...more } : o)) });
  return (
    <>
      {said.openings.map((o, i) => (
        <span key={i} className="flex items-end gap-1.5">
          <label>
            Opening, width
            <input value={o.width} onChange={(e) => change(i, { width: e.target.value })} className={NARROW} />
          </label>
          <label>
            height
            <input value={o.height} onChange={(e) => change(i, { height: e.target.value })} className={NARROW} />
          </label>
          <label>
            ×
            <input
              value={o.count}
              inputMode="numeric"
              onChange={(e) => change(i, { count: e.target.value })}
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
    </>
  );
}
