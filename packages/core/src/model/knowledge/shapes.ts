/**
 * Developed sizes of what is painted: what a tape does not show. Source: usual joinery, measured round the profile;
 * a profile that was measured is entered with its own girth and wins.
 */

/** Mouldings by name: developed width round the painted face, in metres. */
export const MOULDINGS = {
  skirting: { words: 'skirting', girthM: 0.16 },
  'tall-skirting': { words: 'tall moulded skirting', girthM: 0.26 },
  architrave: { words: 'architrave', girthM: 0.11 },
  'dado-rail': { words: 'dado rail', girthM: 0.09 },
  'picture-rail': { words: 'picture rail', girthM: 0.08 },
  cornice: { words: 'plain cornice', girthM: 0.2 },
  'deep-cornice': { words: 'deep enriched cornice', girthM: 0.42 },
  handrail: { words: 'handrail', girthM: 0.19 },
  string: { words: 'stair string', girthM: 0.3 },
  fascia: { words: 'fascia board', girthM: 0.24 },
  gutter: { words: 'half-round gutter', girthM: 0.2 },
  downpipe: { words: 'downpipe', girthM: 0.22 },
} as const;
export type Moulding = keyof typeof MOULDINGS;

/** Doors by pattern: painted area of one face, as a share of its width times height. */
export const DOOR_PATTERNS = {
  flush: { words: 'flush', factor: 1 },
  ledged: { words: 'ledged and boarded', factor: 1.25 },
  'four-panel': { words: 'four panels', factor: 1.18 },
  'six-panel': { words: 'six panels', factor: 1.25 },
  'half-glazed': { words: 'half glazed', factor: 0.72 },
  'full-glazed': { words: 'glazed with bars', factor: 0.5 },
  louvred: { words: 'louvred', factor: 2.1 },
} as const;
export type DoorPattern = keyof typeof DOOR_PATTERNS;

/** Windows by pattern: painted area of one side, as a share of its width times height, glass left out. */
export const WINDOW_PATTERNS = {
  'one-pane': { words: 'one pane', factor: 0.3 },
  casement: { words: 'casements', factor: 0.42 },
  sash: { words: 'a pair of sashes', factor: 0.48 },
  'small-panes': { words: 'small panes', factor: 0.72 },
} as const;
export type WindowPattern = keyof typeof WINDOW_PATTERNS;

/** What goes round a spindle, as a multiple of its thickness. A turned one has more face than the round it is cut from. */
export const SPINDLE_SECTIONS = {
  square: { words: 'square', girth: 4 },
  round: { words: 'round', girth: Math.PI },
  turned: { words: 'turned', girth: Math.PI * 1.15 },
} as const;
export type SpindleSection = keyof typeof SPINDLE_SECTIONS;

/** Edges of a door leaf, in metres. */
export const DOOR_EDGE_M = 0.04;
/** What a finned radiator adds behind its panels, as a share of their area. */
export const FINS = 0.35;
