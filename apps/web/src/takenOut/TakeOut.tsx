import { Form } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { newId } from '../store/newId.ts';
import { useTakeOutJobMutation, useTakeOutRoomMutation, useTakeOutSurfaceMutation } from '../store/endpoints.ts';

interface Props {
  what: 'job' | 'room' | 'surface';
  id: string;
  name: string;
  onOut: () => void;
  onLeave: () => void;
}

const GOES: Record<Props['what'], string> = {
  job: 'It goes from the list, from search and from the plans.',
  room: 'The room goes with all its surfaces, from price and plan as well.',
  surface: 'It goes from the walk, the price and the plan.',
};

/** Takes a job, a room or a surface out: nothing is rubbed out, and it can be brought back. */
export function TakeOut({ what, id, name, onOut, onLeave }: Props) {
  const draft = useDraft(`take-out/${id}`, { reason: '' });
  const [job, ofJob] = useTakeOutJobMutation();
  const [room, ofRoom] = useTakeOutRoomMutation();
  const [surface, ofSurface] = useTakeOutSurfaceMutation();
  const sent = { job: ofJob, room: ofRoom, surface: ofSurface }[what];
  const send = ({ reason }: { reason: string }) => {
    const body = { id: newId(), reason: reason.trim() };
    if (what === 'job') return job({ ...body, jobId: id });
    return what === 'room' ? room({ ...body, roomId: id }) : surface({ ...body, surfaceId: id });
  };
  return (
    <Form
      draft={draft}
      label={`Take out ${name}`}
      words="Take it out"
      busy={sent.isLoading}
      error={sent.error}
      className="mb-4 border-y-2 border-ink bg-leaf p-4"
      onSend={send}
      onSent={onOut}
      onLeave={onLeave}
    >
      <p className="mb-2 max-w-[70ch]">
        <strong>{name}.</strong> {GOES[what]} Nothing of its record is rubbed out, and it can be brought back.
      </p>
      <TextField
        name="reason"
        words="Why; needed where something was tested, logged or sent"
        maxLength={400}
        placeholder="entered twice"
        autoFocus
      />
    </Form>
  );
}
