import { STEP_LABELS } from '../vocabulary/index.ts';
import { airAt } from '../drying/air.ts';
import { airFault } from '../drying/limits.ts';
import type { Obstacle } from './construct.ts';
import type { Team } from './crewTime.ts';
import { nameOf, recoatUntil, type Problem, type Task } from './problem.ts';
import type { Push, PushRule } from './rules.ts';

/** What a start waits for, as the contract names it. */
export type WaitCode = 'coat' | 'wait' | 'crew' | 'rack' | 'dust' | 'hours' | 'air' | 'room' | 'order';

export interface WaitsFor {
  code: WaitCode;
  text: string;
}

/** A demand that cannot be met, in words. */
export interface Reason {
  rule: string;
  step: string;
  text: string;
}

const CODES: Record<PushRule, WaitCode> = {
  order: 'order',
  wait: 'wait',
  coat: 'coat',
  preferred: 'coat',
  handle: 'coat',
  hours: 'hours',
  crew: 'crew',
  'other-trade': 'order',
  air: 'air',
  rain: 'air',
  'back-by': 'room',
  fumes: 'room',
  dust: 'dust',
  wet: 'dust',
  rack: 'rack',
  'recoat-closes': 'coat',
  'nights-out': 'room',
  'same-day': 'room',
  posted: 'order',
};

/** Why a step starts when it does: the last rule that pushed it there. */
export function waitsFor(problem: Problem, task: Task, team: Team, why: Push | null): WaitsFor | null {
  if (!why || team.start <= problem.start) return null;
  return { code: CODES[why.rule], text: WORDS[why.rule](problem, task, why) };
}

const words = (task: Task) => STEP_LABELS[task.kind].toLowerCase();
const byOf = (problem: Problem, why: Push) => problem.tasks[why.by!]!;
const openingInWords = (problem: Problem, why: Push) => problem.calendar.said(why.to);

const WORDS: Record<PushRule, (problem: Problem, task: Task, why: Push) => string> = {
  order: (problem, _task, why) =>
    why.by === undefined ? 'Waits its turn.' : `Waits for ${byOf(problem, why).surface}: ${words(byOf(problem, why))}.`,
  wait: (problem, _task, why) => `Waits after ${words(byOf(problem, why))}, until ${openingInWords(problem, why)}.`,
  coat: (problem, _task, why) => `Waits for the coat before it, open ${openingInWords(problem, why)}.`,
  preferred: (problem, _task, why) =>
    `Nothing is lost by the longer wait that the sheet of the coat before it prefers: until ${openingInWords(problem, why)}.`,
  handle: (problem, _task, why) => `Waits until the film may be handled and closed, ${openingInWords(problem, why)}.`,
  hours: () => 'Waits for working hours that are long enough.',
  crew: () => 'Waits until somebody is free.',
  'other-trade': (problem, _task, why) => `Not before ${openingInWords(problem, why)}.`,
  air: (_problem, task, why) => `Waits for the air: ${airWords(task, why)}.`,
  rain: () => 'Waits for the rain: it must stay dry until it is rain-safe.',
  'back-by': (_problem, task) =>
    `Waits for a day on which it is dust-free by ${task.zone!.backBy}, when the room is wanted back.`,
  fumes: (_problem, task) =>
    `Waits for a day on which its vapour is gone by ${task.zone!.fumesOutBy}, when people are back in the room.`,
  dust: (problem, _task, why) =>
    `Waits until the film on ${byOf(problem, why).surface} is dust-free, ${openingInWords(problem, why)}.`,
  wet: (problem, _task, why) => `Waits until the dusty work on ${byOf(problem, why).surface} is over.`,
  rack: (problem, _task, why) => `Waits for a place on the drying rack, ${openingInWords(problem, why)}.`,
  'recoat-closes': () => 'Held back so that the next coat comes before this one closes.',
  'nights-out': () => 'Held back so that the room is not out of use too long.',
  'same-day': () => 'Held back so that it is hung again the same evening.',
  posted: () => 'Kept at the time that was posted.',
};

/** What is wrong with the air just before it turns good. */
function airWords(task: Task, why: Push): string {
  const minute = Number.isFinite(why.to) ? why.to - 1 : 0;
  return (
    airFault(airAt(task.air, minute), task.coat!.figures) ?? 'it does not stay within its limits until it is dust-free'
  );
}

/** What stands in the way of a plan, in words, with what would help. */
export function reasonOf(problem: Problem, found: Obstacle): Reason {
  return {
    rule: found.rule === 'people' ? 'crew' : found.rule,
    step: nameOf(found.task),
    text: OBSTACLES[found.rule](problem, found),
  };
}

const fallback = (problem: Problem, { rule, task, by }: Obstacle) =>
  WORDS[rule as PushRule](problem, task, { to: Infinity, rule: rule as PushRule, ...(by === null ? {} : { by }) });

const OBSTACLES: Record<Obstacle['rule'], (problem: Problem, found: Obstacle) => string> = {
  people: (problem, { task }) => `${task.people} people are needed at once; the crew has ${problem.crew.length}.`,
  skill: (_problem, { task }) =>
    `${task.people} with the skill "${task.skill}" are needed; the crew has ${task.able.length}.`,
  hours: (_problem, { task }) =>
    `${task.minutes} minutes fit into nobody's working day${task.people > 1 ? ' together' : ''}. Let it be split over nights, or lengthen a day.`,
  crew: () => 'Nobody who may do it is ever free for as long as it takes. Free their days, or add somebody.',
  air: (_problem, { task }) =>
    `This air never suits the coat: ${airFault(airAt(task.air, 1e9), task.coat!.figures) ?? 'it is never within its limits for long enough'}. Warm, dry or shelter the place, or take another product.`,
  rain: () =>
    'It is never dry for as long as the coat needs to be rain-safe. Shelter the place, or take another product.',
  coat: (problem, { by }) =>
    `In this air the coat before it (${nameOf(problem.tasks[by!]!)}) never opens. Warm or dry the place, or take another product.`,
  'back-by': (_problem, { task }) =>
    `On no day is this coat dust-free by ${task.zone!.backBy}, when the room is wanted back. Start earlier, take a quicker product, or ask for a later hour.`,
  fumes: (_problem, { task }) =>
    `On no day is its vapour gone by ${task.zone!.fumesOutBy}, when people are back in the room. Take a product of low odour, or let them sleep elsewhere.`,
  rack: () => 'There is no rack place for it. Add a rack, or do it in its place.',
  'recoat-closes': (problem, { by }) => {
    const coat = problem.tasks[by!]!;
    const until = coat.done ? ` ${problem.calendar.said(recoatUntil(coat, coat.done.end)!)}` : '';
    return `The coat before it (${nameOf(coat)}) closes${until} before this one can start. Abrade between them, or change the hours or the air.`;
  },
  'nights-out': (_problem, { task, figure }) =>
    `The room "${task.zone!.id}" would be out of use for ${figure} ${figure === 1 ? 'night' : 'nights'}; ${task.zone!.maxNightsOut} are allowed. Quicker products, more people or a weekend would shorten it.`,
  'same-day': () =>
    'What is taken off in the morning cannot be back by evening. Close the opening meanwhile, or take quicker products.',
  order: fallback,
  wait: fallback,
  preferred: fallback,
  handle: () => 'In this air the film is never fit to be handled. Warm or dry the place, or take another product.',
  'other-trade': fallback,
  dust: fallback,
  wet: fallback,
  posted: fallback,
};
