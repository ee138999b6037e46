import { Link } from 'react-router';
import { Coming, Page, Total } from '../page/Page.tsx';
import { Invite } from './Invite.tsx';
import { Kept } from './Kept.tsx';
import { OwnersLock } from './OwnersLock.tsx';
import { PersonLine } from './PersonLine.tsx';
import { ACCESS_WORDS } from './roleWords.ts';
import { Visits } from './Visits.tsx';
import { usePeopleQuery, useSessionQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** The people of the firm: their part, their hours, what they can; who was asked in; what a visit costs. */
export default function PeoplePage() {
  const { sayTime } = useWords();
  const { data, error, refetch } = usePeopleQuery();
  const { data: session } = useSessionQuery();
  if (!data || !session) return <Coming error={error} again={() => void refetch()} />;
  const owner = session.person.role === 'owner';
  const onPlan = data.people.filter((p) => p.hours).length;
  return (
    <Page
      title="People"
      notes={[
        {
          n: 1,
          text: 'A painter sees every surface, system and plan, and no price. Whoever looks only sees prices too, and writes nothing.',
        },
        {
          n: 2,
          text: 'Who leaves is out at once on every device. What they wrote stays in the ledger under their name.',
        },
        {
          n: 3,
          text: 'Setting up, packing up and the way between jobs shorten each day on the plan. On a holiday nobody works.',
        },
        ...(owner
          ? [
              {
                n: 4,
                text: 'Tests, coats, decisions and signatures are kept for good: the ledger is never thinned. Of a photo that is let go its entry and its hash stay.',
              },
            ]
          : []),
      ]}
      footing={
        <>
          <Total words="people" figure={data.people.length} />
          <Total words="on the plan" figure={onPlan} />
          {data.invitations && <Total words="asked in" figure={data.invitations.length} />}
        </>
      }
    >
      <ul className="mb-6 border-t-2 border-ink">
        {data.people.map((p) => (
          <PersonLine key={p.id} person={p} owner={owner} me={p.id === session.person.id} />
        ))}
      </ul>
      {owner && data.invitations && <Invite open={data.invitations} />}
      <Visits planning={data.planning} owner={owner} />
      {owner && <OwnersLock />}
      {owner && <Kept />}
      {data.access && (
        <details className="mt-6">
          <summary className="min-h-[44px] cursor-pointer font-serif text-[18px] font-semibold">Who came in</summary>
          <ul className="text-[14.5px]">
            {data.access.map((a) => (
              <li key={a.id} className="flex gap-4 border-b border-rule py-1">
                <span className="w-36 shrink-0 text-faded">{sayTime(a.at)}</span>
                <span>
                  {a.byName} {ACCESS_WORDS[a.kind] ?? a.kind} {a.detail}
                </span>
              </li>
            ))}
          </ul>
        </details>
      )}
      <p className="mt-6">
        <Link className="underline" to="/account">
          My password and devices
        </Link>
      </p>
    </Page>
  );
}
