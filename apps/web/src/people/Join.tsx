import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Mark } from '../page/Logo.tsx';
import { Coming } from '../page/Page.tsx';
import { ROLE_WORDS } from './roleWords.ts';
import { newId } from '../store/newId.ts';
import { useInvitationQuery, useJoinMutation } from '../store/endpoints.ts';
import { ChoosePassword } from './ChoosePassword.tsx';

/** Behind the link of an invitation: whose it is, and the password to come in by. */
export default function Join() {
  const { token } = useParams();
  const navigate = useNavigate();
  const { data, error } = useInvitationQuery(token!);
  const [join, joining] = useJoinMutation();
  const [id] = useState(newId);
  if (!data) return <Coming error={error} />;
  const come = (password: string) =>
    void join({ token: token!, id, password }).then((sent) => {
      if (!('error' in sent)) void navigate('/today');
    });
  return (
    <main className="flex min-h-dvh items-center justify-center p-4">
      <div className="w-full max-w-[380px] rounded border border-strong bg-leaf p-7">
        <Mark />
        <h1 className="mt-2 mb-1 text-2xl">{data.firm}</h1>
        <p className="mb-5">
          {data.byName} asks you in, {data.name}, as {ROLE_WORDS[data.role].name.toLowerCase()}:{' '}
          {ROLE_WORDS[data.role].may}.
        </p>
        <ChoosePassword
          words="A password of your own, twelve letters or more"
          who={data}
          act="Come in"
          busyWords="Coming in …"
          busy={joining.isLoading}
          error={joining.error}
          onChoose={come}
        />
      </div>
    </main>
  );
}
