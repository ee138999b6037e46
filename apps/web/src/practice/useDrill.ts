import { useMemo, useState } from 'react';
import { drawDrill, judgeDrill, type DrillAnswer, type DrillCode, type DrillJudged } from '@rustic/core';
import { nowText } from '../clock/clock.ts';
import { newId } from '../store/newId.ts';
import { useKeepDrillMutation } from '../store/endpoints.ts';

/** What somebody said to one question; nothing yet: null. */
export interface Said {
  says: string | number | null;
  /** A figure as it was typed. */
  typed?: string;
  sure: number;
}
const UNSAID: Said = { says: null, sure: 0.7 };

/** A drill that is done: what was said so far, and how it came out once all of it is. */
export function useDrill(code: DrillCode, seed: number) {
  const drawn = useMemo(() => drawDrill(code, seed), [code, seed]);
  const [said, setSaid] = useState<Record<string, Said>>({});
  const [judged, setJudged] = useState<DrillJudged[] | null>(null);
  const [keep, keeping] = useKeepDrillMutation();
  const { questions } = drawn.drill;
  const saidTo = (question: string) => said[question] ?? UNSAID;
  const answers = questions.flatMap(({ id }): DrillAnswer[] => {
    const { says, sure } = saidTo(id);
    return says === null ? [] : [{ question: id, says, sure }];
  });
  const finish = () => {
    setJudged(judgeDrill(drawn, answers));
    void keep({ id: newId(), drill: code, seed, answers, at: nowText() });
  };
  return {
    drawn,
    judged,
    keeping,
    saidTo,
    answered: answers.length,
    isAnswered: answers.length === questions.length,
    say: (question: string, one: Said) => setSaid({ ...said, [question]: one }),
    finish,
  };
}
export type DrillDone = ReturnType<typeof useDrill>;
