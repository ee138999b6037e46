import type { Family } from '../../vocabulary/index.ts';

/** Minutes until a bead may be painted over. Its own sheet goes before it. Source: practice. */
export const PAINT_AFTER_MIN = {
  'acrylic-caulk': 60,
  'elastomeric-caulk': 240,
  'paintable-hybrid-sealant': 240,
} as const satisfies Partial<Record<Family, number>>;

/** Minutes until silicone has cured: until then it stays dry. Source: practice. */
export const SILICONE_CURES_MIN = 1440;
