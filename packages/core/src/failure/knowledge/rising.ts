import type { Condition, Fault, StepKind } from '../../vocabulary/index.ts';
import type { Riser } from '../face.ts';

/** What rises through paint: how surely, as which fault, and by when. */
export interface RisingRow {
  riser: Riser;
  fault: Fault;
  by: string;
  /** It rises through this coat: said of a primer that does not stop it. */
  text: string;
}

export const RISING_ROWS: readonly RisingRow[] = [
  { riser: 'block-water', fault: 'bleeds', by: 'P1D', text: 'A water stain that is not blocked is back by morning.' },
  { riser: 'block-ink', fault: 'bleeds', by: 'P1D', text: 'Ink and dye rise through every waterborne coat.' },
  { riser: 'block-smoke', fault: 'bleeds', by: 'P1W', text: 'Smoke and nicotine rise through every waterborne coat.' },
  { riser: 'block-tannin', fault: 'bleeds', by: 'P1W', text: 'Tannin and old stain rise brown through every waterborne coat.' },
  { riser: 'block-knots', fault: 'bleeds', by: 'P3M', text: 'Every knot shows yellow by the next season.' },
  { riser: 'block-odour', fault: 'stain', by: 'P1W', text: 'The smell comes back through the paint.' },
  { riser: 'block-rust', fault: 'stain', by: 'P6M', text: 'Rust comes back.' },
];

/** What a condition lets rise, and how surely that shows through plain waterborne paint. Source: practice. */
export const RISES_FROM: readonly { condition: Condition; riser: Riser; strength: number; part: 'main' | 'spots' }[] = [
  { condition: 'water-stain', riser: 'block-water', strength: 0.96, part: 'spots' },
  { condition: 'marker', riser: 'block-ink', strength: 0.96, part: 'spots' },
  { condition: 'rust-stain', riser: 'block-rust', strength: 0.8, part: 'spots' },
  { condition: 'knots', riser: 'block-knots', strength: 0.9, part: 'spots' },
  { condition: 'smoke', riser: 'block-smoke', strength: 0.92, part: 'main' },
  { condition: 'soot', riser: 'block-smoke', strength: 0.92, part: 'main' },
  { condition: 'soot', riser: 'block-odour', strength: 0.5, part: 'main' },
  { condition: 'odour', riser: 'block-odour', strength: 0.8, part: 'main' },
  { condition: 'tannin-bleed', riser: 'block-tannin', strength: 0.92, part: 'main' },
  { condition: 'aerosol-paint', riser: 'block-ink', strength: 0.7, part: 'main' },
];

/** What takes a stain off a bare closed face, where it lies on top; of iron its own rust comes back. Source: practice. */
export const WIPES_OFF: Partial<Record<StepKind, Riser>> = {
  'solvent-wipe': 'block-ink',
  wash: 'block-water',
  sand: 'block-rust',
};
/** So much of it stays. */
export const WIPED_LEAVES = 0.04;

/** Bleaching takes a water mark out of timber, and leaves so much of it. */
export const BLEACHED_LEAVES = 0.1;

/** What of it still rises through one coat, by how well its family blocks that (0 to 3). Two coats take it twice. */
export const THROUGH = [0.97, 0.5, 0.07, 0.03] as const;
/** A coat that carries no water lets less of it up, whatever it was made for. */
export const THROUGH_SOLVENT = 0.6;
/** A patch here covered at the later look; dye rose through a patch here. */
export const THROUGH_PROVEN = 0.03;
export const THROUGH_BEATEN = 0.95;
