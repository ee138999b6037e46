import type { SurfaceFacts } from '../../model/surface.ts';
import type { Condition, TestKind } from '../../vocabulary/index.ts';
import { groundOf, isFurniture, isOutside } from '../../evidence/facts.ts';

/** Something that nobody has seen yet and that is often there. */
export interface HiddenRow {
  id: string;
  condition: Condition;
  /** How often it turns up where the row applies. Typical values from practice; the firm's findings take their place. */
  chance: number;
  /** What share of the surface it then is. */
  share: number;
  when: (surface: SurfaceFacts) => boolean;
  /** Tests that look for it: once one was made, nothing of it is hidden. */
  told: readonly TestKind[];
  /** What would tell before the price is given. */
  open: string;
}

const old = (s: SurfaceFacts, year: number) => s.isNew !== true && (s.builtYear === null || s.builtYear < year);
const timber = (s: SurfaceFacts) => groundOf(s.substrate) === 'timber';
const plastered = (s: SurfaceFacts) => (s.element === 'wall' || s.element === 'ceiling') && groundOf(s.substrate) === 'plaster';

/** Conditions behind doors not yet opened, under paint and in corners, by where they are met. */
export const HIDDEN: readonly HiddenRow[] = [
  {
    id: 'rot-outside',
    condition: 'rot',
    chance: 0.18,
    share: 0.04,
    when: (s) => isOutside(s) && timber(s) && s.isNew !== true,
    told: ['rot-probe'],
    open: 'a probe along the lower edges and joints',
  },
  {
    id: 'rot-at-sills',
    condition: 'rot',
    chance: 0.1,
    share: 0.04,
    when: (s) => (s.element === 'window' || s.element === 'sill') && timber(s) && !isOutside(s) && old(s, 1980),
    told: ['rot-probe'],
    open: 'a probe at the sill ends',
  },
  {
    id: 'stuck-sashes',
    condition: 'painted-shut',
    chance: 0.3,
    share: 1,
    when: (s) => s.element === 'window' && old(s, 1960),
    told: ['ease-test'],
    open: 'trying each sash',
  },
  {
    id: 'polish-behind-doors',
    condition: 'wax',
    chance: 0.2,
    share: 1,
    when: (s) => isFurniture(s.element) && timber(s) && s.isNew !== true,
    told: ['water-drop'],
    open: 'opening the doors, and a drop of water round the handles',
  },
  {
    id: 'paper-lets-go',
    condition: 'loose-paper',
    chance: 0.25,
    share: 0.1,
    when: (s) => groundOf(s.substrate) === 'paper',
    told: ['tap-test'],
    open: 'a knuckle over the seams',
  },
  {
    id: 'plaster-cracks',
    condition: 'substrate-crack',
    chance: 0.3,
    share: 0.05,
    when: (s) => plastered(s) && old(s, 1950),
    told: ['tap-test'],
    open: 'moving the furniture away and looking along the wall',
  },
  {
    id: 'loose-nails',
    condition: 'proud-nails',
    chance: 0.3,
    share: 0.3,
    when: (s) => s.element === 'siding' && s.isNew !== true,
    told: [],
    open: 'a straight edge along a few boards',
  },
  {
    id: 'damp-in-the-wall',
    condition: 'damp',
    chance: 0.12,
    share: 0.1,
    when: (s) => groundOf(s.substrate) === 'masonry' && s.isNew !== true,
    told: ['moisture-meter'],
    open: 'a moisture reading low down and beside the pipes',
  },
];
