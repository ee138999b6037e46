import { useEffect, useRef } from 'react';
import { Link, useNavigate } from 'react-router';
import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { useBringJobInMutation } from '../store/endpoints.ts';

/** Brings a whole job in from its file: checked first, then here whole, or not at all. */
export function BringIn({ onDone }: { onDone: () => void }) {
  const navigate = useNavigate();
  const [bring, { data, error, isLoading }] = useBringJobInMutation();
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => input.current?.focus(), []);
  const send = async (file: File | undefined) => {
    if (!file) return;
    const sent = await bring({ id: newId(), body: file });
    if (!sent.data || sent.data.already) return;
    onDone();
    void navigate(`/jobs/${sent.data.jobId}`);
  };
  return (
    <section aria-labelledby="bring-in" className="mb-4 border-y-2 border-ink bg-leaf p-4">
      <h2 id="bring-in" className="text-[17px]">
        Bring in a whole job
      </h2>
      <label className="mt-1 block">
        The file of a job: the zip with its photos, or the file alone where it has none
        <input
          ref={input}
          type="file"
          accept=".zip,.json,application/zip,application/json"
          disabled={isLoading}
          className="mt-1 block min-h-[44px]"
          onChange={(e) => {
            const file = e.target.files?.[0];
            void send(file).then(() => (e.target.value = ''));
          }}
        />
      </label>
      {isLoading && (
        <p role="status">Reading it, holding every entry against its hash and every photo against its entry …</p>
      )}
      {data?.already && (
        <p role="status" className="font-semibold">
          This job is here already, entry for entry. Nothing was written twice.{' '}
          <Link className="underline" to={`/jobs/${data.jobId}`}>
            Open it
          </Link>
        </p>
      )}
      <Refused error={error} />
      <button type="button" onClick={onDone} className="mt-2 min-h-[44px] px-2 underline">
        Leave it
      </button>
    </section>
  );
}
