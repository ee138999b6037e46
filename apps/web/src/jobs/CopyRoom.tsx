import { useState } from 'react';
import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import {
  type Room,
  type SurfaceBrief,
  useAddWholeRoomMutation,
  useTakeOutRoomMutation,
  type WholeJob,
} from '../store/endpoints.ts';

/** The same room again, with its surfaces and nothing that was tested: a house has rooms alike. */
export function CopyRoom({
  data,
  room,
  surfaces,
  className,
}: {
  data: WholeJob;
  room: Room;
  surfaces: SurfaceBrief[];
  className: string;
}) {
  const [add, { isLoading, error }] = useAddWholeRoomMutation();
  const [takeOut, undone] = useTakeOutRoomMutation();
  const [copied, setCopied] = useState<string | null>(null);
  const undo = (roomId: string) =>
    void takeOut({ roomId, id: newId() }).then((sent) => {
      if (!('error' in sent)) setCopied(null);
    });
  const copy = () => {
    const roomId = newId();
    void add({
      jobId: data.job.id,
      id: newId(),
      room: {
        id: roomId,
        name: `${room.name}, another`.slice(0, 120),
        kind: room.kind,
        facing: room.facing,
        sketch: room.sketch,
      },
      surfaces: surfaces.map((s) => ({
        id: newId(),
        roomId,
        name: s.name,
        campaign: s.campaign,
        facts: s.facts,
        wanted: s.wanted,
        measure: s.measure,
        access: s.access,
      })),
    }).then((sent) => {
      if (!('error' in sent)) setCopied(roomId);
    });
  };
  return (
    <>
      <button type="button" disabled={isLoading} className={className} onClick={copy}>
        Copy
      </button>
      {copied && (
        <span role="status" className="text-sm">
          Copied.
          <button type="button" disabled={undone.isLoading} className={className} onClick={() => undo(copied)}>
            Undo the copy
          </button>
        </span>
      )}
      <Refused error={error ?? undone.error} />
    </>
  );
}
