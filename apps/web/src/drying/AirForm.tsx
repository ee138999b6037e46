import { RoomChoice } from './airFields.tsx';
import { nowText } from '../clock/clock.ts';
import { newId } from '../store/newId.ts';
import { type PlanPage, useReadAirMutation, useReadingsFileMutation } from '../store/endpoints.ts';
import { Form } from '../form/Form.tsx';
import { FigureField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { readFigure } from '../words/readFigure.ts';
import { FilePick } from '../form/FilePick.tsx';
import { counted } from '../words/counted.ts';
import { useMeasures } from '../words/useMeasures.ts';

/** A reading by hand, or a file of hourly readings. */
export function AirForm({ data, onDone }: { data: PlanPage; onDone: () => void }) {
  const { temperature } = useMeasures();
  const [read, { error, isLoading }] = useReadAirMutation();
  const draft = useDraft(`air/${data.job.id}`, { roomId: data.rooms[0]?.id ?? '', t: '', rh: '' });
  const { roomId } = draft.said;
  const [file, filing] = useReadingsFileMutation();
  const sendFile = (csv: string) => file({ roomId, id: newId(), csv });
  const send = ({ t, rh }: typeof draft.said) => {
    const air = { temperatureC: temperature.read(t), relativeHumidityPct: readFigure(rh) };
    return read({ roomId, id: newId(), ...air, at: nowText() });
  };
  return (
    <Form
      draft={draft}
      label="The air"
      words="Note the air"
      busy={isLoading}
      error={error ?? filing.error}
      className="mb-3 flex flex-wrap items-end gap-3 border-y-2 border-ink bg-leaf px-4 py-3"
      footClass=""
      onSend={send}
      onSent={onDone}
      onLeave={onDone}
      beside={
        <FilePick look="plain" accept=".csv,text/csv,text/plain" onPick={(file) => void file.text().then(sendFile)}>
          or a file of hourly readings (CSV)
        </FilePick>
      }
    >
      <RoomChoice rooms={data.rooms} roomId={roomId} onRoom={(id) => draft.say({ roomId: id })} />
      <FigureField name="t" words={temperature.unit} required width="w-20" />
      <FigureField name="rh" words="% RH" required width="w-20" />
      {filing.data && (
        <p role="status" className="w-full text-sm">
          {counted(filing.data.hours, 'hour was', 'hours were')} read in.
          {filing.data.gaps.length > 0 && ` ${filing.data.gaps.length} short gaps were filled in between.`}
        </p>
      )}
    </Form>
  );
}
