import { useState } from 'react';
import {
  testMinutes,
  rightIn,
  sayVolume,
  scoreRoom,
  suppliesUsed,
  testsShown,
  type PracticeDecision,
  type PracticeRoom,
  type PracticeScore,
  type PracticeTest,
} from '@rustic/core';
import { nowText } from '../clock/clock.ts';
import { Act } from '../page/Act.tsx';
import { Refused, Total } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { useKeepPracticeMutation } from '../store/endpoints.ts';
import { useSight } from '../store/store.ts';
import { sayRoundMoney } from '../words/figures.ts';
import { useWords } from '../words/Words.tsx';
import { CameOut } from './CameOut.tsx';
import { SurfaceToJudge, type Settled } from './SurfaceToJudge.tsx';

const UNSETTLED: Settled = { treatAs: null, sure: 0.7 };

/** A room that is walked: tests that were made, what is settled, and how it came out once all of it is. */
export function useWalk(room: PracticeRoom) {
  const [tests, setTests] = useState<PracticeTest[]>([]);
  const [settled, setSettled] = useState<Record<string, Settled>>({});
  const [score, setScore] = useState<PracticeScore | null>(null);
  const [keep, keeping] = useKeepPracticeMutation();
  const decisions = room.surfaces.flatMap(({ id }): PracticeDecision[] => {
    const { treatAs, sure } = settled[id] ?? UNSETTLED;
    return treatAs ? [{ surface: id, treatAs, sure }] : [];
  });
  const minutes = testMinutes(tests);
  const play = () => {
    setScore(scoreRoom(room, tests, decisions));
    const { plan, seed } = room;
    void keep({ id: newId(), at: nowText(), plan, seed, tests, decisions });
  };
  return {
    room,
    tests,
    minutes,
    score,
    keeping,
    isSettled: decisions.length === room.surfaces.length,
    settledCount: decisions.length,
    settledOn: (id: string) => settled[id] ?? UNSETTLED,
    test: (surface: string, kind: PracticeTest['kind']) => setTests([...tests, { surface, kind }]),
    settle: (surface: string, one: Settled) => setSettled({ ...settled, [surface]: one }),
    play,
  };
}
export type Walk = ReturnType<typeof useWalk>;

/** The room: its story, its surfaces; then what came of it. */
export function RoomWalk({ walk, currency }: { walk: Walk; currency: string }) {
  const { room, tests, score } = walk;
  const { inOurWords } = useWords();
  const [open, setOpen] = useState<string | null>(room.surfaces[0]!.id);
  const shown = testsShown(room, tests);
  return (
    <section aria-label={room.name}>
      <p className="mb-2 max-w-[62ch] font-serif text-[18px]">{inOurWords(room.story)}</p>
      <Refused error={walk.keeping.error} />
      {score ? (
        <CameOut room={room} score={score} currency={currency} />
      ) : (
        <>
          <ul>
            {room.surfaces.map((surface) => (
              <SurfaceToJudge
                key={surface.id}
                surface={surface}
                tests={shown.filter((s) => s.surface === surface.id).map((s) => s.test)}
                settled={walk.settledOn(surface.id)}
                isOpen={open === surface.id}
                onOpen={() => setOpen(open === surface.id ? null : surface.id)}
                onTest={(kind) => walk.test(surface.id, kind)}
                onSettle={(settled) => walk.settle(surface.id, settled)}
              />
            ))}
          </ul>
          <div className="mt-3 flex flex-wrap items-center gap-3">
            <Act letter="p" words="Play it forward" main disabled={!walk.isSettled} onAct={walk.play} />
            {!walk.isSettled && (
              <span className="text-sm text-faded">
                Settle every surface first: {walk.settledCount} of {room.surfaces.length} so far.
              </span>
            )}
          </div>
        </>
      )}
    </section>
  );
}

/** The running totals of a room. */
export function WalkTotals({ walk, currency }: { walk: Walk; currency: string }) {
  const { room, score, minutes, tests } = walk;
  const used = suppliesUsed(tests);
  const units = useSight((s) => s.units);
  return (
    <>
      <Total words="minutes of testing" figure={score ? `${minutes}, by the book ${score.policy.minutes}` : minutes} />
      <Total words="tests" figure={tests.length} />
      {used.rags > 0 && (
        <Total
          words={used.rags === 1 ? 'rag' : 'rags'}
          figure={`${used.rags}, ${sayVolume(used.solventMl / 1000, units)} of solvent`}
        />
      )}
      {score ? (
        <>
          <Total words="right" figure={`${rightIn(score.surfaces)} of ${room.surfaces.length}`} />
          <Total words="lost, tests and all" figure={sayRoundMoney(score.lost + score.testCost, currency)} />
          <Total words="by the book" figure={sayRoundMoney(score.policy.lost + score.policy.testCost, currency)} />
        </>
      ) : (
        <Total words="settled" figure={`${walk.settledCount} of ${room.surfaces.length}`} />
      )}
    </>
  );
}
