import { byHeadDrill } from './byHead.ts';
import { doorDrill } from './door.ts';
import { DRILL_SKILL, type DrawnDrill, type DrillAnswer, type DrillCode, type DrillJudged } from './drill.ts';
import { patchesDrill } from './patches.ts';
import { weekDrill } from './week.ts';

const DRAWN: Readonly<Record<DrillCode, (seed: number) => DrawnDrill>> = {
  'by-head': (seed) => byHeadDrill(seed, 'metric'),
  'by-head-us': (seed) => byHeadDrill(seed, 'us'),
  door: doorDrill,
  week: weekDrill,
  patches: patchesDrill,
};

/** A drill by its code and number: the same for everybody, and on every device. */
export const drawDrill = (code: DrillCode, seed: number): DrawnDrill => DRAWN[code](seed);

/** How answers came out, question by question in the order of the drill; what was not answered is not judged. */
export const judgeDrill = ({ drill, truths }: DrawnDrill, answers: readonly DrillAnswer[]): DrillJudged[] =>
  drill.questions.flatMap(({ id }) => {
    const answer = answers.find((a) => a.question === id);
    return answer
      ? [{ question: id, skill: DRILL_SKILL[drill.code], sure: answer.sure, right: truths[id]!.fits(answer.says) }]
      : [];
  });
