import { PAINT_AFTER_MIN, SILICONE_CURES_MIN } from '../skinning.ts';
import { isUndrawn, siliconeRule } from '../../joints.ts';
import { isLocal, whereMeasured } from '../../local.ts';
import { coatsIn, type Element, type Finish, type HouseRules } from '../../../vocabulary/index.ts';
import { staysWet } from '../../../evidence/facts.ts';
import type { Case } from '../../case.ts';
import { chooseFinish } from '../../finish.ts';
import { coatsThatHide } from '../../hiding.ts';
import { tintFor, type PrimerNeed } from '../../primer.ts';
import type { Step } from '../../../model/step.ts';
import { isClosedBare, rusts, wetFromNew } from '../../siteWork.ts';
import { finishOnOil, greaseCleaner } from './oldFilm.ts';
import { whereWords } from '../../zones.ts';
import { placesOf } from '../../../evidence/measured.ts';
import { isDusty, needOnGround, sanding, stripping, TUG_BRIDGE, TUG_PRIMED, washing, whereFound, whereItStands, type Situation, solventWipe } from './situation.ts';

const areaOf = (c: Case, code: 'water-stain' | 'marker' | 'rust-stain') => c.d.surface.extents[code]?.areaM2 ?? null;
const blockerOrder = ['shellac-primer', 'oil-primer', 'low-odour-oil-primer'] as const;
/** What opens and shuts. */
const RUNS: readonly Element[] = ['window', 'door'];
/** A stain over half the surface is no spot. */
const stainScope = (c: Case, area: number | null) => (area !== null && c.d.surface.areaM2 !== null && area > c.d.surface.areaM2 / 2 ? 'all' : 'spots');

/** A stain is blocked where the face took it in; off a closed one it comes. */
const blockedWhereTakenIn =
  (need: (c: Case) => PrimerNeed) =>
  (c: Case): PrimerNeed[] =>
    isClosedBare(c) && !mayBePainted(c) ? [] : [need(c)];
/** Paint may lie there after all, and that takes a stain in. */
const mayBePainted = (c: Case) => PAINTED.reduce((sum, finish) => sum + c.d.odds[finish], 0) > PAINT_IS_POSSIBLE;
const PAINTED: readonly Finish[] = ['waterborne-acrylic', 'oil-alkyd', 'waterborne-over-oil'];
const PAINT_IS_POSSIBLE = 0.15;

/** How filler is primed: bare timber is primed over all, its filled spots with it, whatever the firm does on walls. */
const fillerRule = (c: Case): HouseRules['fillerSpots'] => (c.bare && c.ground === 'timber' ? 'spot' : c.rules.fillerSpots);

/** Under a clear coat a mark in the timber is not hidden: it is taken out of the wood. */
const bleachedOut = (c: Case, scope: 'all' | 'spots'): Step[] => {
  const at = scope === 'all' ? {} : { scope };
  return [
    ...(c.treatAs === 'clear' ? [stripping('The mark lies in the wood, under the finish: take the finish off it there, out to the next joint or edge.', at)] : []),
    {
      kind: 'wash',
      family: 'wood-bleach',
      wear: ['gloves', 'eye-protection'],
      why: [
        'Water and iron leave a dark mark that shows through every clear coat: oxalic acid takes it out, laid over the whole board and not the ring alone. Try it first where nobody looks.',
      ],
      ...at,
    },
    { kind: 'rinse', waitMin: 1440, why: ['Rinse twice, and let the timber dry: acid left in it spoils the varnish.'], ...at },
    sanding(c, 180, 'Take down the grain that the water raised, and feather the old finish.', at),
  ];
};

/** What the joint is sealed with again: what takes paint, and silicone where it stays wet and is not painted. */
/** Filler lets go of metal that warms and cools, and under a clear film it is seen: scratches there are sanded out. */
const sandsScratchesOut = (c: Case) => c.ground === 'metal' || c.clear;
function whyFilled(c: Case): string {
  if (c.is('substrate-crack')) return 'Rake out the crack, bridge it, fill it proud.';
  return c.clear ? 'Fill holes with a filler of the tone of the wood: under a clear film it is seen.' : 'Fill holes and dents a little proud.';
}

const resealed = (c: Case): Step =>
  staysWet(c.d.surface)
    ? {
        kind: 'caulk',
        family: 'silicone-sealant',
        scope: 'spots',
        waitMin: SILICONE_CURES_MIN,
        afterFinish: true,
        why: [
          c.wanted.leaveBare
            ? 'A joint on tile that stays wet is sealed with silicone: acrylic there goes black.'
            : 'A joint on tile that stays wet is sealed with silicone, after the last coat: acrylic there goes black.',
        ],
      }
    : {
        kind: 'caulk',
        family: 'paintable-hybrid-sealant',
        scope: 'spots',
        waitMin: 120,
        why: ['Seal again with a sealant whose label says it takes paint.'],
      };

/** What is laid under a finish to hide what is there, where nothing else asks for a primer. */
const HIDES_UNDER = 'multi-purpose-acrylic-primer';
/** The colour moves so far that a primer may save coats; one that is not tinted saves none under a deep one. */
const movesFar = (c: Case) => c.shift.toPale || (c.shift.toDeep && c.rules.primerTint !== 'dark-to-light-only');
/** Coats of finish that such a primer saves: two lie over any primer. */
function hidingSaved(c: Case): number {
  const { family } = chooseFinish(c, [], false);
  const primer: Step = { kind: 'prime', family: HIDES_UNDER, coats: 1, tint: tintFor(c), why: [] };
  return (coatsThatHide(c, [], family) ?? 0) - Math.max(2, coatsThatHide(c, [primer], family) ?? 0);
}

/** What is wrong besides the old paint: stains, dirt, damp, joints, holes, sealant, rot. */
export const FAULTS_FOUND: readonly Situation[] = [
  {
    id: 'damp',
    source: 'data-sheet limits',
    when: (c) => c.is('damp'),
    steps: (c) => {
      const fromNew = wetFromNew(c);
      return [
        ...(fromNew ? [] : [{ kind: 'inspect', why: ['Find where the water comes from and have it put right first.'] } satisfies Step]),
        ...whereItStands(c, 'damp', {
          kind: 'dry-out',
          waitMin: 10080,
          // What is sealed before anything else is dry before that: water shut in blisters.
          ...(c.is('torn-board-face') ? { early: true } : {}),
          why: [...(fromNew ? [fromNew] : []), 'Nothing is painted until the meter reads under the limit for this ground.'],
        }),
      ];
    },
  },
  {
    id: 'water-stain',
    source: 'practice',
    when: (c) => c.is('water-stain'),
    steps: (c) => [
      { kind: 'inspect', why: ['The leak is stopped first, or the stain comes back.'] },
      ...(isClosedBare(c) ? washing('alkaline-cleaner', 'So closed a face takes no stain in: what the water left is washed off.') : []),
      ...(c.d.findings.moistureRead || c.is('damp') || isClosedBare(c)
        ? []
        : [
            {
              kind: 'dry-out',
              waitMin: 1440,
              why: ['A stain is only blocked once it is dry: take a reading.'],
            } satisfies Step,
          ]),
      ...(c.clear && c.ground === 'timber' ? bleachedOut(c, stainScope(c, areaOf(c, 'water-stain'))) : []),
    ],
    needs: blockedWhereTakenIn((c) => ({
      need: 'block-water',
      atLeast: 2,
      scope: stainScope(c, areaOf(c, 'water-stain')),
      prefer: blockerOrder,
      why: 'Water stains rise through waterborne paint, however many coats.',
    })),
  },
  {
    id: 'marker',
    source: 'practice',
    when: (c) => c.is('marker'),
    steps: (c) => (isClosedBare(c) ? [solventWipe('denatured-alcohol', 'So closed a face takes no ink in: it is wiped off, with a clean rag each time.', { scope: 'spots' })] : []),
    needs: blockedWhereTakenIn(() => ({
      need: 'block-ink',
      atLeast: 2,
      scope: 'spots',
      prefer: blockerOrder,
      why: 'Ink rises through waterborne blockers: shellac or oil, on the spot only.',
    })),
  },
  {
    id: 'rust-spots',
    source: 'practice',
    when: (c) => c.is('rust-stain') && !rusts(c),
    steps: (c) =>
      isClosedBare(c)
        ? [
            { kind: 'inspect', why: ['What rusts is iron that touches it: the screw or the bracket is changed for one that does not rust, or its head is primed for metal.'] },
            sanding(c, 220, 'Rust that ran over so closed a face is rubbed off.', { scope: 'spots' }),
          ]
        : [],
    needs: blockedWhereTakenIn(() => ({
      need: 'block-rust',
      atLeast: 2,
      scope: 'spots',
      prefer: ['oil-primer'],
      why: 'Rust bleeds through waterborne paint: block the spot, and the nail head under it.',
    })),
  },
  {
    id: 'smoke',
    source: 'practice',
    when: (c) => c.is('smoke', 'soot', 'odour'),
    steps: (c): Step[] =>
      c.is('soot')
        ? [
            {
              kind: 'inspect',
              why: ['Soot comes from somewhere: along the joists, over a heater, over candles, round an inlet. Its source is found and stopped before anything is blocked.'],
            },
            { kind: 'dust-off', early: true, ...whereMeasured(c, 'soot'), why: ['Vacuum loose soot before anything is rubbed or wetted; washing only smears it.'] },
          ]
        : [],
    needs: (c) => [
      ...(c.is('smoke', 'soot')
        ? [
            {
              need: 'block-smoke',
              atLeast: 2,
              scope: isLocal(c, 'smoke', 'soot') ? 'spots' : 'all',
              prefer: ['shellac-primer', 'low-odour-oil-primer'],
              why: 'Smoke and nicotine rise through waterborne paint: the whole affected area is blocked.',
            } as const,
          ]
        : []),
      ...(c.is('odour', 'soot')
        ? [
            {
              need: 'block-odour',
              atLeast: 2,
              scope: isLocal(c, 'odour', 'soot') ? 'spots' : 'all',
              prefer: ['shellac-primer'],
              why: 'Smell is locked in by a film that holds it: shellac does it best.',
            } as const,
          ]
        : []),
    ],
  },
  {
    id: 'grease',
    source: 'practice',
    // A wall that paper came off has no kitchen grease on it yet.
    when: (c) => c.is('greasy') || (c.d.surface.exposure === 'interior-grease' && c.d.surface.isNew !== true && !c.is('paste-residue', 'torn-board-face')),
    steps: (c) =>
      washing(
        greaseCleaner(c),
        'Grease keeps paint off: degrease before anything is sanded, or it is ground in.',
        c.d.surface.exposure === 'interior-grease' ? {} : whereMeasured(c, 'greasy'),
      ),
  },
  {
    id: 'mould',
    source: 'practice',
    when: (c) => c.is('mould'),
    steps: (c) => [
      ...washing(greaseCleaner(c), 'Dirt feeds mould: wash before it is treated.', whereMeasured(c, 'mould')),
      ...whereItStands(c, 'mould', {
        kind: 'mould-treat',
        family: 'mould-wash',
        waitMin: 1440,
        ...whereMeasured(c, 'mould'),
        wear: ['gloves', 'eye-protection', 'respirator-vapour'],
        why: ['Mould grows on through new paint: kill it, wait as the label says, rinse.', 'Look for the damp or the cold corner it lives on.'],
      }),
    ],
  },
  {
    id: 'rot',
    source: 'practice',
    when: (c) => c.is('rot'),
    steps: (c) => [
      { kind: 'inspect', why: ['Rot means water: find it and turn it away.'] },
      ...(c.d.findings.rotDeep
        ? whereFound(c, 'rot-probe', ['soft-deep'], {
            kind: 'replace-board',
            why: ['Soft deep in: cut back to sound timber and let in new, primed on every face.'],
          })
        : whereFound(c, 'rot-probe', ['soft-surface'], {
            kind: 'repair',
            ...(isLocal(c, 'rot') ? { scope: 'spots' } : {}),
            family: 'exterior-filler',
            waitMin: 240,
            wear: ['gloves', 'eye-protection'],
            why: ['Cut out what is soft, saturate with epoxy, rebuild with two-part filler.'],
          })),
    ],
    needs: () => [{ need: 'seal-wood', atLeast: 2, scope: 'bare-areas', why: 'Repairs and new timber are primed.' }],
  },
  {
    id: 'hollow',
    source: 'practice',
    when: (c) => c.d.findings.hollow,
    steps: (c) =>
      whereFound(c, 'tap-test', ['hollow'], {
        kind: 'repair',
        waitMin: 2880,
        why: ['Hollow ground is cut out and made good: paint cannot hold up loose plaster.'],
      }),
    needs: (c) => [
      {
        need: c.ground === 'masonry' ? 'seal-masonry' : 'seal-plaster',
        atLeast: 2,
        scope: 'bare-areas',
        why: 'New plaster in the patches is primed.',
      },
    ],
  },
  {
    id: 'silicone',
    source: 'practice',
    when: (c) => isUndrawn(c, 'silicone'),
    steps: (c) => {
      const rule = siliconeRule(c);
      if (rule === 'bridge')
        return [
          {
            kind: 'caulk',
            family: 'paintable-hybrid-sealant',
            scope: 'spots',
            bridges: true,
            waitMin: PAINT_AFTER_MIN['paintable-hybrid-sealant'],
            why: ['House rule: the silicone is bridged with a paintable bead. Second best, and recorded.'],
          },
          TUG_BRIDGE,
        ];
      if (rule === 'block-with-oil')
        return [
          {
            kind: 'spot-prime',
            family: 'oil-primer',
            coats: 1,
            scope: 'spots',
            method: 'brush',
            why: ['House rule: the silicone is blocked with oil primer. Second best, and recorded.'],
          },
          TUG_PRIMED,
        ];
      return [
        {
          kind: 'remove-sealant',
          scope: 'spots',
          wear: ['gloves'],
          why: [`No paint holds on silicone. Cut it out, and keep it off your fingers.${whereWords(placesOf('silicone', c.d.tests, c.d.surface))}`],
        },
        solventWipe('denatured-alcohol', 'The smear it leaves makes paint crawl: wipe twice, clean rag each time.', { scope: 'spots' }),
        resealed(c),
      ];
    },
  },
  {
    id: 'unknown-sealant',
    source: 'practice',
    when: (c) => isUndrawn(c, 'sealant-unknown'),
    steps: () => [
      {
        kind: 'test-patch',
        // Before anything is laid: what it says decides whether the bead is cut out.
        trial: true,
        waitMin: 30,
        why: ['Dab paint on the bead: if it crawls it is silicone and comes out; if it wets it is painted.', 'A dull bead is usually acrylic.'],
      },
    ],
  },
  {
    id: 'gaps',
    source: 'practice',
    when: (c) => isUndrawn(c, 'gaps', 'moving-joints'),
    steps: (c) => [
      staysWet(c.d.surface)
        ? resealed(c)
        : isUndrawn(c, 'moving-joints') || c.outside
          ? {
              kind: 'caulk',
              family: 'elastomeric-caulk',
              scope: 'spots',
              waitMin: PAINT_AFTER_MIN['elastomeric-caulk'],
              why: ['Joints that move need a bead that stretches.'],
            }
          : {
              kind: 'caulk',
              family: 'acrylic-caulk',
              scope: 'spots',
              waitMin: PAINT_AFTER_MIN['acrylic-caulk'],
              why: ['Gaps between trim and wall are closed so that the line is clean.'],
            },
    ],
  },
  {
    id: 'nails',
    source: 'practice',
    when: (c) => c.is('proud-nails'),
    steps: (c) => [
      { kind: 'set-nails', scope: 'spots', why: ['Proud heads are set below the face, or they come through.'] },
      { kind: 'fill', family: c.outside ? 'exterior-filler' : 'filler', scope: 'spots', waitMin: 60, why: ['Fill over the heads.'] },
      sanding(c, 180, 'Level the filler.', { scope: 'spots' }),
    ],
    needs: () => [{ need: 'seal-filler', atLeast: 2, scope: 'spots', why: 'Filler drinks and flashes: spot-prime it.' }],
  },
  {
    id: 'holes-and-scratches',
    source: 'practice',
    when: (c) => c.is('nail-holes', 'substrate-crack') || (c.is('scratches') && !sandsScratchesOut(c)),
    steps: (c) => [
      {
        kind: 'fill',
        family: c.outside ? 'exterior-filler' : 'filler',
        scope: 'spots',
        waitMin: 60,
        why: [whyFilled(c)],
      },
      sanding(c, 180, 'Level the filler.', { scope: 'spots' }),
    ],
    needs: (c) =>
      fillerRule(c) === 'none' || c.clear
        ? []
        : [
            {
              need: 'seal-filler',
              atLeast: 2,
              scope: fillerRule(c) === 'whole-wall' ? 'all' : 'spots',
              why: 'Filler drinks and flashes under paint.',
            },
          ],
  },
  {
    id: 'scratches-in-a-clear-film',
    source: 'practice',
    when: (c) => c.is('scratches') && c.clear,
    steps: (c) => [sanding(c, 150, 'Sand the scratches out with the grain: under a clear film a filler is seen.', { scope: 'spots' })],
  },
  {
    id: 'scratches-in-metal',
    source: 'practice',
    // Through the paint a scratch is sound metal to be primed.
    when: (c) => c.is('scratches') && c.ground === 'metal',
    steps: (c) => [sanding(c, 180, 'Feather each scratch to an edge that cannot be felt, and dull the metal in it.', { scope: 'spots' })],
    needs: (c) => [{ need: needOnGround(c), atLeast: 3, scope: 'spots', why: 'Where a scratch reaches the metal it is primed first.' }],
  },
  {
    id: 'filler-patches',
    source: 'house rule fillerSpots',
    when: (c) => c.is('filler-patches'),
    steps: (c) => [sanding(c, 180, 'Level the filler.', { scope: 'spots' })],
    needs: (c) =>
      fillerRule(c) === 'none'
        ? []
        : [
            {
              need: 'seal-filler',
              atLeast: 2,
              scope: fillerRule(c) === 'whole-wall' ? 'all' : 'spots',
              prefer: ['multi-purpose-acrylic-primer'],
              why: 'Filler drinks more than paint beside it and flashes unless primed.',
            },
          ],
  },
  {
    id: 'joint-tape',
    source: 'practice',
    when: (c) => c.is('joint-tape-lifting'),
    steps: (c) => [
      {
        kind: 'repair',
        family: c.outside ? 'exterior-filler' : 'filler',
        waitMin: 720,
        scope: 'spots',
        why: ['Cut out the loose tape, bed new tape, feather in two passes.'],
      },
      sanding(c, 150, 'Level the joint.', { scope: 'spots' }),
    ],
    needs: () => [{ need: 'seal-filler', atLeast: 2, scope: 'spots', why: 'New joint filler is primed.' }],
  },
  {
    id: 'painted-shut',
    source: 'practice',
    when: (c) => c.is('painted-shut'),
    steps: (c) =>
      whereFound(c, 'ease-test', ['stuck'], {
        kind: 'free-sash',
        why: ['Cut the paint line and ease the sash before anything else: it must move when we leave.'],
      }),
  },
  {
    id: 'runs-at-handover',
    source: 'practice',
    when: (c) => RUNS.includes(c.d.surface.element),
    steps: () => [{ kind: 'inspect', scope: 'handover', why: ['Prove at hand-over that it runs, opens and shuts.'] }],
  },
  {
    id: 'dust-left',
    source: 'practice',
    when: isDusty,
    steps: () => [{ kind: 'dust-off', why: ['It was sanded: paint on dust lets go. Off with it until a palm stays clean.'] }],
  },
  {
    id: 'colour-far',
    source: 'after ISO 6504-3',
    // Where the finish lies straight on the oil, a coat more of it hides; a primer between would be another system.
    when: (c) => movesFar(c) && c.goesTo === 'waterborne' && !c.clear && !c.bare && !finishOnOil(c),
    needs: (c) => {
      const saved = hidingSaved(c);
      if (saved <= 0) return [];
      const primer = c.shift.toPale ? 'A deep old colour under a pale new one: a white primer' : 'A deep new colour: a tinted primer';
      const why = `${primer} saves ${coatsIn(saved)} of finish.`;
      return [{ need: 'hide', atLeast: 2, scope: 'all', prefer: [HIDES_UNDER, 'stain-blocking-acrylic-primer'], why }];
    },
  },
];
