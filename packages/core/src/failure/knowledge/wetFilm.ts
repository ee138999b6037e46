import type { Fault, Need } from '../../vocabulary/index.ts';
import type { Trait } from '../face.ts';

/** What a wet coat meets on the face, and what comes of it while it dries. Log-odds: `from` with none, `pull` more at its worst. */
export interface WetRow {
  trait: Trait;
  fault: Fault;
  from: number;
  pull: number;
  by: string;
  /** Only a coat that carries water wakes it. */
  byWater?: boolean;
  /** A coat that is good at this does not wake it. */
  unless?: Need;
  text: string;
}

/** Source: practice. */
export const WET_ROWS: readonly WetRow[] = [
  { trait: 'wax', fault: 'crawls', from: -7, pull: 8.5, by: 'PT1H', text: 'Paint crawls on wax while it is still wet.' },
  { trait: 'bead', fault: 'crawls', from: -7, pull: 10.5, by: 'PT1H', text: 'Paint crawls off silicone while it is still wet.' },
  { trait: 'silicone', fault: 'crawls', from: -7, pull: 9.5, by: 'PT1H', text: 'The smear of silicone that is left makes paint crawl.' },
  { trait: 'grease', fault: 'crawls', from: -7, pull: 7.5, by: 'PT1H', text: 'Paint crawls on grease, or lets go of it later.' },
  { trait: 'groundIn', fault: 'crawls', from: -7, pull: 9, by: 'PT1H', text: 'Grease was ground into the face: paint crawls on it.' },
  { trait: 'paste', fault: 'crackles', from: -7, pull: 8, by: 'P1D', byWater: true, unless: 'seal-paste', text: 'Paste wakes under waterborne paint, bubbles and crackles.' },
  { trait: 'torn', fault: 'bubbles', from: -7, pull: 8.6, by: 'PT1H', byWater: true, unless: 'seal-torn', text: 'Torn face bubbles as soon as it is wetted.' },
  { trait: 'loosePaper', fault: 'bubbles', from: -7, pull: 8.4, by: 'P1D', byWater: true, text: 'Loose seams curl as soon as they are wetted.' },
  { trait: 'damp', fault: 'bubbles', from: -7, pull: 7.8, by: 'P1M', text: 'Water sealed in blisters the film.' },
  { trait: 'mould', fault: 'stain', from: -7, pull: 10.8, by: 'P2M', text: 'The mould grows on through the new paint.' },
  { trait: 'salts', fault: 'stain', from: -7, pull: 8.2, by: 'P3M', text: 'Salts bloom through the new paint.' },
];

/** Bare paper under a waterborne coat: log-odds that it swells and bubbles, by how well the coat seals paper (0 to 3). */
export const PAPER_WAKES = [0.1, -1.2, -3, -4.2] as const;
