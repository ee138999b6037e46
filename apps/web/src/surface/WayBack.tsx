import { FAULT_LABELS, FAULTS, type Fault } from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { Refused } from '../page/Page.tsx';
import { capital, sayHours, sayMoney, isTold } from '../words/figures.ts';
import { newId } from '../store/newId.ts';
import { type SurfacePage, useWayBackQuery, useWriteWayBackMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { TextField, TickField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

/** Something looks wrong: what it is, and the way back as steps. */
export function WayBack({ data, onDone }: { data: SurfacePage; onDone: () => void }) {
  const { inOurWords, sayStep } = useWords();
  const surfaceId = data.surface.id;
  const draft = useDraft(`way-back/${surfaceId}`, { fault: null as Fault | null, wet: false, note: '' });
  const { fault, wet } = draft.said;
  const { currentData: way, error } = useWayBackQuery({ surfaceId, fault: fault!, wet }, { skip: fault === null });
  const [write, writing] = useWriteWayBackMutation();
  const keep = ({ note }: typeof draft.said) => write({ surfaceId, id: newId(), fault: fault!, wet, note });
  return (
    <Form
      draft={draft}
      label="The way back"
      words={fault ? `Write it down: ${capital(FAULT_LABELS[fault])}` : 'Write it down'}
      busy={writing.isLoading}
      disabled={!way}
      error={writing.error}
      className="mb-4 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4"
      footClass="mt-2"
      onSend={keep}
      onSent={onDone}
      onLeave={onDone}
    >
      <p className="font-semibold">What does it do?</p>
      <div role="group" aria-label="Fault" className="mt-1 flex flex-wrap gap-1.5">
        {FAULTS.map((f) => (
          <Chip key={f} pressed={fault === f} onPress={() => draft.say({ fault: f })}>
            {FAULT_LABELS[f]}
          </Chip>
        ))}
      </div>
      <TickField name="wet" words="It is still wet" className="mt-2" />
      <Refused error={error} />
      {way && (
        <>
          <p>
            <strong>{inOurWords(way.cause)}</strong> Back to: {inOurWords(way.backTo)}.
          </p>
          <ol className="mt-1 max-w-[720px]">
            {way.steps.map((step, i) => (
              <li key={i} className="grid grid-cols-[28px_1fr] border-b border-rule py-1">
                <span className="font-bold">{i + 1}</span>
                <span>
                  {sayStep(step)}
                  {i < way.undoes && <span className="text-sm text-faded">, undoing</span>}
                  <span className="block text-sm text-faded">{step.why.map(inOurWords).join(' ')}</span>
                </span>
              </li>
            ))}
          </ol>
          <p className="mt-1 font-semibold">
            {sayHours(way.price.minutes)} h
            {isTold(way.price.cost) && `, ${sayMoney(way.price.cost, data.firm.currency)}`}
          </p>
          <TextField name="note" words="What was seen" maxLength={600} className="mt-2" width="w-full max-w-[480px]" />
        </>
      )}
    </Form>
  );
}
