import { LATER_LOOK_MIN, type PatchVerdict } from '../evidence/patches.ts';
import { chemistryOf, FAMILY_LABELS, isFinish, type Family, type StepKind } from '../vocabulary/index.ts';
import type { Step } from '../model/step.ts';
import { isFromACan, whereSprayed } from './knowledge/situations/oldFilm.ts';
import { whereCrawled } from './knowledge/situations/patches.ts';
import { gripTrial, patchOf, strongBlocker } from './knowledge/situations/situation.ts';
import { patchGripped, type Case } from './case.ts';
import { firstOverAll, keptOnOil, liesOnOil, oilBlocks, primes } from './onOil.ts';

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
    gripTrial(
      family,
      `Oil may be under it: a patch of ${FAMILY_LABELS[family]}, scratched after three days, before the whole face is trusted.`,
    ),
  ];
}

/** What the primers are tried on before they are trusted: a film that is kept, paint that nobody knows, a ground that is hard and closed. */
export const primerPatches = (c: Case, primers: readonly Step[]): Step[] =>
  stillAsked(
    [
      ...gripsStillAsked([...keptPatch(c, primers), ...closedGroundPatch(c, primers), ...laminatePatches(c)], c),
      ...unknownPaintPatches(c, primers),
    ],
    c,
  );

/** A patch that was scratched at cure and held has answered what another would be scratched for. */
const gripsStillAsked = (patches: readonly Step[], c: Case): Step[] =>
  patches.filter(({ family }) => !patchGripped(c, family!));

/** Laminate that is handled hard: both that grip it are tried behind a door. */
const laminatePatches = (c: Case): Step[] =>
  c.ground === 'laminate' && c.treatAs === 'laminate' && c.wanted.handling === 'heavy'
    ? [
        gripTrial(strongBlocker(c), 'Handled hard: try the primer behind a door first, and scratch it at three days.'),
        gripTrial('bonding-acrylic-primer', 'Beside it the other candidate, as many coats.'),
      ]
    : [];

const laidOverAll = (primers: readonly Step[]): Family =>
  primers.find((s) => s.kind === 'prime' && s.scope === 'all')?.family ?? 'bonding-acrylic-primer';

/** Glazes and plastics differ: what is to hold on one is tried on it. */
function closedGroundPatch(c: Case, primers: readonly Step[]): Step[] {
  if (c.ground !== 'hard' || c.treatAs !== 'bare') return [];
  return [gripTrial(laidOverAll(primers), 'A patch first: glazes and plastics differ. Scratch it at three days.')];
}

/** A waterborne coat is kept on the oil under it: the primer that is to bind it is patched before it is trusted. */
function keptPatch(c: Case, primers: readonly Step[]): Step[] {
  if (!keptOnOil(c)) return [];
  return [
    gripTrial(
      laidOverAll(primers),
      'The waterborne coat lies on oil. A patch of primer, scratched after three days, shows whether it carries more.',
      'It is kept: recorded, and not guaranteed.',
    ),
  ];
}

/** What cannot be identified is patched with one waterborne and one other blocker, in equal coats: the other is the one that is laid. */
function unknownPaintPatches(c: Case, primers: readonly Step[]): Step[] {
  if (!isFromACan(c)) return [];
  const at = whereSprayed(c);
  const laid = primers.find(
    ({ kind, family, scope }) =>
      COVERS.includes(kind) && primes(family, 'block-ink') >= 2 && (!at.scope || scope === at.scope),
  )?.family;
  const patch = (family: Family, why: string): Step => ({ ...patchOf(family, LATER_LOOK_MIN, why), coats: 2, ...at });
  return [
    patch(
      'stain-blocking-acrylic-primer',
      'The paint cannot be identified. A waterborne blocker, two coats, read at its label time and again the next day.',
    ),
    patch(
      laid && chemistryOf(laid) !== 'waterborne' ? laid : strongBlocker(c),
      'Beside it the other kind of blocker, as many coats, over the strongest colour.',
    ),
  ];
}
const COVERS: readonly StepKind[] = ['spot-prime', 'prime'];

/** Every primer that was patched let the colour through: the one that is to go over all is patched first. */
export function blockPatch(c: Case, primers: readonly Step[]): Step[] {
  const { patches } = c.d;
  const next = primers.find((s) => s.kind === 'prime' && s.scope === 'all')?.family;
  if (!next || !patches.some((p) => p.verdict === 'bleeds') || patches.some((p) => DECIDES.includes(p.verdict)))
    return [];
  if (patches.some((p) => p.family === next)) return [];
  return [
    patchOf(
      next,
      LATER_LOOK_MIN,
      'What was patched so far let the colour through: one of this, across the strongest colour, and a look after a day, before it goes over all.',
    ),
  ];
}

/** Paint crawls while it is wet, or not at all. Minutes; source: practice. */
const CRAWLS_WITHIN_MIN = 60;
/** A patch crawled: on the face that was cleaned, what is laid first is tried there again. */
export function crawledPatch(c: Case, steps: readonly Step[]): Step[] {
  const family = firstOverAll(steps)?.family;
  if (!family || c.d.patches.some((p) => DECIDES.includes(p.verdict))) return [];
  return whereCrawled(c).map((at) => ({
    ...patchOf(
      family,
      CRAWLS_WITHIN_MIN,
      'A patch crawled here: another on the clean face, for an hour. Where it crawls again, wipe again before anything is laid.',
    ),
    ...at,
  }));
}
/** Nothing else is patched while one of these stands. */
const DECIDES: readonly PatchVerdict[] = ['covers', 'look-again'];
