import { useState, type FormEvent } from 'react';
import { Navigate } from 'react-router';
import { forgetAnswers } from '../offline/begin.ts';
import { Mark } from '../page/Logo.tsx';
import { Refused } from '../page/Page.tsx';
import { useFirstRunQuery, useSignInMutation } from '../store/endpoints.ts';
import { Typed } from '../form/atOnce.tsx';
import { Password } from '../form/Password.tsx';

export function SignIn() {
  const [signIn, { isLoading, error }] = useSignInMutation();
  const { data: firstRun } = useFirstRunQuery();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const send = (event: FormEvent) => {
    event.preventDefault();
    // What the last person fetched on this device is not the next one's.
    void forgetAnswers().then(() => signIn({ email, password }));
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
        <Refused error={error} />
        <button
          type="submit"
          disabled={isLoading}
          className="min-h-[44px] w-full rounded bg-ink font-semibold text-onink"
        >
          {isLoading ? 'Signing in …' : 'Sign in'}
        </button>
      </form>
    </main>
  );
}
