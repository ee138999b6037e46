import { useMemo, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { Act } from '../page/Act.tsx';
import { Coming, Page } from '../page/Page.tsx';
import { useTell } from '../store/store.ts';
import { nowMinute } from '../words/time.ts';
import { ByTheClock } from './ByTheClock.tsx';
import { CannotStand } from './CannotStand.tsx';
import { Changes } from './Changes.tsx';
import { chartRows } from './chartRows.ts';
import { DryingChart } from './DryingChart.tsx';
import { Legend } from './Legend.tsx';
import { PlanFooting } from './PlanFooting.tsx';
import { withNames } from './planNames.ts';
import { useWidth } from '../drawing/useWidth.ts';
import { Zoom, type Scale } from './Zoom.tsx';
import { endpoints as firmPlan, useFirmPlanQuery } from '../store/endpoints.ts';
import { counted } from '../words/counted.ts';

/** All jobs that are planned or under way in one plan: the same people, each job a site of its own. */
export function FirmPlan({ jobs }: { jobs: ReactNode }) {
  const { data, error, refetch } = useFirmPlanQuery(undefined, {
    pollingInterval: 300_000,
    skipPollingIfUnfocused: true,
  });
  const tell = useTell();
  const [scale, setScale] = useState<Scale>('fit');
  const [changesOpen, setChangesOpen] = useState(false);
  const width = useWidth();
  const sheet = data && data.input !== null ? data : null;
  const rows = useMemo(() => (sheet ? chartRows(sheet) : []), [sheet]);
  if (!data) {
    const stop = () => tell(firmPlan.util.getRunningQueryThunk('firmPlan', undefined))?.abort();
    return <Coming error={error} again={() => void refetch()} words="Planning all jobs" stop={stop} />;
  }
  if (!sheet)
    return (
      <Page title="Drying plan, all jobs">
        {jobs}
        <p className="py-6">
          No job is planned or under way. Post the plan of one, and it stands here with the others.
        </p>
      </Page>
    );
  return (
    <Page
      title="Drying plan, all jobs"
      wide
      above={`${counted(sheet.jobs.length, 'job')}, ${counted(sheet.input.crew.length, 'person', 'people')} between them`}
      acts={
        <Act letter="d" words="What changed" disabled={!sheet.difference} onAct={() => setChangesOpen(!changesOpen)} />
      }
      footing={<PlanFooting data={sheet} />}
    >
      {jobs}
      {changesOpen && <Changes data={sheet} />}
      {sheet.cannot.map((job) => (
        <p key={job.jobId} role="alert" className="mb-2 border-l-4 border-madder bg-leaf px-3 py-2">
          <Link className="font-semibold underline" to={`/drying/${job.jobId}`}>
            {job.title}
          </Link>{' '}
          cannot be planned as it stands, and is left out here: {withNames(sheet, job.text)}
        </p>
      ))}
      <CannotStand data={sheet} />
      <div ref={width.ref}>
        <Legend data={sheet} />
        <Zoom scale={scale} onScale={setScale} />
        <DryingChart rows={rows} now={nowMinute()} zone={sheet.input.timeZone} minWidth={width.px} scale={scale} />
        <ByTheClock data={sheet} />
      </div>
    </Page>
  );
}
