import type { Fault } from '../../vocabulary/index.ts';

/** Where in the stack a fault sits: under the new coats, rising through them, between two of them, or at the face. */
export type FaultPlace = 'under' | 'through' | 'between' | 'face';

/** Where each fault is drawn in the section. Source: practice. */
export const FAULT_PLACES: Record<Fault, FaultPlace> = {
  peels: 'under',
  crawls: 'face',
  flashes: 'face',
  bleeds: 'through',
  'shows-through': 'through',
  sinks: 'under',
  runs: 'face',
  'brush-marks': 'face',
  'roller-stipple': 'face',
  bubbles: 'under',
  crackles: 'under',
  cracks: 'through',
  wrinkles: 'between',
  'sticks-shut': 'face',
  'ragged-line': 'face',
  'dust-in-film': 'between',
  'rough-grain': 'between',
  'detail-filled': 'face',
  knock: 'face',
  miss: 'face',
  stain: 'through',
};
