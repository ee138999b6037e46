import { useState, type FormEvent } from 'react';
import { FormFoot } from '../page/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { capital } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { callKey, visitCalls } from './visitCalls.ts';
import { newId } from '../store/newId.ts';
import { type AftercarePage, type CareJob, useFixVisitsMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

const DAY_MS = 86_400_000;

/** Fixes a visit to a job: everything that is due by its day is offered, and stands on the plan from then on. */
export function FixVisit({ data, job, onDone }: { data: AftercarePage; job: CareJob; onDone: () => void }) {
  const { localDay, sayDate } = useWords();
  const open = data.calls.filter((c) => c.jobId === job.id && c.visitId === null);
  const [day, setDay] = useState(() => firstDay(localDay(data.now)));
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [fix, { error, isLoading }] = useFixVisitsMutation();
  const [ids] = useState(() => ({ write: newId(), visit: newId() }));
  const ready = open.filter((c) => localDay(c.at) <= day);
  const later = open.filter((c) => localDay(c.at) > day);
  const taken = ready.filter((c) => !left.has(callKey(c)));
  const minutes = taken.reduce((sum, c) => sum + c.minutes, 0);
  const send = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const sent = await fix({
      id: ids.write,
      personId: (form.get('person') as string) || null,
      visits: [
        {
          id: ids.visit,
          jobId: job.id,
          onDay: day,
          fromTime: form.get('from') as string,
          minutes,
          calls: visitCalls(taken),
        },
      ],
    });
    if (!('error' in sent)) onDone();
  };
  const toggle = (key: string) =>
    setLeft((was) => new Set(was.has(key) ? [...was].filter((k) => k !== key) : [...was, key]));
  return (
    <form
      aria-label={`A visit to ${job.title}`}
      className="my-2 border-y-2 border-ink bg-leaf p-4"
      onSubmit={(e) => void send(e)}
    >
      <h3 className="text-[17px]">A visit to {job.title}</h3>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <label className="text-sm">
          Day
          <input
            type="date"
            required
            value={day}
            min={localDay(data.now)}
            onChange={(e) => e.target.value && setDay(e.target.value)}
            className="block"
          />
        </label>
        <label className="text-sm">
          From
          <input type="time" name="from" required defaultValue="09:00" className="block" />
        </label>
        <label className="text-sm">
          Who goes
          <select name="person" className="block min-h-[39px]">
            <option value="">not said yet</option>
            {data.people.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </select>
        </label>
      </div>
      {nobody(data, day) && <p className="mt-1 text-sm text-ochre-ink">Nobody works that day of the week.</p>}
      <fieldset className="mt-3">
        <legend className="text-sm">What it is for</legend>
        {ready.map((c) => (
          <label key={callKey(c)} className="flex min-h-[44px] items-center gap-2 wide:min-h-[30px]">
            <input type="checkbox" checked={!left.has(callKey(c))} onChange={() => toggle(callKey(c))} />
            <span className="flex-1">
              {capital(c.words)}
              {c.name && <span className="text-faded">, {c.name}</span>}
            </span>
            <span className="text-right">{sayLength(c.minutes)}</span>
          </label>
        ))}
        {ready.length === 0 && <p className="py-1">Nothing is due by that day. Take a later one.</p>}
      </fieldset>
      {later.map((c) => (
        <p key={callKey(c)} className="text-sm text-faded">
          Not before {sayDate(c.at)}: {c.words}
          {c.name && `, ${c.name}`}
        </p>
      ))}
      <p className="mt-2 border-t border-ink pt-1 font-semibold">On the spot {sayLength(minutes)}</p>
      <Refused error={error} />
      <FormFoot words="Fix the visit" busy={isLoading} disabled={taken.length === 0} onLeave={onDone} />
    </form>
  );
}

/** The plan moves a visit that nobody is there for. */
const nobody = ({ people }: AftercarePage, day: string) =>
  people.length > 0 && !people.some((p) => p.days.includes(new Date(day).getUTCDay() || 7));

/** A week from now, or the Monday after it: nobody is rung on a Friday for the Saturday. */
/** The day of a visit that is proposed: a week on from `today`, no weekend. */
function firstDay(today: string): string {
  const day = new Date(Date.parse(today) + 7 * DAY_MS);
  const onWeekend = day.getUTCDay() === 6 ? 2 : day.getUTCDay() === 0 ? 1 : 0;
  return new Date(day.getTime() + onWeekend * DAY_MS).toISOString().slice(0, 10);
}
