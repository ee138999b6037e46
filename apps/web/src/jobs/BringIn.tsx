import { Link, useNavigate } from 'react-router';
import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { useBringJobInMutation } from '../store/endpoints.ts';
import { FilePick } from '../form/FilePick.tsx';

/** Brings a whole job in from its file: checked first, then here whole, or not at all. */
export function BringIn({ onDone }: { onDone: () => void }) {
  const navigate = useNavigate();
  const [bring, { data, error, isLoading }] = useBringJobInMutation();
  const send = async (file: File) => {
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
      <p className="mt-1 mb-2">The file of a job: the zip with its photos, or the file alone where it has none.</p>
      <FilePick
        accept=".zip,.json,application/zip,application/json"
        disabled={isLoading}
        autoFocus
        onPick={(file) => void send(file)}
      >
        Choose the file of a job
      </FilePick>
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
