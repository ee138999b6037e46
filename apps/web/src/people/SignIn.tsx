import { useState, type FormEvent } from 'react';
import { Navigate } from 'react-router';
import { forgetAnswers } from '../offline/begin.ts';
import { Mark } from '../page/Logo.tsx';
import { Refused } from '../page/Page.tsx';
import { refusalOf } from '../outbox/refusal.ts';
import { newId } from '../store/newId.ts';
import { useAskRecoveryMutation, useFirstRunQuery, useSignInMutation } from '../store/endpoints.ts';
import { Typed } from '../form/atOnce.tsx';
import { Button } from '../form/Button.tsx';
import { Password } from '../form/Password.tsx';
import { DEVICE_FAULT, openWithKey } from './passkey.ts';

export function SignIn() {
  const [signIn, { isLoading, error }] = useSignInMutation();
  const { data: firstRun } = useFirstRunQuery();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const [code, setCode] = useState('');
  const [asks, setAsks] = useState(false);
  const [lost, setLost] = useState(false);
  const [deviceFault, setDeviceFault] = useState('');
  const asked = refusalOf(error);
  const openByKey = async (question: unknown) => {
    setDeviceFault('');
    try {
      const key = await openWithKey(question as never);
      await signIn({ email, password, key: key as never });
    } catch {
      setDeviceFault(DEVICE_FAULT);
    }
  };
  const send = (event: FormEvent) => {
    event.preventDefault();
    setDeviceFault('');
    // What the last person fetched on this device is not the next one's.
    void forgetAnswers()
      .then(() => signIn({ email, password, ...(code ? { code } : {}) }))
      .then((sent) => {
        const refused = refusalOf(sent.error);
        if (refused?.code !== 'second-asked') return;
        setAsks(true);
        if (refused.passkey) return openByKey(refused.passkey);
      });
  };
  if (firstRun?.open) return <Navigate to="/first-run" replace />;
  return (
    <main className="flex min-h-dvh items-center justify-center p-4">
      <form onSubmit={send} className="w-full max-w-[360px] rounded border border-strong bg-leaf p-7">
        <Mark />
        <h1 className="mt-2 mb-1 text-2xl">Rustic Ledger</h1>
        <p className="mb-5 text-faded">What is on it, what goes on it, when, and whether it held.</p>
        <Typed
          words="E-mail address"
          type="email"
          name="email"
          autoComplete="username"
          required
          value={email}
          onType={setEmail}
          width="mt-1 mb-3 w-full"
          asked="large"
        />
        <Password words="Password" value={password} onType={setPassword} />
        {asks && (
          <Typed
            words="Six figures from your phone, or a code from your paper"
            autoComplete="one-time-code"
            autoFocus
            maxLength={20}
            value={code}
            onType={setCode}
            width="mt-1 mb-4 w-full"
            asked="large"
          />
        )}
        <Refused error={asked?.code === 'second-asked' ? undefined : error} />
        {deviceFault && (
          <p role="alert" className="mb-3 text-madder">
            {deviceFault}
          </p>
        )}
        <button
          type="submit"
          disabled={isLoading}
          className="min-h-[44px] w-full rounded bg-ink font-semibold text-onink"
        >
          {isLoading ? 'Signing in …' : 'Sign in'}
        </button>
        {lost ? (
          <LostPassword email={email} />
        ) : (
          <button type="button" className="mt-2 min-h-[44px] text-sm underline" onClick={() => setLost(true)}>
            I do not know my password any more
          </button>
        )}
      </form>
    </main>
  );
}

/** A link for a new password goes to the address; whether anybody has it is not told here. */
function LostPassword({ email }: { email: string }) {
  const [ask, { error, isLoading, isSuccess }] = useAskRecoveryMutation();
  if (isSuccess)
    return (
      <p role="status" className="mt-4 text-sm">
        If somebody has this address here, a link is on its way to it. It opens once, for half an hour. An owner of the
        firm can send one too.
      </p>
    );
  return (
    <div className="mt-4 text-sm">
      <p className="mb-1">
        {email
          ? `A link for a new password goes to ${email}.`
          : 'Write your e-mail address above; a link for a new password goes there.'}
      </p>
      <Refused error={error} />
      <Button
        busy={isLoading}
        busyWords="Asking …"
        disabled={email.length < 3}
        onClick={() => void ask({ id: newId(), email })}
      >
        Send it
      </Button>
    </div>
  );
}
