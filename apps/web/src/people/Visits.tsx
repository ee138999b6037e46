import { useState } from 'react';
import { CLIMATE_LABELS, type Climate } from '@rustic/core';
import { ClimateChoice } from '../form/ClimateChoice.tsx';
import { Mark } from '../page/notes.tsx';
import { Refused } from '../page/Page.tsx';
import { useSetPlanningMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import type { Planning } from '@rustic/core';
import { useWords } from '../words/Words.tsx';
import { Form, type Sent } from '../form/Form.tsx';
import { FigureField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { readFigure } from '../words/readFigure.ts';
import { Typed } from '../form/atOnce.tsx';

const whole = (text: string) => Math.round(readFigure(text));

/** What a visit costs beside the work, and the days on which nobody works. */
export function Visits({ planning, owner }: { planning: Partial<Planning>; owner: boolean }) {
  const { sayDate } = useWords();
  const [day, setDay] = useState('');
  const [keep, { error, isLoading, isSuccess }] = useSetPlanningMutation();
  const { setUpMin = 0, packUpMin = 0, travelMin = 0, holidays = [], climate = 'mild-coast' } = planning;
  const put = (change: Partial<Planning>) =>
    keep({ id: newId(), setUpMin, packUpMin, travelMin, holidays, climate, ...change });
  return (
    <section aria-labelledby="visits">
      <h2 id="visits" className="border-b-2 border-ink pb-0.5 text-[19px]">
        A day's work
        <Mark n={3} />
      </h2>
      {owner ? (
        <VisitCosts
          key={JSON.stringify([setUpMin, packUpMin, travelMin, climate])}
          planning={{ setUpMin, packUpMin, travelMin, holidays, climate }}
          busy={isLoading}
          isKept={isSuccess}
          onKeep={put}
        />
      ) : (
        <p className="my-2">
          {setUpMin} min to set up, {packUpMin} min to pack up, {travelMin} min between jobs. {CLIMATE_LABELS[climate]}.
        </p>
      )}
      <Refused error={error} />
      <h3 className="mt-3 text-[16px]">Days on which nobody works</h3>
      {holidays.length === 0 && <p className="text-faded">None written down.</p>}
      <ul>
        {holidays.map((date) => (
          <li key={date} className="flex items-center gap-4 border-b border-rule py-1">
            {sayDate(date)}
            {owner && (
              <button
                type="button"
                className="ml-auto min-h-[44px] underline"
                onClick={() => void put({ holidays: holidays.filter((d) => d !== date) })}
              >
                Take it out
              </button>
            )}
          </li>
        ))}
      </ul>
      {owner && (
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <Typed words="Another day" type="date" value={day} onType={setDay} width="" />
          <button
            type="button"
            disabled={!day}
            className="min-h-[44px] underline disabled:opacity-50"
            onClick={() => {
              void put({ holidays: [...holidays, day] });
              setDay('');
            }}
          >
            Put it down
          </button>
        </div>
      )}
    </section>
  );
}

interface CostsProps {
  planning: Planning;
  busy: boolean;
  isKept: boolean;
  onKeep: (change: Partial<Planning>) => Promise<Sent>;
}

function VisitCosts({ planning, busy, isKept, onKeep }: CostsProps) {
  const draft = useDraft('visit-costs', {
    setUp: String(planning.setUpMin),
    packUp: String(planning.packUpMin),
    travel: String(planning.travelMin),
    climate: planning.climate ?? ('mild-coast' as Climate),
  });
  const { climate } = draft.said;
  return (
    <Form
      draft={draft}
      words="Keep it"
      busy={busy}
      className="my-2 flex flex-wrap items-end gap-3"
      footClass=""
      onSend={({ setUp, packUp, travel }) =>
        onKeep({ setUpMin: whole(setUp), packUpMin: whole(packUp), travelMin: whole(travel), climate })
      }
      beside={isKept && <span role="status">Kept. Plans count with it from now.</span>}
    >
      <FigureField name="setUp" words="Setting up, minutes" inputMode="numeric" required width="w-28" />
      <FigureField name="packUp" words="Packing up, minutes" inputMode="numeric" required width="w-28" />
      <FigureField name="travel" words="The way between jobs, minutes" inputMode="numeric" required width="w-28" />
      <ClimateChoice words="How the year goes here" value={climate} onChange={(one) => draft.say({ climate: one })} />
    </Form>
  );
}
