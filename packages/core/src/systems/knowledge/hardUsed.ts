import type { Element } from '../../vocabulary/index.ts';
import type { Case } from '../case.ts';

/** What hands and loads are on all day, in a house where hands are on everything. */
const HARD_USED: readonly Element[] = ['door', 'cabinet', 'furniture', 'shelf', 'stair', 'railing'];

/** Woodwork that is handled hard: by where it is, or because somebody said so of whatever it is. */
export const isHardUsed = ({ joinery, wanted, d: { surface } }: Case): boolean =>
  joinery && (wanted.handling === 'heavy' || (surface.exposure === 'interior-hightouch' && HARD_USED.includes(surface.element)));
