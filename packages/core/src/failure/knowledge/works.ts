import type { Family, StepKind } from '../../vocabulary/index.ts';
import type { Face, Trait } from '../face.ts';

type Shares = Partial<Readonly<Record<Trait, number>>>;

/** What a kind of work does to the face it is done on. What no row names, it leaves as it was. */
export interface WorkRow {
  kind: StepKind;
  /** Only with these, where it makes a difference. */
  families?: readonly Family[];
  /** Only on these parts; else on all that the step reaches. */
  parts?: readonly Face['part'][];
  /** Only with paper as coarse as this, or coarser. */
  gritTo?: number;
  /** What share of each thing is left. */
  leaves?: Shares;
  /** What it makes: the face has at least so much of it afterwards. */
  makes?: Shares;
  /** How much of the gloss that is still whole it breaks. */
  keys?: number;
  /** Takes the film off, down to what lies under it: what lets go, all of it, what water turns back to powder, or a coat that alcohol softens on oil. */
  takesOff?: 'weak' | 'all' | 'powder' | 'soft';
  /** Cleaner that is left, for as much dirt as there was. */
  soaps?: number;
  /** Rubs grease that is still there into the face. */
  rubsIn?: number;
  reason: string;
}

/** Every row that fits is done, in this order. Source: practice. */
export const WORK_ROWS: readonly WorkRow[] = [
  {
    kind: 'wash',
    families: ['degreaser'],
    leaves: { grease: 0.06, groundIn: 0.6, chalk: 0.5, mould: 0.75, dust: 0.3, powder: 0.4, wax: 0.8 },
    soaps: 0.7,
    reason: 'A degreaser takes grease and leaves itself until it is rinsed.',
  },
  {
    kind: 'wash',
    families: ['alkaline-cleaner'],
    leaves: { grease: 0.12, groundIn: 0.65, chalk: 0.35, paste: 0.3, mould: 0.75, dust: 0.3, powder: 0.4, wax: 0.85 },
    soaps: 0.7,
    reason: 'An alkaline wash takes dirt, chalk and paste, and leaves itself until it is rinsed.',
  },
  { kind: 'wash', takesOff: 'powder', reason: 'Distemper and limewash come off with water, but for what stays in the pores.' },
  { kind: 'rinse', leaves: { residue: 0.05, paste: 0.6, chalk: 0.8 }, reason: 'Clean water takes the cleaner off.' },
  { kind: 'degloss', leaves: { grease: 0.7, wax: 0.7 }, keys: 0.6, reason: 'A deglosser dulls most of a gloss without dust.' },
  {
    kind: 'sand',
    leaves: { nibs: 0.1, paste: 0.6, grey: 0.1, proud: 0.08, weak: 0.9, cracked: 0.35, chalk: 0.8 },
    makes: { dust: 0.8 },
    keys: 0.85,
    rubsIn: 0.5,
    reason: 'Sanding keys and levels; it makes dust, and rubs in what was not washed off.',
  },
  {
    kind: 'sand',
    gritTo: 100,
    leaves: { weak: 0.45 },
    takesOff: 'weak',
    reason: 'Coarse paper takes weathered film back to fresh timber; what is loose clogs it, and stays under.',
  },
  {
    kind: 'scrape',
    leaves: { weak: 0.06, cracked: 0.5, loosePaper: 0.5 },
    makes: { dust: 0.4, nibs: 0.5 },
    takesOff: 'weak',
    reason: 'Scraping takes off what lets go, and leaves an edge.',
  },
  { kind: 'strip', leaves: { weak: 0.02, cracked: 0.05, loosePaper: 0.05, chalk: 0.3 }, makes: { dust: 0.2 }, takesOff: 'all', reason: 'Stripping takes the whole film off.' },
  { kind: 'dust-off', leaves: { dust: 0.08, powder: 0.06, salts: 0.4, chalk: 0.7 }, reason: 'Brush, vacuum and wipe until a palm stays clean; chalk that is bound stays.' },
  { kind: 'tack-off', leaves: { dust: 0.04, powder: 0.06 }, reason: 'A tack cloth takes the last grains.' },
  {
    kind: 'solvent-wipe',
    leaves: { wax: 0.06, silicone: 0.1, grease: 0.3, weak: 0.6, dust: 0.4 },
    reason: 'Solvent on clean rags takes wax, silicone and what is left of a soft film.',
  },
  { kind: 'solvent-wipe', families: ['denatured-alcohol'], takesOff: 'soft', reason: 'Alcohol and rags take a waterborne coat off the oil under it.' },
  { kind: 'mould-treat', leaves: { mould: 0.04 }, reason: 'A mould wash kills it, if it is left to work.' },
  { kind: 'dry-out', leaves: { damp: 0.08, salts: 0.5 }, reason: 'Time and air take the water out.' },
  { kind: 'repair', leaves: { rot: 0.06, hollow: 0.06, cracked: 0.6, holes: 0.2, weak: 0.9 }, reason: 'What is soft or loose is cut out and made good.' },
  { kind: 'replace-board', leaves: { rot: 0.03 }, reason: 'New timber in place of what was rotten.' },
  { kind: 'stick-down', leaves: { loosePaper: 0.06 }, reason: 'Seams and blisters are cut, stuck and rolled.' },
  { kind: 'set-nails', parts: ['spots'], leaves: { heads: 0.06 }, reason: 'Heads are set below the face.' },
  {
    kind: 'fill',
    parts: ['spots', 'bare-areas'],
    leaves: { holes: 0.05, cracked: 0.4, heads: 0.9 },
    makes: { proud: 0.5 },
    reason: 'Filler closes holes and cracks, a little proud; over a head that stands it breaks away.',
  },
  { kind: 'caulk', families: ['elastomeric-caulk'], leaves: { openGap: 0.06, movingGap: 0.08 }, reason: 'A bead that stretches moves with the joint.' },
  {
    kind: 'caulk',
    families: ['paintable-hybrid-sealant'],
    leaves: { openGap: 0.06, movingGap: 0.12, bead: 0.55, silicone: 0.3 },
    reason: 'A paintable sealant stretches, and bridges what is under it.',
  },
  { kind: 'caulk', families: ['acrylic-caulk'], leaves: { openGap: 0.08, movingGap: 0.5 }, reason: 'Acrylic caulk closes a gap and stretches little.' },
  {
    kind: 'caulk',
    families: ['silicone-sealant'],
    parts: ['spots'],
    leaves: { openGap: 0.06, movingGap: 0.06 },
    makes: { bead: 1 },
    reason: 'Silicone takes every movement and no paint.',
  },
  { kind: 'remove-sealant', parts: ['spots'], leaves: { bead: 0.02 }, makes: { silicone: 0.5, openGap: 0.5 }, reason: 'Cut out, it leaves a smear to be wiped.' },
  { kind: 'free-sash', leaves: { stuck: 0.05 }, reason: 'The paint line is cut and the sash eased.' },
  { kind: 'inspect', leaves: { source: 0.06 }, reason: 'The cause is found and put right.' },
  { kind: 'other-trade', leaves: { source: 0.3, hollow: 0.3 }, reason: 'What is not ours is done before us.' },
  { kind: 'sand-between', leaves: { nibs: 0.06 }, makes: { dust: 0.7 }, keys: 0.5, reason: 'Denibbing between coats takes down what the first one raised.' },
  { kind: 'revisit', leaves: { greenTimber: 0.3 }, reason: 'Looked at again after a year, what opened is made good.' },
];
