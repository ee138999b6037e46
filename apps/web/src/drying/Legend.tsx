import { airAt } from '@rustic/core';
import { nowMinute } from '../words/time.ts';
import { airOf } from './chartRows.ts';
import type { PlanSheet } from './planSheet.ts';
import { useMeasures } from '../words/useMeasures.ts';

/** What the marks of the plan mean. */
export function Legend({ data }: { data: PlanSheet }) {
  const { temperature } = useMeasures();
  const now = nowMinute();
  const said = data.rooms.slice(0, 3).flatMap((room) => {
    const air = data.input.zones?.find((z) => z.id === room.id)?.air;
    if (!air) return [];
    const { temperatureC, relativeHumidityPct } = airAt(airOf(air), now);
    return [
      `${room.name} ${temperature.say(Math.round(temperatureC))} ${temperature.unit} ${Math.round(relativeHumidityPct)} %`,
    ];
  });
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
      <span className="ml-auto max-wide:hidden">{said.join(' · ')}</span>
    </div>
  );
}
