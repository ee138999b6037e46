import { CLEAR_FINISHES, FINISH_FAMILIES, type Family, type Fault, type StepKind } from '../../vocabulary/index.ts';
import { isWalkedOn, wetOrGreasy } from '../../evidence/facts.ts';
import type { Case } from '../case.ts';
import { acrylicTears, siliconePainted } from '../joints.ts';
import { wantsWoodShown } from '../toTheWood.ts';
import { isHardUsed } from './hardUsed.ts';

/** A product in a place it was not made for, and what comes of it. */
export interface FitRow {
  families: readonly Family[];
  kinds: readonly StepKind[];
  when: (c: Case) => boolean;
  fault: Fault;
  odds: number;
  /** ISO 8601 duration by which it shows. */
  by: string;
  /** What of the odds is left where a clear coat takes the wear; left out: all. */
  underClear?: number;
  text: string;
}

const WALL_PAINTS: readonly Family[] = ['acrylic-wall', 'acrylic-ceiling', 'moisture-resistant-acrylic'];
const COATS: readonly StepKind[] = ['spot-prime', 'prime', 'undercoat', 'finish-coat', 'clear-coat', 'pre-prime'];
const FINISH: readonly StepKind[] = ['finish-coat'];
const wet = (c: Case) => wetOrGreasy(c.d.surface);
/** CIE L* from which on yellowing is seen; a colour that nobody named is mostly white. */
const PALE = 75;

/** Every row that fits is told. Source: practice; a product's own sheet wins. */
export const FIT_ROWS: readonly FitRow[] = [
  {
    families: [...WALL_PAINTS, 'acrylic-trim', 'waterborne-alkyd', 'oil-enamel', 'chalk-style'],
    kinds: FINISH,
    when: (c) => c.outside,
    fault: 'peels',
    odds: 0.85,
    by: 'P1Y',
    text: 'Made for indoors: sun and rain break the film within the year.',
  },
  {
    families: ['pva-primer', 'wallpaper-sealer', 'low-odour-oil-primer', 'clear-bonding-primer'],
    kinds: COATS,
    when: (c) => c.outside,
    fault: 'peels',
    odds: 0.8,
    by: 'P1Y',
    text: 'A primer made for indoors takes up water outside and lets go.',
  },
  {
    families: ['shellac-primer', 'clear-shellac'],
    kinds: ['prime', 'clear-coat'],
    when: (c) => c.outside,
    fault: 'cracks',
    odds: 0.6,
    by: 'P1Y',
    text: 'Sun and rain break shellac where it lies at large.',
  },
  {
    families: ['shellac-primer', 'clear-shellac'],
    kinds: COATS,
    when: (c) => c.hot,
    fault: 'bubbles',
    odds: 0.6,
    by: 'P1M',
    text: 'Shellac softens on hot surfaces.',
  },
  {
    families: WALL_PAINTS,
    kinds: FINISH,
    when: (c) => c.joinery && !c.outside,
    fault: 'knock',
    odds: 0.7,
    by: 'P1M',
    text: 'Wall paint stays soft on woodwork: it marks, and sticks where two faces meet.',
  },
  {
    families: ['acrylic-ceiling'],
    kinds: FINISH,
    when: (c) => c.d.surface.element === 'wall',
    fault: 'knock',
    odds: 0.7,
    by: 'P1W',
    text: 'A ceiling paint marks at the first wipe.',
  },
  {
    families: ['acrylic-wall', 'acrylic-ceiling', 'chalk-style'],
    kinds: FINISH,
    when: wet,
    fault: 'stain',
    odds: 0.6,
    by: 'P6M',
    text: 'Steam and grease get into it: it stains, and mould finds a hold.',
  },
  {
    families: ['acrylic-wall', 'acrylic-ceiling', 'chalk-style'],
    kinds: FINISH,
    when: (c) => c.is('mould') && !wet(c),
    fault: 'stain',
    odds: 0.15,
    by: 'P6M',
    text: 'Mould was here: a film that takes up damp lets it back sooner than one that sheds it.',
  },
  {
    families: ['acrylic-trim', 'chalk-style'],
    kinds: FINISH,
    when: isHardUsed,
    fault: 'knock',
    odds: 0.35,
    by: 'P3M',
    underClear: 0.3,
    text: 'Handled hard, the softer film wears through at the edges.',
  },
  {
    families: [...WALL_PAINTS, 'chalk-style'],
    kinds: FINISH,
    when: (c) => c.hot,
    fault: 'crackles',
    odds: 0.5,
    by: 'P1Y',
    text: 'Wall paint on hot metal softens, yellows and crackles.',
  },
  {
    families: ['acrylic-trim'],
    kinds: FINISH,
    when: (c) => c.hot,
    fault: 'stain',
    odds: 0.2,
    by: 'P1Y',
    text: 'Acrylic trim paint softens where it gets hot, and takes up dirt.',
  },
  {
    families: ['oil-enamel'],
    kinds: FINISH,
    when: (c) => c.hot && (c.shift.to ?? PALE) >= PALE,
    fault: 'stain',
    odds: 0.3,
    by: 'P1Y',
    text: 'A pale oil enamel yellows where it gets hot.',
  },
  {
    families: FINISH_FAMILIES.filter((family) => family !== 'floor-paint' && !CLEAR_FINISHES.includes(family)),
    kinds: FINISH,
    when: (c) => isWalkedOn(c.d.surface),
    fault: 'knock',
    odds: 0.9,
    by: 'P1M',
    text: 'It is no floor paint: feet wear it through.',
  },
  {
    families: ['acrylic-trim'],
    kinds: FINISH,
    when: (c) => c.d.surface.element === 'wall' || c.d.surface.element === 'ceiling',
    fault: 'brush-marks',
    odds: 0.35,
    by: 'PT4H',
    text: 'Trim paint sets before a wet edge can be kept across a wall: laps show.',
  },
  {
    families: ['floor-paint'],
    kinds: FINISH,
    when: (c) => c.d.surface.element !== 'floor' && c.d.surface.element !== 'stair',
    fault: 'runs',
    odds: 0.5,
    by: 'PT4H',
    text: 'Floor paint is made to lie flat: upright it sags and shows every mark of the brush.',
  },
  {
    families: ['waterborne-clear', 'oil-varnish'],
    kinds: FINISH,
    when: (c) => !c.bare && c.treatAs !== 'clear' && c.wanted.colour !== null && !wantsWoodShown(c),
    fault: 'shows-through',
    odds: 0.95,
    by: 'PT1H',
    text: 'A clear film hides nothing: the old face shows through.',
  },
  {
    families: ['masonry-paint'],
    kinds: FINISH,
    when: (c) => c.ground !== 'masonry',
    fault: 'rough-grain',
    odds: 0.6,
    by: 'P1D',
    text: 'Masonry paint is coarse and brittle off masonry.',
  },
  {
    families: ['exterior-acrylic', 'exterior-oil'],
    kinds: FINISH,
    when: (c) => c.ground === 'masonry' && c.outside,
    fault: 'peels',
    odds: 0.35,
    by: 'P2Y',
    text: 'It does not let a wall breathe as masonry paint does.',
  },
  {
    families: ['exterior-acrylic', 'exterior-oil'],
    kinds: FINISH,
    when: (c) => !c.outside,
    fault: 'knock',
    odds: 0.4,
    by: 'P1M',
    text: 'Made for outside: it stays soft, and what keeps mould off it does not belong in a room.',
  },
  {
    families: ['silicone-sealant'],
    kinds: ['caulk'],
    when: siliconePainted,
    fault: 'crawls',
    odds: 0.95,
    by: 'PT1H',
    text: 'No paint holds on silicone.',
  },
  {
    families: ['acrylic-caulk'],
    kinds: ['caulk'],
    when: acrylicTears,
    fault: 'cracks',
    odds: 0.75,
    by: 'P3M',
    text: 'A plain acrylic bead tears where the joint moves.',
  },
  {
    families: ['filler'],
    kinds: ['fill', 'repair'],
    when: (c) => c.outside,
    fault: 'cracks',
    odds: 0.75,
    by: 'P6M',
    text: 'Indoor filler takes up water and falls out.',
  },
];

/** A primer is no finish, and an old film that was dulled is none any more. */
export const NO_FINISH = { odds: 0.975, by: 'P1D', text: 'Without a finish it shows what is under it, wears and takes up dirt.' } as const;
/** A film that is sealed with a clear coat, left without it. */
export const UNSEALED = { chalk: 0.7, lowSheen: 0.45, distressed: 0.5, by: 'P3M', text: 'A low sheen marks where it is handled.' } as const;
