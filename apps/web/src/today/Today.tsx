import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { withUnsent } from './withUnsent.ts';
import { Chip } from '../page/Act.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { useSignal } from '../store/store.ts';
import { nowMinute } from '../words/time.ts';
import { Curing } from './Curing.tsx';
import { FollowUps } from './FollowUps.tsx';
import { VisitsSoon } from './VisitsSoon.tsx';
import { groupsOf } from './groups.ts';
import { ClientsSaid } from './ClientsSaid.tsx';
import { LogWork } from './LogWork.tsx';
import { LooksDue } from './LooksDue.tsx';
import { openingNotes } from './openingNotes.ts';
import { Group } from './TodayLines.tsx';
import { useNotices } from './useNotices.ts';
import { useReady } from './useReady.ts';
import { type TodayLine, useSessionQuery, useTodayQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { useMeasures } from '../words/useMeasures.ts';

const TICK_MS = 30_000;
const NO_LINES: TodayLine[] = [];

/** The run sheet by the clock. */
export default function Today() {
  const { localDay, sayTime } = useWords();
  const { inUnits } = useMeasures();
  const { data, error, refetch } = useTodayQuery(undefined, { pollingInterval: 60_000, skipPollingIfUnfocused: true });
  const { data: session } = useSessionQuery();
  const me = session?.person.id ?? '';
  const [now, setNow] = useState(nowMinute);
  const [logging, setLogging] = useState<TodayLine | null>(null);
  const [mine, setMine] = useState(false);
  const unsent = useSignal((s) => s.unsent);
  const notices = useNotices(data?.lines ?? NO_LINES);
  useReady(data?.lines ?? NO_LINES);
  useEffect(() => {
    const timer = setInterval(() => setNow(nowMinute()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  // The clock runs on between fetches: what has opened since is open.
  const lines = withUnsent(data.lines, unsent, now)
    .filter((l) => l.standing !== 'done' && (!mine || l.crew.length === 0 || l.crew.includes(me)))
    .map((l) =>
      l.standing === 'drying' && l.opensAt !== null && l.opensAt <= now ? { ...l, standing: 'open' as const } : l,
    );
  const groups = groupsOf(lines, now, localDay);
  const { notes, ofLine } = openingNotes([...groups.first, ...groups.then], inUnits);
  const count = (s: TodayLine['standing']) => lines.filter((l) => l.standing === s).length;
  const opening = lines
    .filter((l) => l.standing === 'drying' && l.opensAt !== null)
    .sort((a, b) => a.opensAt! - b.opensAt!);
  const closing = lines
    .filter((l) => l.closesAt !== null && l.closesAt > now)
    .sort((a, b) => a.closesAt! - b.closesAt!);
  return (
    <Page
      title="Today"
      above={`${sayTime(now, now)} · by the clock`}
      notes={notes}
      footing={
        <>
          <Total words="open" figure={count('open') + count('closing')} />
          <Total words="drying" figure={count('drying')} />
          {opening[0] && (
            <Total
              words="opens next"
              figure={
                <>
                  {sayTime(opening[0].opensAt!)} <span className="max-wide:hidden">{opening[0].name}</span>
                </>
              }
            />
          )}
          {closing[0] && (
            <Total
              end
              words="closes"
              figure={
                <>
                  {sayTime(closing[0].closesAt!)} {closing[0].name}
                </>
              }
            />
          )}
        </>
      }
    >
      {lines.length === 0 && (
        <p className="max-w-[60ch] py-6">
          No job is planned yet. Open a job, settle its systems, and post its drying plan: the run sheet writes itself
          from there.{' '}
          <Link className="underline" to="/jobs">
            Jobs
          </Link>
          {session?.person.role === 'owner' && (
            <>
              {' · '}
              <Link className="underline" to="/begin">
                How to begin
              </Link>
            </>
          )}
        </p>
      )}
      {lines.length + data.lines.length > 0 && (
        <div className="no-print mb-3 flex flex-wrap gap-2" role="group" aria-label="Whose">
          <Chip pressed={!mine} onPress={() => setMine(false)}>
            Everybody’s
          </Chip>
          <Chip pressed={mine} onPress={() => setMine(true)}>
            Mine
          </Chip>
          {notices.may === 'default' && (
            <button type="button" className="min-h-[44px] underline wide:min-h-[34px]" onClick={notices.ask}>
              Tell me when a coat opens or is about to close
            </button>
          )}
        </div>
      )}
      {/* Above the groups: logged, a line moves to another group, and what was said of it stays. */}
      {logging && (
        <div ref={(panel) => panel?.scrollIntoView({ block: 'nearest' })}>
          <LogWork
            key={`${logging.surfaceId} ${logging.next?.plan.id}`}
            line={logging}
            onDone={() => setLogging(null)}
          />
        </div>
      )}
      {groups.first.map((group) => (
        <Group key={group.words} {...group} now={now} ofLine={ofLine} any={lines.length > 0} onLog={setLogging} />
      ))}
      <ClientsSaid said={data.clients} />
      <VisitsSoon visits={data.visits} now={data.now} />
      <FollowUps followUps={data.followUps} now={now} />
      <LooksDue
        title="Trials to look at"
        now={now}
        looks={data.checks.map((c) => ({ ...c, key: c.trialId, to: `/trials/${c.trialId}`, name: c.title }))}
      />
      <LooksDue
        title="Patches to look at"
        now={now}
        looks={data.patches.map((p) => ({
          ...p,
          key: p.patchId,
          to: `/jobs/${p.jobId}/surfaces/${p.surfaceId}`,
          name: [p.name, p.place].filter(Boolean).join(', '),
        }))}
      />
      {groups.then.map((group) => (
        <Group key={group.words} {...group} now={now} ofLine={ofLine} any={lines.length > 0} onLog={setLogging} />
      ))}
      <Curing lines={data.lines} now={now} />
    </Page>
  );
}
