import type { Element, StepKind } from '../../vocabulary/index.ts';

/** Something that has to work when a job is handed over. */
export interface HandoverRow {
  code: string;
  elements: readonly Element[] | null;
  /** Asked only where the system had this step; null: always. */
  after: StepKind | null;
  words: string;
}

/** What is tried before hand-over. Source: practice. */
export const HANDOVER: readonly HandoverRow[] = [
  { code: 'slides', elements: ['window'], after: null, words: 'slides or swings, and stays where it is put' },
  { code: 'closes', elements: ['door', 'cabinet', 'gate'], after: null, words: 'closes without sticking, and latches' },
  { code: 'freed', elements: null, after: 'free-sash', words: 'runs free over its whole way' },
  { code: 'hardware-back', elements: null, after: 'remove-hardware', words: 'every handle, hinge and screw is back' },
  { code: 'hung', elements: null, after: 'unhang', words: 'is hung, level, and clears its frame' },
  { code: 'opening-sound', elements: null, after: 'close-opening', words: 'the opening is shut again and holds' },
  { code: 'unmasked', elements: null, after: 'mask', words: 'no tape, no film, a clean line' },
];
