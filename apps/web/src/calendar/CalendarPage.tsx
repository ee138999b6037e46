import { useState } from 'react';
import { Act } from '../page/Act.tsx';
import { Coming, Page, Refused } from '../page/Page.tsx';
import { newId, newToken } from '../store/newId.ts';
import { useFeedQuery, useJobNamesQuery, useSetBusyMutation, useSetFeedMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { ShownOnce } from '../form/atOnce.tsx';
import { FilePick } from '../form/FilePick.tsx';
import { WeeksAhead } from './WeeksAhead.tsx';

const PLANNED = ['planned', 'active'];

/** The plan in a person's own calendar: a feed that follows what is posted, and a file for each job. */
export default function CalendarPage() {
  const { sayTime } = useWords();
  const { data: feed, error, refetch } = useFeedQuery();
  const { data: jobs } = useJobNamesQuery();
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
      <WeeksAhead feed={feed} />
      <div className="wide:grid wide:grid-cols-2 wide:gap-x-10">
        <section aria-labelledby="feed" className="mb-6">
          <h2 id="feed" className="text-[19px]">
            My feed
          </h2>
          <p className="mb-2 text-faded">
            {feed.madeAt
              ? `Open since ${sayTime(feed.madeAt)}.`
              : 'None yet. A calendar that subscribes to it shows my work on every job.'}
          </p>
          {address && <ShownOnce words="Give this address to your calendar. It is shown only now" text={address} />}
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
        <Busy busy={feed.busy} />
        <section aria-labelledby="files" className="wide:col-span-2">
          <h2 id="files" className="text-[19px]">
            A job as a file
          </h2>
          {planned.length === 0 && <p className="text-faded">No job is planned. Post a plan first.</p>}
          <ul className="wide:grid wide:grid-cols-2 wide:gap-x-10">
            {planned.map((j) => (
              <li key={j.id} className="border-b border-rule">
                <a className="block py-3 underline" href={`/api/jobs/${j.id}/calendar`}>
                  {j.title}
                </a>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </Page>
  );
}

/** When I am taken by something else: read in from my own calendar, and kept clear of work. */
function Busy({ busy }: { busy: number }) {
  const [send, { error, isLoading }] = useSetBusyMutation();
  const read = (ics: string | null) => void send({ id: newId(), ics });
  return (
    <section aria-labelledby="busy" className="mb-6">
      <h2 id="busy" className="text-[19px]">
        When I am taken
      </h2>
      <p className="mb-2 text-faded">
        {busy === 0
          ? 'Nothing yet. Read in a calendar file (.ics), and the plan keeps clear of what stands in it.'
          : `${busy} ${busy === 1 ? 'time' : 'times'} ahead. A new file takes the place of the last.`}
      </p>
      <div className="flex flex-wrap items-center gap-3">
        <FilePick accept=".ics,text/calendar" onPick={(file) => void file.text().then(read)}>
          {isLoading ? 'Reading …' : 'Read in a calendar file'}
        </FilePick>
        {busy > 0 && (
          <button type="button" className="min-h-[44px] underline" onClick={() => read(null)}>
            Take it back
          </button>
        )}
      </div>
      <Refused error={error} />
    </section>
  );
}
