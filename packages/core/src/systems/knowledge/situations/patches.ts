import type { Case } from '../../case.ts';
import type { PrimerNeed } from '../../primer.ts';
import { placeOf } from '../../../model/place.ts';
import type { Step } from '../../../model/step.ts';
import { stripping, strongBlocker, washing, type Situation, solventWipe } from './situation.ts';

const verdict = (c: Case, ...any: string[]) => c.d.patches.some((p) => any.includes(p.verdict));
const result = (c: Case, code: string) => c.d.patches.some((p) => p.verdict === 'rejects' && p.decidedBy.result === code);

/** Dye rose through a patch: another chemistry blocks it, over all, or where all that was found to rise lies in its spots. */
export function blockedAfterPatch(c: Case, asked: readonly PrimerNeed[]): PrimerNeed[] {
  if (!verdict(c, 'bleeds') || c.clear) return [];
  const rising = asked.filter((n) => n.need.startsWith('block'));
  return [
    {
      need: c.ground === 'timber' ? 'block-tannin' : 'block-ink',
      atLeast: 2,
      scope: rising.length > 0 && rising.every((n) => n.scope === 'spots') ? 'spots' : 'all',
      prefer: [strongBlocker(c)],
      why: 'A patch bled at the later look: dye rises through that primer, so another chemistry blocks it.',
    },
  ];
}

/** Where patches crawled: in each place that was named, or somewhere on it. */
export function whereCrawled({ d }: Case): Pick<Step, 'scope'>[] {
  const crawled = d.patches.filter((p) => p.verdict === 'rejects' && p.decidedBy.result === 'crawls');
  if (crawled.length === 0) return [];
  const places = new Set(crawled.map((p) => placeOf(p.decidedBy)));
  return places.has('') ? [{}] : [...places].map((scope) => ({ scope }));
}

/** What test patches that were laid and read ask for. */
export const PATCHES: readonly Situation[] = [
  {
    id: 'patch-crawled',
    source: 'practice',
    when: (c) => result(c, 'crawls'),
    steps: (c) =>
      whereCrawled(c).flatMap((at) => [
        ...washing('degreaser', 'A patch crawled: something slick is on the face.', at),
        solventWipe('mineral-spirits', 'What the degreaser leaves, wax and silicone, comes off with spirits on clean rags.', at),
      ]),
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
