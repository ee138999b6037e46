import type { Need } from '../../vocabulary/index.ts';
import type { Trait } from '../face.ts';

/** What a thing that lies on a face does to the bond of the film laid on it. */
export interface DirtRow {
  trait: Trait;
  /** Log-odds that it adds to letting go, at its worst. */
  pull: number;
  /** A primer that is good at this takes it away, by how well it does it. */
  boundBy?: Need;
  text: string;
}

/** Source: practice; chalk after ISO 4628-6. */
export const DIRT_ROWS: readonly DirtRow[] = [
  { trait: 'grease', pull: 3, text: 'Grease is under the film: where hands have been it lets go.' },
  { trait: 'groundIn', pull: 3, text: 'Grease was sanded into the face, and the film lets go of it.' },
  { trait: 'residue', pull: 1.6, text: 'Cleaner left behind spoils the bond.' },
  { trait: 'powder', pull: 7.5, text: 'The film lies on dust and not on the wall: it lets go with it.' },
  { trait: 'chalk', pull: 5.2, boundBy: 'seal-chalk', text: 'The new paint lets go with the chalk.' },
  { trait: 'paste', pull: 2.4, boundBy: 'seal-paste', text: 'Paste under the film swells with every damp day and lets it go.' },
  { trait: 'wax', pull: 5, text: 'Nothing holds on wax.' },
  { trait: 'bead', pull: 7, text: 'Nothing holds on silicone.' },
  { trait: 'silicone', pull: 5.5, text: 'A smear of silicone is left, and nothing holds on it.' },
  { trait: 'damp', pull: 3.4, text: 'Water sealed in pushes the film off.' },
  { trait: 'salts', pull: 2.6, text: 'Salts grow under the film and push it off.' },
  { trait: 'grey', pull: 2.8, text: 'Grey fibres and a glazed face let go and take the film with them.' },
  { trait: 'endGrain', pull: 2.6, text: 'End grain drinks, and paint lifts from it first.' },
];

/** What is left of a thing that a primer binds, by how well it does it (0 to 3). */
export const BOUND_LEAVES = [1, 0.55, 0.2, 0.08] as const;
