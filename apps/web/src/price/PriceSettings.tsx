import { useState } from 'react';
import { useMeasures } from '../words/useMeasures.ts';
import { readSettings, settingFields } from './settingFields.ts';
import { newId } from '../store/newId.ts';
import { type PricePage, useChangeFirmMutation, useSessionQuery } from '../store/endpoints.ts';
import { Form } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

/** How the firm prices, on every job: what is typed is read as people write it. */
export function PriceSettings({ data, onDone }: { data: PricePage; onDone: () => void }) {
  const { data: session } = useSessionQuery();
  return session ? <Settings data={data} version={session.firm.version} onDone={onDone} /> : null;
}

function Settings({ data, version, onDone }: { data: PricePage; version: number; onDone: () => void }) {
  const [change, { isLoading, error }] = useChangeFirmMutation();
  const [fault, setFault] = useState<string | null>(null);
  const { volume } = useMeasures();
  const fields = settingFields(data.draft.currency, volume);
  const shown = Object.fromEntries(fields.map(({ name, show }) => [name, show(data.settings[name] as never)]));
  const draft = useDraft('price-settings', {
    version,
    typed: shown,
  });
  const keep = (said: typeof draft.said) => {
    // A figure that was shown rounded and not touched is not read back.
    const touched = fields.filter(({ name }) => said.typed[name] !== shown[name]);
    const read = readSettings(said.typed, touched);
    setFault('fault' in read ? read.fault : null);
    if ('fault' in read) return null;
    return change({ id: newId(), version: said.version, pricing: read.settings });
  };
  return (
    <Form
      draft={draft}
      label="How we price"
      words="Keep"
      busy={isLoading}
      error={error}
      className="mb-4 border-b-2 border-ink bg-leaf p-4"
      onSend={keep}
      onSent={onDone}
      onLeave={onDone}
    >
      <p className="mb-2 text-sm text-faded">
        For every job of the firm. What was sent keeps the price it was sent at.
      </p>
      <div className="grid grid-cols-2 gap-3 wide:grid-cols-4">
        {fields.map(({ name, words }) => (
          <TextField key={name} name={`typed.${name}`} words={words} required />
        ))}
      </div>
      {fault && (
        <p role="alert" className="mt-2 text-madder">
          {fault}
        </p>
      )}
    </Form>
  );
}
