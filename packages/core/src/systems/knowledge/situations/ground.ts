import type { Family } from '../../../vocabulary/index.ts';
import type { Case } from '../../case.ts';
import type { Step } from '../../../model/step.ts';
import { isClosed, isWalkedOn } from '../../../evidence/facts.ts';
import { keepsTexture } from '../../texture.ts';
import { selfPriming } from '../../finish.ts';
import { choosePrimer, type PrimerNeed } from '../../primer.ts';
import { freshWaitMin } from '../../../evidence/knowledge/moisture.ts';
import { hasRawEdges, meetsWater, rusts, rustsThroughZinc, stillFresh } from '../../siteWork.ts';
import { isLocal, standsAllOver, whereItLetsGo, whereMeasured } from '../../local.ts';
import { isDusty, isSlipOfDistemper, sanding, scraping, washing, type Situation } from './situation.ts';

/** What seals places that drink before the face is primed; the first preferred, where none fits. */
type Sealer = Pick<PrimerNeed, 'need' | 'atLeast'> & { prefer: readonly [Family, ...Family[]] };
const EDGES: Sealer = { need: 'seal-wood', atLeast: 1, prefer: ['shellac-primer'] };
const END_GRAIN: Sealer = { need: 'seal-wood', atLeast: 1, prefer: ['wood-acrylic-primer'] };
const TORN: Sealer = { need: 'seal-torn', atLeast: 2, prefer: ['penetrating-sealer', 'shellac-primer', 'low-odour-oil-primer'] };
const sealingFirst = (c: Case, sealer: Sealer, why: string): Step => ({
  kind: 'pre-prime',
  family: choosePrimer([{ ...sealer, scope: 'spots', why: '' }], c)?.family ?? sealer.prefer[0],
  coats: 1,
  scope: 'spots',
  method: 'brush',
  why: [why],
});

const bareTimber = (c: Case) => c.bare && c.ground === 'timber' && !c.clear;
const paintedBefore = (c: Case) => c.d.surface.currentFinish === 'waterborne-acrylic' || c.d.tests.some((t) => t.kind === 'spirit-rub' && t.result === 'transfer');

/** Timber full of tannin that lies bare. */
const bleedsByNature = (c: Case) => c.bare && c.d.surface.substrate === 'tannin-wood';

/** Paper came off here and took the face with it; a tear that was measured, or in new board, asks nothing of the rest. */
const isTorn = (c: Case) => c.is('torn-board-face') && c.d.surface.isNew !== true && !isLocal(c, 'torn-board-face');

/** Bare masonry that has stood in the weather; water drives salts back in, and what is damp dries first. */
const hasWeathered = (c: Case) => c.outside && c.d.surface.isNew !== true && !c.is('damp') && !standsAllOver(c, 'efflorescence');
const WEATHER_WASHED: readonly Step[] = washing('alkaline-cleaner', 'The weather leaves dirt and green growth on a wall: it is washed before anything soaks in.').map((step) =>
  step.kind === 'rinse' ? { ...step, waitMin: 1440, why: ['Rinse from the top down, and let the wall dry for a day.'] } : step,
);

/** What binds chalk: on a wall what soaks in, on timber what grips as well, since nobody knows how much of the old film is left under it. */
function boundBy({ ground }: Case): Pick<PrimerNeed, 'atLeast' | 'prefer' | 'only'> {
  if (ground === 'masonry') return { atLeast: 3, prefer: ['masonry-primer', 'penetrating-sealer'] };
  return ground === 'timber' ? { atLeast: 1, only: ['oil-primer', 'low-odour-oil-primer'] } : { atLeast: ground === 'plaster' ? 3 : 1, prefer: ['penetrating-sealer'] };
}

/** The ground itself: board, plaster, timber, paper, laminate, masonry, metal, tile. */
export const GROUND: readonly Situation[] = [
  {
    id: 'new-board',
    source: 'practice',
    when: (c) => c.bare && c.d.surface.substrate === 'drywall' && !isTorn(c) && !standsAllOver(c, 'paste-residue'),
    steps: (c) =>
      // Board that was never sanded and leaves the palm clean is left alone.
      c.d.findings.handWipeClean || c.d.surface.sanded === false
        ? []
        : [
            {
              kind: 'dust-off',
              wear: ['respirator-dust', 'coverall', 'eye-protection'],
              why: [
                'Joint dust lies on new board: vacuum and wipe until a palm stays clean.',
                'It is the dustiest work of the job: head covered, windows open, nothing wet nearby.',
              ],
            },
          ],
    needs: (c) =>
      selfPriming(c)
        ? []
        : [
            {
              need: 'seal-board',
              atLeast: 3,
              scope: 'all',
              prefer: ['pva-primer', 'multi-purpose-acrylic-primer'],
              why: 'Paper face and joint filler drink differently and flash unless primed.',
            },
          ],
  },
  {
    id: 'fresh-ground',
    source: 'practice',
    when: (c) => stillFresh(c) !== null,
    steps: (c) => {
      const fresh = stillFresh(c)!;
      return [{ kind: 'dry-out', waitMin: freshWaitMin(fresh, c.d.surface), why: [fresh.why] }];
    },
  },
  {
    id: 'bare-plaster',
    source: 'practice',
    when: (c) => c.bare && c.ground === 'plaster' && c.d.surface.substrate !== 'drywall' && !standsAllOver(c, 'paste-residue'),
    steps: () => [{ kind: 'dust-off', why: ['Bare plaster carries dust.'] }],
    needs: () => [
      {
        need: 'seal-plaster',
        atLeast: 2,
        scope: 'all',
        prefer: ['multi-purpose-acrylic-primer'],
        why: 'The first coat on bare plaster goes on thinned, so that it soaks in instead of lying on top.',
      },
    ],
  },
  {
    id: 'paste-residue',
    source: 'practice',
    when: (c) => c.is('paste-residue') && !isSlipOfDistemper(c),
    steps: (c) =>
      [
        {
          kind: 'wash',
          family: 'alkaline-cleaner',
          why: ['Paste wakes under waterborne paint, bubbles and crackles: wash it off with warm water, twice.'],
        } satisfies Step,
        { kind: 'rinse', waitMin: 240, why: ['Rinse until a damp sponge no longer slides.'] } satisfies Step,
        { kind: 'dry-out', waitMin: 1440, why: ['The washed wall dries before it is sanded.'] } satisfies Step,
        ...(keepsTexture(c) ? [] : [sanding(c, 150, 'Sand off the last of the paste and the raised fibres.')]),
      ].map((step) => ({ ...step, ...whereMeasured(c, 'paste-residue') })),
    needs: (c) => [
      {
        need: 'seal-paste',
        atLeast: 2,
        scope: whereMeasured(c, 'paste-residue').scope ?? 'all',
        prefer: ['penetrating-sealer', 'shellac-primer', 'low-odour-oil-primer'],
        why: 'What paste is left is locked in by a sealer that is not woken by water.',
      },
    ],
  },
  {
    id: 'torn-face',
    source: 'practice',
    when: (c) => c.is('torn-board-face'),
    steps: (c) => [
      ...(isDusty(c) ? [{ kind: 'dust-off', early: true, why: ['Dust from the sanding comes off first: a sealer on dust lets go with it.'] } satisfies Step] : []),
      { ...sealingFirst(c, TORN, 'Torn paper face bubbles when wetted: it is sealed before water, filler or paint touches it.'), early: true },
      { kind: 'fill', family: 'filler', waitMin: 60, scope: 'spots', why: ['Skim the torn places once they are sealed.'] },
      sanding(c, 180, 'Level the filler and trim loose fibres.', { scope: 'spots' }),
    ],
    needs: (c) => [
      { need: 'seal-filler', atLeast: 2, scope: 'spots', why: 'The skimmed places are primed.' },
      ...(c.bare && isTorn(c)
        ? [
            {
              need: 'seal-plaster',
              atLeast: 2,
              scope: 'all',
              prefer: ['multi-purpose-acrylic-primer'],
              why: 'A stripped wall drinks unevenly, and is primed all over.',
            } as const,
          ]
        : []),
    ],
  },
  {
    id: 'wallpaper-kept',
    source: 'practice',
    when: (c) => c.ground === 'paper',
    steps: (c) => [
      ...(c.is('loose-paper', 'peeling')
        ? [
            {
              kind: 'stick-down',
              family: 'seam-adhesive',
              waitMin: 240,
              ...(isLocal(c, 'loose-paper', 'peeling') ? { scope: 'spots' as const } : {}),
              why: ['Loose seams and blisters are cut, stuck and rolled.'],
            } satisfies Step,
          ]
        : []),
      { kind: 'fill', family: 'filler', why: ['Fill open seams so that they do not show through.'] },
    ],
    needs: (c) =>
      // Paper under paint is sealed by it, by oil above all: what lies on that has to grip, not to seal.
      paintedBefore(c) || c.treatAs === 'oil' || c.treatAs === 'over-oil'
        ? []
        : [
            {
              need: 'seal-paper',
              atLeast: 2,
              scope: 'all',
              prefer: ['wallpaper-sealer', 'stain-blocking-acrylic-primer'],
              why: 'Waterborne paint wets the paste behind bare paper: it is sealed first.',
            },
          ],
  },
  {
    id: 'bare-timber-inside',
    source: 'practice',
    when: (c) => bareTimber(c) && !c.outside && !selfPriming(c),
    steps: (c) => [
      ...(hasRawEdges(c)
        ? [
            sanding(c, 240, 'The pressed face is scuffed and not sanded through; cut edges are sanded smooth.'),
            sealingFirst(c, EDGES, 'Cut edges of MDF drink, and swell and fur up under water: they are sealed first, and sanded with the first coat.'),
          ]
        : [sanding(c, 150, 'Bare timber is sanded to an even, clean face.')]),
      ...(c.is('end-grain') && !meetsWater(c) && !hasRawEdges(c)
        ? [sealingFirst(c, END_GRAIN, 'End grain drinks more than the face and dries dull: it gets a coat before the rest.')]
        : []),
    ],
    needs: (c) => [
      {
        need: 'seal-wood',
        atLeast: 2,
        scope: 'all',
        prefer: c.goesTo === 'solvent-borne' ? ['oil-primer'] : ['wood-acrylic-primer'],
        why: 'Bare timber is primed so that the finish does not sink.',
      },
    ],
  },
  {
    id: 'bare-timber-self-primed',
    source: 'house rule bareTimberInside',
    when: (c) => bareTimber(c) && selfPriming(c),
    steps: (c) => [sanding(c, 150, 'Bare timber is sanded to an even, clean face.')],
  },
  {
    id: 'clear-on-bare-timber',
    source: 'practice',
    when: (c) => c.bare && c.ground === 'timber' && c.clear,
    steps: (c) => [sanding(c, 120, 'Under a clear film every scratch shows: sand with the grain.'), sanding(c, 180, 'And finer.')],
  },
  {
    id: 'floor',
    source: 'practice',
    when: (c) => isWalkedOn(c.d.surface) && !c.clear && c.d.surface.isNew !== true,
    steps: (c) => [
      ...washing('degreaser', 'Feet carry grease: degrease the floor before anything opens its face.'),
      sanding(c, 80, c.ground === 'masonry' ? 'Abrade or etch the floor, so that the paint can bite.' : 'Abrade the floor all over.'),
    ],
  },
  {
    id: 'new-slab',
    source: 'practice',
    when: (c) => isWalkedOn(c.d.surface) && c.ground === 'masonry' && c.d.surface.isNew === true,
    steps: (c) => [sanding(c, 80, 'A trowelled slab is closed, and its skin is weak: abrade or etch it, so that the paint can bite.')],
  },
  {
    id: 'tannin-timber',
    source: 'practice',
    when: (c) => !c.clear && (c.is('tannin-bleed') || bleedsByNature(c)),
    needs: (c) => [
      {
        need: 'block-tannin',
        atLeast: 2,
        // Brown that was measured is blocked where it came through.
        scope: !bleedsByNature(c) && isLocal(c, 'tannin-bleed') ? 'spots' : 'all',
        prefer: c.is('tannin-bleed') ? ['shellac-primer', 'oil-primer'] : ['stain-blocking-acrylic-primer', 'shellac-primer', 'oil-primer'],
        // Oil over a primer that breathes would shut in what that lets out; where no brown has come yet, waterborne holds it.
        ...(c.outside && c.rules.exteriorBare === 'breathable-waterborne' && !c.is('tannin-bleed') ? { only: ['stain-blocking-acrylic-primer'] as const } : {}),
        why: 'Tannin rises brown through waterborne paint: the primer must block it.',
      },
    ],
  },
  {
    id: 'knots',
    source: 'practice',
    when: (c) => c.is('knots') && !c.clear,
    needs: (c) => [
      {
        need: 'block-knots',
        // What holds them best does not stand heat.
        atLeast: c.hot ? 2 : 3,
        scope: 'spots',
        prefer: ['shellac-primer'],
        why: `Resin in knots bleeds for years: ${c.hot ? 'the strongest blocker that stands heat' : 'shellac'} over each.`,
      },
    ],
  },
  {
    id: 'raw-edges-of-laminate',
    source: 'practice',
    when: (c) => c.ground === 'laminate' && c.is('end-grain'),
    steps: (c) => [sealingFirst(c, EDGES, 'Where the board under the laminate lies open at an edge it drinks and swells: it is sealed first.')],
  },
  {
    id: 'laminate',
    source: 'practice',
    when: (c) => c.ground === 'laminate' && c.treatAs === 'laminate',
    steps: (c) => [
      ...washing('degreaser', 'Laminate is handled: polish and grease stop any primer.'),
      sanding(c, 220, 'A scuff, not through the face: it gives the primer more than its own grip.'),
    ],
    needs: () => [
      {
        need: 'grip-laminate',
        atLeast: 3,
        scope: 'all',
        prefer: ['shellac-primer', 'bonding-acrylic-primer'],
        why: 'Nothing bites into laminate: the primer must bond to it.',
      },
    ],
  },
  {
    id: 'painted-laminate',
    source: 'practice',
    when: (c) => c.ground === 'laminate' && c.treatAs !== 'laminate' && c.d.findings.adhesion !== 'grips',
    needs: () => [
      {
        need: 'grip-laminate',
        atLeast: 3,
        scope: 'bare-areas',
        why: 'Where the old paint comes away, the laminate under it needs a bonding primer.',
      },
    ],
  },
  {
    id: 'tile-glass-plastic',
    source: 'practice',
    when: (c) => c.ground === 'hard' && c.treatAs === 'bare',
    steps: (c) => [
      ...washing('degreaser', 'Soap, grease and polish come off first.'),
      sanding(c, 220, c.d.surface.substrate === 'glass' ? 'Abrade the glass until it is matt all over: fine and wet, or etched.' : 'Abrade the glaze or the skin all over.'),
    ],
    needs: () => [
      {
        need: 'grip-hard',
        atLeast: 2,
        scope: 'all',
        prefer: ['bonding-acrylic-primer'],
        why: 'Hard, closed ground: only a bonding primer holds.',
      },
    ],
  },
  {
    id: 'end-grain-inside',
    source: 'practice',
    when: (c) => c.is('end-grain') && c.ground === 'timber' && !c.bare && !c.clear && !c.outside && !meetsWater(c),
    steps: (c) => [sealingFirst(c, END_GRAIN, 'End grain that lies open drinks: it gets a coat before the rest.')],
  },
  {
    id: 'bare-metal',
    source: 'practice',
    when: (c) => c.ground === 'metal' && (c.treatAs === 'bare' || (c.is('rust-stain') && rusts(c))),
    steps: (c) => [
      ...washing('degreaser', 'Metal is degreased before it is abraded.'),
      c.is('rust-stain', 'peeling', 'flaking') ? scraping(c, 'Wire-brush and scrape to sound metal.', whereItLetsGo(c)) : sanding(c, 180, 'Dull the metal.'),
      sanding(c, 180, 'Abrade to sound, clean metal and feather the edges.', whereItLetsGo(c)),
    ],
    needs: (c) => {
      const scope = c.treatAs === 'bare' ? 'all' : 'bare-areas';
      if (c.d.surface.substrate !== 'ferrous-metal')
        return [
          ...(rustsThroughZinc(c) && scope !== 'all'
            ? []
            : [
                {
                  need: 'grip-nonferrous',
                  atLeast: 2,
                  scope,
                  prefer: ['etch-primer'],
                  why: 'Zinc and aluminium shed ordinary primers: etch primer bites.',
                } as const,
              ]),
          ...(c.is('rust-stain') && c.d.surface.substrate === 'galvanised-metal'
            ? [
                {
                  need: 'block-rust',
                  atLeast: 2,
                  // Where paint came off as well, most of what lies bare is zinc, and sheds what holds back rust.
                  scope: rustsThroughZinc(c) ? 'bare-areas' : 'spots',
                  prefer: ['metal-primer'],
                  why: 'Where it rusts the zinc is gone: that is bare iron.',
                } as const,
              ]
            : []),
        ];
      return [
        {
          need: 'grip-metal',
          atLeast: 2,
          scope,
          prefer: ['metal-primer'],
          why: 'Bare iron is primed the same day, or it rusts.',
        },
        ...(c.is('rust-stain')
          ? [
              {
                need: 'block-rust',
                atLeast: 2,
                scope,
                prefer: ['metal-primer'],
                why: 'Rust comes back through an ordinary primer.',
              } as const,
            ]
          : []),
      ];
    },
  },
  {
    id: 'bare-masonry',
    source: 'practice',
    when: (c) => c.ground === 'masonry' && c.treatAs === 'bare',
    steps: (c) => [{ kind: 'dust-off', why: ['Brush off loose sand and dirt.'] }, ...(hasWeathered(c) ? WEATHER_WASHED : [])],
    needs: () => [{ need: 'seal-masonry', atLeast: 3, scope: 'all', why: 'Bare masonry drinks unevenly: prime it.' }],
  },
  {
    id: 'salts',
    source: 'practice',
    when: (c) => c.is('efflorescence'),
    steps: (c) => {
      const where = whereMeasured(c, 'efflorescence');
      return [
        { kind: 'inspect', why: ['Salts come with water: find where it gets in before anything is painted.'] },
        { kind: 'dust-off', early: true, ...where, why: ['Brush the salts off dry, before anything is wetted; washing drives them back in.'] },
        { kind: 'dry-out', waitMin: 20160, ...where, why: ['Wait until no new bloom shows.'] },
        { kind: 'dust-off', ...where, why: ['Brush once more when it is dry.'] },
      ];
    },
    needs: (c) => [
      {
        need: c.ground === 'masonry' ? 'seal-masonry' : 'seal-plaster',
        atLeast: 2,
        scope: whereMeasured(c, 'efflorescence').scope ?? 'all',
        why: 'Once dry, the face is bound by a primer that lets vapour through.',
      },
    ],
  },
  {
    id: 'chalk',
    source: 'ISO 4628-6',
    when: (c) => c.is('chalking') && c.treatAs !== 'distemper',
    // Water drives salts back in: where they bloom, what is loose goes with them, dry.
    steps: (c) =>
      standsAllOver(c, 'efflorescence') ? [] : washing('alkaline-cleaner', 'Chalk is a weathered binder: paint laid on it comes away with it.', whereMeasured(c, 'chalking')),
    // On closed grounds it washes off, and there is nothing that a sealer could soak into.
    needs: (c) =>
      isClosed(c.ground)
        ? []
        : [
            {
              need: 'seal-chalk',
              ...boundBy(c),
              scope: whereMeasured(c, 'chalking').scope ?? 'all',
              why: standsAllOver(c, 'efflorescence') ? 'What chalk the brush leaves is bound.' : 'What chalk stays after washing is bound.',
            },
          ],
  },
];
