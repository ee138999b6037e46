import type { Condition } from '../../vocabulary/index.ts';

/** What a condition found asks for and forbids, and what releases it. */
export interface Demand {
  condition: Condition;
  demands: string;
  forbids: string;
  until: string;
  source: string;
}

/** Shown beside each condition that stands; the systems' tables turn the same into steps. */
export const DEMANDS: readonly Demand[] = [
  {
    condition: 'damp',
    demands: 'Find the water and let it dry.',
    forbids: 'Nothing is sealed in.',
    until: 'The meter reads at or under the limit of the material.',
    source: 'data-sheet limits',
  },
  { condition: 'rot', demands: 'Cut out, repair or replace.', forbids: 'No paint and no filler over it.', until: 'A probe finds firm timber all round.', source: 'practice' },
  {
    condition: 'mould',
    demands: 'Wash it dead, wait, find the damp.',
    forbids: 'No paint over it: it grows through.',
    until: 'A drop of bleach lightens nothing.',
    source: 'practice',
  },
  {
    condition: 'paste-residue',
    demands: 'Wash off and rinse.',
    forbids: 'Nothing waterborne over it: it wakes and bubbles.',
    until: 'A damp sponge stays clean.',
    source: 'practice',
  },
  {
    condition: 'silicone',
    demands: 'Cut out, clean, re-seal with a paintable bead.',
    forbids: 'No paint on it, and none on your fingers.',
    until: 'A dab of paint wets the place.',
    source: 'practice',
  },
  { condition: 'sealant-unknown', demands: 'Dab paint on the bead.', forbids: 'No paint until it is known.', until: 'The dab wets it.', source: 'practice' },
  { condition: 'wax', demands: 'Wipe with spirits on clean rags.', forbids: 'No paint over it.', until: 'Water no longer beads.', source: 'practice' },
  { condition: 'chalking', demands: 'Wash, and bind what is left.', forbids: 'No finish straight on chalk.', until: 'A palm stays clean.', source: 'ISO 4628-6 / ASTM D4214' },
  { condition: 'sanding-dust', demands: 'Dust off, then tack off.', forbids: 'No coat on dust.', until: 'A palm stays clean.', source: 'practice' },
  {
    condition: 'tannin-bleed',
    demands: 'Block it with another chemistry.',
    forbids: 'No waterborne coat straight over it.',
    until: 'A patch covers at the later look.',
    source: 'practice',
  },
  { condition: 'peeling', demands: 'Scrape to an edge that holds.', forbids: 'No coat over what lifts.', until: 'A blade no longer lifts the edge.', source: 'ISO 4628-5' },
  { condition: 'flaking', demands: 'Scrape to an edge that holds.', forbids: 'No coat over what lifts.', until: 'A blade no longer lifts the edge.', source: 'ISO 4628-5' },
  { condition: 'painted-shut', demands: 'Free it and ease it before the price.', forbids: 'No new paint across the joint.', until: 'It moves by hand.', source: 'practice' },
  { condition: 'greasy', demands: 'Degrease and rinse.', forbids: 'No rub read, and no coat, on grease.', until: 'Water spreads and does not bead.', source: 'practice' },
];

/** What a standing condition demands and forbids, or null where it speaks for itself. */
export function demandOf(condition: Condition): Demand | null {
  return DEMANDS.find((row) => row.condition === condition) ?? null;
}
