import { useState } from 'react';
import { Button } from '../form/Button.tsx';
import { newId } from '../store/newId.ts';
import { useLockQuery, useOpenLockMutation, type SecondLock as Lock } from '../store/endpoints.ts';
import { Behind } from './Behind.tsx';
import { ByPassword } from './ByPassword.tsx';
import { KeyLock } from './KeyLock.tsx';
import { PhoneLock } from './PhoneLock.tsx';

const HEAD = 'mt-4 mb-1 text-[17px]';

/** The second lock of one's own door: a phone's figures, passkeys, codes on paper; set up, or taken off. */
export function SecondLock({ isNeeded }: { isNeeded: boolean }) {
  const { data: lock } = useLockQuery();
  const [onPaper, setOnPaper] = useState<string[]>([]);
  const isClosed = lock !== undefined && (lock.phone || lock.keys.length > 0);
  return (
    <section aria-labelledby="second" className="mb-8">
      <h2 id="second" className="border-b-2 border-ink pb-0.5 text-[19px]">
        A second lock
      </h2>
      {onPaper.length > 0 && <OnPaper codes={onPaper} />}
      {!isClosed && (
        <p className="my-2 max-w-[60ch]">
          {isNeeded
            ? 'Your firm asks its owners for a second lock. Set it up now, by phone or by passkey; then everything opens.'
            : 'Who learns the password still does not come in: at each sign-in a passkey of your device is asked for, or six figures that your phone shows.'}
        </p>
      )}
      {lock && (
        <>
          <h3 className={HEAD}>Passkeys</h3>
          <KeyLock keys={lock.keys} onClosed={setOnPaper} />
          <h3 className={HEAD}>Figures on a phone</h3>
          {lock.phone ? (
            <p className="my-2">Your phone opens it with six figures.</p>
          ) : (
            <Behind words="Let a phone open it">
              <PhoneLock onClosed={setOnPaper} />
            </Behind>
          )}
          {isClosed && <TakeOff lock={lock} />}
        </>
      )}
    </section>
  );
}

/** Shown this once: who loses the phone comes in by these. */
function OnPaper({ codes }: { codes: readonly string[] }) {
  return (
    <div role="status" className="my-3 rounded border border-ink bg-leaf p-4">
      <p className="font-semibold">The lock is closed. Write these down or print them; they are shown only now.</p>
      <p className="mb-2 text-faded">Each opens once, where phone and devices are lost.</p>
      <ul className="grid max-w-[420px] grid-cols-2 gap-x-8 gap-y-1 text-[17px] tabular-nums">
        {codes.map((code) => (
          <li key={code}>
            <code>{code}</code>
          </li>
        ))}
      </ul>
      <p className="mt-3">
        <Button look="plain" onClick={() => print()}>
          Print them
        </Button>
      </p>
    </div>
  );
}

function TakeOff({ lock }: { lock: Lock }) {
  const [open, opening] = useOpenLockMutation();
  return (
    <>
      <h3 className={HEAD}>All of it</h3>
      <p className="my-2">
        {lock.onPaper === 1 ? 'One code' : `${lock.onPaper} codes`} on paper {lock.onPaper === 1 ? 'is' : 'are'} left.
        Taken off, your password alone opens.
      </p>
      <Behind words="Take the lock off">
        <ByPassword
          words="Password of now, to take the lock off"
          act="Take it off"
          look="line"
          busy={opening.isLoading}
          error={opening.error}
          onSend={(password) => open({ id: newId(), password })}
        />
      </Behind>
    </>
  );
}
