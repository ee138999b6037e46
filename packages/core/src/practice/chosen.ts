import { costAllTold } from '../comparison/wrongTreatment.ts';
import { systemLines, type SystemLine } from '../comparison/systemLines.ts';
import { usualCase } from '../comparison/usualCase.ts';
import { whatIf, type WhatIf } from '../comparison/whatIf.ts';
import { TREATMENT_OF, type Treatment } from '../evidence/knowledge/treatments.ts';
import { stacksIn } from '../evidence/posterior.ts';
import { STACKS } from '../evidence/stackSpace.ts';
import { stacksOf } from '../evidence/treatment.ts';
import type { Consequence } from '../failure/departing.ts';
import type { Departure } from '../model/records/system.ts';
import type { PracticeTest } from '../model/records/index.ts';
import type { Step } from '../model/step.ts';
import type { Case } from '../systems/case.ts';
import { compose } from '../systems/compose.ts';
import { roomRead, testsShown, type PracticeRoom, type PracticeSurface } from './room.ts';

/** What somebody chooses on a surface: the system for what they take it for, and what they do otherwise. */
export interface SystemWanted {
  treatAs: Treatment;
  departures: readonly Departure[];
}

/** The system that is chosen, by what its painter knows. */
export interface SystemChosen {
  /** As it is made for what they take it for; departures name its lines. */
  lines: SystemLine[];
  /** What it becomes with their departures. */
  after: WhatIf;
  /** Why it may not be done so, in words; empty where it may. */
  refused: string[];
}

/** The surface as its painter believes it to be: what was told and tested, and nothing of what really lies there. */
function caseBelieved(room: PracticeRoom, one: PracticeSurface, tests: readonly PracticeTest[], treatAs: Treatment) {
  const lies = stacksOf(treatAs, stacksIn(roomRead(room, tests), one.id));
  // One face: its places lie under one name here, since what lies there is one stack.
  const shown = testsShown(room, tests).flatMap(({ surface, test: { place: _, ...test } }) =>
    surface === one.id ? [test] : [],
  );
  return usualCase(one.surface, shown, lies, treatAs);
}

/** The surface as it is. */
export function caseLying({ surface, lies }: PracticeSurface): Case {
  const there = STACKS.map((stack) => (stack === lies ? 1 : 0));
  return usualCase(surface, [], there, TREATMENT_OF[lies.top]);
}

function believed(room: PracticeRoom, one: PracticeSurface, tests: readonly PracticeTest[], treatAs: Treatment) {
  const c = caseBelieved(room, one, tests, treatAs);
  return { c, made: compose(c) };
}

/** The system that somebody gets who takes a surface for one thing. Throws `RangeError` for a line that is not there. */
export function systemChosen(
  room: PracticeRoom,
  one: PracticeSurface,
  tests: readonly PracticeTest[],
  { treatAs, departures }: SystemWanted,
): SystemChosen {
  const { c, made } = believed(room, one, tests, treatAs);
  const after = whatIf(c, made, made.steps, departures);
  return {
    lines: systemLines(c, made.steps),
    after,
    refused: [...after.refused, ...after.forbidden.map(({ text, until }) => `${text} Until: ${until}`)],
  };
}

/** What was laid in the end, and what doing it otherwise than is usual came to on what really lay there. */
export interface DoneOtherwise {
  steps: readonly Step[];
  /** The system as it is made: departures name its lines. */
  made: readonly Step[];
  /** Work, paint and what goes wrong, against the system as it is made: below 0 where it saves. Minor units. */
  cost: number;
  /** What it made likelier, the dearest first. */
  consequences: Consequence[];
}

/** How a system that was chosen comes out, on what really lies there. */
export function doneOtherwise(
  room: PracticeRoom,
  one: PracticeSurface,
  tests: readonly PracticeTest[],
  { treatAs, departures }: SystemWanted,
): DoneOtherwise {
  const { made } = believed(room, one, tests, treatAs);
  if (departures.length === 0) return { steps: made.steps, made: made.steps, cost: 0, consequences: [] };
  const truth = caseLying(one);
  const { steps, consequences } = whatIf(truth, made, made.steps, departures);
  const right = compose(truth).steps;
  const cost = Math.round(costAllTold(truth, steps, right) - costAllTold(truth, made.steps, right));
  return { steps, made: made.steps, cost, consequences };
}
