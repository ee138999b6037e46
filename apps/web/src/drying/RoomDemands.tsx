import { useState } from 'react';
import { RoomChoice } from './airFields.tsx';
import { type PlanPage, type PlanRoom, useChangeRoomMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import type { RoomDemands as Demands } from './roomDemands.ts';
import { Form } from '../form/Form.tsx';
import { FigureField, SelectField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { readFigure } from '../words/readFigure.ts';

const SOURCES: Record<PlanRoom['airFrom'], string> = {
  reading: 'the last reading by hand',
  sensor: 'its sensor (simulated)',
  station: 'the weather station (simulated)',
  file: 'a file of readings',
};

/** What is asked of a room: by when it is wanted back, by when its vapour is gone, how many nights it may be out. */
export function RoomDemands({ data, onDone }: { data: PlanPage; onDone: () => void }) {
  const [roomId, setRoomId] = useState(data.rooms[0]?.id ?? '');
  const room = data.rooms.find((r) => r.id === roomId);
  return (
    <div className="mb-3 border-y-2 border-ink bg-leaf px-4 py-3">
      <RoomChoice rooms={data.rooms} roomId={roomId} onRoom={setRoomId} />
      {room && <AskedOfRoom key={room.id + room.version} room={room} onDone={onDone} />}
    </div>
  );
}

function AskedOfRoom({ room, onDone }: { room: PlanRoom; onDone: () => void }) {
  const [ask, { error, isLoading }] = useChangeRoomMutation();
  const draft = useDraft(`asked/${room.id}`, {
    version: room.version,
    backBy: room.backBy ?? '',
    fumesOutBy: room.fumesOutBy ?? '',
    nights: room.maxNightsOut === null ? '' : String(room.maxNightsOut),
    airFrom: room.airFrom,
  });
  const send = ({ version, backBy, fumesOutBy, nights, airFrom }: typeof draft.said) => {
    const demands: Demands = {
      backBy: backBy || null,
      fumesOutBy: fumesOutBy || null,
      maxNightsOut: nights.trim() === '' ? null : readFigure(nights),
      airFrom,
    };
    return ask({ roomId: room.id, id: newId(), version, ...demands });
  };
  return (
    <Form
      draft={draft}
      label={`What is asked of ${room.name}`}
      words="Ask that of it"
      busy={isLoading}
      error={error}
      className="mt-2 flex flex-wrap items-end gap-3"
      footClass=""
      onSend={send}
      onSent={onDone}
      onLeave={onDone}
    >
      <TextField name="backBy" words="Back in use by" type="time" width="" />
      <TextField name="fumesOutBy" words="Strong vapour gone by" type="time" width="" />
      <FigureField name="nights" words="Nights it may be out" inputMode="numeric" placeholder="any" />
      <SelectField
        name="airFrom"
        words="Its air is known from"
        options={Object.keys(SOURCES) as PlanRoom['airFrom'][]}
        say={(source) => SOURCES[source]}
        width=""
      />
    </Form>
  );
}
