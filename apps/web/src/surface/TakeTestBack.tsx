import { testWords } from '@rustic/core';
import { Form } from '../form/Form.tsx';
import { SelectField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { newId } from '../store/newId.ts';
import { type TestRow, useJobQuery, useTakeTestBackMutation } from '../store/endpoints.ts';

interface Props {
  jobId: string;
  row: TestRow;
  onDone: () => void;
}

/** A test that was made on another surface, or not at all: it moves there, or is taken back; both stay in the ledger. */
export function TakeTestBack({ jobId, row, onDone }: Props) {
  const { data: job } = useJobQuery(jobId);
  const [takeBack, { isLoading, error }] = useTakeTestBackMutation();
  const draft = useDraft(`take-test-back/${row.id}`, { note: '', movedTo: null as string | null });
  const others = (job?.surfaces ?? []).filter((s) => s.id !== row.surfaceId);
  const nameOf = (id: string) => {
    const surface = others.find((s) => s.id === id);
    const room = job?.rooms.find((r) => r.id === surface?.roomId);
    return [surface?.name, room?.name].filter(Boolean).join(', ');
  };
  const send = ({ note, movedTo }: typeof draft.said) =>
    takeBack({
      testId: row.id,
      id: newId(),
      note: note.trim(),
      ...(movedTo ? { movedTo, movedId: newId() } : {}),
    });
  return (
    <Form
      draft={draft}
      label="Take a test back"
      words={draft.said.movedTo ? 'Move it there' : 'Take it back'}
      busy={isLoading}
      error={error}
      className="mb-4 border-y-2 border-ink bg-leaf p-4"
      onSend={send}
      onSent={onDone}
      onLeave={onDone}
    >
      <p className="mb-2 max-w-[60ch]">
        <strong>{testWords(row.test)}</strong>
        {row.test.place && `, ${row.test.place}`} counts here no more. The record keeps that it was written, and why it
        was taken back.
      </p>
      <div className="grid gap-3 wide:grid-cols-2">
        <SelectField
          name="movedTo"
          words="It was made on"
          unsaid="no other surface: it was not made"
          options={others.map((s) => s.id)}
          say={nameOf}
        />
        <TextField
          name="note"
          words="Why it is taken back"
          required
          maxLength={1000}
          placeholder="the door beside it"
          autoFocus
        />
      </div>
    </Form>
  );
}
