import type { Fault } from '../../vocabulary/index.ts';
import type { Trait } from '../face.ts';

/** What is left on or under the surface when the last coat is on, and what comes of it. `odds` at its worst. */
export interface LeftRow {
  trait: Trait;
  fault: Fault;
  odds: number;
  by: string;
  text: string;
}

/** Source: practice. */
export const LEFT_ROWS: readonly LeftRow[] = [
  { trait: 'rot', fault: 'peels', odds: 0.95, by: 'P1Y', text: 'Rot goes on under the film and takes it along.' },
  { trait: 'hollow', fault: 'cracks', odds: 0.9, by: 'P6M', text: 'Paint does not hold up what is loose under it.' },
  { trait: 'cracked', fault: 'cracks', odds: 0.7, by: 'P6M', text: 'The cracks of the old film come through the new one.' },
  { trait: 'movingGap', fault: 'cracks', odds: 0.92, by: 'P3M', text: 'The joint moves and opens as a dark line.' },
  { trait: 'openGap', fault: 'cracks', odds: 0.75, by: 'P3M', text: 'Gaps open as a dark line.' },
  { trait: 'holes', fault: 'miss', odds: 0.95, by: 'PT4H', text: 'Holes and dents show in the finish.' },
  { trait: 'proud', fault: 'miss', odds: 0.85, by: 'PT4H', text: 'What stands proud shows in the finish.' },
  { trait: 'heads', fault: 'miss', odds: 0.85, by: 'PT4H', text: 'Nail heads stand above the face: they show in the finish, and rust through it.' },
  {
    trait: 'rawEdge',
    fault: 'rough-grain',
    odds: 0.6,
    by: 'P1D',
    text: 'Cut edges drink the water of the first coat, swell and fur up, and are seen through every coat after it.',
  },
  { trait: 'source', fault: 'stain', odds: 0.7, by: 'P6M', text: 'The cause goes on: the same fault is back, through the new paint.' },
  { trait: 'stuck', fault: 'sticks-shut', odds: 0.97, by: 'P1D', text: 'Painted in again, the sash never opens.' },
  { trait: 'greenTimber', fault: 'cracks', odds: 0.5, by: 'P2Y', text: 'Joints of new timber open in the first year and let water in.' },
];

/** A dead-flat film is brittle: what it adds to the chance that a joint shows, by its sheen. */
export const FLAT_CRACKS: Readonly<Partial<Record<string, number>>> = { flat: 0.3, matt: 0.15 };
/** How far dust of our own shows in the film, 0 to 1. */
export const DUST_SHOWS = { joinery: 0.65, otherwise: 0.4 } as const;
/** How far what is rough shows. */
export const NIBS_SHOW = { joinery: 0.75, otherwise: 0.2 } as const;
/** Bare timber under a coat with water in it raises its grain. */
export const GRAIN_RAISED = 0.75;
/** Cut into with paper once it was on, the finish is scratched. */
export const FINISH_CUT = 0.75;
