import { USUAL_DATES, type Climate } from '@rustic/core';
import { Form } from '../form/Form.tsx';
import { CoordinatesField, coordinatesSaid, coordinatesTyped } from '../form/CoordinatesField.tsx';
import { LinesField, TextField } from '../form/fields.tsx';
import { useWords } from '../words/Words.tsx';
import { workBegins } from '../words/workDay.ts';
import { useDraft } from '../form/useDraft.ts';
import { ClimateChoice } from '../form/ClimateChoice.tsx';
import { type Job, useChangeJobMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';

/** The house itself: what it is called and where it is, when work may begin, who the work is for, who lives there, and the place's own dates for lead and asbestos. */
export function PropertyForm({ job, zone, onDone }: { job: Job; zone: string; onDone: () => void }) {
  const { property } = job;
  const { localDay } = useWords();
  const begins = localDay(job.startsAt);
  const draft = useDraft(`house/${job.id}`, {
    // The version that was opened: a newer one behind the form must not pass for the one that was read.
    version: job.version,
    title: job.title,
    place: job.place,
    builtYear: String(job.builtYear ?? ''),
    starts: begins,
    note: job.note,
    client: job.client,
    clientEmail: job.clientEmail ?? '',
    at: coordinatesTyped(property.at),
    occupants: property.occupants ?? '',
    leadYear: String(property.leadYear ?? USUAL_DATES.leadYear),
    asbestosYear: String(property.asbestosYear ?? USUAL_DATES.asbestosYear),
    climate: (property.climate ?? null) as Climate | null,
  });
  const [change, { isLoading, error }] = useChangeJobMutation();
  const send = (said: typeof draft.said) =>
    change({
      jobId: job.id,
      id: newId(),
      version: said.version,
      title: said.title.trim(),
      place: said.place.trim(),
      builtYear: said.builtYear.trim() ? Number(said.builtYear) : null,
      note: said.note.trim(),
      client: said.client.trim(),
      clientEmail: said.clientEmail.trim() || null,
      // A day that was not touched keeps its hour.
      ...(said.starts === begins ? {} : { startsAt: workBegins(said.starts, zone) }),
      property: {
        at: coordinatesSaid(said.at),
        occupants: said.occupants.trim(),
        leadYear: Number(said.leadYear),
        asbestosYear: Number(said.asbestosYear),
        climate: said.climate,
      },
    });
  return (
    <Form
      draft={draft}
      label="The house"
      words="Keep"
      busy={isLoading}
      error={error}
      className="mb-4 border-y-2 border-ink bg-leaf p-4"
      onSend={send}
      onSent={onDone}
      onLeave={onDone}
    >
      <div className="grid gap-3 wide:grid-cols-3">
        <TextField name="title" words="Job" required maxLength={200} />
        <TextField name="place" words="Place" maxLength={200} className="wide:col-span-2" />
        <CoordinatesField name="at" words="Its coordinates, from a map or a phone" />
        <TextField name="builtYear" words="Year built, if known" type="number" min={1000} max={2200} />
        <TextField name="starts" words="Work may begin" type="date" required />
        <LinesField name="note" words="Note" maxLength={2000} className="wide:col-span-3" />
        <TextField
          name="client"
          words="Who the work is for, as it stands on papers"
          maxLength={200}
          className="wide:col-span-2"
        />
        <TextField name="clientEmail" words="Their e-mail address" type="email" maxLength={160} />
        <TextField
          name="occupants"
          words="Who lives there, and who may not be near wet work"
          maxLength={200}
          placeholder="two adults, a child, a dog"
          className="wide:col-span-3"
        />
        <Year name="leadYear" words="Leaded until tested, if built before" />
        <Year name="asbestosYear" words="Asbestos possible, if built before" />
        <ClimateChoice
          words="How its year goes"
          value={draft.said.climate}
          onChange={(climate) => draft.say({ climate })}
          unsaid="as everywhere the firm works"
        />
      </div>
      <p className="mt-2 max-w-[70ch] text-sm text-faded">
        These dates differ from place to place. The law of the place decides what may be disturbed, and by whom.
      </p>
    </Form>
  );
}

const Year = ({ name, words }: { name: string; words: string }) => (
  <TextField name={name} words={words} type="number" required min={1800} max={2200} />
);
