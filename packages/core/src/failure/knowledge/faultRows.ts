import type { Fault } from '../../vocabulary/index.ts';

/** Where in the stack a fault sits: under the new coats, rising through them, between two of them, or at the face. */
export type FaultPlace = 'under' | 'through' | 'between' | 'face';

/** What a fault is to the firm. */
export interface FaultRow {
  /** Where it is drawn in the section. */
  place: FaultPlace;
  /** How often somebody rings for it, where it has come. */
  callsBack: number;
  /** What putting it right costs where it shows, as a share of doing that part anew. */
  redo: number;
}

/** Source: practice. */
export const FAULT_ROWS: Readonly<Record<Fault, FaultRow>> = {
  peels: { place: 'under', callsBack: 1, redo: 1.4 },
  crawls: { place: 'face', callsBack: 0.3, redo: 1.1 },
  flashes: { place: 'face', callsBack: 0.35, redo: 0.6 },
  bleeds: { place: 'through', callsBack: 0.9, redo: 1.1 },
  'shows-through': { place: 'through', callsBack: 0.35, redo: 0.5 },
  sinks: { place: 'under', callsBack: 0.3, redo: 0.7 },
  runs: { place: 'face', callsBack: 0.15, redo: 0.3 },
  'brush-marks': { place: 'face', callsBack: 0.1, redo: 0.4 },
  'roller-stipple': { place: 'face', callsBack: 0.1, redo: 0.4 },
  bubbles: { place: 'under', callsBack: 0.8, redo: 1.2 },
  crackles: { place: 'under', callsBack: 0.9, redo: 1.2 },
  cracks: { place: 'through', callsBack: 0.6, redo: 0.5 },
  wrinkles: { place: 'between', callsBack: 0.4, redo: 0.8 },
  'sticks-shut': { place: 'face', callsBack: 0.8, redo: 0.3 },
  'ragged-line': { place: 'face', callsBack: 0.1, redo: 0.15 },
  'dust-in-film': { place: 'between', callsBack: 0.15, redo: 0.5 },
  'rough-grain': { place: 'between', callsBack: 0.15, redo: 0.4 },
  'detail-filled': { place: 'face', callsBack: 0.1, redo: 0.5 },
  knock: { place: 'face', callsBack: 0.4, redo: 0.5 },
  miss: { place: 'face', callsBack: 0.3, redo: 0.2 },
  stain: { place: 'through', callsBack: 0.8, redo: 0.9 },
};
