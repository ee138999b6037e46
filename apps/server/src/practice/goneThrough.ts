import {
  caseRoom,
  drawRoom,
  isOffered,
  planOf,
  scoreRoom,
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
  const { surfaces, minutes, testCost, lost, engineLost, policy } = scoreRoom(room, tests, decidedIn(room, decisions));
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
  return surfaces.map(({ id, name }) => {
    const [decided, again] = decisions.filter((d) => d.surface === id);
    if (!decided || again || !isTreatment(decided.treatAs) || decisions.length !== surfaces.length)
      throw refusedWith([{ path: 'decisions', message: `says not once what ${name} is treated as` }]);
    return { surface: id, treatAs: decided.treatAs, sure: decided.sure };
  });
}
