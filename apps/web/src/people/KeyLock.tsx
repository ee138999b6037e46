import { useState } from 'react';
import { Typed } from '../form/atOnce.tsx';
import { Button } from '../form/Button.tsx';
import { newId } from '../store/newId.ts';
import { useAddKeyMutation, useAskForKeyMutation, useDropKeyMutation, type SecondLock } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Behind } from './Behind.tsx';
import { ByPassword } from './ByPassword.tsx';
import { canKeepKeys, DEVICE_FAULT, makeKey } from './passkey.ts';

/** Keys that devices keep: a fingerprint, a face or a stick opens, and no code is typed. */
export function KeyLock({ keys, onClosed }: { keys: SecondLock['keys']; onClosed: (codes: string[]) => void }) {
  const [name, setName] = useState('');
  const [fault, setFault] = useState('');
  const [ask, asking] = useAskForKeyMutation();
  const [add, adding] = useAddKeyMutation();
  const make = async (password: string) => {
    setFault('');
    const { data } = await ask({ id: newId(), password });
    if (!data) return;
    try {
      const key = await makeKey(data.asked as never);
      const sent = await add({ id: newId(), name: name || 'This device', key: key as never });
      if (sent.data) {
        setName('');
        onClosed(sent.data.onPaper);
      }
    } catch {
      setFault(DEVICE_FAULT);
    }
  };
  return (
    <>
      <ul className="mb-3">
        {keys.map((key) => (
          <KeyLine key={key.id} kept={key} />
        ))}
      </ul>
      {canKeepKeys() ? (
        <Behind words="Add a passkey of this device">
          <Typed
            words="What you call this device"
            placeholder="Work phone"
            maxLength={60}
            value={name}
            onType={setName}
            width="mt-1 mb-3 w-[360px]"
            asked="large"
          />
          <ByPassword
            words="Password of now, to add a passkey"
            act="Add it"
            look="main"
            busy={asking.isLoading || adding.isLoading}
            error={asking.error ?? adding.error}
            onSend={make}
          />
          {fault && (
            <p role="alert" className="mt-2 text-madder">
              {fault}
            </p>
          )}
        </Behind>
      ) : (
        <p className="max-w-[60ch] text-faded">
          A passkey holds on to a name: open Rustic Ledger by its name rather than by a bare address, in a browser that
          keeps passkeys.
        </p>
      )}
    </>
  );
}

function KeyLine({ kept }: { kept: SecondLock['keys'][number] }) {
  const [drop, dropping] = useDropKeyMutation();
  const [asks, setAsks] = useState(false);
  const { sayDate } = useWords();
  return (
    <li className="border-b border-rule py-2">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <span>
          <strong>{kept.name}</strong> <span className="text-faded">since {sayDate(kept.at)}</span>
        </span>
        {!asks && (
          <Button look="plain" onClick={() => setAsks(true)}>
            Take it off
          </Button>
        )}
      </div>
      {asks && (
        <ByPassword
          words={`Password of now, to take ${kept.name} off`}
          act="Take it off"
          look="line"
          busy={dropping.isLoading}
          error={dropping.error}
          onSend={(password) => drop({ keyId: kept.id, id: newId(), password })}
        />
      )}
    </li>
  );
}
