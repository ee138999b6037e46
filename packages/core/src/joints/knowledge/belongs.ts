import type { Family } from '../../vocabulary/index.ts';
import type { Joint } from '../../model/joint.ts';
import type { JointUse } from '../read.ts';

/** Where a joint is this one, this goes into it. */
export interface BelongsRow {
  id: string;
  when: (joint: Joint, use: JointUse, outside: boolean) => boolean;
  /** Null: no bead at all. */
  family: Family | null;
  why: string;
  source: string;
}

/** Wider than this no bead holds by itself. */
export const TOO_WIDE_MM = 25;
/** From here a rod is pushed in first, so that the bead holds at its two sides alone. */
export const ROD_FROM_MM = 10;
/** Up to this a still joint between timber is filled and sanded. */
const MITRE_MM = 2;
/** Wider than this acrylic sinks in as it dries. */
const SINKS_FROM_MM = 6;
const WOODWORK: readonly string[] = ['trim', 'frame', 'cabinet'];

/** The first that is so counts. */
export const BELONGS: readonly BelongsRow[] = [
  {
    id: 'too-wide',
    when: ({ widthMm }) => widthMm > TOO_WIDE_MM,
    family: null,
    why: 'Too wide for a bead: a strip, a board or mortar closes it first.',
    source: 'data-sheet limits',
  },
  {
    id: 'wet-harmed',
    when: (_j, { wet, painted, acidHarms }) => wet && !painted && acidHarms,
    family: 'silicone-sealant',
    why: 'Stays wet and is not painted: silicone, mould-proof, and one that cures neutral, since acid stains stone and rusts metal.',
    source: 'practice',
  },
  {
    id: 'wet',
    when: (_j, { wet, painted }) => wet && !painted,
    family: 'silicone-sealant',
    why: 'Stays wet and is not painted: mould-proof silicone. Acrylic there goes black and washes out.',
    source: 'practice',
  },
  {
    id: 'wet-painted',
    when: (_j, { wet }) => wet,
    family: 'paintable-hybrid-sealant',
    why: 'Gets wet and is painted: a sealant that takes paint. Silicone takes none, and acrylic goes black.',
    source: 'practice',
  },
  {
    id: 'floor',
    when: ({ side, otherSide }) => side === 'floor' || otherSide === 'floor',
    family: 'paintable-hybrid-sealant',
    why: 'A floor moves and is mopped: a bead that stretches, on the trim and the floor alone. A floating floor is left free.',
    source: 'practice',
  },
  {
    id: 'unpainted',
    when: (_j, { painted }) => !painted,
    family: 'silicone-sealant',
    why: 'Not painted, on faces that drink nothing: silicone in the colour of the joint, one that cures neutral.',
    source: 'practice',
  },
  {
    id: 'slick',
    when: (_j, { slick }) => slick,
    family: 'paintable-hybrid-sealant',
    why: 'One side drinks nothing: caulk comes off it, a hybrid sealant grips and takes paint.',
    source: 'practice',
  },
  {
    id: 'moves',
    when: (_j, { moves }, outside) => moves || outside,
    family: 'elastomeric-caulk',
    why: 'It moves: a bead that stretches. Plain acrylic tears at one side within a winter.',
    source: 'practice',
  },
  {
    id: 'mitre',
    when: ({ side, otherSide, widthMm }) => WOODWORK.includes(side) && WOODWORK.includes(otherSide) && widthMm <= MITRE_MM,
    family: 'filler',
    why: 'Still, narrow, and timber on both sides: filler, sanded flat. A bead of caulk cannot be sanded and shows.',
    source: 'practice',
  },
  {
    id: 'sinks',
    when: ({ widthMm }) => widthMm > SINKS_FROM_MM,
    family: 'elastomeric-caulk',
    why: 'So wide that plain acrylic sinks in and cracks as it dries: an elastic caulk, in two passes.',
    source: 'data-sheet limits',
  },
  {
    id: 'still',
    when: () => true,
    family: 'acrylic-caulk',
    why: 'Still, narrow and painted: decorators’ caulk. It is wiped smooth with water and painted the same day.',
    source: 'practice',
  },
];

/** What a trace of silicone keeps from gripping, and what is laid there in its place. */
export const ON_NO_TRACE: readonly (Family | null)[] = ['acrylic-caulk', 'elastomeric-caulk', 'filler'];
export const AFTER_SILICONE = {
  family: 'paintable-hybrid-sealant',
  why: 'Silicone leaves a trace however well it is wiped: a sealant that takes paint grips there, where caulk comes off.',
} as const satisfies Pick<BelongsRow, 'family' | 'why'>;
