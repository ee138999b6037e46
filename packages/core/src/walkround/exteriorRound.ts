import type { Facing } from '../vocabulary/index.ts';
import type { Element } from '../vocabulary/index.ts';
import {
  CAUSE_CLUES,
  CAUSE_WORDS,
  CAUSES,
  ROUND_PLACES,
  type Cause,
  type RoundPlace,
  type RoundSeen,
} from './knowledge/roundPlaces.ts';

/** True where the face takes the sun through the hot part of the day. */
export const facesSun = (facing: Facing | null, hemisphere: 'northern' | 'southern') =>
  facing === 'west' || facing === (hemisphere === 'northern' ? 'south' : 'north');

/** A place of the round with the surfaces of the elevation that have one. */
export interface RoundLine {
  place: RoundPlace;
  surfaces: string[];
}

/** What to look at on one elevation, from the top down; places that nothing here has are left out. */
export function roundOf(surfaces: readonly { id: string; element: Element }[]): RoundLine[] {
  return ROUND_PLACES.map((place) => ({
    place,
    surfaces: surfaces.filter((s) => place.elements.includes(s.element)).map((s) => s.id),
  })).filter((line) => line.surfaces.length > 0);
}

/** A cause with its share of the belief, and what speaks for it. */
export interface LikelyCause {
  cause: Cause;
  words: string;
  probability: number;
  clues: string[];
}

/** What is likely to blame at a place, from what was seen and read there, most likely first; sums to 1. */
export function likelyCauses(place: RoundPlace, seen: RoundSeen): LikelyCause[] {
  const clues = CAUSE_CLUES.filter((clue) => clue.when(seen));
  const weights = CAUSES.map((cause) =>
    clues.reduce((w, clue) => w * (clue.factors[cause] ?? 1), place.causes[cause] ?? 0.2),
  );
  const total = weights.reduce((a, b) => a + b, 0);
  return CAUSES.map((cause, i): LikelyCause => ({
    cause,
    words: CAUSE_WORDS[cause],
    probability: weights[i]! / total,
    clues: clues.filter((clue) => (clue.factors[cause] ?? 1) > 1).map((clue) => clue.words),
  })).sort((a, b) => b.probability - a.probability);
}
