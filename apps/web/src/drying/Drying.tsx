import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { STEP_LABELS, type PlannedStep } from '@rustic/core';
import { Act, Chip } from '../page/Act.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { newId, useJobsQuery, usePlanQuery, usePostPlanMutation, useReadAirMutation } from '../store/api.ts';
import { jobOpened, useSight, useTell } from '../store/store.ts';
import type { PlanPage } from '../store/types.ts';
import { nowMinute, sayLength, sayTime } from '../words/time.ts';
import { chartRows, minuteOf } from './chartRows.ts';
import { DryingChart } from './DryingChart.tsx';

/** The drying plan of one job. Without one named, the job last opened or the first under way. */
export default function Drying() {
  const { jobId } = useParams();
  const navigate = useNavigate();
  const lastJob = useSight((s) => s.lastJob);
  const { data: jobs, error, refetch } = useJobsQuery();
  const tell = useTell();
  const planned = jobs?.filter((j) => j.status !== 'aftercare' && j.surfaces > 0) ?? [];
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
  return (
    <Plan
      key={chosen}
      jobId={chosen}
      jobs={
        <div className="no-print mb-3 flex flex-wrap gap-1.5" role="group" aria-label="Job">
          {planned.map((j) => (
            <Chip key={j.id} pressed={j.id === chosen} onPress={() => void navigate(`/drying/${j.id}`)}>
              {j.title}
            </Chip>
          ))}
        </div>
      }
    />
  );
}

function Plan({ jobId, jobs }: { jobId: string; jobs: React.ReactNode }) {
  const { data, error, refetch } = usePlanQuery(jobId, { pollingInterval: 120_000, skipPollingIfUnfocused: true });
  const [post, posting] = usePostPlanMutation();
  const [airOpen, setAirOpen] = useState(false);
  const [changesOpen, setChangesOpen] = useState(false);
  const rows = useMemo(() => (data ? chartRows(data) : []), [data]);
  const width = useWidth();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const { plan, posted, difference } = data;
  const changes = difference?.moved.length ?? 0;
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
            ? `posted ${sayTime(posted.at)} by ${posted.by}${changes ? `, ${changes} starts moved since` : ', nothing moved since'}`
            : 'not posted yet'}
        </>
      }
      acts={
        <>
          <Act letter="a" words="Air" onAct={() => setAirOpen(!airOpen)} />
          <Act letter="d" words="What changed" disabled={!posted} onAct={() => setChangesOpen(!changesOpen)} />
          <Act
            letter="p"
            words={posted ? 'Post again' : 'Post'}
            main
            busy={posting.isLoading}
            disabled={plan.status !== 'feasible'}
            onAct={() => void post({ jobId, id: newId() })}
          />
        </>
      }
      footing={<Footing data={data} />}
    >
      {jobs}
      <Refused error={posting.error} />
      {airOpen && <AirForm data={data} onDone={() => setAirOpen(false)} />}
      {changesOpen && <Changes data={data} />}
      {plan.status === 'infeasible' && (
        <div role="alert" className="border-l-4 border-madder bg-leaf p-3">
          <p className="font-semibold">This cannot be planned as it stands.</p>
          {plan.reasons.map((r) => (
            <p key={r.step}>
              {nameOf(data, r.step)}: {r.text}
            </p>
          ))}
        </div>
      )}
      <div ref={width.ref}>
        {rows.length > 0 && (
          <>
            <Legend data={data} />
            <DryingChart rows={rows} now={nowMinute()} zone={data.input.timeZone} minWidth={width.px} />
            <ByTheClock data={data} />
          </>
        )}
        {rows.length === 0 && plan.status === 'feasible' && (
          <p className="py-6">No surface on this job yet. Add one, and its steps are laid out here.</p>
        )}
      </div>
    </Page>
  );
}

function useWidth() {
  const ref = useRef<HTMLDivElement>(null);
  const [px, setPx] = useState(() => Math.min(1100, window.innerWidth - 32));
  useLayoutEffect(() => {
    const measure = () => {
      if (ref.current) setPx(ref.current.clientWidth);
    };
    measure();
    window.addEventListener('resize', measure);
    return () => window.removeEventListener('resize', measure);
  }, []);
  return { ref, px };
}

const nameOf = (data: PlanPage, step: string) => {
  const [surface, id] = step.split('/');
  const kind = data.input.surfaces.find((s) => s.id === surface)?.steps.find((t) => t.id === id)?.kind;
  return `${data.surfaces.find((s) => s.id === surface)?.name ?? ''}, ${kind ? STEP_LABELS[kind].toLowerCase() : ''}`;
};

function Legend({ data }: { data: PlanPage }) {
  const air = (data.input.zones ?? []).map((z) => [data.rooms.find((r) => r.id === z.id)?.name, z.air] as const);
  const said = air
    .map(([name, a]) => (a?.kind === 'steady' ? `${name} ${a.temperatureC} °C ${a.relativeHumidityPct} %` : null))
    .filter((x) => x !== null);
  return (
    <div className="mb-1 flex flex-wrap items-center gap-x-5 gap-y-1 text-[13.5px] text-faded">
      <span>
        <svg width="14" height="14" className="mr-1.5 inline" aria-hidden>
          <rect width="13" height="13" fill="var(--color-ink)" />
        </svg>
        hands on, whose below
      </span>
      <span>
        <svg width="42" height="14" className="mr-1.5 inline" aria-hidden>
          <path d="M0 1C12 9 26 13 42 13H0Z" fill="var(--color-indigo)" fillOpacity=".55" />
        </svg>
        drying down
      </span>
      <span>
        <svg width="42" height="8" className="mr-1.5 inline" aria-hidden>
          <rect y="3" width="42" height="4" fill="var(--color-verdigris)" />
        </svg>
        open for the next coat
      </span>
      <span>
        <svg width="10" height="12" className="mr-1.5 inline" aria-hidden>
          <path d="M0 0l9 5.5-9 5.5z" fill="var(--color-madder)" />
        </svg>
        closes: scuff again after this
      </span>
      <span className="ml-auto max-wide:hidden">{said.slice(0, 3).join(' · ')}</span>
    </div>
  );
}

function Footing({ data }: { data: PlanPage }) {
  const { plan } = data;
  if (plan.status !== 'feasible') return <Total words="plan" figure="cannot stand" />;
  const slow = slowest(data);
  const gap = minuteOf(plan.finish) - minuteOf(plan.lowerBound);
  return (
    <>
      <Total words="finish" figure={sayTime(plan.finish)} />
      <Total words="earliest possible" figure={gap === 0 ? 'the same' : sayTime(plan.lowerBound)} />
      <Total words="visits" figure={plan.visits} />
      {data.difference && data.difference.finishLaterMin !== 0 && (
        <Total
          words="against what was posted"
          figure={`${sayLength(Math.abs(data.difference.finishLaterMin))} ${data.difference.finishLaterMin > 0 ? 'later' : 'sooner'}`}
        />
      )}
      {slow && <Total end words={`${slow.name}:`} figure={slow.text} />}
    </>
  );
}

/** The coat that this air keeps longest beyond its label. */
function slowest(data: PlanPage): { name: string; text: string } | null {
  let worst: { name: string; text: string; over: number } | null = null;
  for (const surface of data.input.surfaces)
    for (const step of surface.steps) {
      const planned = data.plan.steps.find((s: PlannedStep) => s.surface === surface.id && s.id === step.id);
      if (!planned?.recoatFrom || !step.drying?.recoatMin || step.done) continue;
      const over = minuteOf(planned.recoatFrom) - minuteOf(planned.end) - step.drying.recoatMin;
      if (over > 30 && (!worst || over > worst.over))
        worst = {
          name: data.surfaces.find((s) => s.id === surface.id)?.name ?? '',
          text: `this air adds ${sayLength(over)}`,
          over,
        };
    }
  return worst;
}

function Changes({ data }: { data: PlanPage }) {
  const moved = data.difference?.moved ?? [];
  return (
    <section className="mb-3 border-y-2 border-ink bg-leaf px-4 py-3" aria-label="What changed">
      {moved.length === 0 ? (
        <p>Nothing has moved since it was posted.</p>
      ) : (
        <p className="mb-1">
          The posted plan is kept. By the log and the air since, it would now run so; post again to accept.
        </p>
      )}
      <ul className="columns-1 text-[14.5px] wide:columns-2">
        {moved.slice(0, 16).map((m) => (
          <li key={m.surface + m.id}>
            <span className="font-semibold">{nameOf(data, `${m.surface}/${m.id}`)}</span>: {sayTime(m.from)} →{' '}
            {sayTime(m.to)}
          </li>
        ))}
      </ul>
      {moved.length > 16 && <p className="text-sm text-faded">and {moved.length - 16} more</p>}
    </section>
  );
}

function AirForm({ data, onDone }: { data: PlanPage; onDone: () => void }) {
  const [read, { error, isLoading }] = useReadAirMutation();
  const [roomId, setRoomId] = useState(data.rooms[0]?.id ?? '');
  const [t, setT] = useState('');
  const [rh, setRh] = useState('');
  const number = (text: string) => Number(text.replace(',', '.').replace(/[^\d.-]/g, ''));
  return (
    <form
      className="mb-3 flex flex-wrap items-end gap-3 border-y-2 border-ink bg-leaf px-4 py-3"
      onSubmit={(e) => {
        e.preventDefault();
        void read({
          roomId,
          id: newId(),
          temperatureC: number(t),
          relativeHumidityPct: number(rh),
          at: new Date().toISOString(),
        }).then((sent) => {
          if (!('error' in sent)) onDone();
        });
      }}
    >
      <label className="text-sm">
        Room
        <select value={roomId} onChange={(e) => setRoomId(e.target.value)} className="block">
          {data.rooms.map((r) => (
            <option key={r.id} value={r.id}>
              {r.name}
            </option>
          ))}
        </select>
      </label>
      <label className="text-sm">
        °C
        <input inputMode="decimal" required value={t} onChange={(e) => setT(e.target.value)} className="block w-20" />
      </label>
      <label className="text-sm">
        % RH
        <input inputMode="decimal" required value={rh} onChange={(e) => setRh(e.target.value)} className="block w-20" />
      </label>
      <button type="submit" disabled={isLoading} className="min-h-[44px] rounded bg-ink px-5 font-semibold text-onink">
        {isLoading ? 'Planning …' : 'Note the air'}
      </button>
      <button type="button" className="min-h-[44px] underline" onClick={onDone}>
        Leave it
      </button>
      <Refused error={error} />
    </form>
  );
}

/** The same facts as a table: for print, for readers, for a phone. */
function ByTheClock({ data }: { data: PlanPage }) {
  const people = new Map(data.people.map((p) => [p.id, p.initials]));
  const kinds = new Map(data.input.surfaces.flatMap((s) => s.steps.map((t) => [`${s.id}/${t.id}`, t] as const)));
  const coming = data.plan.steps
    .filter((s) => !kinds.get(`${s.surface}/${s.id}`)?.done)
    .sort((a, b) => Date.parse(a.start) - Date.parse(b.start));
  return (
    <details className="mt-4" open>
      <summary className="min-h-[44px] cursor-pointer font-serif text-[18px] font-semibold">By the clock</summary>
      <table className="w-full border-collapse text-[14.5px]">
        <thead>
          <tr className="border-b border-strong text-left text-[13px] text-faded">
            <th className="py-1 font-normal">start</th>
            <th className="font-normal">surface and step</th>
            <th className="font-normal">who</th>
            <th className="text-right font-normal">open from</th>
            <th className="pl-4 font-normal max-wide:hidden">why then</th>
          </tr>
        </thead>
        <tbody>
          {coming.map((s) => (
            <tr key={s.surface + s.id} className="border-b border-rule align-top">
              <td className="py-1 pr-3 whitespace-nowrap">{sayTime(s.start)}</td>
              <td className="py-1">{nameOf(data, `${s.surface}/${s.id}`)}</td>
              <td className="py-1">{s.crew.map((id) => people.get(id)).join(' ')}</td>
              <td className="py-1 text-right whitespace-nowrap">{s.recoatFrom ? sayTime(s.recoatFrom) : ''}</td>
              <td className="py-1 pl-4 text-faded max-wide:hidden">{why(data, s)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}

/** The core names surfaces by their id; people know them by name. */
function why(data: PlanPage, step: PlannedStep): string {
  return data.surfaces.reduce((text, s) => text.replace(s.id, s.name), step.waitsFor?.text ?? '');
}
