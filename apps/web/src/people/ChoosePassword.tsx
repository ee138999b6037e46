import { useState, type FormEvent } from 'react';
import { Password } from '../form/Password.tsx';
import { Refused } from '../page/Page.tsx';

interface Props {
  words: string;
  /** Whose it will be: what is no good for it, and what a password manager keeps it under. */
  who: { name: string; email: string };
  act: string;
  busyWords: string;
  busy: boolean;
  error: unknown;
  onChoose: (password: string) => void;
}

/** Behind a link: one choice, and the act that it is for. */
export function ChoosePassword({ words, who, act, busyWords, busy, error, onChoose }: Props) {
  const [password, setPassword] = useState('');
  const send = (event: FormEvent) => {
    event.preventDefault();
    onChoose(password);
  };
  return (
    <form onSubmit={send}>
      <input type="hidden" autoComplete="username" value={who.email} readOnly />
      <Password words={words} isNew about={`${who.name}\n${who.email}`} value={password} onType={setPassword} />
      <Refused error={error} />
      <button type="submit" disabled={busy} className="min-h-[44px] w-full rounded bg-ink font-semibold text-onink">
        {busy ? busyWords : act}
      </button>
    </form>
  );
}
