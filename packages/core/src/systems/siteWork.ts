import { freshGround, isYoungSlab, type FreshGround } from '../evidence/knowledge/moisture.ts';
import { chemistryOf, isCoat } from '../vocabulary/index.ts';
import { canRust, isClosed } from '../evidence/facts.ts';
import type { Case } from './case.ts';
import type { ChosenFinish } from './finish.ts';
import type { Step } from '../model/step.ts';
import { keptOnOil } from './onOil.ts';

/** What is waited for after the last coat, and when to come back. */
export function cureAndReturn(c: Case, finish: ChosenFinish): Step[] {
  const steps: Step[] = [];
  const days = finish.family === 'waterborne-alkyd' || finish.family === 'chalk-style' ? 14 : 7;
  if (c.furniture || c.d.surface.element === 'floor' || c.d.surface.element === 'stair') {
    steps.push({
      kind: 'cure-hold',
      waitMin: days * 1440,
      why: [`Nothing is loaded, stacked or dragged on it for ${days} days: the film is dry long before it is hard.`],
    });
  } else if (c.d.surface.element === 'door' || c.d.surface.element === 'window') {
    steps.push({
      kind: 'cure-hold',
      scope: 'hung',
      waitMin: 2880,
      why: ['A door or sash closed on soft paint sticks: leave it ajar for two days.'],
    });
  }
  if (movesInItsFirstYear(c))
    steps.push({
      kind: 'revisit',
      later: FIRST_YEAR,
      why: ['New timber moves through its first full year: check the joints then, make good and give the last coat.'],
    });
  else if (keptOnOil(c))
    steps.push({
      kind: 'revisit',
      later: FIRST_YEAR,
      why: ['A waterborne coat was left lying on oil: it is looked at again after a year.'],
    });
  return steps;
}

/** The ground lies bare and is too fresh to be painted; null where it is not, or where a meter has said that it is dry. */
export function stillFresh(c: Case): FreshGround | null {
  const fresh = c.bare ? freshGround(c.d.surface) : null;
  if (!fresh || !c.d.findings.moistureRead) return fresh;
  // A slab that nobody can date and that reads dry has stood its month long since: it dries slower than it hardens.
  const isDrySlab = isYoungSlab(c.d.surface) && c.d.surface.substrateAgeMonths === null && !c.is('damp');
  return fresh.byMeter || isDrySlab ? null : fresh;
}

const FIRST_YEAR = 'P12M';

/** New or green timber outside: its joints open in the first full year. */
export const movesInItsFirstYear = (c: Case) =>
  c.outside &&
  c.ground === 'timber' &&
  !isGluedBoard(c) &&
  (c.d.surface.isNew === true || (c.d.surface.substrateAgeMonths ?? 99) < 24);
/** Glued boards have no joints of solid timber that open, and come from no planer. */
export const isGluedBoard = ({ d }: Case) => d.surface.substrate === 'plywood' || d.surface.substrate === 'mdf';

/** End grain that gets wet: outside, in a room that streams, and where a window's water stands. */
export const meetsWater = (c: Case) =>
  c.outside ||
  c.d.surface.exposure === 'interior-wet' ||
  c.d.surface.element === 'window' ||
  c.d.surface.element === 'sill';

/** The water that new work came with, and why it dries by itself; null where the damp has another source, to be found. */
export function wetFromNew(c: Case): string | null {
  if (!c.bare) return null;
  if (c.ground === 'timber')
    return c.d.surface.isNew === true
      ? 'New timber comes wet from the yard, treated timber more so: stack it with air between.'
      : null;
  return freshGround(c.d.surface)
    ? 'It still holds the water that it was laid with: air through the room, and no heat that dries only its face.'
    : null;
}

/** What lies there rusts itself; elsewhere rust is a stain. */
export const rusts = (c: Case) => canRust(c.d.surface.substrate);

/** Bare metal, plastic, tile or laminate: nothing soaks into it, and what stained it lies on top. */
export const isClosedBare = (c: Case) => (c.bare || c.treatAs === 'laminate') && isClosed(c.ground);

/** Where zinc rusts it is gone; unless more of it lies open, iron is all that lies bare. */
export const rustsThroughZinc = (c: Case) =>
  c.d.surface.substrate === 'galvanised-metal' && c.is('rust-stain') && !c.is('peeling', 'flaking');

/** Solid timber and its veneers have dye of their own, and may be stained; pressed fibre has none. */
export const mayBleedDye = (c: Case) => c.ground === 'timber' && c.d.surface.substrate !== 'mdf';

/** Cut edges of a raw pressed board lie open. */
export const hasRawEdges = (c: Case) => c.bare && !c.clear && c.d.surface.substrate === 'mdf';

/** The second instalment, priced and booked with the first: fill, sand, dust off, and the last coat. */
export const afterTheFirstYear = (c: Case, finish: Step): Step[] => [
  {
    kind: 'fill',
    family: 'exterior-filler',
    scope: 'spots',
    waitMin: 60,
    later: FIRST_YEAR,
    why: ['What opened in the first year is filled.'],
  },
  {
    kind: 'sand',
    grit: 180,
    technique: c.wetOnly ? 'wet' : 'dry',
    later: FIRST_YEAR,
    why: ['The coat that has weathered is dulled for the last one.'],
  },
  { kind: 'tack-off', later: FIRST_YEAR, why: ['After the sanding, until a palm stays clean.'] },
  {
    ...finish,
    coats: 1,
    later: FIRST_YEAR,
    why: ['The last coat goes on after the first year, over what moved. It is priced and booked now.'],
  },
];

/** Whether a step fills a room with vapour: strong coats, solvents, strippers, what dulls a gloss. */
export function givesOffVapour({ kind, family }: Step): boolean {
  if (family === undefined) return false;
  const chemistry = chemistryOf(family);
  return chemistry === 'solvent-borne' || chemistry === 'alcohol-borne' || (isCoat(kind) && chemistry === 'two-part');
}

/** Taking off, closing, protecting and putting back. */
export function siteSteps(c: Case, work: readonly Step[]): Step[] {
  const element = c.d.surface.element;
  const steps: Step[] = [
    {
      kind: 'protect',
      why: [c.outside ? 'Cover plants, paths and glass below.' : 'Cover floors and what cannot be moved.'],
    },
  ];
  const strong = work.some(givesOffVapour);
  if (strong && !c.outside)
    steps.push({
      kind: 'ventilate',
      why: ['Solvent and alcohol vapour burn and harm: open windows, no flame, no pilot light.'],
    });
  const abrades = work.some((s) => ['sand', 'scrape', 'strip', 'degloss'].includes(s.kind));
  if (c.wetOnly && abrades)
    steps.push({
      kind: 'contain-lead',
      wear: ['respirator-dust', 'coverall', 'gloves'],
      why: [
        'Old paint may hold lead: sheet up, work wet, collect every flake. Local rules and licensed contractors decide what may be done.',
      ],
    });
  if (c.d.asbestos && c.d.surface.texture !== 'smooth' && work.some(disturbs))
    steps.push({
      kind: 'inspect',
      why: [
        'An old textured coating may hold asbestos: it is sampled first, and nothing is scraped, sanded or cut before the answer is there. A licensed surveyor decides.',
      ],
    });
  if (element === 'door' || element === 'cabinet' || element === 'gate') {
    steps.push(
      {
        kind: 'remove-hardware',
        why: [
          c.outside
            ? 'Hinges, latch and handle come off, and their recesses are primed: paint goes under hardware, not round it.'
            : 'Paint under hardware, not round it.',
        ],
      },
      { kind: 'refit-hardware', why: ['Back on once it can be handled.'] },
    );
  }
  if (((element === 'door' || element === 'gate') && c.outside) || element === 'cabinet') {
    steps.push(
      { kind: 'unhang', why: ['Laid flat, it takes an even film and every edge is reached.'] },
      { kind: 'rehang', why: ['Hung again once it can be handled.'] },
    );
    if (c.outside && element === 'door')
      steps.push({
        kind: 'close-opening',
        why: ['The house is not left open: board the opening, or hang it again by evening.'],
      });
  }
  if (isMasked(c, work))
    steps.push(
      {
        kind: 'mask',
        why: ['Sheets and tape go on once the dust is off and before the first coat.', ...sprayWords(work)],
      },
      { kind: 'unmask', why: ['Tape comes off while the last coat is soft, pulled back on itself.'] },
    );
  steps.push({
    kind: 'clean-up',
    why: [
      strong
        ? 'Solvent and oily rags lie flat to dry outside, or go into water: heaped, they heat by themselves.'
        : 'Tools, tins and labels put away; batch numbers noted.',
    ],
  });
  return steps;
}

/** Wet or dry: what breaks into a coating lets go what is in it. */
const disturbs = ({ kind }: Step) =>
  kind === 'sand' || kind === 'scrape' || kind === 'strip' || kind === 'replace-board';

const isSprayed = (s: Step) => s.method === 'spray' || s.method === 'aerosol';
/** Glass beside every bar, and whatever is sprayed: nobody cuts those in by hand. */
const isMasked = (c: Case, work: readonly Step[]) =>
  work.some((s) => isCoat(s.kind)) && (c.d.surface.element === 'window' || work.some(isSprayed));
const sprayWords = (work: readonly Step[]) =>
  work.some(isSprayed) ? ['Where it is sprayed, both sides of a bead and all round the spot are covered.'] : [];
