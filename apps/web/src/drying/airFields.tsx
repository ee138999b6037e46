import type { PlanRoom } from '../store/endpoints.ts';

/** One of a job's rooms. */
export function RoomChoice({
  words = 'Room',
  rooms,
  roomId,
  onRoom,
}: {
  words?: string;
  rooms: readonly PlanRoom[];
  roomId: string;
  onRoom: (id: string) => void;
}) {
  return (
    <label className="text-sm">
      {words}
      <select value={roomId} onChange={(e) => onRoom(e.target.value)} className="block">
        {rooms.map((r) => (
          <option key={r.id} value={r.id}>
            {r.name}
          </option>
        ))}
      </select>
    </label>
  );
}

/** A figure of the air: its temperature, or its humidity. */
export function AirFigure({ unit, text, onText }: { unit: string; text: string; onText: (text: string) => void }) {
  return (
    <label className="text-sm">
      {unit}
      <input
        inputMode="decimal"
        required
        value={text}
        onChange={(e) => onText(e.target.value)}
        className="block w-20"
      />
    </label>
  );
}
