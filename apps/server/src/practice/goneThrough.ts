import {
  caseRoom,
  drawRoom,
  isOffered,
  planOf,
  scoreRoom,
  systemChosen,
  TREATMENTS,
  type PracticeCase,
  type PracticeDecision,
  type PracticeRoom,
  type Treatment,
} from '@rustic/core';
import { refusedWith } from '../http/refused.ts';
import type { PracticeGoBody } from './practice.dto.ts';

const isTreatment = (code: string): code is Treatment => (TREATMENTS as readonly string[]).includes(code);

/** How a room came out that somebody went through: drawn again here, so that nobody writes their own figures. */
export function goneThrough({ plan: code, seed, tests, decisions }: PracticeGoBody, own: PracticeCase | null) {
  const plan = planOf(code);
  if (!plan && !own) throw refusedWith([{ path: 'plan', message: 'is no room to practise in' }]);
  const room = plan ? drawRoom(plan, seed) : caseRoom(own!);
  const known = new Set(room.surfaces.map((s) => s.id));
  const bad = tests.findIndex(({ surface, kind }) => !known.has(surface) || !isOffered(kind));
  if (bad >= 0) throw refusedWith([{ path: `tests[${bad}]`, message: 'is no test that this room offers' }]);
  const decided = decidedIn(room, decisions);
  mayBeLaid(room, tests, decided);
  const { surfaces, minutes, testCost, lost, engineLost, policy } = scoreRoom(room, tests, decided);
  return {
    judged: surfaces.map(({ surface, skill, truth, sure, right, lost }) => ({
      surface,
      skill,
      truth,
      sure,
      right,
      lost,
    })),
    minutes,
    policyMinutes: policy.minutes,
    lost: lost + testCost,
    engineLost: engineLost + testCost,
    policyLost: policy.lost + policy.testCost,
  };
}

/** One decision for every surface, and none for any other. */
function decidedIn({ surfaces }: PracticeRoom, decisions: PracticeGoBody['decisions']): PracticeDecision[] {
  const refuse = (name: string) =>
    refusedWith([{ path: 'decisions', message: `says not once what ${name} is treated as` }]);
  const unsaid = surfaces.find((s) => decisions.filter((d) => d.surface === s.id).length !== 1);
  if (unsaid) throw refuse(unsaid.name);
  return decisions.map(({ treatAs, departures = [], ...said }) => {
    const one = surfaces.find((s) => s.id === said.surface);
    if (!one || !isTreatment(treatAs)) throw refuse(one?.name ?? said.surface);
    return { ...said, treatAs, departures };
  });
}

/** Each system may be laid as it was chosen: what guards people is not left out, and every line is one of it. */
function mayBeLaid(room: PracticeRoom, tests: PracticeGoBody['tests'], decisions: readonly PracticeDecision[]): void {
  for (const [at, decision] of decisions.entries()) {
    if (decision.departures.length === 0) continue;
    const one = room.surfaces.find((s) => s.id === decision.surface)!;
    const path = `decisions[${at}].departures`;
    let refused: readonly string[];
    try {
      ({ refused } = systemChosen(room, one, tests, decision));
    } catch (error) {
      if (!(error instanceof RangeError)) throw error;
      refused = [`name a line that the system of ${one.name} does not have`];
    }
    if (refused.length) throw refusedWith(refused.map((message) => ({ path, message })));
  }
}
