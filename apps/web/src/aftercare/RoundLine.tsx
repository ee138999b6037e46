import { useState } from 'react';
import type { Round, VisitWish } from '@rustic/core';
import { FormFoot } from '../form/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { sayLength } from '../words/time.ts';
import { sayCalls } from './sayCalls.ts';
import { clockAt, dayText } from './roundsAsked.ts';
import { callKey, visitCalls } from './visitCalls.ts';
import { newId } from '../store/newId.ts';
import { type AftercarePage, type Call, useFixVisitsMutation, type VisitsBody } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Choice } from '../form/atOnce.tsx';

interface Props {
  data: AftercarePage;
  round: Round;
  number: number;
  wishes: ReadonlyMap<string, VisitWish>;
  open: boolean;
  mayFix: boolean;
  onOpen: () => void;
}

/** One round: its day, its stops by the clock, and the act that fixes all of them. */
export function RoundLine({ data, round, number, wishes, open, mayFix, onOpen }: Props) {
  const { sayDay } = useWords();
  const { stops, km, travelMin, workMin, day } = round;
  return (
    <li className="border-b border-rule">
      <button
        type="button"
        aria-expanded={open}
        className="flex min-h-[44px] w-full flex-wrap items-baseline gap-x-4 py-1.5 text-left"
        onClick={onOpen}
      >
        <span className="font-serif text-[20px] leading-none font-bold text-madder">{number}</span>
        <strong className="font-serif text-[17px]">{sayDay(dayText(day))}</strong>
        <span className="flex-1">{stops.length === 1 ? 'one stop' : `${stops.length} stops`}</span>
        <span className="text-sm text-faded">
          {km.toFixed(1)} km, {sayLength(travelMin)} on the way, {sayLength(workMin)} on the spot
        </span>
      </button>
      {open && (
        <div className="pb-3 wide:pl-8">
          <ol>
            {stops.map((stop, i) => (
              <Stop key={stop.id} data={data} wish={wishes.get(stop.id)!} n={i + 1} arriveMin={stop.arriveMin} />
            ))}
          </ol>
          {mayFix && <FixRound data={data} round={round} wishes={wishes} />}
        </div>
      )}
    </li>
  );
}

const callsOf = (data: AftercarePage, wish: VisitWish): Call[] =>
  data.calls.filter((c) => c.jobId === wish.jobId && wish.keys.includes(callKey(c)));

function Stop({ data, wish, n, arriveMin }: { data: AftercarePage; wish: VisitWish; n: number; arriveMin: number }) {
  const job = data.jobs.find((j) => j.id === wish.jobId);
  return (
    <li className="grid grid-cols-[24px_56px_1fr] gap-x-2 py-1">
      <span className="font-bold text-madder">{n}</span>
      <span className="font-semibold">{clockAt(arriveMin)}</span>
      <span>
        <span className="font-semibold">{job?.title}</span>
        <span className="block text-sm text-faded">
          {sayCalls(callsOf(data, wish))}
          {`, ${sayLength(wish.minutes)}`}
        </span>
      </span>
    </li>
  );
}

/** Fixes every visit of the round at once; the letters are ready then. */
function FixRound({ data, round, wishes }: Pick<Props, 'data' | 'round' | 'wishes'>) {
  const [asking, setAsking] = useState(false);
  const [person, setPerson] = useState('');
  // Made once, so that what is sent again is the same.
  const [ids] = useState(() => ({ round: newId(), visits: round.stops.map(() => newId()) }));
  const [fix, { error, isLoading }] = useFixVisitsMutation();
  const visits = (): VisitsBody['visits'] =>
    round.stops.map((stop, i) => {
      const wish = wishes.get(stop.id)!;
      return {
        id: ids.visits[i]!,
        jobId: wish.jobId,
        onDay: dayText(round.day),
        fromTime: clockAt(stop.arriveMin),
        minutes: wish.minutes,
        calls: visitCalls(callsOf(data, wish)),
      };
    });
  if (!asking)
    return (
      <button
        type="button"
        className="no-print mt-2 min-h-[44px] rounded border border-ink bg-leaf px-4 font-semibold"
        onClick={() => setAsking(true)}
      >
        Fix this round
      </button>
    );
  return (
    <div className="no-print mt-2">
      <Choice
        words="Who drives it"
        value={person}
        options={data.people.map((p) => [p.id, p.name] as const)}
        unsaid="not said yet"
        onChoose={setPerson}
        width="min-h-[44px] wide:min-h-[34px]"
      />
      <Refused error={error} />
      <FormFoot
        words={`Fix ${round.stops.length === 1 ? 'the visit' : `all ${round.stops.length} visits`}`}
        busy={isLoading}
        onAct={() => void fix({ id: ids.round, round: true, personId: person || null, visits: visits() })}
        onLeave={() => setAsking(false)}
      />
    </div>
  );
}
