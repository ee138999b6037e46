import type { Chemistry, Element, StepKind, Texture } from '../../vocabulary/index.ts';
import type { Step } from '../../model/step.ts';

/** Roller nap by texture, in millimetres; short on joinery so that it lays off, long on masonry so that it fills. Source: practice. */
export const NAP_MM: Record<Texture | 'joinery' | 'masonry', number> = {
  smooth: 8,
  light: 10,
  sprayed: 12,
  'hand-textured': 15,
  heavy: 18,
  joinery: 5,
  masonry: 20,
};

export const SLEEVE_FIBRE: Record<Chemistry, string> = {
  waterborne: 'woven',
  'solvent-borne': 'mohair',
  'alcohol-borne': 'cheap mohair',
  'two-part': 'foam',
};

export const BRISTLE: Record<Chemistry, string> = {
  waterborne: 'synthetic',
  'solvent-borne': 'natural-bristle',
  'alcohol-borne': 'cheap natural-bristle',
  'two-part': 'throwaway',
};

/** The brush that element asks for, in millimetres. */
export const BRUSH_MM: Record<Element, number> = {
  wall: 60,
  ceiling: 60,
  trim: 40,
  window: 25,
  sill: 50,
  door: 60,
  cabinet: 50,
  shelf: 50,
  furniture: 50,
  stair: 40,
  siding: 100,
  'fascia-soffit': 75,
  'rainwater-goods': 50,
  gate: 60,
  railing: 40,
  masonry: 125,
  radiator: 50,
  floor: 100,
};

const abrasive = (step: Step) => {
  const how = step.technique === 'wet' ? 'wet-and-dry paper, bucket and rag' : step.technique === 'extracted' ? 'sander on an extractor' : 'paper or sander';
  return step.grit ? [`${step.grit} grit, ${how}`] : [how];
};

/** What the steps that lay no film are done with. */
export const HAND_TOOLS: Partial<Record<StepKind, (step: Step) => string[]>> = {
  'contain-lead': () => ['plastic sheeting, tape, a vacuum with a high-efficiency filter, waste bags'],
  protect: () => ['dust sheets and paper'],
  mask: () => ['low-tack tape and film'],
  strip: (s) => [s.family === 'stripper' ? 'stripper brush, shavehook, tray' : 'scraper'],
  scrape: () => ['sharp scraper'],
  wash: () => ['two buckets, sponge'],
  rinse: () => ['clean bucket, sponge'],
  'mould-treat': () => ['sprayer, soft brush'],
  'dry-out': () => ['moisture meter; heat and air if there is time'],
  'solvent-wipe': () => ['clean white rags, a tin with a lid for them'],
  degloss: () => ['white rags, one for each door or metre'],
  sand: abrasive,
  'sand-between': abrasive,
  'set-nails': () => ['hammer and punch'],
  repair: () => ['chisel, filling knives'],
  'replace-board': () => ['saw, chisel, screws that do not rust'],
  'stick-down': () => ['small brush, seam roller'],
  fill: () => ['filling knives, two widths'],
  caulk: () => ['sealant gun, wet rag'],
  'remove-sealant': () => ['sealant cutter, blade'],
  'dust-off': () => ['vacuum with a brush, damp rag'],
  'tack-off': () => ['vacuum, tack rag'],
  'test-patch': () => ['small brush, label'],
  'free-sash': () => ['sash knife, block and hammer'],
};
