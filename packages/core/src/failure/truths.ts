import type { Diagnosis } from '../evidence/diagnosis.ts';
import { treatmentOdds, type Treatment } from '../evidence/treatment.ts';
import { asIf, type Case } from '../systems/case.ts';

/** A chance below this is not worth composing a case for. */
const WORTH_ASKING = 0.02;
const known = new WeakMap<Case, readonly (readonly [Case, number])[]>();
const sharesOf = new WeakMap<Diagnosis, readonly (readonly [Treatment, number])[]>();

/** What the surface may be, each with its share of the odds. Read once for each case. */
export function truthsOf(c: Case): readonly (readonly [Case, number])[] {
  const before = known.get(c);
  if (before) return before;
  const found = likelyOf(c.d).map(([treatAs, chance]) => [asIf(c, treatAs), chance] as const);
  known.set(c, found);
  return found;
}

const NEVER_COATED: readonly Treatment[] = ['bare', 'primed', 'laminate'];
/** What a surface may be treated as, with the chance of each; read once for each diagnosis. */
function likelyOf(d: Diagnosis): readonly (readonly [Treatment, number])[] {
  let shares = sharesOf.get(d);
  if (!shares) {
    const odds = Object.entries(treatmentOdds(d.odds)) as [Treatment, number][];
    const isNew = d.surface.isNew === true && NEVER_COATED.includes(d.treatAs);
    // What was never coated has no old paint on it, however carefully that is put as odds.
    const likely = odds.filter(([t, chance]) => chance >= WORTH_ASKING && (!isNew || NEVER_COATED.includes(t)));
    const total = likely.reduce((sum, [, chance]) => sum + chance, 0);
    sharesOf.set(d, (shares = likely.map(([treatAs, chance]) => [treatAs, chance / total] as const)));
  }
  return shares;
}
