import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { caseRoom, drawRoom, planOf, rightIn } from '@rustic/core';
import { Act } from '../page/Act.tsx';
import { Page } from '../page/Page.tsx';
import type { PracticePage } from '../store/endpoints.ts';
import { sayRoundMoney } from '../words/figures.ts';
import { OwnCases } from './OwnCases.tsx';
import { OwnRecord } from './OwnRecord.tsx';
import { PracticeStop } from './PracticeStop.tsx';
import { RoomWalk } from './RoomWalk.tsx';
import { useWalk } from './useWalk.ts';
import { WalkTotals } from './WalkTotals.tsx';
import { WhatToPractise, type Choices } from './WhatToPractise.tsx';

type Room = PracticePage['next'];

interface Props {
  page: PracticePage;
  room: Room;
  choices: Choices;
  onRoom: (room: Room) => void;
}

/** A room to practise in, the room of the week, and how one does. */
export function RoomPage({ page, room, choices, onRoom }: Props) {
  const { cases } = page;
  const drawn = useMemo(() => {
    const own = cases.find((one) => one.id === room.plan);
    return own ? caseRoom(own) : drawRoom(planOf(room.plan)!, room.seed);
  }, [cases, room.plan, room.seed]);
  const walk = useWalk(drawn);
  const [query, setQuery] = useSearchParams();
  const at = walk.score ? -1 : drawn.surfaces.findIndex((s) => s.id === query.get('surface'));
  const go = (surface: string | null) => setQuery(surface ? { surface } : {}, { replace: surface !== null && at >= 0 });
  const { week, currency } = page;
  const isWeeks = room.plan === week.plan && room.seed === week.seed;
  const another = { ...page.next, seed: isWeeks ? page.next.seed : Math.max(page.next.seed, room.seed + 1) };
  const notes = [
    {
      n: 1,
      text: 'Each test costs minutes. What it shows is drawn from the same tables that the diagnosis reads, so a test can mislead here as it does on site. One brush mostly painted all of one kind, and now and then it did not.',
    },
    ...(walk.score
      ? [
          {
            n: 2,
            text: 'By the book: the test that pays most, again and again, until none pays any more. Its minutes and its losses stand beside yours.',
          },
        ]
      : []),
  ];
  if (at >= 0) return <PracticeStop key={at} walk={walk} currency={currency} at={at} onGo={go} />;
  return (
    <Page
      title={isWeeks ? `${walk.room.name}: the room of the week` : walk.room.name}
      above="Practice"
      notes={notes}
      acts={
        <>
          <Act letter="n" words="Another room" onAct={() => onRoom(another)} />
          {!isWeeks && !week.mine && <Act words="The room of the week" onAct={() => onRoom(week)} />}
        </>
      }
      footing={<WalkTotals walk={walk} currency={currency} />}
    >
      <WhatToPractise {...choices} />
      <RoomWalk walk={walk} currency={currency} onGo={go} />
      {(week.mine || week.others.length > 0) && (
        <section aria-label="The room of the week" className="mt-8">
          <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">The room of the week</h2>
          <ul>
            {week.mine && (
              <li className="border-b border-rule py-1.5">
                You: {rightIn(week.mine.judged)} right of {week.mine.judged.length}, {week.mine.minutes} minutes,{' '}
                {sayRoundMoney(week.mine.lost, currency)} lost.
              </li>
            )}
            {week.mine &&
              week.others.map((o) => (
                <li key={o.name} className="border-b border-rule py-1.5">
                  {o.name}: {o.right} right of {o.of}, {o.minutes} minutes, {sayRoundMoney(o.lost, currency)} lost.
                </li>
              ))}
            {!week.mine && (
              <li className="py-1.5 text-sm text-faded">
                How the others did is told once you have been through it yourself.
              </li>
            )}
          </ul>
        </section>
      )}
      <OwnCases page={page} currency={currency} onCase={(id) => onRoom({ plan: id, seed: 1 })} />
      <OwnRecord page={page} />
    </Page>
  );
}
