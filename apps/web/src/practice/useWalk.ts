import { useEffect, useMemo, useState } from 'react';
import {
  scoreRoom,
  systemChosen,
  testMinutes,
  testsShown,
  type Departure,
  type PracticeDecision,
  type PracticeRoom,
  type PracticeScore,
  type PracticeTest,
  type Treatment,
} from '@rustic/core';
import { nowText } from '../clock/clock.ts';
import { openDraft } from '../form/drafts.ts';
import { newId } from '../store/newId.ts';
import { useKeepPracticeMutation } from '../store/endpoints.ts';

/** What somebody settles for on one surface; nothing yet: null. */
export interface Settled {
  treatAs: Treatment | null;
  departures: Departure[];
  sure: number;
}
const UNSETTLED: Settled = { treatAs: null, departures: [], sure: 0.7 };

/** What was done in a room so far: it is still there after a reload, and gone once it is played forward. */
interface SoFar {
  tests: PracticeTest[];
  settled: Record<string, Settled>;
}

/** What is done otherwise names lines of a system: where a test has changed that system, it is let go. */
function stillNamed(
  room: PracticeRoom,
  before: readonly PracticeTest[],
  after: readonly PracticeTest[],
  settled: SoFar['settled'],
): SoFar['settled'] {
  const kept = room.surfaces.flatMap((one) => {
    const said = settled[one.id];
    if (!said?.treatAs || said.departures.length === 0) return said ? [[one.id, said] as const] : [];
    const { treatAs } = said;
    const lines = (tests: readonly PracticeTest[]) =>
      systemChosen(room, one, tests, { treatAs, departures: [] }).lines.map(
        ({ step }) => `${step.kind} ${step.family}`,
      );
    const same = lines(before).join() === lines(after).join();
    return [[one.id, same ? said : { ...said, departures: [] }] as const];
  });
  return Object.fromEntries(kept);
}

/** A room that is walked: tests that were made, what is settled, and how it came out once all of it is. */
export function useWalk(room: PracticeRoom) {
  const draft = useMemo(() => openDraft<SoFar>(`practice/${room.plan}/${room.seed}`), [room.plan, room.seed]);
  const [soFar, setSoFar] = useState<SoFar>(draft.before ?? { tests: [], settled: {} });
  const [score, setScore] = useState<PracticeScore | null>(null);
  const [keep, keeping] = useKeepPracticeMutation();
  const { tests, settled } = soFar;
  useEffect(() => {
    if (score) draft.drop();
    else if (soFar.tests.length + Object.keys(soFar.settled).length > 0) draft.keep(soFar);
  }, [draft, score, soFar]);
  const decisions = room.surfaces.flatMap(({ id }): PracticeDecision[] => {
    const { treatAs, ...more } = settled[id] ?? UNSETTLED;
    return treatAs ? [{ surface: id, treatAs, ...more }] : [];
  });
  const play = () => {
    setScore(scoreRoom(room, tests, decisions));
    const { plan, seed } = room;
    const said = decisions.map((d) => ({ ...d, departures: [...d.departures] }));
    void keep({ id: newId(), at: nowText(), plan, seed, tests, decisions: said });
  };
  return {
    room,
    tests,
    minutes: testMinutes(tests),
    score,
    keeping,
    decisions,
    isSettled: decisions.length === room.surfaces.length,
    settledOn: (id: string) => settled[id] ?? UNSETTLED,
    /** What the tests of a surface showed; their places are the drawing's own, and not told. */
    shownOn: (id: string) =>
      testsShown(room, tests).flatMap(({ surface, test: { place: _, ...test } }) => (surface === id ? [{ test }] : [])),
    test: (surface: string, kind: PracticeTest['kind']) => {
      const more = [...tests, { surface, kind }];
      setSoFar({ tests: more, settled: stillNamed(room, tests, more, settled) });
    },
    settle: (surface: string, one: Settled) => setSoFar({ ...soFar, settled: { ...settled, [surface]: one } }),
    play,
  };
}
export type Walk = ReturnType<typeof useWalk>;
