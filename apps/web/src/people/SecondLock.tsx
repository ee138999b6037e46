import { useState, type FormEvent } from 'react';
import { Typed } from '../form/atOnce.tsx';
import { Button } from '../form/Button.tsx';
import { Password } from '../form/Password.tsx';
import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { useBeginLockMutation, useCloseLockMutation, useOpenLockMutation } from '../store/endpoints.ts';

/** The second lock of one's own door: set up with a phone, or taken off. */
export function SecondLock({ isClosed, isNeeded }: { isClosed: boolean; isNeeded: boolean }) {
  const [onPaper, setOnPaper] = useState<string[] | null>(null);
  return (
    <section aria-labelledby="second" className="mb-8">
      <h2 id="second" className="border-b-2 border-ink pb-0.5 text-[19px]">
        A second lock
      </h2>
      {onPaper && <OnPaper codes={onPaper} />}
      {isClosed ? (
        <TakeOff />
      ) : (
        <>
          <p className="my-2 max-w-[60ch]">
            {isNeeded
              ? 'Your firm asks its owners for a second lock. Set it up now; then everything opens.'
              : 'Who learns the password still does not come in: at each sign-in your phone shows six figures.'}
          </p>
          <SetUp onClosed={setOnPaper} />
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
      <p className="mb-2 text-faded">Each opens once, where the phone is lost.</p>
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

function SetUp({ onClosed }: { onClosed: (codes: string[]) => void }) {
  const [code, setCode] = useState('');
  const [begin, beginning] = useBeginLockMutation();
  const [close, closing] = useCloseLockMutation();
  const lock = beginning.data;
  const prove = (event: FormEvent) => {
    event.preventDefault();
    void close({ id: newId(), code }).then((sent) => {
      if (sent.data) onClosed(sent.data.onPaper);
    });
  };
  if (!lock)
    return (
      <ByPassword
        words="Password of now, to set it up"
        act="Set it up"
        look="main"
        busy={beginning.isLoading}
        error={beginning.error}
        onSend={(password) => begin({ id: newId(), password })}
      />
    );
  return (
    <form onSubmit={prove} className="flex flex-wrap items-start gap-6">
      <img src={lock.picture} alt="What the phone's code application reads" className="rounded border border-rule" />
      <div className="max-w-[380px] flex-1 basis-[260px]">
        <p className="mb-2">Let the code application of your phone read this, or type into it:</p>
        <p className="mb-4 break-all text-[15px]">
          <code>{lock.secret.replaceAll(/(.{4})/g, '$1 ').trim()}</code>
        </p>
        <Typed
          words="The six figures it shows"
          inputMode="numeric"
          autoComplete="one-time-code"
          required
          maxLength={7}
          value={code}
          onType={setCode}
          width="mt-1 mb-3 w-36"
          asked="large"
        />
        <Refused error={closing.error} />
        <Button look="main" type="submit" busy={closing.isLoading}>
          Close the lock
        </Button>
      </div>
    </form>
  );
}

function TakeOff() {
  const [open, opening] = useOpenLockMutation();
  return (
    <>
      <p className="my-2">It is closed: your phone is asked at each sign-in.</p>
      <ByPassword
        words="Password of now, to take it off"
        act="Take it off"
        look="line"
        busy={opening.isLoading}
        error={opening.error}
        onSend={(password) => open({ id: newId(), password })}
      />
    </>
  );
}

interface ByPasswordProps {
  words: string;
  act: string;
  look: 'main' | 'line';
  busy: boolean;
  error: unknown;
  onSend: (password: string) => Promise<unknown>;
}

/** What is done to a lock takes the password of now, which is forgotten as soon as it was sent. */
function ByPassword({ words, act, look, busy, error, onSend }: ByPasswordProps) {
  const [password, setPassword] = useState('');
  const send = (event: FormEvent) => {
    event.preventDefault();
    void onSend(password).then(() => setPassword(''));
  };
  return (
    <form onSubmit={send} className="max-w-[360px]">
      <Password words={words} value={password} onType={setPassword} />
      <Refused error={error} />
      <Button look={look} type="submit" busy={busy}>
        {act}
      </Button>
    </form>
  );
}
