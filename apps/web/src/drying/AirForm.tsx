import { useState } from 'react';
import { Refused } from '../page/Page.tsx';
import { AirFigure, RoomChoice } from './airFields.tsx';
import { figureIn } from './figureIn.ts';
import { nowText } from '../clock/clock.ts';
import { newId } from '../store/newId.ts';
import { type PlanPage, useReadAirMutation, useReadingsFileMutation } from '../store/endpoints.ts';

/** A reading by hand, or a file of hourly readings. */
export function AirForm({ data, onDone }: { data: PlanPage; onDone: () => void }) {
  const [read, { error, isLoading }] = useReadAirMutation();
  const [roomId, setRoomId] = useState(data.rooms[0]?.id ?? '');
  const [t, setT] = useState('');
  const [rh, setRh] = useState('');
  const [file, filing] = useReadingsFileMutation();
  const sendFile = (csv: string) => file({ roomId, id: newId(), csv });
  return (
    <form
      className="mb-3 flex flex-wrap items-end gap-3 border-y-2 border-ink bg-leaf px-4 py-3"
      onSubmit={(e) => {
        e.preventDefault();
        void read({
          roomId,
          id: newId(),
          temperatureC: figureIn(t),
          relativeHumidityPct: figureIn(rh),
          at: nowText(),
        }).then((sent) => {
          if (!('error' in sent)) onDone();
        });
      }}
    >
      <RoomChoice rooms={data.rooms} roomId={roomId} onRoom={setRoomId} />
      <AirFigure unit="°C" text={t} onText={setT} />
      <AirFigure unit="% RH" text={rh} onText={setRh} />
      <button type="submit" disabled={isLoading} className="min-h-[44px] rounded bg-ink px-5 font-semibold text-onink">
        {isLoading ? 'Planning …' : 'Note the air'}
      </button>
      <label className="min-h-[44px] cursor-pointer py-2.5 text-sm underline">
        or a file of hourly readings (CSV)
        <input
          type="file"
          accept=".csv,text/csv,text/plain"
          className="sr-only"
          onChange={(e) => void e.target.files?.[0]?.text().then((csv) => sendFile(csv))}
        />
      </label>
      <button type="button" className="min-h-[44px] underline" onClick={onDone}>
        Leave it
      </button>
      <Refused error={error ?? filing.error} />
      {filing.data && (
        <p role="status" className="w-full text-sm">
          {filing.data.hours} hours were read in.
          {filing.data.gaps.length > 0 && ` ${filing.data.gaps.length} short gaps were filled in between.`}
        </p>
      )}
    </form>
  );
}
