import { DRILL_CODES, practiceCaseRecord, practiceDrillRecord, practiceGoRecord } from '@rustic/core';
import { z } from 'zod';
import { answer, core, figure, flag, named, oneOf, rowOf, text } from './answer.ts';

const go = rowOf(practiceGoRecord, 'id', 'plan', 'seed', 'judged', 'minutes', 'policyMinutes', 'at');
/** Sums that are practised with are nobody's prices: everybody is told their own. */
const sums = { lost: figure, engineLost: figure, policyLost: figure };
export const practiceGo = named('PracticeGo', { ...go, ...sums });

export const practiceDrill = named('PracticeDrill', rowOf(practiceDrillRecord, 'id', 'drill', 'seed', 'judged', 'at'));

const room = answer({ plan: text, seed: figure });
/** How somebody does, who shows it. */
const shownBy = named('ShownPractice', { name: text, tried: figure, right: figure, words: text });
/** How somebody did in the room of the week, who shows it. */
const inWeek = answer({ name: text, right: figure, of: figure, minutes: figure, lost: figure });

export const practiceCase = named('PracticeCaseKept', rowOf(practiceCaseRecord, 'id', 'name', 'surfaces', 'withdrawn'));

/** What somebody practised, how far their own odds hold, and what is worth practising next. */
export const practicePage = named('PracticePage', {
  currency: text,
  standings: z.array(core('SkillStanding')),
  calibration: core('OwnCalibration'),
  words: text,
  next: room,
  /** The drill of what is known least, and how many were done. */
  drill: answer({ code: oneOf(DRILL_CODES), seed: figure }),
  drills: figure,
  week: answer({ plan: text, seed: figure, mine: practiceGo.nullable(), others: z.array(inWeek) }),
  /** Cases of the firm's own, and how one came out of each. */
  cases: z.array(answer({ ...rowOf(practiceCaseRecord, 'id', 'name', 'surfaces'), mine: practiceGo.nullable() })),
  goes: z.array(practiceGo),
  count: figure,
  shown: flag,
  others: z.array(shownBy),
});
export const practiceShown = answer({ shown: flag });
