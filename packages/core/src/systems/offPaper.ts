import { FINISHES, type ChipLayer, type Condition, type Finish } from '../vocabulary/index.ts';
import type { ConditionFindings } from '../evidence/conditions.ts';
import { TREATMENT_OF } from '../evidence/knowledge/treatments.ts';
import { ALL_OVER, shareMeasured } from '../evidence/measured.ts';
import { asOdds } from '../evidence/odds.ts';
import { rediagnosed, type Case } from './case.ts';
import type { Step } from '../model/step.ts';

/** What is in the wall itself, in its joints or behind it: it is still there once the paper is off. Source: practice. */
const OF_THE_WALL: readonly Condition[] = [
  'damp',
  'mould',
  'water-stain',
  'rust-stain',
  'efflorescence',
  'rot',
  'substrate-crack',
  'gaps',
  'moving-joints',
  'silicone',
  'sealant-unknown',
  'nail-holes',
  'proud-nails',
  'joint-tape-lifting',
];
/** Tests that read the wall through its paper. */
const READ_THROUGH: readonly string[] = ['moisture-meter', 'tap-test'];

/** Powder on paper can be neither painted over nor washed off: the water that takes it loosens the paper. */
const isDistempered = (c: Case): boolean => c.treatAs === 'distemper';

/** More of it hangs loose than holds, as it was measured: there is nothing to stick it back to. */
const hangsLoose = ({ d: { surface } }: Case): boolean =>
  surface.conditions.includes('loose-paper') && (shareMeasured(surface, 'loose-paper') ?? 0) >= ALL_OVER;

/** True where the paper comes off, with whatever was ever painted on it: by the firm's rule, or because it cannot stay. */
export const paperComesOff = (c: Case): boolean =>
  c.ground === 'paper' && (c.rules.paper === 'strip-first' || isDistempered(c) || hangsLoose(c)) && !c.wanted.leaveBare;

const onTheWall = (found: ReadonlySet<Condition>) => OF_THE_WALL.filter((condition) => found.has(condition));

/** What was found that is of the wall; what held the paper stays on it as paste. */
const findingsOnWall = (findings: ConditionFindings): ConditionFindings => ({
  ...findings,
  standing: new Set<Condition>([...onTheWall(findings.standing), 'paste-residue']),
  found: new Set(onTheWall(findings.found)),
  adhesion: 'unknown',
  weakPlane: null,
  handWipeClean: false,
});

/** What a chip shows next behind the paper, as a finish of the wall. */
const BEHIND: Partial<Readonly<Record<ChipLayer, Finish>>> = {
  waterborne: 'waterborne-acrylic',
  oil: 'oil-alkyd',
  distemper: 'distemper',
  primer: 'primer-only',
};

/** What the paper was hung on, where a chip shows it; a wall that nobody has looked at behind it counts as bare. */
export function finishBehind(c: Case): Finish {
  for (const { layers } of c.d.tests) {
    const behind = layers?.[layers.lastIndexOf('paper') + 1];
    if (layers?.includes('paper') && behind && BEHIND[behind]) return BEHIND[behind];
  }
  return 'bare';
}

const oddsOf = (there: Finish) => asOdds(FINISHES.map((finish) => Number(finish === there)));

const wallOf = new WeakMap<Case, Case>();
/** The wall as it is once the paper is off: what it was hung on, with paste on it, and nothing said of a film that is gone. */
export function asWall(c: Case): Case {
  let wall = wallOf.get(c);
  if (!wall) wallOf.set(c, (wall = readAsWall(c)));
  return wall;
}

function readAsWall(c: Case): Case {
  const findings = findingsOnWall(c.d.findings);
  const behind = finishBehind(c);
  const there = { treatAs: TREATMENT_OF[behind], likeliest: behind, odds: oddsOf(behind), findings };
  return rediagnosed(c, {
    ...c.d,
    ...there,
    surface: { ...c.d.surface, substrate: 'skim-plaster', texture: 'smooth', sanded: false },
    tests: c.d.tests.filter(({ kind }) => READ_THROUGH.includes(kind)),
    patches: [],
    zones: c.d.zones.map((zone) => ({ ...zone, ...there })),
  });
}

/** Wetted paper lets go within the hour. Source: practice. */
export const paperOff = (why: string): Step => ({ kind: 'strip', waitMin: 60, why: [why] });

/** The paper comes off before paint, with what lies on it. */
export const strippingPaper = (c: Case): Step[] => [paperOff(whyOff(c))];

function whyOff(c: Case): string {
  if (isDistempered(c))
    return 'Distemper on paper holds no paint, and the water that washes it off soaks the paper: it comes off with its paper.';
  if (hangsLoose(c))
    return 'More of the paper hangs loose than holds: it comes off, and whatever was painted on it comes with it.';
  if (c.bare) return 'House rule: paper comes off before paint.';
  return 'House rule: paper comes off before paint, and what was painted on it comes with it. Painted or vinyl paper is scored first, or no water gets behind it.';
}
