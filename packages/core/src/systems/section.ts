import { capital } from '../units/capital.ts';
import {
  chemistryOf,
  FAMILY_LABELS,
  FINISH_LABELS,
  isCoat,
  SUBSTRATE_LABELS,
  TINT_LABELS,
  type Chemistry,
  type Family,
  type Finish,
  type Ground,
} from '../vocabulary/index.ts';
import { UNDER_LAYER_LABELS, type UnderLayer } from '../evidence/knowledge/layers.ts';
import { layersUnder } from '../evidence/stacks.ts';
import type { Product } from '../model/product.ts';
import { caseInZone, type Case } from './case.ts';
import { ELSEWHERE } from './zones.ts';
import type { Step } from '../model/step.ts';

/** How a film holds on the layer below. */
export type Bond = 'sound' | 'weak' | 'gone';

/** How a layer is known: seen or tested, inferred, laid by us, or still to come. */
export type LayerStanding = 'found' | 'inferred' | 'laid' | 'to-come';

/** One layer of the section through the paint, from the substrate up. Film in µm, null where it has no thickness to speak of. */
export interface Layer {
  id: string;
  role: 'substrate' | 'film' | 'preparation';
  words: string;
  detail: string;
  chemistry: Chemistry | 'clear' | null;
  ground: Ground | null;
  colour: string | null;
  um: number | null;
  standing: LayerStanding;
  /** The plan step that lays it, `s4` or `s4c2`. */
  stepId: string | null;
  /** How an old film holds on what is under it; null where that is not asked. */
  bond: Bond | null;
}

const CHEMISTRY_OF_FINISH: Partial<Record<Finish, Chemistry | 'clear'>> = {
  'waterborne-acrylic': 'waterborne',
  'oil-alkyd': 'solvent-borne',
  'clear-oil-varnish': 'clear',
  'waterborne-clear': 'clear',
  shellac: 'alcohol-borne',
  lacquer: 'clear',
  stain: 'clear',
  'wax-oil': 'clear',
  'factory-laminate': 'two-part',
  distemper: 'waterborne',
  'primer-only': 'waterborne',
  'unknown-aerosol': 'solvent-borne',
};
const TINT_COLOURS = {
  white: '#f4f2ec',
  'grey-light': '#c9c9c5',
  'grey-mid': '#a2a3a1',
  'grey-deep': '#77797a',
  'toward-finish': null,
} as const;
const OLD_FILM_UM = 60;
const UNDER_FINISH: Record<UnderLayer, Finish> = {
  'older-oil': 'oil-alkyd',
  'older-waterborne': 'waterborne-acrylic',
  'clear-or-stain': 'clear-oil-varnish',
  distemper: 'distemper',
  primer: 'primer-only',
};
/** From which chance a layer beneath is drawn, is called likely, and counts as found. */
const WORTH_DRAWING = 0.25;
const LIKELY = 0.6;
const SEEN = 0.97;
const MOST_UNDER = 2;
/** How the weakest bond of the old films most likely stands; null where nobody tried it. */
function bondOf(c: Case): Bond | null {
  const { weak, gone } = c.d.bonds[c.treatAs];
  if (c.d.findings.adhesion === 'unknown') return null;
  if (c.d.findings.adhesion === 'grips' && 1 - weak - gone >= Math.max(weak, gone)) return 'sound';
  return gone > weak ? 'gone' : 'weak';
}

/** Which of the old films, from the ground up, the bond is under: the lowest where it likelier lets go of the ground. */
const boundAt = (c: Case, films: number) => (c.d.bonds[c.treatAs].atGround > 0.5 ? 0 : films - 1);

function existing(c: Case): Layer[] {
  const { odds, likeliest, surface } = c.d;
  const tested = c.d.tests.length > 0 || surface.currentFinish !== null;
  // As the list of finishes rounds it, so that drawing and list say one figure.
  const percent = `${Math.round(Math.round(odds[likeliest] * 1e4) / 100)} %`;
  const film = (
    id: string,
    finish: Finish,
    words: string,
    detail: string,
    standing: LayerStanding,
    colour: string | null,
  ): Layer => ({
    id,
    role: 'film',
    words,
    detail,
    chemistry: CHEMISTRY_OF_FINISH[finish] ?? null,
    ground: null,
    colour,
    um: OLD_FILM_UM,
    standing,
    stepId: null,
    bond: null,
  });
  const standing: LayerStanding = tested && odds[likeliest] > 0.6 ? 'found' : 'inferred';
  const colour = surface.currentColour;
  if (likeliest === 'bare') return [];
  const bond = bondOf(c);
  if (likeliest === 'waterborne-over-oil')
    return [
      underWaterborne(c, (finish, words) =>
        film('old-oil', finish, words, 'under the waterborne coat', standing, null),
      ),
      { ...film('old-top', 'waterborne-acrylic', 'Waterborne paint', percent, standing, colour), bond: bond ?? 'weak' },
    ];
  const under = layersUnder(c.d.stacks, likeliest)
    .filter((layer) => layer.probability >= WORTH_DRAWING)
    .slice(0, MOST_UNDER)
    .reverse();
  return [
    ...under.map(({ layer, probability }) =>
      film(
        `under-${layer}`,
        UNDER_FINISH[layer],
        capital(UNDER_LAYER_LABELS[layer]),
        probability >= LIKELY ? 'likely' : 'possible',
        probability > SEEN ? 'found' : 'inferred',
        null,
      ),
    ),
    film('old-top', likeliest, capital(FINISH_LABELS[likeliest]), percent, standing, colour),
  ].map((layer, i, all) => (i === boundAt(c, all.length) ? { ...layer, bond } : layer));
}

/** What a waterborne coat lies on: oil paint, or varnish where a chip shows that in its place. */
function underWaterborne(c: Case, drawn: (finish: Finish, words: string) => Layer): Layer {
  const isVarnish = c.d.tests.some(({ layers }) => layers?.includes('clear') && !layers.includes('oil'));
  return isVarnish ? drawn('clear-oil-varnish', 'Varnish') : drawn('oil-alkyd', 'Oil paint');
}

const SCALE_WORDS = { wood: ' %', gypsum: ', gypsum scale', relative: ' of 100' } as const;

/** The substrate, with what a meter read of it. */
function groundOfSection(c: Case): Layer {
  const reading = c.d.tests.findLast((t) => t.kind === 'moisture-meter');
  return {
    id: 'substrate',
    role: 'substrate',
    words: capital(SUBSTRATE_LABELS[c.d.surface.substrate]),
    detail: reading?.value == null ? '' : `moisture ${reading.value}${SCALE_WORDS[reading.scale ?? 'wood']}`,
    chemistry: null,
    ground: c.ground,
    colour: null,
    um: null,
    standing: 'found',
    stepId: null,
    bond: null,
  };
}

/** What is there in each place, where places differ: the substrate and the old films. Empty where it is one. */
export function placesOf(c: Case): { place: string; layers: Layer[] }[] {
  const { zones } = c.d;
  if (zones.length < 2) return [];
  return zones.map((zone) => {
    const here = caseInZone(c, zone);
    return { place: zone.places.join(', ') || ELSEWHERE, layers: [groundOfSection(here), ...existing(here)] };
  });
}

/** How many coats of finish these steps lay. */
const coatsOfFinish = (steps: readonly Step[]) =>
  steps.reduce((sum, s) => sum + (s.kind === 'finish-coat' ? (s.coats ?? 1) : 0), 0);

/** The layers of a surface: what is there, where preparation bites, what is laid and what is to come. */
export function sectionOf(
  c: Case,
  steps: readonly Step[],
  productOf: (step: Step) => Product | null,
  laid: ReadonlySet<string>,
): Layer[] {
  const substrate = groundOfSection(c);
  const bites = steps.findLast((s) => ['sand', 'degloss', 'scrape', 'strip'].includes(s.kind));
  const prepared: Layer[] = bites
    ? [
        {
          ...substrate,
          id: 'preparation',
          role: 'preparation',
          words:
            bites.kind === 'degloss'
              ? 'dulled'
              : bites.kind === 'sand'
                ? `sanded, ${bites.grit}`
                : bites.kind === 'strip'
                  ? 'stripped'
                  : 'scraped',
          detail: '',
          ground: null,
          standing: 'to-come',
        },
      ]
    : [];
  const finishes = coatsOfFinish(steps);
  const coats = steps.flatMap((step, i): Layer[] => {
    if (!isCoat(step.kind) || !step.family) return [];
    const family = step.family as Family;
    const count = step.coats ?? 1;
    const before = coatsOfFinish(steps.slice(0, i));
    const product = productOf(step);
    const finish = step.kind === 'finish-coat';
    const where = step.scope === 'spots' ? ', spots' : step.scope === 'bare-areas' ? ', bare areas' : '';
    return Array.from({ length: count }, (_, coat): Layer => {
      const stepId = count > 1 ? `s${i + 1}c${coat + 1}` : `s${i + 1}`;
      return {
        id: stepId,
        role: 'film',
        words: finish
          ? `Finish${finishes > 1 ? `, coat ${before + coat + 1}` : ''}`
          : `${capital(FAMILY_LABELS[family])}${step.tint ? `, ${TINT_LABELS[step.tint]}` : ''}${where}`,
        detail: '',
        chemistry: step.kind === 'clear-coat' ? 'clear' : chemistryOf(family),
        ground: null,
        colour: finish ? c.wanted.colour : step.tint ? (TINT_COLOURS[step.tint] ?? c.wanted.colour) : null,
        um: product?.dryFilmUm ?? null,
        standing: laid.has(stepId) ? 'laid' : 'to-come',
        stepId,
        bond: null,
      };
    });
  });
  return [substrate, ...existing(c), ...prepared, ...coats];
}
