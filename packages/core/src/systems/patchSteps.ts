import { LATER_LOOK_MIN, type PatchVerdict } from '../evidence/patches.ts';
import { FAMILY_LABELS, isFinish, type Family } from '../vocabulary/index.ts';
import type { Step } from '../model/step.ts';
import { patchGripped, type Case } from './case.ts';
import { firstOverAll, keptOnOil, liesOnOil, oilBlocks } from './onOil.ts';

/** A patch is scratched for its grip after three days. Minutes; source: practice. */
const GRIP_LOOK_MIN = 4320;

/** A patch that was laid and read is not laid again. */
export function stillAsked(steps: readonly Step[], c: Case): Step[] {
  // One that covered has decided: nothing else is patched after it.
  const decided = c.d.patches.some((p) => p.verdict === 'covers');
  const answered = c.d.patches.filter((p) => p.verdict !== 'look-again').map((p) => p.family);
  // A patch that was scratched at cure and held has answered for the finish that was to be tried.
  const held = (family: Family) => patchGripped(c, family) && isFinish(family);
  return steps.filter(
    (s) => s.kind !== 'test-patch' || !(s.family && (decided || answered.includes(s.family) || held(s.family))),
  );
}

/** Oil may be there, though something else is likelier: what is to lie on it is tried before the face is trusted. */
export function gripPatch(c: Case, steps: readonly Step[]): Step[] {
  const family = firstOverAll(steps)?.family;
  if (!family || !oilBlocks(c) || !liesOnOil(steps, c)) return [];
  return [
    {
      kind: 'test-patch',
      family,
      coats: 1,
      waitMin: GRIP_LOOK_MIN,
      why: [
        `Oil may be under it: a patch of ${FAMILY_LABELS[family]}, scratched after three days, before the whole face is trusted.`,
      ],
    },
  ];
}

/** A waterborne coat is kept on the oil under it: the primer that is to bind it is patched before it is trusted. */
export function keptPatch(c: Case, primers: readonly Step[]): Step[] {
  if (!keptOnOil(c)) return [];
  const binds = primers.find((s) => s.kind === 'prime' && s.scope === 'all')?.family;
  return [
    {
      kind: 'test-patch',
      family: binds ?? 'bonding-acrylic-primer',
      coats: 1,
      waitMin: GRIP_LOOK_MIN,
      why: [
        'The waterborne coat lies on oil. A patch of primer, scratched after three days, shows whether it carries more.',
        'It is kept: recorded, and not guaranteed.',
      ],
    },
  ];
}

/** Every primer that was patched let the colour through: the one that is to go over all is patched first. */
export function blockPatch(c: Case, primers: readonly Step[]): Step[] {
  const { patches } = c.d;
  const next = primers.find((s) => s.kind === 'prime' && s.scope === 'all')?.family;
  if (!next || !patches.some((p) => p.verdict === 'bleeds') || patches.some((p) => DECIDES.includes(p.verdict)))
    return [];
  if (patches.some((p) => p.family === next)) return [];
  return [
    {
      kind: 'test-patch',
      family: next,
      coats: 1,
      waitMin: LATER_LOOK_MIN,
      why: [
        'What was patched so far let the colour through: one of this, across the strongest colour, and a look after a day, before it goes over all.',
      ],
    },
  ];
}
/** Nothing else is patched while one of these stands. */
const DECIDES: readonly PatchVerdict[] = ['covers', 'look-again'];
