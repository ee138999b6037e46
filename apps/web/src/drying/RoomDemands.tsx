import { useState } from 'react';
import { Refused } from '../page/Page.tsx';
import { RoomChoice } from './airFields.tsx';
import { type PlanPage, type PlanRoom, useChangeRoomMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import type { RoomDemands as Demands } from './roomDemands.ts';

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
      {room && <Asked key={room.id + room.version} room={room} onDone={onDone} />}
    </div>
  );
}

function Asked({ room, onDone }: { room: PlanRoom; onDone: () => void }) {
  const [ask, { error, isLoading }] = useChangeRoomMutation();
  const [backBy, setBackBy] = useState(room.backBy ?? '');
  const [fumes, setFumes] = useState(room.fumesOutBy ?? '');
  const [nights, setNights] = useState(room.maxNightsOut === null ? '' : String(room.maxNightsOut));
  const [airFrom, setAirFrom] = useState(room.airFrom);
  const demands: Demands = {
    backBy: backBy || null,
    fumesOutBy: fumes || null,
    maxNightsOut: nights.trim() === '' ? null : Number(nights),
    airFrom,
  };
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        void ask({ roomId: room.id, id: newId(), version: room.version, ...demands }).then((sent) => {
          if (!('error' in sent)) onDone();
        });
      }}
    >
      <label className="text-sm">
        Back in use by
        <input type="time" value={backBy} onChange={(e) => setBackBy(e.target.value)} className="block" />
      </label>
      <label className="text-sm">
        Strong vapour gone by
        <input type="time" value={fumes} onChange={(e) => setFumes(e.target.value)} className="block" />
      </label>
      <label className="text-sm">
        Nights it may be out
        <input
          inputMode="numeric"
          value={nights}
          placeholder="any"
          onChange={(e) => setNights(e.target.value)}
          className="block w-24"
        />
      </label>
      <label className="text-sm">
        Its air is known from
        <select value={airFrom} onChange={(e) => setAirFrom(e.target.value as PlanRoom['airFrom'])} className="block">
          {(Object.keys(SOURCES) as PlanRoom['airFrom'][]).map((source) => (
            <option key={source} value={source}>
              {SOURCES[source]}
            </option>
          ))}
        </select>
      </label>
      <button type="submit" disabled={isLoading} className="min-h-[44px] rounded bg-ink px-5 font-semibold text-onink">
        {isLoading ? 'Planning …' : 'Ask that of it'}
      </button>
      <button type="button" className="min-h-[44px] underline" onClick={onDone}>
        Leave it
      </button>
      <Refused error={error} />
    </form>
  );
}
