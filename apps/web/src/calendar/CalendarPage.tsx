import { useState } from 'react';
import { Act } from '../page/Act.tsx';
import { Coming, Page, Refused } from '../page/Page.tsx';
import { newId, useJobsQuery } from '../store/api.ts';
import { useFeedQuery, useSetFeedMutation } from '../store/calendarApi.ts';
import { newToken } from '../store/priceApi.ts';
import { sayTime } from '../words/time.ts';

const PLANNED = ['planned', 'active'];

/** The plan in a person's own calendar: a feed that follows what is posted, and a file for each job. */
export default function CalendarPage() {
  const { data: feed, error, refetch } = useFeedQuery();
  const { data: jobs } = useJobsQuery();
  const [set, setting] = useSetFeedMutation();
  const [address, setAddress] = useState<string | null>(null);
  if (!feed || !jobs) return <Coming error={error} again={() => void refetch()} />;
  const renew = async () => {
    const token = newToken();
    const answer = await set({ id: newId(), token });
    if (!('error' in answer)) setAddress(`${location.origin}/api/calendar/${token}`);
  };
  const close = async () => {
    const answer = await set({ id: newId(), token: null });
    if (!('error' in answer)) setAddress(null);
  };
  const planned = jobs.filter((j) => PLANNED.includes(j.status));
  return (
    <Page
      title="Calendar"
      notes={[
        {
          n: 1,
          text: 'Only hands-on work of posted plans stands in it. A step keeps its place in the calendar when the plan moves: it is moved, not written twice.',
        },
        { n: 2, text: 'Whoever has the address can read the feed. It is shown once; a new one closes the old.' },
      ]}
    >
      <section aria-labelledby="feed" className="mb-6">
        <h2 id="feed" className="text-[19px]">
          My feed
        </h2>
        <p className="mb-2 text-faded">
          {feed.madeAt
            ? `Open since ${sayTime(feed.madeAt)}.`
            : 'None yet. A calendar that subscribes to it shows my work on every job.'}
        </p>
        {address && (
          <label className="mb-2 block text-sm">
            Give this address to your calendar. It is shown only now
            <input
              readOnly
              value={address}
              onFocus={(e) => e.target.select()}
              className="block w-full font-mono text-sm"
            />
          </label>
        )}
        <div className="flex flex-wrap gap-3">
          <Act
            letter="m"
            words={feed.madeAt ? 'Make a new address' : 'Make an address'}
            main
            busy={setting.isLoading}
            onAct={() => void renew()}
          />
          {feed.madeAt && (
            <button type="button" className="min-h-[44px] underline" onClick={() => void close()}>
              Close the feed
            </button>
          )}
        </div>
        <Refused error={setting.error} />
      </section>
      <section aria-labelledby="files">
        <h2 id="files" className="text-[19px]">
          A job as a file
        </h2>
        {planned.length === 0 && <p className="text-faded">No job is planned. Post a plan first.</p>}
        <ul>
          {planned.map((j) => (
            <li key={j.id} className="border-b border-rule">
              <a className="block py-3 underline" href={`/api/jobs/${j.id}/calendar`}>
                {j.title}
              </a>
            </li>
          ))}
        </ul>
      </section>
    </Page>
  );
}
