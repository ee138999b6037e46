import type { Fault, Need } from '../../vocabulary/index.ts';

/** What follows where a primer does not do what is needed of it. `redo` is a share of doing the surface anew. */
export interface NeedFault {
  fault: Fault;
  odds: number;
  /** ISO 8601 duration after which it shows. */
  shows: string;
  redo: number;
  text: string;
}

/** One row for each need; the odds hold where the need is not met at all. Source: practice. */
export const NEED_FAULTS: Record<Need, NeedFault> = {
  'grip-gloss': { fault: 'peels', odds: 0.85, shows: 'P1M', redo: 1.5, text: 'It does not grip the old gloss.' },
  'grip-laminate': { fault: 'peels', odds: 0.85, shows: 'P1M', redo: 1.5, text: 'It does not grip laminate.' },
  'grip-hard': { fault: 'peels', odds: 0.85, shows: 'P1M', redo: 1.5, text: 'It does not grip glass, tile or plastic.' },
  'grip-metal': { fault: 'peels', odds: 0.6, shows: 'P6M', redo: 1.2, text: 'It does not hold on metal.' },
  'grip-nonferrous': { fault: 'peels', odds: 0.8, shows: 'P3M', redo: 1.3, text: 'Zinc and aluminium shed it.' },
  'seal-board': { fault: 'flashes', odds: 0.7, shows: 'P1D', redo: 0.8, text: 'Paper face and joints drink unevenly.' },
  'seal-plaster': { fault: 'flashes', odds: 0.5, shows: 'P1D', redo: 0.8, text: 'Plaster drinks unevenly through it.' },
  'seal-torn': { fault: 'bubbles', odds: 0.8, shows: 'PT1H', redo: 0.8, text: 'Torn face is wetted through it and bubbles.' },
  'seal-paste': { fault: 'crackles', odds: 0.7, shows: 'P1D', redo: 1.2, text: 'Paste wakes under it.' },
  'seal-paper': { fault: 'bubbles', odds: 0.5, shows: 'P1D', redo: 1.4, text: 'Paper swells under it and lifts.' },
  'seal-wood': { fault: 'sinks', odds: 0.6, shows: 'P1D', redo: 0.7, text: 'The timber drinks through it.' },
  'seal-chalk': { fault: 'peels', odds: 0.75, shows: 'P3M', redo: 1.4, text: 'It does not bind the chalk.' },
  'seal-masonry': { fault: 'peels', odds: 0.5, shows: 'P1Y', redo: 1.2, text: 'It does not bind the face of the wall.' },
  'seal-filler': { fault: 'flashes', odds: 0.7, shows: 'P1D', redo: 0.5, text: 'Filler flashes through it.' },
  'block-water': { fault: 'bleeds', odds: 0.95, shows: 'P1D', redo: 0.8, text: 'A water stain rises through it.' },
  'block-tannin': { fault: 'bleeds', odds: 0.85, shows: 'P1W', redo: 1, text: 'Tannin and old stain rise through it.' },
  'block-knots': { fault: 'bleeds', odds: 0.9, shows: 'P3M', redo: 0.6, text: 'Resin of knots rises through it.' },
  'block-ink': { fault: 'bleeds', odds: 0.95, shows: 'P1D', redo: 0.6, text: 'Ink and dye rise through it.' },
  'block-smoke': { fault: 'bleeds', odds: 0.9, shows: 'P1W', redo: 1.1, text: 'Smoke and nicotine rise through it.' },
  'block-odour': { fault: 'stain', odds: 0.7, shows: 'P1W', redo: 1.1, text: 'The smell comes back through it.' },
  'block-rust': { fault: 'stain', odds: 0.75, shows: 'P6M', redo: 1, text: 'Rust comes through it.' },
  hide: { fault: 'shows-through', odds: 0.7, shows: 'PT4H', redo: 0.5, text: 'The old colour shows through it.' },
};
