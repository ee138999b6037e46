import { useState, type FormEvent } from 'react';
import { Button } from '../form/Button.tsx';
import { Password } from '../form/Password.tsx';
import { Refused } from '../page/Page.tsx';

interface ByPasswordProps {
  words: string;
  act: string;
  look: 'main' | 'line';
  busy: boolean;
  error: unknown;
  onSend: (password: string) => Promise<unknown>;
}

/** What is done to a lock takes the password of now, which is forgotten as soon as it was sent. */
export function ByPassword({ words, act, look, busy, error, onSend }: ByPasswordProps) {
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
