import { capital } from '../units/capital.ts';
import {
  FAMILY_LABELS,
  isCoat,
  type BlockCode,
  type Condition,
  type Family,
  type StepKind,
} from '../vocabulary/index.ts';
import { limitWords } from '../evidence/knowledge/moisture.ts';
import { placesOf } from '../evidence/measured.ts';
import { makerOfAll } from '../shelf/usable.ts';
import { caseInZone, type Case } from './case.ts';
import type { Composed } from './compose.ts';
import { finishFails } from './finish.ts';
import { isSlipOfDistemper } from './knowledge/situations/situation.ts';
import { isUndrawn, siliconeRule, siliconeStays } from './joints.ts';
import { whereWords } from './zones.ts';
import { OUTSIDE_FINISHES } from './knowledge/outsideFinishes.ts';
import { PRIMERS } from './knowledge/primers.ts';
import { laysFilm, liesOnOil, oilBlocks, primes, wholeFace } from './onOil.ts';
import { coatFamilies, type Step } from '../model/step.ts';

/** What may not be done until a fact releases it. Never merely a warning. */
export interface Block {
  code: BlockCode;
  text: string;
  until: string;
}

interface BlockRow {
  code: BlockCode;
  /** What is of its place by nature, and is told by the places where a test found it. */
  of?: Condition;
  holds: (c: Case, made: Composed) => boolean;
  /** True where steps would do what is blocked. Left out where the shelf decides, not the steps. */
  breaks?: (steps: readonly Step[], c: Case) => boolean;
  text: (c: Case, made: Composed) => string;
  until: (c: Case, made: Composed) => string;
}

function oneMakerFails(c: Case, made: Composed): boolean {
  if (c.rules.makers !== 'one-maker') return false;
  const families = coatFamilies(made.steps);
  return families.length > 1 && makerOfAll(families, c.shelf) === null;
}

/** True where one of these is done before the first film is laid. */
function doneFirst(steps: readonly Step[], kinds: readonly StepKind[]): boolean {
  const first = steps.findIndex(laysFilm);
  return steps.slice(0, first < 0 ? undefined : first).some((s) => kinds.includes(s.kind));
}
const ABRADES: readonly StepKind[] = ['sand', 'scrape', 'sand-between', 'strip', 'distress'];
const SHELLACS: readonly (Family | undefined)[] = ['shellac-primer', 'clear-shellac'];

const isBridged = (steps: readonly Step[]) => steps.some((s) => s.kind === 'caulk');
const isBlocked = (steps: readonly Step[]) => steps.some((s) => s.kind === 'spot-prime' && s.family === 'oil-primer');

/** Silicone that stays by the house rule, or by what was decided on its joint, is bridged or blocked. */
function bridgedByRule(steps: readonly Step[], c: Case): boolean {
  if (!isUndrawn(c, 'silicone')) return siliconeStays(c) && (isBridged(steps) || isBlocked(steps));
  const rule = siliconeRule(c);
  return rule === 'bridge' ? isBridged(steps) : rule === 'block-with-oil' && isBlocked(steps);
}

/** The scale on which the last reading was taken. */
const scaleRead = (c: Case) => c.d.tests.findLast((t) => t.kind === 'moisture-meter')?.scale ?? 'wood';

const BLOCKS: readonly BlockRow[] = [
  {
    code: 'dry-sand-lead',
    holds: (c) => c.wetOnly,
    breaks: (steps) => steps.some((s) => ABRADES.includes(s.kind) && s.technique === 'dry'),
    text: (c) =>
      c.d.lead === 'positive'
        ? 'Lead was found: no dry sanding, dry scraping or heat.'
        : `Built before ${c.d.surface.leadYear} and not tested: treated as leaded. No dry sanding, dry scraping or heat.`,
    until: () =>
      'A swab on a notch through all layers is negative. Local rules and licensed contractors decide what may be done.',
  },
  {
    code: 'waterborne-on-oil',
    holds: oilBlocks,
    breaks: liesOnOil,
    text: () => 'No waterborne paint straight onto untreated oil gloss: it peels.',
    until: () => 'It is dulled and a gripping primer is on, or a patch has held at three days.',
  },
  {
    code: 'paint-on-silicone',
    of: 'silicone',
    holds: (c) => c.is('silicone', 'sealant-unknown'),
    breaks: (steps, c) =>
      !doneFirst(steps, c.is('silicone') ? ['remove-sealant'] : ['remove-sealant', 'test-patch']) &&
      !bridgedByRule(steps, c),
    text: (c) =>
      c.is('silicone')
        ? 'Paint crawls on silicone and never holds.'
        : 'The bead may be silicone: paint would crawl on it.',
    until: () => 'It is cut out and a dab of paint wets the place.',
  },
  {
    code: 'paint-on-damp',
    of: 'damp',
    holds: (c) => c.is('damp'),
    breaks: (steps) => !doneFirst(steps, ['dry-out']),
    text: (c) => `Damp: over ${limitWords(c.d.surface.substrate, scaleRead(c))} nothing is sealed in.`,
    until: (c) => `The cause is found and a meter reads ${limitWords(c.d.surface.substrate, scaleRead(c))} or less.`,
  },
  {
    code: 'paint-on-rot',
    of: 'rot',
    holds: (c) => c.is('rot'),
    breaks: (steps) => !doneFirst(steps, ['repair', 'replace-board']),
    text: () => 'Rot goes on under paint.',
    until: () => 'It is cut out or replaced and the probe finds firm timber.',
  },
  {
    code: 'paint-on-paste',
    holds: (c) => c.is('paste-residue'),
    breaks: (steps) => !doneFirst(steps, ['wash']) && primes(steps.find(laysFilm)?.family, 'seal-paste') < 2,
    text: (c) =>
      isSlipOfDistemper(c)
        ? 'Distemper wakes under waterborne paint, and lets go with it.'
        : 'Paste wakes under waterborne paint and bubbles.',
    until: () => 'It is washed off and a damp sponge stays clean.',
  },
  {
    code: 'paint-on-mould',
    of: 'mould',
    holds: (c) => c.is('mould'),
    breaks: (steps) => !doneFirst(steps, ['mould-treat']),
    text: () => 'Mould grows through new paint.',
    until: () => 'It is treated, and a drop of bleach no longer lightens anything.',
  },
  {
    code: 'interior-product-outside',
    holds: (c) =>
      c.outside &&
      c.wanted.family !== null &&
      (finishFails(c.wanted.family, c) === 'it is made for indoors' ||
        PRIMERS.some((p) => p.family === c.wanted.family && p.outside === 'no')),
    text: (c) => `${capital(FAMILY_LABELS[c.wanted.family!])} is made for indoors.`,
    until: () =>
      `An exterior family is chosen: ${OUTSIDE_FINISHES.slice(0, 3)
        .map((f) => FAMILY_LABELS[f])
        .join(', ')}.`,
  },
  {
    code: 'shellac-outside-at-large',
    holds: (c) => c.outside && (c.rules.blocker === 'shellac' || c.wanted.family === 'shellac-primer'),
    breaks: (steps) => steps.some((s) => isCoat(s.kind) && SHELLACS.includes(s.family) && wholeFace(s)),
    text: () => 'Outdoors shellac is for spots: sun and rain break it.',
    until: () => 'Another blocker is taken for the whole face.',
  },
  {
    code: 'shellac-on-heat',
    holds: (c) => c.hot && (c.rules.blocker === 'shellac' || c.wanted.family === 'shellac-primer'),
    breaks: (steps) => steps.some((s) => isCoat(s.kind) && SHELLACS.includes(s.family)),
    text: () => 'Shellac softens on hot surfaces.',
    until: () => 'A primer that stands heat is taken.',
  },
  {
    code: 'incompatible-makers',
    holds: oneMakerFails,
    text: () => 'House rule: one maker throughout; no maker on this shelf has every coat.',
    until: () => 'A maker with every coat is on the shelf, or the rule is lifted for this surface.',
  },
  {
    code: 'nothing-on-shelf',
    holds: (_c, made) => made.toBuy.length > 0,
    text: (_c, made) => `Nothing on this shelf fits: ${made.toBuy.map((f) => FAMILY_LABELS[f]).join(', ')} is missing.`,
    until: (_c, made) => `Buy ${made.toBuy.map((f) => FAMILY_LABELS[f]).join(' and ')}.`,
  },
];

/** Every block whose condition holds and whose releasing fact is missing, also where the system already holds the remedy. Where no film is laid none can be laid wrongly. */
export function blocksOn(c: Case, made: Composed): Block[] {
  const rows = c.wanted.leaveBare ? BLOCKS.filter(({ code }) => code === 'dry-sand-lead') : BLOCKS;
  return rows
    .filter((row) => row.holds(c, made))
    .map((row) => ({
      code: row.code,
      text: `${row.text(c, made)}${whereWords(onlyIn(row, c, made))}`,
      until: row.until(c, made),
    }));
}

/** The names of the places where it holds, where it does not hold everywhere, or was found there alone. */
function onlyIn(row: BlockRow, c: Case, made: Composed): string[] {
  const { zones, tests, surface } = c.d;
  if (zones.length < 2) return row.of ? placesOf(row.of, tests, surface) : [];
  const there = zones.filter((zone) => row.holds(caseInZone(c, zone), made));
  return there.length < zones.length ? there.flatMap(({ places }) => places) : [];
}

/** What must never be done here, whoever asks for it: for a system that departs, its facts are asked of the steps. */
const ALWAYS: readonly BlockRow[] = [
  {
    code: 'interior-product-outside',
    holds: (c) => c.outside,
    breaks: (steps, c) =>
      steps.some((s) => {
        if (!s.family || !isCoat(s.kind)) return false;
        const primer = PRIMERS.find((p) => p.family === s.family);
        return primer ? primer.outside === 'no' : finishFails(s.family, c) === 'it is made for indoors';
      }),
    text: () => 'A product made for indoors does not last outside.',
    until: () => 'An exterior family is taken.',
  },
  { ...BLOCKS.find((row) => row.code === 'shellac-outside-at-large')!, holds: (c) => c.outside },
  { ...BLOCKS.find((row) => row.code === 'shellac-on-heat')!, holds: (c) => c.hot },
];

/** The blocks that a list of steps would break: what nobody may sign for. Empty for every system that is composed here. */
export function forbiddenIn(steps: readonly Step[], c: Case, made: Composed): Block[] {
  const found = new Map<BlockCode, Block>();
  for (const row of [...BLOCKS, ...ALWAYS])
    if (row.breaks && row.holds(c, made) && row.breaks(steps, c))
      found.set(row.code, { code: row.code, text: row.text(c, made), until: row.until(c, made) });
  return [...found.values()];
}
