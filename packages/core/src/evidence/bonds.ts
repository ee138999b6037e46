import { WEAK_LETS_GO } from './knowledge/bonds.ts';
import { TREATMENT_OF } from './knowledge/treatments.ts';
import { TREATMENTS, type Treatment } from './treatment.ts';
import { STACKS } from './stackSpace.ts';
import type { Vector } from './odds.ts';

/** How the weakest bond of what lies there stands, were it what the row says: shares of one. */
export interface BondOdds {
  weak: number;
  gone: number;
  /** Of what is not sound: how much of it lets go of the ground rather than under the top film. */
  atGround: number;
}

/** What each stack is treated as, as an index into TREATMENTS. */
const TREATED = Uint8Array.from(STACKS, ({ top }) => TREATMENTS.indexOf(TREATMENT_OF[top]));

/** The odds of the weakest bond, by what the surface is treated as. */
export function bondOdds(lies: Vector): Record<Treatment, BondOdds> {
  const shares = TREATMENTS.map(() => ({ all: 0, weak: 0, gone: 0, ground: 0 }));
  for (let i = 0; i < lies.length; i++) {
    const of = shares[TREATED[i]!]!;
    const { bond, depth } = STACKS[i]!;
    of.all += lies[i]!;
    if (bond !== 'sound') of[bond] += lies[i]!;
    if (depth === 'ground') of.ground += lies[i]!;
  }
  return Object.fromEntries(
    TREATMENTS.map((treatment, i): [Treatment, BondOdds] => {
      const { all, weak, gone, ground } = shares[i]!;
      const [of, loose] = [all || 1, weak + gone];
      return [treatment, { weak: weak / of, gone: gone / of, atGround: loose && ground / loose }];
    }),
  ) as Record<Treatment, BondOdds>;
}

/** How surely a film lets go under new paint, by how its bond stands. */
export const letsGo = ({ weak, gone }: BondOdds): number => gone + WEAK_LETS_GO * weak;
