import { useState, type FormEvent } from 'react';
import { CLIMATE_LABELS, type Climate } from '@rustic/core';
import { ClimateChoice } from '../page/ClimateChoice.tsx';
import { Mark } from '../page/notes.tsx';
import { Refused } from '../page/Page.tsx';
import { useSetPlanningMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import type { Planning } from '@rustic/core';
import { useWords } from '../words/Words.tsx';

const whole = (text: string) => Math.round(Number(text.replace(',', '.')));

/** What a visit costs beside the work, and the days on which nobody works. */
export function Visits({ planning, owner }: { planning: Partial<Planning>; owner: boolean }) {
  const { sayDate } = useWords();
  const [setUp, setSetUp] = useState(String(planning.setUpMin ?? 0));
  const [packUp, setPackUp] = useState(String(planning.packUpMin ?? 0));
  const [travel, setTravel] = useState(String(planning.travelMin ?? 0));
  const [climate, setClimate] = useState<Climate>(planning.climate ?? 'mild-coast');
  const [day, setDay] = useState('');
  const [keep, { error, isLoading, isSuccess }] = useSetPlanningMutation();
  const holidays = planning.holidays ?? [];
  const put = (days: string[]) =>
    keep({
      id: newId(),
      setUpMin: whole(setUp),
      packUpMin: whole(packUp),
      travelMin: whole(travel),
      holidays: days,
      climate,
    });
  const send = (event: FormEvent) => {
    event.preventDefault();
    void put(holidays);
  };
  const figures: [string, string, (text: string) => void][] = [
    ['Setting up, minutes', setUp, setSetUp],
    ['Packing up, minutes', packUp, setPackUp],
    ['The way between jobs, minutes', travel, setTravel],
  ];
  return (
    <section aria-labelledby="visits">
      <h2 id="visits" className="border-b-2 border-ink pb-0.5 text-[19px]">
        A day's work
        <Mark n={3} />
      </h2>
      {owner ? (
        <form onSubmit={send} className="my-2 flex flex-wrap items-end gap-3">
          {figures.map(([words, text, set]) => (
            <label key={words} className="text-sm">
              {words}
              <input inputMode="numeric" value={text} onChange={(e) => set(e.target.value)} className="block w-28" />
            </label>
          ))}
          <label className="text-sm">
            How the year goes here
            <ClimateChoice value={climate} onChange={setClimate} />
          </label>
          <button
            type="submit"
            disabled={isLoading}
            className="min-h-[44px] rounded border border-ink px-5 font-semibold"
          >
            {isLoading ? 'Writing …' : 'Keep it'}
          </button>
          {isSuccess && <span role="status">Kept. Plans count with it from now.</span>}
        </form>
      ) : (
        <p className="my-2">
          {setUp} min to set up, {packUp} min to pack up, {travel} min between jobs. {CLIMATE_LABELS[climate]}.
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
                onClick={() => void put(holidays.filter((d) => d !== date))}
              >
                Take it out
              </button>
            )}
          </li>
        ))}
      </ul>
      {owner && (
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <label className="text-sm">
            Another day
            <input type="date" value={day} onChange={(e) => setDay(e.target.value)} className="block" />
          </label>
          <button
            type="button"
            disabled={!day}
            className="min-h-[44px] underline disabled:opacity-50"
            onClick={() => {
              void put([...holidays, day]);
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
