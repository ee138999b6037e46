import { useState, type FormEvent } from 'react';
import { FormFoot } from '../page/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { readSettings, SETTING_FIELDS } from './settingFields.ts';
import { newId } from '../store/newId.ts';
import { type PricePage, useChangeFirmMutation, useSessionQuery } from '../store/endpoints.ts';

/** How the firm prices, on every job: what is typed is read as people write it. */
export function PriceSettings({ data, onDone }: { data: PricePage; onDone: () => void }) {
  const { data: session } = useSessionQuery();
  const [change, { isLoading, error }] = useChangeFirmMutation();
  const [fault, setFault] = useState<string | null>(null);
  if (!session) return null;
  const keep = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const read = readSettings(new FormData(event.currentTarget));
    if ('fault' in read) {
      setFault(read.fault);
      return;
    }
    setFault(null);
    const answer = await change({ id: newId(), version: session.firm.version, pricing: read.settings });
    if (!('error' in answer)) onDone();
  };
  return (
    <form onSubmit={(e) => void keep(e)} className="mb-4 border-b-2 border-ink bg-leaf p-4" aria-label="How we price">
      <p className="mb-2 text-sm text-faded">
        For every job of the firm. What was sent keeps the price it was sent at.
      </p>
      <div className="grid grid-cols-2 gap-3 text-sm wide:grid-cols-4">
        {SETTING_FIELDS.map(({ name, words, show }) => (
          <label key={name}>
            {words}
            <input name={name} required defaultValue={show(data.settings[name] as never)} className="block w-full" />
          </label>
        ))}
      </div>
      {fault && (
        <p role="alert" className="mt-2 text-madder">
          {fault}
        </p>
      )}
      <Refused error={error} />
      <FormFoot words="Keep" busy={isLoading} onLeave={onDone} />
    </form>
  );
}
