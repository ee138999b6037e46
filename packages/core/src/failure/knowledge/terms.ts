import { finishBehind, paperComesOff } from '../../systems/offPaper.ts';
import type { Case } from '../../systems/case.ts';
import { siliconeStays } from '../../systems/joints.ts';
import { letsGoOfDistemper } from '../../systems/onDistemper.ts';
import { keptOnOil } from '../../systems/onOil.ts';
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
  /** The same as it is said to the client: what it means, and nothing of the firm's own rules. */
  toClient: string;
}

/** Source: practice: what is kept, bridged or left is recorded and not guaranteed. */
export const WITHHELD: readonly WithheldRow[] = [
  {
    id: 'left-bare',
    when: (c) => c.wanted.leaveBare === true,
    reason: 'No film is laid: there is none to stand behind.',
    toClient: 'The ground is left bare: no paint is laid on it that could be guaranteed.',
  },
  {
    id: 'kept-on-oil',
    when: keptOnOil,
    reason: 'A waterborne coat is kept on old oil: what lies under it may let go.',
    toClient: 'The paint that is on it lies on older oil paint and may let go of that; it is kept, and not stripped.',
  },
  {
    id: 'silicone-left',
    when: siliconeStays,
    reason: 'Silicone is bridged or blocked, not cut out.',
    toClient: 'Old silicone stays in the joint: paint over it may lift.',
  },
  {
    id: 'patch-unread',
    when: (c, steps) => steps.some((s) => s.kind === 'test-patch') && c.gripHeldBy.size === 0,
    reason: 'A test patch is still to be read.',
    toClient: 'A small patch is laid first and looked at again; once it has held, the work on it is guaranteed.',
  },
  {
    id: 'distemper-left',
    when: (c) => (paperComesOff(c) ? finishBehind(c) : c.treatAs) === 'distemper',
    reason: 'Distemper or limewash is bound, not taken off: the ground itself may let go.',
    toClient: 'An old chalky coat is bound and not taken off: it may let go of the wall by itself.',
  },
  {
    id: 'paint-left-on-distemper',
    when: letsGoOfDistemper,
    reason: 'Paint that let go of distemper in one place is kept in others: there it may follow.',
    toClient: 'Where the old paint still holds it is kept; it lies on an old chalky coat, and may come off that later.',
  },
  {
    id: 'salts',
    when: (c) => c.is('efflorescence'),
    reason: 'Salts come through as long as water does.',
    toClient: 'Salts come through as long as water does.',
  },
  {
    id: 'damp',
    when: (c) => c.is('damp'),
    reason: 'The wall is damp: until its cause is put right nothing can be promised.',
    toClient: 'The wall is damp: until its cause is put right nothing can be promised.',
  },
  {
    id: 'paper-kept',
    when: (c) => c.ground === 'paper' && c.is('loose-paper') && c.rules.paper === 'paint-over',
    reason: 'Loose paper is stuck down and painted over: what holds the paper is not ours.',
    toClient: 'Loose paper is stuck down and painted over: what holds the paper to the wall is not ours.',
  },
];
