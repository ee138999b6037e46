import type { Condition } from '../../vocabulary/index.ts';
import { letsGoInAYear } from '../../failure/lettingGo.ts';
import type { Case } from '../../systems/case.ts';

/** What a year of waiting may bring: a condition that is not there yet, and its odds. */
export interface YearRow {
  when: (c: Case) => boolean;
  brings: Condition;
  odds: number | ((c: Case) => number);
  text: string;
}

const exposed = (c: Case) => c.d.surface.exposure === 'exterior-exposed';
const timber = (c: Case) => c.ground === 'timber';
const open = (c: Case) => c.is('peeling', 'flaking', 'cracking', 'blistering');

/** Rows whose condition stands already say nothing. Source: practice. */
export const ANOTHER_YEAR: readonly YearRow[] = [
  {
    when: (c) => c.outside && timber(c) && open(c),
    brings: 'rot',
    odds: 0.3,
    text: 'Water stands behind an open film all winter: the timber softens.',
  },
  {
    when: (c) => c.outside && timber(c) && c.is('end-grain', 'gaps', 'moving-joints'),
    brings: 'rot',
    odds: 0.25,
    text: 'Open joints and end grain drink through the wet season.',
  },
  {
    when: (c) => c.outside && timber(c) && open(c),
    brings: 'weathered-wood',
    odds: 0.8,
    text: 'Timber laid bare greys in one summer, and grey timber holds no paint until it is taken back.',
  },
  {
    when: (c) => c.outside && c.is('cracking', 'chalking', 'moving-joints'),
    brings: 'peeling',
    odds: 0.5,
    text: 'Cracks let water behind the film, and it begins to lift.',
  },
  {
    when: (c) => exposed(c) && !c.bare && !open(c),
    brings: 'cracking',
    odds: 0.2,
    text: 'Sun and rain take a film near its end over it within a year or two.',
  },
  {
    when: (c) => c.outside && timber(c) && c.bare,
    brings: 'weathered-wood',
    odds: 0.9,
    text: 'Bare timber greys in one summer.',
  },
  {
    when: (c) => c.ground === 'metal' && (c.outside || c.is('rust-stain')),
    brings: 'rust-stain',
    odds: 0.7,
    text: 'Rust goes on under the edge of the film.',
  },
  {
    when: (c) => c.is('damp', 'water-stain') && !c.outside,
    brings: 'mould',
    odds: 0.45,
    text: 'What is damp grows mould.',
  },
  {
    when: (c) => c.is('damp') && c.ground !== 'timber',
    brings: 'blistering',
    odds: 0.5,
    text: 'Damp pushes the film off the wall.',
  },
  {
    when: (c) => c.is('damp') && timber(c),
    brings: 'rot',
    odds: 0.35,
    text: 'Damp timber rots.',
  },
  {
    when: (c) => !c.bare && !open(c),
    brings: 'peeling',
    odds: letsGoInAYear,
    text: 'The old film lets go of what lies under it, a little more at every knock.',
  },
  {
    when: (c) => c.d.surface.exposure === 'interior-wet' && !c.is('mould'),
    brings: 'mould',
    odds: 0.2,
    text: 'Steam finds the tired film.',
  },
];
