import { stepKey, type System } from '../model/step.ts';
import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import type { BeadReads } from '../vocabulary/index.ts';
import { diagnoseBy } from '../evidence/diagnosis.ts';
import { QUESTIONS, type Question } from '../evidence/knowledge/questions.ts';
import type { NextTest } from '../evidence/nextTest.ts';
import { priceOn } from '../pricing/price.ts';
import { rediagnosed, type Case } from '../systems/case.ts';
import { compose } from '../systems/compose.ts';
import { scoreOf, scoreOfWork } from './score.ts';

/** A bead that was drawn is dabbed where it is drawn. */
const dabbed = (surface: SurfaceFacts, { kind, result }: TestRecord): SurfaceFacts =>
  kind === 'paint-dab' && surface.joints.length > 0
    ? {
        ...surface,
        joints: surface.joints.map((joint) => ({ ...joint, dab: joint.dab ?? (result as BeadReads<'dab'>) })),
      }
    : surface;

/** The surface once a question is answered. What lies on it is known no better for that. */
function answeredBy(c: Case, test: TestRecord): Case {
  const { surface, tests, films, lies } = c.d;
  return rediagnosed(
    c,
    diagnoseBy(dabbed(surface, test), [...tests, test], (_tests, film) => films[film] ?? lies),
  );
}

const workIn = ({ steps }: System) => steps.map((s) => `${stepKey(s)}|${s.coats ?? ''}|${s.waitMin ?? ''}`).join('>');

/** In minor units, on the surface as it then is: what going on without an answer loses, and the work and the waiting that the answer asks for beyond. */
interface Answer {
  loses: number;
  asksFor: number;
}
const CHANGES_NOTHING: Answer = { loses: 0, asksFor: 0 };

type AnswerOf = (question: Question, reading: Question['found'] | null) => Answer;

/** What each answer changes of a system as it stands. */
function answersOn(c: Case, made: System): AnswerOf {
  const before = workIn(made);
  return (question, reading) => {
    if (!reading) return CHANGES_NOTHING;
    const at = answeredBy(c, { kind: question.kind, ...reading(c.d.surface) });
    const then = compose(at);
    if (before === workIn(then)) return CHANGES_NOTHING;
    const [blind, knowing] = [priceOn(at, made.steps), priceOn(at, then.steps)];
    return {
      loses: scoreOf(at, made.steps, blind) - scoreOf(at, then.steps, knowing),
      asksFor: scoreOfWork(at, then.steps, knowing) - scoreOfWork(at, made.steps, blind),
    };
  };
}

/**
 * What asking is expected to save, in minor units. What is found and goes unseen costs what fails by it, or work that
 * was not needed; what is seen once the work is on is done after all, and nobody had priced or planned it. Where no
 * answer changes the work it saves nothing.
 */
function savingOf(question: Question, odds: number, answerOf: AnswerOf): number {
  const found = answerOf(question, question.found);
  const other = answerOf(question, question.other);
  return odds * Math.max(0, found.loses, found.asksFor) + (1 - odds) * Math.max(0, other.loses);
}

/**
 * The questions that are open on a surface beside its finish, each with what an answer is expected to save there: lead,
 * damp, rot, salts and the like. `made` is the system that the case asks for as it stands.
 */
export function openQuestions(c: Case, made: System): NextTest[] {
  const { surface, findings, tests } = c.d;
  const answerOf = answersOn(c, made);
  return QUESTIONS.filter((question) => question.open(surface, findings, tests)).map((question) => ({
    kind: question.kind,
    minutes: question.minutes,
    why: question.why,
    expectedSaving: Math.round(savingOf(question, question.odds(surface), answerOf)),
  }));
}
