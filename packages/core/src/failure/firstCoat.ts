import type { Family } from '../vocabulary/index.ts';
import type { Case } from '../systems/case.ts';
import type { Step } from '../model/step.ts';
import { bondOf } from './bond.ts';
import { facesOf } from './facesOf.ts';
import type { Face } from './face.ts';
import { through } from './laid.ts';
import { rowsOf, workOn } from './work.ts';

/** What is expected of a first coat: log-odds that its bond holds, and that nothing shows through it. */
export interface FirstCoat {
  grip: number;
  block: number;
}

/** Where nothing is known to rise, hardly anything is expected to show. */
const NOTHING_RISES = 3;
const SUREST = 6;

/** What is seen of the worst that rises here, through so many coats of this family. */
function risesThrough(family: Family, coats: number, face: Face, c: Case): number {
  let worst = 0;
  for (const [riser, strength] of face.rises) worst = Math.max(worst, strength * through(riser, family, coats, c));
  return worst;
}

/**
 * What the account of failure expects of a coat of this family on the main part of a surface, once this has been done
 * to it. A trial board's cells are measured against it.
 */
export function firstCoat(c: Case, done: readonly Omit<Step, 'why'>[], family: Family, coats: number): FirstCoat {
  const face = facesOf(c).find((f) => f.part === 'main')!;
  for (const step of done) workOn({ ...step, why: [] }, rowsOf({ ...step, why: [] }), face, c);
  const shows = risesThrough(family, coats, face, c);
  const block = shows > 0 ? Math.log((1 - shows) / shows) : NOTHING_RISES;
  const held = (logOdds: number) => Math.max(-SUREST, Math.min(SUREST, logOdds));
  return { grip: held(-bondOf(family, face, c).points), block: held(block) };
}
