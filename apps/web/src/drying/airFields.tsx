import type { PlanRoom } from '../store/endpoints.ts';
import { Choice, Typed } from '../form/atOnce.tsx';

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
  return <Choice words={words} value={roomId} options={rooms.map((r) => [r.id, r.name] as const)} onChoose={onRoom} />;
}

/** A figure of the air: its temperature, or its humidity. */
export function AirFigure({ unit, text, onText }: { unit: string; text: string; onText: (text: string) => void }) {
  return <Typed words={unit} inputMode="decimal" required value={text} onType={onText} width="w-20" />;
}
