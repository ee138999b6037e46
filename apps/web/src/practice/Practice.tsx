import { useState } from 'react';
import { DRILL_CODES, type DrillCode } from '@rustic/core';
import { Coming } from '../page/Page.tsx';
import { type PracticePage, usePracticeQuery } from '../store/endpoints.ts';
import { useSight } from '../store/store.ts';
import { DrillPage } from './DrillPage.tsx';
import { RoomPage } from './RoomPage.tsx';

/** Rooms with hidden films, and drills: judge, see what is so, and learn how far one's own odds hold. */
export default function Practice() {
  const { data, error, refetch } = usePracticeQuery();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return <Practised page={data} />;
}

/** What is practised: a room, or a drill. */
export type Doing = { kind: 'room'; plan: string; seed: number } | { kind: 'drill'; code: DrillCode; seed: number };

function Practised({ page }: { page: PracticePage }) {
  const units = useSight((s) => s.units);
  // What was begun stays: what is kept of it makes another the next.
  const [doing, setDoing] = useState<Doing>({ kind: 'room', ...page.next });
  const drills = DRILL_CODES.filter((code) => code !== (units === 'us' ? 'by-head' : 'by-head-us'));
  const drill = (code: DrillCode) =>
    setDoing({
      kind: 'drill',
      code,
      seed: Math.max(page.drill.seed, doing.kind === 'drill' ? doing.seed + 1 : 1),
    });
  const choices = { page, drills, doing, onRoom: () => setDoing({ kind: 'room', ...page.next }), onDrill: drill };
  return doing.kind === 'room' ? (
    <RoomPage
      key={`${doing.plan}/${doing.seed}`}
      page={page}
      room={doing}
      choices={choices}
      onRoom={(room) => setDoing({ kind: 'room', ...room })}
    />
  ) : (
    <DrillPage key={`${doing.code}/${doing.seed}`} page={page} doing={doing} choices={choices} />
  );
}
