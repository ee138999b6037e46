import { useState } from 'react';
import { FAULT_LABELS, FAULTS, type Fault } from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { FormFoot } from '../page/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { capital, sayHours, sayMoney, isTold } from '../words/figures.ts';
import { newId } from '../store/newId.ts';
import { type SurfacePage, useWayBackQuery, useWriteWayBackMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** Something looks wrong: what it is, and the way back as steps. */
export function WayBack({ data, onDone }: { data: SurfacePage; onDone: () => void }) {
  const { inOurWords, sayStep } = useWords();
  const [fault, setFault] = useState<Fault | null>(null);
  const [wet, setWet] = useState(false);
  const [note, setNote] = useState('');
  const surfaceId = data.surface.id;
  const { currentData: way, error } = useWayBackQuery({ surfaceId, fault: fault!, wet }, { skip: fault === null });
  const [write, writing] = useWriteWayBackMutation();
  const keep = async () => {
    const sent = await write({ surfaceId, id: newId(), fault: fault!, wet, note });
    if (!('error' in sent)) onDone();
  };
  return (
    <section aria-label="The way back" className="mb-4 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4">
      <p className="font-semibold">What does it do?</p>
      <div role="group" aria-label="Fault" className="mt-1 flex flex-wrap gap-1.5">
        {FAULTS.map((f) => (
          <Chip key={f} pressed={fault === f} onPress={() => setFault(f)}>
            {FAULT_LABELS[f]}
          </Chip>
        ))}
      </div>
      <label className="mt-2 flex min-h-[44px] items-center gap-2">
        <input type="checkbox" className="size-5 min-h-0" checked={wet} onChange={(e) => setWet(e.target.checked)} />
        It is still wet
      </label>
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
          <label className="mt-2 block text-sm">
            What was seen
            <input
              value={note}
              maxLength={600}
              onChange={(e) => setNote(e.target.value)}
              className="block w-full max-w-[480px]"
            />
          </label>
        </>
      )}
      <Refused error={writing.error} />
      <FormFoot
        words={fault ? `Write it down: ${capital(FAULT_LABELS[fault])}` : 'Write it down'}
        busy={writing.isLoading}
        disabled={!way}
        onAct={() => void keep()}
        onLeave={onDone}
        className="mt-2"
      />
    </section>
  );
}
