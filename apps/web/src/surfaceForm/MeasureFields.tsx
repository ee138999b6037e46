import { areaOfMeasure, SHAPE_LABELS, SHAPES, workingOf, sayArea } from '@rustic/core';
import { useSight } from '../store/store.ts';
import { capital } from '../words/figures.ts';
import { sayMetres } from '../words/length.ts';
import { blankMeasure, measureOf, type MeasureSaid } from './measure.ts';
import { CUT, SHAPE_FIELDS, type Field } from './measureFields.ts';
import { Choice, Typed } from '../form/atOnce.tsx';
import { Tick } from '../form/Tick.tsx';

const NARROW = 'w-24';

/** A surface measured by what it is: the area follows, and is said as it is typed, with how it came about. */
export function MeasureFields({ said, onSay }: { said: MeasureSaid; onSay: (said: MeasureSaid) => void }) {
  const units = useSight((s) => s.units);
  const measure = measureOf(said, units);
  return (
    <fieldset className="mt-3 border-t border-rule pt-2">
      <legend className="pr-2 text-sm text-faded">Or measure it: the size follows</legend>
      <div className="flex flex-wrap items-end gap-3 text-sm">
        <Choice
          words="It is"
          value={said.shape}
          options={SHAPES.map((s) => [s, SHAPE_LABELS[s]] as const)}
          onChoose={(shape) => onSay(blankMeasure(shape, units))}
        />
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
      <Tick
        checked={said.ticks[field.name] === true}
        onTick={(on) => onSay({ ...said, ticks: { ...said.ticks, [field.name]: on } })}
      >
        {field.words}
      </Tick>
    );
  const value = said.text[field.name] ?? '';
  if (field.kind === 'pick')
    return (
      <Choice
        words={field.words}
        value={value}
        options={Object.entries(field.options).map(([code, { words }]) => [code, capital(words)] as const)}
        onChoose={write}
      />
    );
  const isCount = field.kind === 'count';
  return (
    <Typed
      words={field.words}
      value={value}
      inputMode={isCount ? 'numeric' : undefined}
      onType={write}
      width={isCount ? 'w-20' : NARROW}
    />
  );
}

function Openings({ said, onSay }: { said: MeasureSaid; onSay: (said: MeasureSaid) => void }) {
  const change = (at: number, more: Partial<MeasureSaid['openings'][number]>) =>
    onSay({ ...said, openings: said.openings.map((o, i) => (i === at ? { ...o, ...more } : o)) });
  return (
    <>
      {said.openings.map((o, i) => (
        <span key={i} className="flex items-end gap-1.5">
          <Typed words="Opening, width" value={o.width} onType={(width) => change(i, { width })} width={NARROW} />
          <Typed words="height" value={o.height} onType={(height) => change(i, { height })} width={NARROW} />
          <Typed words="×" value={o.count} inputMode="numeric" onType={(count) => change(i, { count })} width="w-14" />
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
