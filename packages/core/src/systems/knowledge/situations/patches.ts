import type { Case } from '../../case.ts';
import { stripping, strongBlocker, washing, type Situation, solventWipe } from './situation.ts';

const verdict = (c: Case, ...any: string[]) => c.d.patches.some((p) => any.includes(p.verdict));
const result = (c: Case, code: string) => c.d.patches.some((p) => p.verdict === 'rejects' && p.decidedBy.result === code);

/** What test patches that were laid and read ask for. */
export const PATCHES: readonly Situation[] = [
  {
    id: 'patch-bled',
    source: 'practice: the later look decides',
    when: (c) => verdict(c, 'bleeds') && !c.clear,
    needs: (c) => [
      {
        need: c.ground === 'timber' ? 'block-tannin' : 'block-ink',
        atLeast: 2,
        scope: 'all',
        prefer: [strongBlocker(c)],
        why: 'A patch bled at the later look: dye rises through that primer, so another chemistry blocks it.',
      },
    ],
  },
  {
    id: 'patch-crawled',
    source: 'practice',
    when: (c) => result(c, 'crawls'),
    steps: () => [
      ...washing('degreaser', 'A patch crawled: something slick is on the face.'),
      solventWipe('mineral-spirits', 'What the degreaser leaves, wax and silicone, comes off with spirits on clean rags. Then lay another patch.'),
    ],
  },
  {
    id: 'patch-wrinkled',
    source: 'practice',
    when: (c) => result(c, 'wrinkles'),
    steps: () => [stripping('A patch wrinkled: the film under it is soft and lifts. Take it off where it does.', { scope: 'spots' })],
  },
  {
    id: 'patch-bubbled',
    source: 'practice',
    when: (c) => result(c, 'bubbles'),
    steps: (c) => [
      c.ground === 'paper'
        ? { kind: 'stick-down', family: 'seam-adhesive', why: ['A patch bubbled: the paper is loose there. Re-stick it.'] }
        : { kind: 'dry-out', waitMin: 2880, why: ['A patch bubbled: damp or air under it. Let it dry and find which.'] },
    ],
  },
];
