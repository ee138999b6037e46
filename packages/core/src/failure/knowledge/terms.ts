import type { Case } from '../../systems/case.ts';
import type { Step } from '../../model/step.ts';

/** A firm stands behind a term within which no more than this share fails. */
export const MOST_THAT_FAIL = 0.15;
export const LONGEST_MONTHS = 60;
/** Terms are given in half years. */
export const TERM_STEP_MONTHS = 6;

/** Why a guarantee is withheld, whatever the odds. */
export interface WithheldRow {
  id: string;
  when: (c: Case, steps: readonly Step[]) => boolean;
  reason: string;
}

/** Source: practice: what is kept, bridged or left by decision is recorded and not guaranteed. */
export const WITHHELD: readonly WithheldRow[] = [
  {
    id: 'kept-on-oil',
    when: (c) => c.treatAs === 'over-oil' && c.rules.waterborneOverOil === 'keep-gripping' && c.d.findings.adhesion !== 'weak',
    reason: 'A waterborne coat is kept on old oil by decision: what lies under it may let go.',
  },
  {
    id: 'silicone-left',
    when: (c) => c.is('silicone') && c.rules.silicone !== 'cut-out',
    reason: 'Silicone is bridged or blocked by house rule, not cut out.',
  },
  {
    id: 'patch-unread',
    when: (c, steps) => steps.some((s) => s.kind === 'test-patch') && !c.gripPatchHeld,
    reason: 'A test patch is still to be read.',
  },
  {
    id: 'distemper-left',
    when: (c) => c.treatAs === 'distemper',
    reason: 'Distemper or limewash is bound, not taken off: the ground itself may let go.',
  },
  {
    id: 'salts',
    when: (c) => c.is('efflorescence'),
    reason: 'Salts come through as long as water does.',
  },
  {
    id: 'damp',
    when: (c) => c.is('damp'),
    reason: 'The wall is damp: until its cause is put right nothing can be promised.',
  },
  {
    id: 'paper-kept',
    when: (c) => c.ground === 'paper' && c.is('loose-paper') && c.rules.paper === 'paint-over',
    reason: 'Loose paper is stuck down and painted over: what holds the paper is not ours.',
  },
];
