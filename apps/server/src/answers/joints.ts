import { BEAD_READING_CODES, FAMILIES, JOB_RECORDS, REMEDIES, sketchSchema } from '@rustic/core';
import { z } from 'zod';
import { answer, core, figure, flag, from, like, named, oneOf, rowOf, sum, text } from './answer.ts';
import { inJob } from './parts.ts';

const { joints } = JOB_RECORDS;
const row = { ...rowOf(joints), version: figure };

export const jointAnswer = answer({ ...row, ...inJob });

/** What is known of a joint, what belongs into it, and what may be done about what is there. */
const joint = named('JointOfRoom', {
  ...row,
  name: text,
  metres: figure,
  plan: answer(from('JointPlan', 'act', 'known', 'use', 'family', 'why', 'rod')),
  /** How likely the bead is silicone; null: there is none. */
  silicone: figure.nullable(),
  next: answer({ reading: oneOf(BEAD_READING_CODES), why: text }).nullable(),
  ways: z.array(
    answer({
      remedy: oneOf(REMEDIES),
      ...from('JointWay', 'minutes', 'waitingMin', 'callBackAYear', 'guaranteeMonths', 'risk'),
      cost: sum,
    }),
  ),
});

export const jointsPage = named('JointsPage', {
  job: answer({ id: text, title: text }),
  room: answer({ id: text, name: text, sketch: like(sketchSchema).nullable() }),
  surfaces: z.array(answer({ id: text, name: text, element: core('Element'), outside: flag })),
  currency: text,
  joints: z.array(joint),
  /** Surfaces whose system was settled when their joints were others. */
  settledBefore: z.array(answer({ id: text, name: text })),
  /** What is squeezed in, all of it, by what it is of and in what colour. */
  beads: z.array(answer({ ...from('SundryNeed', 'key', 'words', 'unit', 'count'), price: sum })),
  families: z.array(answer({ family: oneOf(FAMILIES), metres: figure })),
});
