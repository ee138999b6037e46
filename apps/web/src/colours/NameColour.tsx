import { describeColour, lightness, reflectancePct, type NamedColour } from '@rustic/core';
import { Form, type Sent } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import type { ColourLine } from '../store/endpoints.ts';
import { ChipChoice } from './ChipChoice.tsx';
import { FromPhoto } from './FromPhoto.tsx';

interface Props {
  jobId: string;
  /** Null: a colour that nothing is wanted in yet. */
  line: ColourLine | null;
  busy: boolean;
  error: unknown;
  onSend: (now: NamedColour) => Promise<Sent>;
  onDone: () => void;
}

/** Where a colour begins that nobody has looked up: a pale stone. */
const BLANK = '#d9d2c0';

/** A colour gets its name: from a card in one choice, or as the tin says it. */
export function NameColour({ jobId, line, busy, error, onSend, onDone }: Props) {
  const colour = line?.colour ?? BLANK;
  const draft = useDraft<NamedColour>(
    `colour/${jobId}/${line?.colour ?? 'new'}`,
    line?.named ?? { colour, name: '', code: '', maker: '', note: '' },
  );
  const { said } = draft;
  const moves = line && line.places.length > 0 && said.colour.toLowerCase() !== line.colour;
  return (
    <Form
      draft={draft}
      label={line ? 'Name the colour' : 'Add a colour'}
      words="Keep"
      busy={busy}
      error={error}
      className="border-y-2 border-ink bg-leaf p-4"
      onSend={({ name, code, maker, note, ...rest }) =>
        onSend({ ...rest, name: name.trim(), code: code.trim(), maker: maker.trim(), note: note.trim() })
      }
      onSent={onDone}
      onLeave={onDone}
    >
      <div className="grid gap-3 wide:grid-cols-4">
        <ChipChoice
          words="From a colour card"
          chosen=""
          className="wide:col-span-2"
          onChoose={(chip) => draft.say({ name: chip.name, code: chip.code, maker: chip.maker, colour: chip.colour })}
        />
        <label className="text-sm wide:col-span-2">
          Swatch
          <span className="flex items-center gap-3">
            <input type="color" {...draft.form.register('colour')} className="w-16 p-0.5" />
            <span className="text-faded">
              {describeColour(said.colour)}, L* {(lightness(said.colour) ?? 0).toFixed(0)}, reflects{' '}
              {(reflectancePct(said.colour) ?? 0).toFixed(0)} %
            </span>
          </span>
        </label>
        <FromPhoto onTake={(taken) => draft.say(taken)} />
        <TextField name="name" words="Name, as the client says it" required maxLength={80} autoFocus />
        <TextField name="code" words="Code, as the tin says it" maxLength={40} />
        <TextField name="maker" words="Whose colour" maxLength={80} />
        <TextField name="note" words="Note" maxLength={200} />
      </div>
      {moves && (
        <p className="mt-2 border-l-4 border-ochre bg-paper px-3 py-1 text-sm">
          The swatch changes:{' '}
          {line.places.length === 1 ? 'its surface follows' : `its ${line.places.length} surfaces follow`}, with their
          coats and primers.
        </p>
      )}
    </Form>
  );
}
