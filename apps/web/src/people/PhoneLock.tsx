import { useState, type FormEvent } from 'react';
import { Typed } from '../form/atOnce.tsx';
import { Button } from '../form/Button.tsx';
import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { useBeginLockMutation, useCloseLockMutation } from '../store/endpoints.ts';
import { ByPassword } from './ByPassword.tsx';

/** A phone that shows six figures: it reads a secret, and proves that it has it. */
export function PhoneLock({ onClosed }: { onClosed: (codes: string[]) => void }) {
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
