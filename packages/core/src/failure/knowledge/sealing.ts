import type { Sheen } from '../../vocabulary/index.ts';

/** What of the suction is left under the next coat, by how well the family seals that ground (0 to 3). */
export const SUCTION_LEAVES = [0.62, 0.35, 0.1, 0.05] as const;
/** A self-priming finish evens suction a little with every coat. */
export const FINISH_SEALS = 0.55;
/** How far uneven suction shows, by the sheen of the finish. */
export const SHOWS_BY_SHEEN: Readonly<Record<Sheen, number>> = {
  flat: 0.5,
  matt: 0.85,
  eggshell: 0.95,
  satin: 1.05,
  'semi-gloss': 1.1,
  gloss: 1.1,
};
/** A deep colour shows it more. */
export const DEEP_SHOWS = 1.2;
