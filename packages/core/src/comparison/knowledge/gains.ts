import { CLEAR_FINISHES, type Family, type StepKind } from '../../vocabulary/index.ts';

/** What a coat is chosen for where it neither saves nor holds longer. Source: practice. */
export const COAT_GAINS: Readonly<Partial<Record<Family, string>>> = {
  'acrylic-wall': 'It is wiped more easily.',
  'acrylic-ceiling': 'Laps show less in it.',
  'moisture-resistant-acrylic': 'Its film stands steam and wiping.',
  'acrylic-trim': 'Its film stays flexible and does not yellow.',
  'waterborne-alkyd': 'Its film lies smoother and sets harder.',
  'oil-enamel': 'Its film is the hardest, and wipes best.',
  'exterior-acrylic': 'Its film gives with the weather and keeps its colour.',
  'exterior-oil': 'Its film lies smooth and sheds water.',
  'masonry-paint': 'Its film lets the wall breathe.',
  'floor-paint': 'Its film stands being walked on.',
  'waterborne-clear': 'It hardly yellows.',
  'oil-varnish': 'It deepens the colour of the timber, and its film is hard.',
  'shellac-primer': 'It holds back stains and smells as well.',
  'oil-primer': 'It soaks in, and holds back stains as well.',
  'low-odour-oil-primer': 'It holds back stains as well.',
  'bonding-acrylic-primer': 'It grips whatever else may lie there.',
  'stain-blocking-acrylic-primer': 'It holds back mild stains.',
  'multi-purpose-acrylic-primer': 'It evens the face and its colour.',
  'wood-acrylic-primer': 'It moves with the timber.',
  'microporous-primer': 'It lets the timber dry outward.',
  'penetrating-epoxy': 'It soaks in deep, and keeps water out of the timber.',
  'oil-undercoat': 'It builds, and the enamel does not sink.',
  'acrylic-primer-undercoat': 'It builds and levels out of one tin.',
};

/** The same of work beside the coats. */
export const WORK_GAINS: Readonly<Partial<Record<StepKind, string>>> = {
  'sand-between': 'It lies smoother.',
  sand: 'It lies smoother, and has more to hold on.',
  degloss: 'It has more to hold on.',
  wash: 'It holds on a cleaner face.',
  'test-patch': 'It is tried before it is trusted.',
};

/** The same of a coat more: of what soaks in, of what is seen through, and of paint. The first row that holds it is taken. */
export const MORE_COATS: readonly { of: (family: Family) => boolean; gain: string }[] = [
  { of: (family) => family === 'penetrating-epoxy' || family === 'penetrating-sealer', gain: 'It soaks in deeper, and keeps water out longer.' },
  { of: (family) => CLEAR_FINISHES.includes(family), gain: 'A thicker film wears and weathers longer.' },
  { of: () => true, gain: 'A thicker film hides better and wears longer.' },
];
