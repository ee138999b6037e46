import { useState, type FormEvent } from 'react';
import { USUAL_DATES, type Climate } from '@rustic/core';
import { FormFoot } from '../page/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { ClimateChoice } from '../page/ClimateChoice.tsx';
import { newId } from '../store/newId.ts';
import { type Job, useChangeJobMutation } from '../store/endpoints.ts';

/** The house itself: who the work is for, who lives there, and the place's own dates for lead and asbestos. */
export function PropertyForm({ job, onDone }: { job: Job; onDone: () => void }) {
  const [opened] = useState(job);
  const [climate, setClimate] = useState<Climate | null>(job.property.climate ?? null);
  const [change, { isLoading, error }] = useChangeJobMutation();
  const send = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = (name: string) => (form.get(name) as string).trim();
    const sent = await change({
      jobId: job.id,
      id: newId(),
      version: opened.version,
      client: text('client'),
      property: {
        occupants: text('occupants'),
        leadYear: Number(text('leadYear')),
        asbestosYear: Number(text('asbestosYear')),
        climate,
      },
    });
    if (!('error' in sent)) onDone();
  };
  const { property } = opened;
  return (
    <form onSubmit={(e) => void send(e)} aria-label="The house" className="mb-4 border-y-2 border-ink bg-leaf p-4">
      <div className="grid gap-3 wide:grid-cols-3">
        <label className="text-sm wide:col-span-3">
          Who the work is for, as it stands on papers
          <input name="client" maxLength={200} defaultValue={opened.client} className="block w-full" />
        </label>
        <label className="text-sm wide:col-span-3">
          Who lives there, and who may not be near wet work
          <input
            name="occupants"
            maxLength={200}
            defaultValue={property.occupants ?? ''}
            placeholder="two adults, a child, a dog"
            className="block w-full"
          />
        </label>
        <Year
          name="leadYear"
          words="Leaded until tested, if built before"
          value={property.leadYear ?? USUAL_DATES.leadYear}
        />
        <Year
          name="asbestosYear"
          words="Asbestos possible, if built before"
          value={property.asbestosYear ?? USUAL_DATES.asbestosYear}
        />
        <label className="text-sm">
          How its year goes
          <ClimateChoice value={climate} onChange={setClimate} unsaid="as everywhere the firm works" />
        </label>
      </div>
      <p className="mt-2 max-w-[70ch] text-sm text-faded">
        These dates differ from place to place. The law of the place decides what may be disturbed, and by whom.
      </p>
      <Refused error={error} />
      <FormFoot words="Keep" busy={isLoading} onLeave={onDone} />
    </form>
  );
}

function Year({ name, words, value }: { name: string; words: string; value: number }) {
  return (
    <label className="text-sm">
      {words}
      <input name={name} type="number" required min={1800} max={2200} defaultValue={value} className="block w-full" />
    </label>
  );
}
