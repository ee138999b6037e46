import { ELEMENTS, JOB_RECORDS, METHODS, WEAR } from '@rustic/core';
import { z } from 'zod';
import {
  aboutMoney,
  answer,
  core,
  figure,
  flag,
  from,
  moment,
  named,
  none,
  oneOf,
  rowOf,
  sum,
  text,
  texts,
} from './answer.ts';
import { houseRules } from './firm.ts';
import {
  consequence,
  hold,
  hours,
  inJob,
  job,
  rescue,
  standingFields,
  systemPrice,
  workLog,
  workStep,
  holds,
} from './parts.ts';
import { dueCheck, patchDue } from './trials.ts';

/** One surface on the run sheet. */
export const todayLine = named('TodayLine', {
  ...inJob,
  jobTitle: text,
  startsAt: moment,
  roomId: text,
  room: text,
  surfaceId: text,
  name: text,
  wear: z.array(oneOf(WEAR)),
  method: oneOf(METHODS).nullable(),
  plannedStart: text.nullable(),
  /** Who is planned for it, by id. */
  crew: texts,
  held: answer(rowOf(JOB_RECORDS.holds, 'id', 'kind', 'until', 'reason', 'byName')).nullable(),
  offered: answer({ batch: text.nullable(), temperatureC: figure, relativeHumidityPct: figure }),
  done: z.array(core('Done')),
  /** Finished, but not to be used for everything yet: what comes next of its cure. */
  curing: answer({ words: text, at: text, why: text }).nullable(),
  ...standingFields,
  work: z.array(workStep),
});

/** What stands on the run sheet beside the surfaces. */
export const todayRest = answer({
  patches: z.array(patchDue),
  checks: z.array(named('TrialCheck', { ...dueCheck, trialId: text, title: text, ...inJob, jobTitle: text })),
  /** Fixed visits of the coming days. */
  visits: z.array(
    named('VisitSoon', {
      id: text,
      ...inJob,
      jobTitle: text,
      ...rowOf(JOB_RECORDS.visits, 'onDay', 'fromTime', 'minutes', 'calls', 'personId'),
    }),
  ),
  /** What clients asked or said no to, and nobody has answered yet. */
  clients: aboutMoney(
    z.array(
      named('ClientSaid', {
        ...inJob,
        jobTitle: text,
        ...rowOf(JOB_RECORDS.replies, 'id', 'kind', 'about', 'words', 'name', 'at'),
      }),
    ),
  ),
  /** Things to look at again. */
  followUps: z.array(
    named('FollowUp', {
      ...inJob,
      ...rowOf(JOB_RECORDS.followUps, 'id', 'surfaceId', 'kind', 'words', 'dueAt'),
      name: text,
    }),
  ),
});
export const todayAnswer = named('TodayPage', {
  ...todayRest.shape,
  now: text,
  lines: z.array(todayLine),
});

export const workAnswer = named('Logged', {
  log: workLog,
  warnings: texts,
  opensAt: figure.nullable(),
  /** Minutes that air and film add to the label's wait. */
  addedMin: figure,
});
/** What a log would say of its limits. */
export const workWarnings = answer({ warnings: texts });
/** Steps that were logged together. */
export const stretchAnswer = z.array(workLog);
export const holdAnswer = hold;
export const followUpAnswer = answer({ ...rowOf(JOB_RECORDS.followUps), ...inJob });

/** A room as the plan knows it: what is asked of it, and where its air is known from. */
const planRoom = named('PlanRoom', {
  ...inJob,
  version: figure,
  ...rowOf(
    JOB_RECORDS.rooms,
    'id',
    'name',
    'kind',
    'airFrom',
    'noDustWhileWet',
    'backBy',
    'fumesOutBy',
    'maxNightsOut',
  ),
});
/** A step that is not to begin yet. */
const standingHold = named(
  'StandingHold',
  rowOf(JOB_RECORDS.holds, 'id', 'surfaceId', 'stepId', 'kind', 'until', 'reason', 'byName'),
);

/** What a plan is drawn from: of one job, or of all. */
const planFields = {
  jobs: z.array(answer({ id: text, title: text })),
  rooms: z.array(planRoom),
  surfaces: z.array(answer({ id: text, ...inJob, roomId: text, name: text, element: oneOf(ELEMENTS) })),
  people: z.array(answer({ id: text, name: text, initials: text, hours: hours.nullable() })),
  input: core('PlanInput'),
  plan: core('Plan'),
  now: text,
  difference: core('Difference').nullable(),
  log: z.array(answer({ surfaceId: text, stepId: text, by: text })),
  /** Steps that are held: another trade comes first, or something looks wrong. */
  holds: z.array(standingHold),
  /** Coats that hold only if the forecast does. */
  reliance: z.array(core('Reliance')),
};
export const planPage = named('PlanPage', {
  ...planFields,
  job,
  posted: answer({ at: moment, by: text, plan: core('Plan') }).nullable(),
  /** Outside, what is not begun: the latest day to begin before the cold. */
  latestStarts: z.array(answer({ surfaceId: text, at: text })),
  /** Where not all can be met: plans that break as little as can be, side by side. */
  nearest: z.array(core('RelaxedPlan')),
});
/** The plan of all jobs; those that cannot be planned as they stand are left out of it and named. */
export const firmPlan = z.union([
  named('FirmSheet', { ...planFields, cannot: z.array(answer({ jobId: text, title: text, text })) }),
  answer({ input: none }),
]);
export const postedAnswer = answer({ plan: core('Plan') });
/** The plan as it is over the weather as it may turn out, and what could be had instead. */
export const choicesAnswer = named('PlanChoices', {
  asItStands: core('AsItStands').nullable(),
  choices: z.array(core('PlanChoice')),
});

/** What follows from departing from a system. */
export const whatIfAnswer = named('WhatIfAnswer', {
  ...from('WhatIf', 'steps', 'fails', 'odds', 'forbidden', 'refused'),
  section: z.array(core('Layer')),
  consequences: z.array(consequence),
  expectedCost: sum,
  price: systemPrice,
  saves: answer({ minutes: figure, waitingMin: figure, cost: sum }),
});
/** The way back, with how a coat comes off by the age of its film. */
export const rescueAnswer = named('WayBackFound', {
  ...rescue.shape,
  ways: z.array(
    named('WayOff', { ...from('WayOff', 'words', 'fromHours', 'untilHours', 'steps', 'isNow'), price: systemPrice }),
  ),
  /** The ways on from a first coat of primer that shows through. */
  seconds: z.array(
    named('SecondCoat', {
      ...from('SecondCoat', 'code', 'words', 'steps', 'left'),
      adds: answer({ minutes: figure, litres: figure, waitingMin: figure, cost: sum }),
    }),
  ),
  /** When the coat was laid that it is about, as it was logged; null: nothing was. */
  laidAt: moment.nullable(),
  product: text.nullable(),
});

const school = named('SchoolPart', {
  ...from(
    'SchoolWay',
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
  holds,
});
const ruleCode = from('SchoolWay', 'rule').rule;
export const schoolsPage = named('SchoolsPage', {
  surface: answer({ id: text, name: text, houseRules, version: figure }),
  job: answer({ id: text, title: text }),
  currency: text,
  rules: z.array(answer({ rule: ruleCode, ways: z.array(school) })),
});

/** Surfaces whose system a change of rules would change. */
export const ruleEffects = answer({
  looked: figure,
  surfaces: z.array(
    named('RuleEffect', {
      ...inJob,
      jobTitle: text,
      surfaceId: text,
      name: text,
      added: z.array(core('Step')),
      removed: z.array(core('Step')),
      changed: z.array(answer({ before: core('Step'), after: core('Step') })),
      minutes: figure,
      cost: sum,
      /** A system is settled, or work begun: it stands until somebody settles anew. */
      settled: flag,
      begun: flag,
    }),
  ),
});
