import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Change, OverWeeks, PlanChoice, RelaxedPlan } from '@rustic/core';
import { Act, Chip } from '../page/Act.tsx';
import { Coming, Page, Refused } from '../page/Page.tsx';
import { useMay } from '../store/useMay.ts';
import { jobOpened, useSight, useTell } from '../store/store.ts';
import { nowMinute } from '../words/time.ts';
import { AirForm } from './AirForm.tsx';
import { ByTheClock } from './ByTheClock.tsx';
import { CannotStand } from './CannotStand.tsx';
import { Changes } from './Changes.tsx';
import { chartRows } from './chartRows.ts';
import { Choices } from './Choices.tsx';
import { DryingChart } from './DryingChart.tsx';
import { FirmPlan } from './FirmPlan.tsx';
import { HoldStep } from './HoldStep.tsx';
import { Legend } from './Legend.tsx';
import { PlanFooting } from './PlanFooting.tsx';
import { nameOf, withNames } from './planNames.ts';
import { RoomDemands } from './RoomDemands.tsx';
import { Sought } from './Sought.tsx';
import { usePlanIf } from './usePlanIf.ts';
import { useWidth } from '../drawing/useWidth.ts';
import { WhatIf } from './WhatIf.tsx';
import { Zoom, type Scale } from './Zoom.tsx';
import {
  endpoints,
  type PlanPage,
  useJobNamesQuery,
  usePlanChoicesQuery,
  usePlanQuery,
  usePostPlanMutation,
  useSoughtPlanQuery,
  useWeatherQuery,
} from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { useWords } from '../words/Words.tsx';

/** The drying plan of one job. Without one named, the job last opened or the first under way. */
export default function Drying() {
  const { jobId: named } = useParams();
  const all = named === 'all';
  const jobId = all ? undefined : named;
  const navigate = useNavigate();
  const lastJob = useSight((s) => s.lastJob);
  const { data: jobs, error, refetch } = useJobNamesQuery();
  const tell = useTell();
  const planned = jobs?.filter((j) => (j.status !== 'aftercare' || j.id === jobId) && !j.empty) ?? [];
  const chosen =
    jobId ??
    planned.find((j) => j.id === lastJob)?.id ??
    planned.find((j) => j.status === 'active')?.id ??
    planned[0]?.id;
  useEffect(() => {
    if (chosen) tell(jobOpened(chosen));
  }, [tell, chosen]);
  if (!jobs) return <Coming error={error} again={() => void refetch()} />;
  if (!chosen)
    return (
      <Page title="Drying plan">
        <p className="py-6">
          No job to plan yet. Open one, add its surfaces, and its plan stands here.{' '}
          <Link className="underline" to="/jobs">
            Jobs
          </Link>
        </p>
      </Page>
    );
  const choice = (
    <div className="no-print mb-3 flex flex-wrap gap-1.5" role="group" aria-label="Job">
      <Chip pressed={all} onPress={() => void navigate('/drying/all')}>
        All jobs
      </Chip>
      {planned.map((j) => (
        <Chip key={j.id} pressed={!all && j.id === chosen} onPress={() => void navigate(`/drying/${j.id}`)}>
          {j.title}
        </Chip>
      ))}
    </div>
  );
  return all ? <FirmPlan jobs={choice} /> : <Plan key={chosen} jobId={chosen} jobs={choice} />;
}

type Open = 'air' | 'changes' | 'choices' | 'rooms' | 'what-if' | null;
const NO_CHANGE: readonly Change[] = [];

function Plan({ jobId, jobs }: { jobId: string; jobs: React.ReactNode }) {
  const tell = useTell();
  const { data, error, refetch } = usePlanQuery({ jobId }, { pollingInterval: 120_000, skipPollingIfUnfocused: true });
  if (!data) {
    const stop = () => tell(endpoints.util.getRunningQueryThunk('plan', { jobId }))?.abort();
    return <Coming error={error} again={() => void refetch()} words="Planning" stop={stop} />;
  }
  return <Planned data={data} jobs={jobs} />;
}

const isDrag = (c: Change) => c.kind === 'drag';

function Planned({ data, jobs }: { data: PlanPage; jobs: React.ReactNode }) {
  const { sayTime } = useWords();
  const jobId = data.job.id;
  const may = useMay();
  const [post, posting] = usePostPlanMutation();
  const [open, setOpen] = useState<Open>(null);
  const [scale, setScale] = useState<Scale>('fit');
  const [chosen, setChosen] = useState<string | null>(null);
  const [changes, setChanges] = useState<readonly Change[]>(NO_CHANGE);
  const { plan: answer, asking } = usePlanIf(data.input, data.plan, changes);
  // What was posted is kept; only before that is a better plan looked for.
  const seeks = data.posted === null && data.plan.status === 'feasible' && data.plan.finish !== data.plan.lowerBound;
  const { data: sought, isFetching: seeking } = useSoughtPlanQuery(jobId, { skip: !seeks });
  const [looking, setLooking] = useState(false);
  const looked = looking && sought?.plan.status === 'feasible' ? sought.plan : null;
  const [near, setNear] = useState<RelaxedPlan | null>(null);
  const hangs = data.plan.status === 'feasible' && data.reliance.length > 0;
  const choices = usePlanChoicesQuery(jobId, { skip: open !== 'choices' && !hangs });
  const traded = choices.data;
  const [choice, setChoice] = useState<PlanChoice | null>(null);
  const chosenPlan = choice && traded?.choices.includes(choice) ? choice : null;
  const width = useWidth();
  const outside = data.rooms.some((r) => r.airFrom === 'station');
  const { data: weather } = useWeatherQuery(jobId, { skip: !outside, pollingInterval: 600_000 });
  const drawn = useMemo(
    () => (near && data.nearest.includes(near) ? { ...near, status: 'feasible' as const } : null),
    [near, data],
  );
  const other = answer?.status === 'feasible' ? answer : (chosenPlan?.plan ?? looked ?? drawn);
  const shown = useMemo(() => (other ? { ...data, plan: other } : data), [data, other]);
  const before = other ? data.plan : open === 'changes' ? (data.posted?.plan ?? null) : null;
  const rows = useMemo(() => chartRows(shown, before), [shown, before]);
  const { plan, posted, difference } = data;
  const moved = difference?.moved.length ?? 0;
  const toggle = (one: Open) => setOpen(open === one ? null : one);
  // A note that comes back late closes its own form, and nothing that was opened meanwhile.
  const close = (one: Open) => setOpen((now) => (now === one ? null : now));
  const drag = (name: string, to: number) => {
    const [surface, step] = name.split('/') as [string, string];
    setOpen('what-if');
    setChanges([
      ...changes.filter((c) => !(c.kind === 'drag' && c.surface === surface && c.step === step)),
      { kind: 'drag', surface, step, to: new Date(to * 60_000).toISOString() },
    ]);
  };
  const drags = changes.flatMap((c) => (c.kind === 'drag' ? [{ surface: c.surface, step: c.step, to: c.to }] : []));
  const send = () =>
    void post({ jobId, id: newId(), ...whichPlan(drags, chosenPlan, looked !== null) }).then((sent) => {
      if ('error' in sent) return;
      setChanges(NO_CHANGE);
      setLooking(false);
      setChoice(null);
    });
  const onlyDrags = changes.every(isDrag);
  return (
    <Page
      title="Drying plan"
      wide
      above={
        <>
          <Link className="hover:underline" to={`/jobs/${jobId}`}>
            {data.job.title}
          </Link>{' '}
          ·{' '}
          {posted
            ? `posted ${sayTime(posted.at)} by ${posted.by}${moved ? `, ${moved} ${moved === 1 ? 'start' : 'starts'} moved since` : ', nothing moved since'}`
            : 'not posted yet'}
        </>
      }
      acts={
        <>
          <Act letter="a" words="Air" onAct={() => toggle('air')} />
          <Act letter="r" words="Rooms" onAct={() => toggle('rooms')} />
          <Act letter="w" words="What if" disabled={plan.status !== 'feasible'} onAct={() => toggle('what-if')} />
          <Act letter="c" words="Choices" disabled={plan.status !== 'feasible'} onAct={() => toggle('choices')} />
          <Act letter="d" words="What changed" disabled={!posted} onAct={() => toggle('changes')} />
          <Act
            letter="p"
            words={
              drags.length
                ? 'Post as dragged'
                : chosenPlan
                  ? 'Post this one'
                  : looked
                    ? 'Post the better plan'
                    : posted
                      ? 'Post again'
                      : 'Post'
            }
            main
            busy={posting.isLoading}
            disabled={!may.make || plan.status !== 'feasible' || !onlyDrags || answer?.status === 'infeasible'}
            onAct={send}
          />
        </>
      }
      footing={<PlanFooting data={shown} asked={answer !== null} />}
    >
      {jobs}
      <Refused error={posting.error} />
      {open === 'air' && <AirForm data={data} onDone={() => close('air')} />}
      {open === 'rooms' && <RoomDemands data={data} onDone={() => close('rooms')} />}
      {open === 'changes' && <Changes data={data} />}
      {open === 'choices' && (
        <Choices
          data={data}
          traded={traded}
          error={choices.isFetching ? null : choices.error}
          onAgain={() => void choices.refetch()}
          looked={chosenPlan}
          onLook={setChoice}
        />
      )}
      {open === 'what-if' && (
        <WhatIf data={data} changes={changes} onChange={setChanges} answer={answer} asking={asking} chosen={chosen} />
      )}
      {seeks && data.plan.status === 'feasible' && changes.length === 0 && (
        <Sought
          plan={data.plan}
          found={sought?.plan}
          seeking={seeking}
          looking={looked !== null}
          onLook={() => setLooking(!looking)}
        />
      )}
      <CannotStand data={data} looked={near} onLook={setNear} />
      <div ref={width.ref}>
        {(rows.length > 0 || weather) && (
          <>
            <Legend data={data} />
            <Zoom scale={scale} onScale={setScale} />
            <DryingChart
              rows={rows}
              now={nowMinute()}
              zone={data.input.timeZone}
              minWidth={width.px}
              scale={scale}
              weather={weather ?? null}
              chosen={chosen}
              onChoose={setChosen}
              onDrag={drag}
            />
            <WhyThen data={shown} chosen={chosen} />
            {chosen && may.work && <HoldStep key={chosen} data={data} chosen={chosen} />}
            <Depends data={data} judged={traded?.asItStands?.judged ?? null} />
            {rows.length > 0 && <ByTheClock data={shown} />}
          </>
        )}
        {rows.length === 0 && plan.status === 'feasible' && (
          <p className="py-6">No surface on this job yet. Add one, and its steps are laid out here.</p>
        )}
      </div>
    </Page>
  );
}

/** What a post says of the plan that is meant: nothing where it is the one that stands. */
function whichPlan<D>(drags: readonly D[], choice: PlanChoice | null, isSought: boolean) {
  if (drags.length) return { drags: [...drags] };
  if (choice) return { choice: { visits: choice.plan.visits, nights: choice.nights, surer: choice.surer } };
  return isSought ? { sought: true } : {};
}

/** Why the chosen step starts when it does. */
function WhyThen({ data, chosen }: { data: PlanPage; chosen: string | null }) {
  const { sayTime } = useWords();
  const step = chosen ? data.plan.steps.find((s) => `${s.surface}/${s.id}` === chosen) : undefined;
  return (
    <p role="status" className="min-h-6 text-[14.5px]">
      {step && (
        <>
          <strong>{nameOf(data, chosen!)}</strong>, {sayTime(step.start)}.{' '}
          {step.waitsFor ? withNames(data, step.waitsFor.text) : 'It can start at once.'}
        </>
      )}
    </p>
  );
}

/** What holds only if the weather does, and how long work outside can still be begun. */
function Depends({ data, judged }: { data: PlanPage; judged: OverWeeks | null }) {
  const { sayDate, sayDay } = useWords();
  if (data.reliance.length === 0 && data.latestStarts.length === 0) return null;
  const surface = (id: string) => data.surfaces.find((s) => s.id === id)?.name ?? '';
  return (
    <section className="mt-2 border-t border-rule pt-2 text-[14.5px]" aria-label="What depends on the weather">
      {data.reliance.map((r) => (
        <p key={r.surface + r.id}>
          <span className="font-semibold text-ochre">Depends on the forecast</span>{' '}
          {nameOf(data, `${r.surface}/${r.id}`)}: {Math.round(r.chance * 100)} in 100 that it holds; {r.text}.
        </p>
      ))}
      {judged && (
        <p>
          Of {judged.weeks} weeks drawn from the forecast, all is done by {sayDay(data.plan.finish!)} in{' '}
          {Math.round(judged.inTime * judged.weeks)}
          {judged.nineInTen && judged.inTime < 0.9 && `, and in nine of ten by ${sayDay(judged.nineInTen)}`}. What could
          be had instead stands under Choices.
        </p>
      )}
      {data.latestStarts.map((l) => (
        <p key={l.surfaceId}>
          {surface(l.surfaceId)}: begin by {sayDate(l.at)}; after that the cold comes too soon, four years in five.
        </p>
      ))}
    </section>
  );
}
