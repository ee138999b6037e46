import { useState, type FormEvent } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Mark } from '../page/Logo.tsx';
import { Coming, Refused } from '../page/Page.tsx';
import { ROLE_WORDS } from './roleWords.ts';
import { newId } from '../store/newId.ts';
import { useInvitationQuery, useJoinMutation } from '../store/endpoints.ts';
import { Password } from '../form/Password.tsx';

/** Behind the link of an invitation: whose it is, and the password to come in by. */
export default function Join() {
  const { token } = useParams();
  const navigate = useNavigate();
  const { data, error } = useInvitationQuery(token!);
  const [join, joining] = useJoinMutation();
  const [password, setPassword] = useState('');
  const [id] = useState(newId);
  if (!data) return <Coming error={error} />;
  const send = (event: FormEvent) => {
    event.preventDefault();
    void join({ token: token!, id, password }).then((sent) => {
      if (!('error' in sent)) void navigate('/today');
    });
  };
  return (
    <main className="flex min-h-dvh items-center justify-center p-4">
      <form onSubmit={send} className="w-full max-w-[380px] rounded border border-strong bg-leaf p-7">
        <Mark />
        <h1 className="mt-2 mb-1 text-2xl">{data.firm}</h1>
        <p className="mb-5">
          {data.byName} asks you in, {data.name}, as {ROLE_WORDS[data.role].name.toLowerCase()}:{' '}
          {ROLE_WORDS[data.role].may}.
        </p>
        <input type="hidden" autoComplete="username" value={data.email} readOnly />
        <Password
          words="A password of your own, twelve letters or more"
          isNew
          about={`${data.name}\n${data.email}`}
          value={password}
          onType={setPassword}
        />
        <Refused error={joining.error} />
        <button
          type="submit"
          disabled={joining.isLoading}
          className="min-h-[44px] w-full rounded bg-ink font-semibold text-onink"
        >
          {joining.isLoading ? 'Coming in …' : 'Come in'}
        </button>
      </form>
    </main>
  );
}
