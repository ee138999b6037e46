import { useState } from 'react';
import { capital } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { callKey, visitCalls } from './visitCalls.ts';
import { newId } from '../store/newId.ts';
import { type AftercarePage, type CareJob, useFixVisitsMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { SelectField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { Tick } from '../form/Tick.tsx';

const DAY_MS = 86_400_000;

/** Fixes a visit to a job: everything that is due by its day is offered, and stands on the plan from then on. */
export function FixVisit({ data, job, onDone }: { data: AftercarePage; job: CareJob; onDone: () => void }) {
  const { localDay, sayDate } = useWords();
  const open = data.calls.filter((c) => c.jobId === job.id && c.visitId === null);
  const draft = useDraft(`visit/${job.id}`, {
    day: firstDay(localDay(data.now)),
    from: '09:00',
    person: '',
    left: [] as string[],
  });
  const { day, left } = draft.said;
  const [fix, { error, isLoading }] = useFixVisitsMutation();
  const [ids] = useState(() => ({ write: newId(), visit: newId() }));
  const ready = open.filter((c) => localDay(c.at) <= day);
  const later = open.filter((c) => localDay(c.at) > day);
  const taken = ready.filter((c) => !left.includes(callKey(c)));
  const minutes = taken.reduce((sum, c) => sum + c.minutes, 0);
  const send = ({ from, person }: typeof draft.said) =>
    fix({
      id: ids.write,
      personId: person || null,
      visits: [{ id: ids.visit, jobId: job.id, onDay: day, fromTime: from, minutes, calls: visitCalls(taken) }],
    });
  const toggle = (key: string) =>
    draft.say({ left: left.includes(key) ? left.filter((k) => k !== key) : [...left, key] });
  return (
    <Form
      draft={draft}
      label={`A visit to ${job.title}`}
      words="Fix the visit"
      busy={isLoading}
      disabled={taken.length === 0}
      error={error}
      className="my-2 border-y-2 border-ink bg-leaf p-4"
      onSend={send}
      onSent={onDone}
      onLeave={onDone}
    >
      <h3 className="text-[17px]">A visit to {job.title}</h3>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <TextField name="day" words="Day" type="date" required min={localDay(data.now)} width="" />
        <TextField name="from" words="From" type="time" required width="" />
        <SelectField
          name="person"
          words="Who goes"
          unsaid="not said yet"
          options={data.people.map((p) => p.id)}
          say={(id) => data.people.find((p) => p.id === id)!.name}
          width="min-h-[39px]"
        />
      </div>
      {nobody(data, day) && <p className="mt-1 text-sm text-ochre-ink">Nobody works that day of the week.</p>}
      <fieldset className="mt-3">
        <legend className="text-sm">What it is for</legend>
        {ready.map((c) => (
          <Tick key={callKey(c)} checked={!left.includes(callKey(c))} onTick={() => toggle(callKey(c))}>
            <span className="flex-1">
              {capital(c.words)}
              {c.name && <span className="text-faded">, {c.name}</span>}
            </span>
            <span className="text-right">{sayLength(c.minutes)}</span>
          </Tick>
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
    </Form>
  );
}

/** The plan moves a visit that nobody is there for. */
const nobody = ({ people }: AftercarePage, day: string) =>
  people.length > 0 && !people.some((p) => p.days.includes(new Date(day).getUTCDay() || 7));

/** A week from `today`, or the Monday after it: nobody is rung on a Friday for the Saturday. */
function firstDay(today: string): string {
  const day = new Date(Date.parse(today) + 7 * DAY_MS);
  const onWeekend = day.getUTCDay() === 6 ? 2 : day.getUTCDay() === 0 ? 1 : 0;
  return new Date(day.getTime() + onWeekend * DAY_MS).toISOString().slice(0, 10);
}
