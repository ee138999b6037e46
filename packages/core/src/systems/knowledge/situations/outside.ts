import type { Element, Wear } from '../../../vocabulary/index.ts';
import type { Case } from '../../case.ts';
import type { Step } from '../../../model/step.ts';
import { isGluedBoard, meetsWater } from '../../siteWork.ts';
import { isLettingGo } from '../../lettingGo.ts';
import { whereItLetsGo } from '../../local.ts';
import { primedWhereBare, sanding, scraping, type Situation } from './situation.ts';

const EPOXY_WEAR: Wear[] = ['gloves', 'eye-protection', 'respirator-vapour'];
/** Pieces whose top edge lies open to the rain. */
const CATCHES_RAIN: readonly Element[] = ['gate', 'railing'];
const exteriorPreference = {
  'oil-primer': ['oil-primer'],
  'breathable-waterborne': ['microporous-primer', 'wood-acrylic-primer'],
  'epoxy-saturate': ['oil-primer'],
} as const;
/** The firm's rule for bare timber outside is heard on what is bare, whatever lies on the rest. */
const byExteriorRule = (c: Case) => ({
  prefer: exteriorPreference[c.rules.exteriorBare],
  ...(c.goesTo === 'solvent-borne' ? {} : { only: exteriorPreference[c.rules.exteriorBare] }),
});
const bareTimber = (c: Case) => c.bare && c.ground === 'timber' && !c.clear;

/** Tile, glass and plastic take up no water that could push a film off. */
const holdsNoWater = (c: Case) => c.ground === 'hard';

/** What weather and open grain ask for: bare, weathered and peeling timber outside, end grain, what is saturated. */
export const OUTSIDE: readonly Situation[] = [
  {
    id: 'exterior-bare-timber',
    source: 'house rule exteriorBare',
    when: (c) => bareTimber(c) && c.outside,
    steps: (c) => [
      ...(c.d.surface.isNew === true ? [] : [sanding(c, 100, 'Fresh, clean timber: grey wood holds no paint.')]),
      ...(c.rules.exteriorBare === 'epoxy-saturate'
        ? [
            {
              kind: 'pre-prime',
              family: 'penetrating-epoxy',
              coats: 2,
              method: 'flood',
              scope: 'all',
              wear: EPOXY_WEAR,
              why: ['House rule: epoxy to refusal before the primer, wet on wet, eyes covered at every pass.'],
            } satisfies Step,
          ]
        : []),
    ],
    needs: (c) => [
      {
        need: 'seal-wood',
        atLeast: 2,
        scope: 'all',
        ...byExteriorRule(c),
        why: 'Bare timber outside is primed on every face, edge and recess.',
      },
    ],
  },
  {
    id: 'exterior-letting-go',
    source: 'practice',
    when: (c) => c.outside && isLettingGo(c, 'cracking') && c.ground !== 'metal',
    steps: (c) => [
      {
        kind: 'inspect',
        why: [
          holdsNoWater(c)
            ? 'On plastic paint lets go where nobody cleaned, dulled or primed it for that: see which, before it is done again.'
            : 'Paint peels outside for a reason: find the water, the wrong product or the poor preparation first.',
        ],
      },
      ...(c.d.findings.moistureRead || c.is('damp') || holdsNoWater(c)
        ? []
        : [
            {
              kind: 'dry-out',
              waitMin: 2880,
              why: ['No reading yet: let it dry, and meter it before it is primed.'],
            } satisfies Step,
          ]),
      // A film that was taken off whole leaves no edge.
      ...(c.bare ? [] : [scraping(c, 'Scrape to an edge that holds.', whereItLetsGo(c))]),
      ...(holdsNoWater(c) && !c.bare ? [sanding(c, 180, 'Feather the edges: a step shows on so smooth a ground.', whereItLetsGo(c))] : []),
      ...(c.ground === 'timber' && !c.bare
        ? [sanding(c, 80, 'Abrade back to fresh timber.', whereItLetsGo(c)), sanding(c, 120, 'Feather the edges of what stays.', whereItLetsGo(c))]
        : []),
      ...(c.ground === 'timber' && c.rules.exteriorBare === 'epoxy-saturate'
        ? [
            {
              kind: 'pre-prime',
              family: 'penetrating-epoxy',
              coats: 2,
              method: 'flood',
              scope: 'bare-areas',
              wear: EPOXY_WEAR,
              why: ['House rule: epoxy to refusal on what is bare, wet on wet, eyes covered at every pass.'],
            } satisfies Step,
          ]
        : []),
    ],
    needs: (c) =>
      c.bare
        ? []
        : [
            c.ground === 'timber'
              ? {
                  need: 'seal-wood',
                  atLeast: 2,
                  scope: 'bare-areas',
                  ...byExteriorRule(c),
                  why: 'What is bare is primed before the day is out.',
                }
              : primedWhereBare(c, 'What is bare is primed.'),
          ],
  },
  {
    id: 'weathered',
    source: 'practice',
    when: (c) => c.is('weathered-wood'),
    steps: (c) => [sanding(c, 80, 'Grey fibres hold no paint: back to fresh timber.', whereItLetsGo(c)), sanding(c, 120, 'And finer.', whereItLetsGo(c))],
    needs: (c) =>
      c.clear || (c.bare && c.outside)
        ? []
        : [
            {
              need: 'seal-wood',
              atLeast: 2,
              scope: 'bare-areas',
              ...(c.outside ? byExteriorRule(c) : { prefer: ['wood-acrylic-primer'] as const }),
              why: 'Weathered timber is primed where it is bare.',
            },
          ],
  },
  {
    id: 'end-grain',
    source: 'practice',
    when: (c) => (meetsWater(c) && c.is('end-grain')) || (c.outside && c.is('rot')),
    steps: (c) => [
      {
        kind: 'pre-prime',
        family: 'penetrating-epoxy',
        coats: 3,
        scope: 'spots',
        method: 'flood',
        wear: EPOXY_WEAR,
        why: ['End grain drinks water: flood it with penetrating epoxy, pass after pass, until it takes no more, by its data sheet.', 'Eyes covered at every pass.'],
      },
      {
        kind: 'caulk',
        family: 'elastomeric-caulk',
        scope: 'spots',
        why: ['A flexible bead straight on the sealed end: the epoxy is its primer.'],
      },
      ...(CATCHES_RAIN.includes(c.d.surface.element)
        ? [
            {
              kind: 'other-trade',
              why: ['Top edges that catch rain get a capping, so that the end grain is not the gutter.'],
            } satisfies Step,
          ]
        : []),
    ],
  },
  {
    id: 'saturated-under-varnish',
    source: 'practice',
    when: (c) => c.outside && c.clear && c.ground === 'timber' && c.bare,
    steps: () => [
      {
        kind: 'pre-prime',
        family: 'penetrating-epoxy',
        coats: 2,
        scope: 'all',
        method: 'flood',
        wear: EPOXY_WEAR,
        why: ['Under varnish the whole piece is saturated, so that the film has no wet edge to lift from. Eyes covered at every pass.'],
      },
    ],
  },
  {
    id: 'new-timber-glaze',
    source: 'practice',
    when: (c) => c.bare && c.ground === 'timber' && c.outside && c.d.surface.isNew === true && !c.is('weathered-wood'),
    // A panel is sanded at the works: its face is closed, and has no glaze.
    steps: (c) =>
      isGluedBoard(c)
        ? [sanding(c, 120, 'A new panel is dulled with the grain, so that the primer soaks in.')]
        : [sanding(c, 80, 'New timber comes from the planer with a glaze that sheds paint: break it.'), sanding(c, 120, 'And finer, with the grain.')],
  },
];
