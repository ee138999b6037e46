import { z } from 'zod';
import { answer, plain, sum } from './answer.ts';
import { consequence, hold, rescue, standingFields, systemPrice, workLog, workStep } from './parts.ts';

/** One surface on the run sheet. */
export const todayLine = answer({
  ...plain(
    'jobId',
    'jobTitle',
    'startsAt',
    'roomId',
    'room',
    'surfaceId',
    'name',
    'wear',
    'method',
    'plannedStart',
    'crew',
    'held',
    'offered',
    'done',
    'curing',
  ),
  ...standingFields,
  work: z.array(workStep),
});
/** What stands on the run sheet beside the surfaces. */
export const todayRest = answer(plain('checks', 'visits', 'followUps'));
export const todayAnswer = todayRest.extend({ ...plain('now'), lines: z.array(todayLine) });

export const workAnswer = answer({ log: workLog, ...plain('warnings', 'opensAt', 'addedMin') });
export const holdAnswer = hold;
export const followUpAnswer = answer(
  plain(
    'id',
    'jobId',
    'surfaceId',
    'workId',
    'kind',
    'words',
    'dueAt',
    'closedAt',
    'closedBy',
    'closedNote',
    'byName',
    'at',
  ),
);

const planFields = plain(
  'jobs',
  'rooms',
  'surfaces',
  'people',
  'input',
  'plan',
  'now',
  'log',
  'holds',
  'reliance',
  'difference',
);
export const planPage = answer({
  ...planFields,
  job: z.unknown().optional().meta({ title: 'the job, by its own page' }),
  ...plain('posted', 'latestStarts'),
});
export const firmPlan = answer({ ...planFields, ...plain('cannot') });

/** What follows from departing from a system. */
export const whatIfAnswer = answer({
  ...plain('steps', 'fails', 'odds', 'forbidden', 'refused', 'section'),
  consequences: z.array(consequence),
  expectedCost: sum,
  price: systemPrice,
  saves: answer({ ...plain('minutes', 'waitingMin'), cost: sum }),
});
export const rescueAnswer = rescue;

export const schoolsPage = answer({
  ...plain('surface', 'job', 'currency'),
  rules: z.array(
    answer({
      ...plain('rule'),
      ways: z.array(
        answer({
          ...plain(
            'prefers',
            'because',
            'rule',
            'choice',
            'title',
            'words',
            'ours',
            'steps',
            'fumes',
            'guarantee',
            'blocks',
          ),
          price: systemPrice,
        }),
      ),
    }),
  ),
});
