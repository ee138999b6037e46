import type { Element } from '../../vocabulary/index.ts';

/** What hands and loads are on all day. */
export const HARD_USED: readonly Element[] = ['door', 'cabinet', 'furniture', 'shelf', 'stair', 'railing'];
