import type { Step } from '../../model/step.ts';
import type { StepKind } from '../../vocabulary/index.ts';

interface DustyWork {
  why: string;
  /** Whoever does it breathes it, whatever it is done on. */
  respirator: boolean;
}

/**
 * Work that puts dust into the air of a room: nothing wet may stand near it. An extractor at the sander keeps most of
 * it back and not all; done wet, nothing flies.
 */
const DUSTY_WORK: Partial<Record<StepKind, DustyWork>> = {
  scrape: { why: 'Flakes and their powder fall and are walked about.', respirator: true },
  sand: { why: 'The finest of it hangs in the air for half an hour and longer.', respirator: true },
  'sand-between': { why: 'The same, and a coat beside it is likely to be wet.', respirator: true },
  distress: { why: 'It is sanding, by another name.', respirator: true },
  'dust-off': {
    why: 'Mopping or blowing stirs up what sanding laid down. New board asks for a mask where it is called for.',
    respirator: false,
  },
  'replace-board': { why: 'Sawn, drilled and broken out.', respirator: true },
  'free-sash': { why: 'Cut paint and old putty crumble out of the run.', respirator: false },
};

type Done = Pick<Step, 'kind' | 'technique'>;
const dusty = ({ kind, technique }: Done) => (technique === 'wet' ? undefined : DUSTY_WORK[kind]);

/** Whether a step makes dust that settles in wet paint. */
export const makesDust = (step: Done): boolean => dusty(step) !== undefined;

/** Whether its dust is breathed by whoever does it. */
export const breathesDust = (step: Done): boolean => dusty(step)?.respirator === true;
