import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Mark } from '../page/Logo.tsx';
import { Coming } from '../page/Page.tsx';
import { ChoosePassword } from './ChoosePassword.tsx';
import { newId } from '../store/newId.ts';
import { useRecoverMutation, useRecoveryLinkQuery } from '../store/endpoints.ts';

/** Behind the link for a lost password: a new one is chosen. */
export default function Recover() {
  const { token } = useParams();
  const { data, error } = useRecoveryLinkQuery(token!);
  const [recover, recovering] = useRecoverMutation();
  const [id] = useState(newId);
  if (!data && !recovering.isSuccess) return <Coming error={error} />;
  return (
    <main className="flex min-h-dvh items-center justify-center p-4">
      <div className="w-full max-w-[380px] rounded border border-strong bg-leaf p-7">
        <Mark />
        <h1 className="mt-2 mb-1 text-2xl">{data?.firm ?? 'Rustic Ledger'}</h1>
        {recovering.isSuccess ? (
          <>
            <p role="status" className="mb-4">
              The new password stands, and every device is signed out.
            </p>
            <Link to="/" className="block min-h-[44px] rounded bg-ink px-5 py-2.5 text-center font-semibold text-onink">
              Sign in with it
            </Link>
          </>
        ) : (
          data && (
            <>
              <p className="mb-5">{data.name}, choose a new password. This link opens once.</p>
              <ChoosePassword
                words="A new password, twelve letters or more"
                who={data}
                act="Keep it"
                busyWords="Writing …"
                busy={recovering.isLoading}
                error={recovering.error}
                onChoose={(password) => void recover({ token: token!, id, password })}
              />
            </>
          )
        )}
      </div>
    </main>
  );
}
