import { useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../form/Button.tsx';
import { Typed } from '../form/atOnce.tsx';
import { Refused } from '../page/Refused.tsx';
import { newId } from '../store/newId.ts';
import { useMakeCaseMutation } from '../store/endpoints.ts';

/** A finished job as a case to practise on: under another name, and with nobody's in it. */
export function MakeCase({ jobId, onLeave }: { jobId: string; onLeave: () => void }) {
  const [name, setName] = useState('');
  const [make, { data, isLoading, error }] = useMakeCaseMutation();
  return (
    <section aria-label="A case to practise on" className="mb-3 max-w-[62ch] border-l-4 border-ink bg-leaf px-3 py-2">
      {data ? (
        <p role="status">
          {data.name}: {data.surfaces.length} surfaces to judge, on the page{' '}
          <Link className="inline-flex min-h-[44px] items-center underline wide:min-h-0" to="/practice">
            Practice
          </Link>{' '}
          of everybody here.
        </p>
      ) : (
        <>
          <p className="mb-2">
            Everybody of the firm can judge what lay on the surfaces of this job. Their kinds, colours and the year go
            with it; the client, the place and the names of rooms and surfaces do not.
          </p>
          <div className="flex flex-wrap items-end gap-3">
            <Typed words="What the case is called" value={name} onType={setName} maxLength={80} width="w-64" />
            <Button
              look="main"
              busy={isLoading}
              disabled={name.trim() === ''}
              onClick={() => void make({ id: newId(), jobId, name: name.trim() })}
            >
              Make the case
            </Button>
            <Button look="plain" onClick={onLeave}>
              Leave it
            </Button>
          </div>
        </>
      )}
      <Refused error={error} />
    </section>
  );
}
