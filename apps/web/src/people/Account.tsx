import { useState, type FormEvent } from 'react';
import { Page, Refused } from '../page/Page.tsx';
import { useTell } from '../store/store.ts';
import {
  endpoints,
  useChangePasswordMutation,
  useSessionQuery,
  useSignOutEverywhereMutation,
} from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { Password } from '../form/Password.tsx';
import { SecondLock } from './SecondLock.tsx';

/** One's own ways in: the password, and every device that is signed in. */
export default function Account() {
  const [before, setBefore] = useState('');
  const [after, setAfter] = useState('');
  const [change, changing] = useChangePasswordMutation();
  const [everywhere, leaving] = useSignOutEverywhereMutation();
  const { data: session } = useSessionQuery();
  const tell = useTell();
  const send = (event: FormEvent) => {
    event.preventDefault();
    void change({ id: newId(), before, after }).then((sent) => {
      if ('error' in sent) return;
      setBefore('');
      setAfter('');
    });
  };
  return (
    <Page
      title="My password and devices"
      notes={[
        {
          n: 1,
          text: 'Twelve letters or more. A few words that do not belong together are easier to keep than one odd one.',
        },
        { n: 2, text: 'A new password signs you out everywhere but here.' },
        {
          n: 3,
          text: 'Who lost phone, devices and paper asks an owner of the firm: they can take the second lock off.',
        },
      ]}
    >
      <form onSubmit={send} className="mb-8 max-w-[360px]">
        <Password words="Password of now" value={before} onType={setBefore} />
        <Password words="New password, twelve letters or more" isNew value={after} onType={setAfter} />
        <Refused error={changing.error} />
        <button
          type="submit"
          disabled={changing.isLoading}
          className="min-h-[44px] rounded bg-ink px-5 font-semibold text-onink"
        >
          {changing.isLoading ? 'Writing …' : 'Change it'}
        </button>
        {changing.isSuccess && (
          <p role="status" className="mt-2">
            Changed. Other devices are signed out.
          </p>
        )}
      </form>
      {session && <SecondLock isNeeded={session.person.needsSecond} />}
      <button
        type="button"
        className="min-h-[44px] rounded border border-ink px-5 font-semibold"
        onClick={() =>
          void everywhere({ id: newId() }).then((sent) => {
            if (!('error' in sent)) tell(endpoints.util.resetApiState());
          })
        }
      >
        Sign out on every device
      </button>
      <Refused error={leaving.error} />
    </Page>
  );
}
