import { quoteMark } from '@rustic/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { Act } from '../page/Act.tsx';
import { Refused } from '../page/Page.tsx';
import { sayMoney } from '../words/figures.ts';
import { newId, newToken } from '../store/newId.ts';
import { type PricePage, useSetLinkMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { WriteToClient } from '../post/WriteToClient.tsx';
import { GivenOnce } from './GivenOnce.tsx';

/** Where the quote stands: not sent, sent and opened, agreed, or changed since. */
export function Standing({ data }: { data: PricePage }) {
  const { sayTime } = useWords();
  const { latest, agreement, changes, sent } = data;
  const newest = sent.find((s) => s.id === latest?.id);
  const currency = data.draft.currency;
  if (!newest)
    return (
      <p className="mb-3 text-faded">
        Not sent yet. Send keeps it as it is, numbered, and makes a private link for the client.
      </p>
    );
  const agreedThis = agreement?.documentId === newest.id;
  return (
    <div
      className={`mb-3 border-l-4 pl-3 ${changes.length ? 'border-ochre' : agreedThis ? 'border-verdigris' : 'border-strong'}`}
    >
      <p>
        <strong>{quoteMark(newest)}</strong>, sent {sayTime(newest.sentAt)} by {newest.byName}
        {data.link?.opened && <>, opened {sayTime(data.link.opened)}</>}.{' '}
        {agreedThis ? (
          <strong>
            Agreed by {agreement.name} {sayTime(agreement.at)}, {sayMoney(agreement.total, newest.currency)}.
          </strong>
        ) : (
          'Not agreed yet.'
        )}
      </p>
      {changes.length > 0 && (
        <>
          <p className="mt-1 font-semibold text-ochre-ink">
            {agreement
              ? 'It has changed since it was agreed. Send asks the client again:'
              : 'It has changed since it was sent:'}
          </p>
          <ul className="text-sm">
            {changes.map((c, i) => (
              <li key={i} className="flex justify-between gap-4">
                <span>{c.words}</span>
                <span className="whitespace-nowrap">
                  {c.price ? `${c.price > 0 ? '+' : '−'} ${sayMoney(Math.abs(c.price), currency)}` : ''}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}

/** The private link: shown once when it is made, since nobody keeps it. */
export function ClientLink({
  data,
  token,
  onToken,
}: {
  data: PricePage;
  token: string | null;
  onToken: (token: string | null) => void;
}) {
  const { sayDate, sayTime } = useWords();
  const [set, { isLoading, error }] = useSetLinkMutation();
  const [writing, setWriting] = useState(false);
  const agreed = data.agreement !== null && data.agreement.documentId === data.latest?.id;
  if (data.sent.length === 0) return null;
  const renew = async () => {
    const made = newToken();
    const answer = await set({ jobId: data.job.id, id: newId(), token: made });
    if (!('error' in answer)) onToken(made);
  };
  const revoke = async () => {
    const answer = await set({ jobId: data.job.id, id: newId(), token: null });
    if (!('error' in answer)) onToken(null);
  };
  return (
    <section aria-labelledby="link" className="no-print mt-5">
      <h2 id="link" className="text-[19px]">
        The client’s link
      </h2>
      {token ? (
        <GivenOnce token={token} />
      ) : (
        <p className="text-faded">
          {data.link
            ? `Made ${sayTime(data.link.madeAt)}, open until ${sayDate(data.link.expiresAt)}. A lost link cannot be shown again; a new one takes its place.`
            : 'None is open. A new one shows the newest version that was sent.'}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <Act words={data.link ? 'Make a new link' : 'Make a link'} busy={isLoading} onAct={() => void renew()} />
        {!writing && (
          <Act letter="m" words={agreed ? 'E-mail it again' : 'Remind the client'} onAct={() => setWriting(true)} />
        )}
        {data.link && (
          <button type="button" className="min-h-[44px] underline" onClick={() => void revoke()}>
            Close the link
          </button>
        )}
      </div>
      {writing && (
        <WriteToClient
          jobId={data.job.id}
          what={agreed ? 'quote' : 'reminder'}
          to={data.job.clientEmail}
          words="Send the e-mail"
          onLeave={() => setWriting(false)}
        />
      )}
      <Refused error={error} />
    </section>
  );
}

/** Every version that was sent, as it was sent. */
export function SentVersions({ data }: { data: PricePage }) {
  const { sayTime } = useWords();
  if (data.sent.length === 0) return null;
  return (
    <section aria-labelledby="sent" className="mt-5">
      <h2 id="sent" className="text-[19px]">
        Sent
      </h2>
      <ul>
        {[...data.sent].reverse().map((s) => (
          <li key={s.id} className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1.5">
            <span>
              <Link to={`/papers/${s.id}`} className="font-semibold hover:underline">
                {quoteMark(s)}
              </Link>{' '}
              <span className="text-faded">
                {sayTime(s.sentAt)}
                {s.agreement ? `, agreed by ${s.agreement.name} ${sayTime(s.agreement.at)}` : ', not agreed'}
              </span>
            </span>
            <span>
              {sayMoney(s.agreement?.total ?? s.total, s.currency)}{' '}
              <a className="ml-2 underline" href={`/api/documents/${s.id}/paper?format=pdf`}>
                PDF
              </a>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
