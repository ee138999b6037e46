import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Shown } from '../client/ClientPage.tsx';
import { Button } from '../form/Button.tsx';
import { Coming, Refused } from '../page/Page.tsx';
import { newId, newToken } from '../store/newId.ts';
import { useClientPreviewQuery, usePriceQuery, useSendQuoteMutation } from '../store/endpoints.ts';
import { WriteToClient } from '../post/WriteToClient.tsx';
import { GivenOnce } from './GivenOnce.tsx';

/** What the client will see, looked at by the one who sends it: what is sent is what was looked at. */
export default function ClientPreview() {
  const { jobId = '' } = useParams();
  const price = usePriceQuery(jobId);
  const preview = useClientPreviewQuery(jobId);
  const [send, { isLoading, error, data: sent }] = useSendQuoteMutation();
  const [token, setToken] = useState<string | null>(null);
  if (!price.data || !preview.data)
    return <Coming error={price.error ?? preview.error} again={() => void preview.refetch()} />;
  const { seen, latest, draft } = price.data;
  const sendIt = async () => {
    const made = newToken();
    const answer = await send({ jobId, id: newId(), seen, token: made });
    if ('data' in answer && answer.data?.linked) setToken(made);
  };
  return (
    <main className="h-full overflow-y-auto">
      <div className="no-print sticky top-0 z-10 border-b-2 border-ink bg-wash px-4 py-3 wide:px-8">
        <div className="mx-auto flex max-w-[760px] flex-wrap items-center gap-x-4 gap-y-2">
          <p className="min-w-0 flex-1 basis-[240px]">
            {sent ? (
              <strong>It is sent.</strong>
            ) : (
              <>
                <strong>This is what the client will see.</strong> Read it as they will, then send it.
              </>
            )}
          </p>
          {!sent && (
            <Button
              look="main"
              busy={isLoading}
              busyWords="Sending …"
              disabled={draft.lines.length === 0}
              onClick={() => void sendIt()}
            >
              {latest ? 'Send it anew' : 'Send it'}
            </Button>
          )}
          <Link to={`/jobs/${jobId}/price`} className="inline-flex min-h-[44px] items-center underline">
            Back to the price
          </Link>
        </div>
        <div className="mx-auto max-w-[760px]">
          <Refused error={error} />
          {sent && (
            <WriteToClient jobId={jobId} what="quote" to={price.data.job.clientEmail} words="E-mail it to the client" />
          )}
          {token && <GivenOnce token={token} />}
          {sent && !token && <p>The client’s link, given before, shows it from now on.</p>}
        </div>
      </div>
      <Shown data={preview.data} />
    </main>
  );
}
