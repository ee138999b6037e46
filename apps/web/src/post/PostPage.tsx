import { MAIL_LABELS } from '@rustic/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../form/Button.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { type PostPage as Data, useMailQuery, usePostQuery, useSendAgainMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { useWords } from '../words/Words.tsx';

type Line = Data['mails'][number];

const STATES: Record<Line['state'], string> = {
  waiting: 'waits to go',
  going: 'on its way',
  out: 'sent',
  failed: 'not sent',
};

/** Every message that leaves the firm: to whom, about what, and whether it went. */
export default function PostPage() {
  const [before, setBefore] = useState<string | undefined>();
  const { data, error, refetch } = usePostQuery(before);
  const [open, setOpen] = useState<string | null>(null);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const failed = data.mails.filter((m) => m.state === 'failed').length;
  return (
    <Page
      title="Post"
      notes={[
        { n: 1, text: data.where },
        { n: 2, text: 'A message that could not leave is kept as it was written, and can be sent again.' },
      ]}
      footing={
        <>
          <Total words="shown" figure={data.mails.length} />
          <Total end words="not sent" figure={failed} />
        </>
      }
    >
      {data.mails.length === 0 && !before && (
        <div className="max-w-[60ch] py-4">
          <p>Nothing was written to anybody yet.</p>
          <p className="mt-2 text-faded">
            A quote is written from the page of what the client will see, a letter about visits from a round, and an
            invitation when somebody is asked in.{' '}
            <Link className="underline" to="/jobs">
              To the jobs
            </Link>
          </p>
        </div>
      )}
      {data.mails.length > 0 && (
        <ul aria-label="Messages" className="border-t-2 border-ink">
          {data.mails.map((mail) => (
            <Message
              key={mail.id}
              mail={mail}
              open={open === mail.id}
              onOpen={() => setOpen(open === mail.id ? null : mail.id)}
            />
          ))}
        </ul>
      )}
      <div className="mt-3 flex gap-4">
        {before && (
          <button type="button" className="min-h-[44px] underline" onClick={() => setBefore(undefined)}>
            The newest
          </button>
        )}
        {data.more && (
          <button
            type="button"
            className="min-h-[44px] underline"
            onClick={() => setBefore(String(data.mails.at(-1)!.at))}
          >
            Older ones
          </button>
        )}
      </div>
    </Page>
  );
}

function Message({ mail, open, onOpen }: { mail: Line; open: boolean; onOpen: () => void }) {
  const { sayTime } = useWords();
  const [again, { isLoading, error }] = useSendAgainMutation();
  const stays = mail.state !== 'out';
  return (
    <li className={`border-b border-rule py-1 ${mail.state === 'failed' ? 'border-l-4 border-l-madder pl-3' : ''}`}>
      <button
        type="button"
        aria-expanded={open}
        className="flex min-h-[44px] w-full flex-wrap items-baseline gap-x-4 py-1 text-left hover:underline"
        onClick={onOpen}
      >
        <span className="min-w-0 flex-1 basis-[260px] font-semibold">{mail.subject}</span>
        <span className="text-faded">{mail.toAddress}</span>
        <span className="whitespace-nowrap text-faded wide:w-[210px] wide:text-right">
          {STATES[mail.state]}, {sayTime(mail.at)}
        </span>
      </button>
      {mail.fault && <p className="text-madder">{mail.fault}</p>}
      {stays && (
        <Button
          look="main"
          busy={isLoading}
          busyWords="Sending …"
          onClick={() => void again({ mailId: mail.id, id: newId() })}
        >
          Send it now
        </Button>
      )}
      <Refused error={error} />
      {open && <Inside mail={mail} />}
    </li>
  );
}

/** What stands in a message, and what is attached. */
function Inside({ mail }: { mail: Line }) {
  const { data, error, refetch } = useMailQuery(mail.id);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return (
    <div className="my-2 border border-rule bg-leaf p-4">
      <p className="mb-2 text-sm text-faded">
        {MAIL_LABELS[mail.kind]} from {data.fromAddress}, written by {mail.byName}
        {mail.jobId && mail.job && (
          <>
            {' '}
            for{' '}
            <Link className="underline" to={`/jobs/${mail.jobId}`}>
              {mail.job}
            </Link>
          </>
        )}
      </p>
      <p className="max-w-[66ch] break-words whitespace-pre-wrap">{data.text}</p>
      <p className="mt-3 text-sm">
        {mail.attached && <>Attached: {mail.attached}. </>}
        <a className="inline-flex min-h-[44px] items-center underline" href={`/api/mails/${mail.id}/file`} download>
          The message as a file (.eml)
        </a>
      </p>
    </div>
  );
}
