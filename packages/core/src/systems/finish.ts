import { capital } from '../units/capital.ts';
import { chemistryOf, CLEAR_FINISHES, coatsIn, FAMILY_LABELS, type Family, type Sheen } from '../vocabulary/index.ts';
import { isLowSheen, isWalkedOn, wetOrGreasy } from '../evidence/facts.ts';
import { liftedBy } from '../evidence/patches.ts';
import type { Step } from '../model/step.ts';
import { outOneNight, type Case } from './case.ts';
import { coatsShown, coatsThatHide } from './hiding.ts';
import { FIT_ROWS } from './knowledge/fits.ts';
import { isHardUsed } from './knowledge/hardUsed.ts';
import { VIVID_FROM } from './knowledge/hiding.ts';
import { OUTSIDE_FINISHES } from './knowledge/outsideFinishes.ts';
import { finishOnOil } from './knowledge/situations/oldFilm.ts';

export interface ChosenFinish {
  family: Family;
  coats: number;
  sheen?: Sheen;
  why: string[];
  toBuy: boolean;
}

interface FinishRow {
  family: Family;
  when: (c: Case) => boolean;
  reason: string;
}

/** Which finish by place and chemistry; the first row that fits is taken. Source: practice. */
export const FINISH_ROWS: readonly FinishRow[] = [
  {
    family: 'waterborne-clear',
    when: (c) => c.clear && !c.outside,
    reason: 'A waterborne clear lets the timber be seen.',
  },
  {
    family: 'floor-paint',
    when: (c) => isWalkedOn(c.d.surface),
    reason: 'Floor paint is made to be walked on.',
  },
  {
    family: 'masonry-paint',
    when: (c) => c.ground === 'masonry' && c.outside,
    reason: 'Masonry paint breathes and bridges hairlines.',
  },
  {
    family: 'exterior-oil',
    when: (c) => c.outside && c.goesTo === 'solvent-borne',
    reason: 'Exterior oil, as wished.',
  },
  {
    family: 'exterior-acrylic',
    when: (c) => c.outside && c.ground !== 'timber',
    reason: 'Exterior acrylic gives with heat and frost and keeps its colour in the sun.',
  },
  {
    family: 'exterior-acrylic',
    when: (c) => c.outside,
    reason: 'Exterior acrylic stretches with the timber through the year.',
  },
  {
    family: 'oil-enamel',
    when: (c) => c.goesTo === 'solvent-borne',
    reason: 'Oil enamel sets hard and wipes clean; it is slow and smells strongly.',
  },
  {
    family: 'masonry-paint',
    when: (c) => c.ground === 'masonry' && c.hot && c.goesTo === 'waterborne',
    reason: 'Masonry paint breathes, and the warmth of a chimney breast does not crack it.',
  },
  {
    family: 'waterborne-alkyd',
    when: (c) => c.d.surface.element === 'radiator' || c.d.surface.exposure === 'interior-hot',
    reason: 'A waterborne alkyd stands heat and wear.',
  },
  {
    family: 'waterborne-alkyd',
    when: isHardUsed,
    reason: 'Handled hard: a waterborne alkyd sets harder than acrylic.',
  },
  { family: 'acrylic-trim', when: (c) => c.joinery, reason: 'Acrylic trim paint stays flexible and does not yellow.' },
  {
    family: 'moisture-resistant-acrylic',
    when: (c) => wetOrGreasy(c.d.surface) || c.is('mould'),
    reason: 'A moisture-resistant finish stands steam and washing.',
  },
  {
    family: 'acrylic-ceiling',
    when: (c) =>
      c.d.surface.element === 'ceiling' &&
      (c.wanted.sheen === null || c.wanted.sheen === 'flat' || c.wanted.sheen === 'matt') &&
      !c.is('moving-joints', 'gaps'),
    reason: 'A flat ceiling paint hides laps.',
  },
  { family: 'acrylic-wall', when: () => true, reason: 'Acrylic wall paint.' },
];

const USUAL_SHEEN: Partial<Record<Family, Sheen>> = {
  'acrylic-wall': 'matt',
  'acrylic-ceiling': 'flat',
  'moisture-resistant-acrylic': 'eggshell',
  'acrylic-trim': 'satin',
  'waterborne-alkyd': 'satin',
  'oil-enamel': 'gloss',
  'exterior-acrylic': 'satin',
  'exterior-oil': 'gloss',
  'masonry-paint': 'matt',
  'floor-paint': 'satin',
  'chalk-style': 'matt',
  'waterborne-clear': 'satin',
  'oil-varnish': 'satin',
};

const ALL_FINISHES = Object.keys(USUAL_SHEEN) as Family[];

/** True where this family would fail here, with the reason. */
export function finishFails(family: Family, c: Case): string | null {
  if (!ALL_FINISHES.includes(family)) return 'it is no finish';
  if (c.outside && !OUTSIDE_FINISHES.includes(family)) return 'it is made for indoors';
  if (liftedBy(c.d.patches).has(chemistryOf(family))) return 'a patch wrinkled: its solvent lifts what lies there';
  const unfit = FIT_ROWS.find(
    (row) => row.odds >= FAILS && row.families.includes(family) && row.kinds.includes('finish-coat') && row.when(c),
  );
  if (unfit) return `it would fail: ${unfit.text.slice(0, 1).toLowerCase()}${unfit.text.slice(1, -1)}`;
  if (CLEAR_FINISHES.includes(family) && !c.clear)
    return 'it hides nothing, and here there is paint or no timber to be seen';
  return null;
}

/** From these odds on a wish is departed from. */
const FAILS = 0.5;

function sheenFor(family: Family, c: Case, why: string[]): Sheen | undefined {
  const wanted = c.wanted.sheen ?? USUAL_SHEEN[family];
  const moves = c.is('moving-joints', 'gaps') && (wanted === 'flat' || wanted === 'matt');
  if (!moves) return wanted;
  why.push('Gaps that move crack a dead-flat film, so the sheen is eggshell at the least.');
  return 'eggshell';
}

/** Where a self-priming finish does for every coat, by house rule: of water, since no oil primes itself. */
export function selfPriming(c: Case): boolean {
  if (c.outside || !c.bare || c.goesTo !== 'waterborne') return false;
  if (c.ground === 'plaster') return c.rules.newBoard === 'self-prime' && c.d.surface.substrate === 'drywall';
  return c.ground === 'timber' && c.rules.bareTimberInside === 'self-prime';
}

/** From here on a colour covers badly: CIE chroma, and CIE L* below which it is deep. */
const COVERS_BADLY = { chroma: 55, below: 35 } as const;

/** A finish that primes itself: two coats on board, a third where it does not cover; timber drinks the first. */
function selfPrimingCoats(c: Case): { coats: number; why: string } {
  const poor = (c.shift.chroma ?? 0) > COVERS_BADLY.chroma || (c.shift.to ?? 100) < COVERS_BADLY.below;
  if (c.ground === 'timber' || poor)
    return {
      coats: 3,
      why: `House rule: the finish primes itself, so the first of three coats is the primer${poor ? ', and the colour covers badly' : ''}.`,
    };
  return { coats: 2, why: 'House rule: the finish primes itself; a third coat only where two do not cover.' };
}

/** The least coats that make up the film, whatever the colour, and why. */
function leastCoats(c: Case, primed: boolean, family: Family): { coats: number; why: string } {
  if (TWO_MAKE_IT.includes(family)) return { coats: 2, why: 'Two coats make up the film this finish needs.' };
  if (c.treatAs === 'laminate')
    return {
      coats: 2,
      why: 'Two thin coats over the primer; a third of primer is cheaper than a third of finish if it looks uneven.',
    };
  if (primed) return { coats: 2, why: 'Two coats over the primer.' };
  if (finishOnOil(c)) return { coats: 2, why: 'No primer lies under it: two coats at least.' };
  const shown = coatsShown(family, c);
  if (shown !== null) return { coats: shown, why: `Its patch covered with ${coatsIn(shown)}, and that decides.` };
  if (c.shift.difference === null)
    return { coats: 2, why: 'The change of colour is not known: two coats until it is.' };
  return { coats: 1, why: `Near the old colour (difference ${c.shift.difference.toFixed(0)}): one coat covers.` };
}
const TWO_MAKE_IT: readonly Family[] = [
  'oil-enamel',
  'exterior-oil',
  'exterior-acrylic',
  'masonry-paint',
  'floor-paint',
];

/** Coats by how far the colour moves, how well the colour hides, and what is laid under them. */
export function finishCoats(c: Case, under: readonly Step[], family: Family): { coats: number; why: string } {
  if (c.clear) return { coats: 3, why: 'Three thin clear coats build the film.' };
  if (c.rules.finishCoats === 'fixed-two') return { coats: 2, why: 'House rule: always two finish coats.' };
  if (selfPriming(c)) return selfPrimingCoats(c);
  const primed = under.some((s) => s.kind === 'prime' && s.scope === 'all');
  const undercoated = under.some((s) => s.kind === 'undercoat' && s.scope === 'all');
  const least = leastCoats(c, primed, family);
  const hide = coatsThatHide(c, under, family);
  if (hide === null || hide <= least.coats) return least;
  const { difference, chroma } = c.shift;
  const reasons = [
    ...(difference === null ? [] : [`the colour moves ${hide > 2 ? 'far ' : ''}(difference ${difference.toFixed(0)})`]),
    ...(difference === null || (chroma ?? 0) > VIVID_FROM ? ['so vivid a colour hides poorly'] : []),
  ].join(', and ');
  return {
    coats: hide,
    why: `${reasons[0]!.toUpperCase()}${reasons.slice(1)}: ${coatsIn(hide)} ${primed ? 'even over the primer' : undercoated ? 'even over the undercoat' : hide > 2 ? 'without a tinted primer' : 'cover'}.`,
  };
}

/** Finishes whose coats follow within hours. */
const QUICK: readonly Family[] = ['acrylic-trim', 'exterior-acrylic', 'acrylic-wall'];
const onShelf = (c: Case, family: Family) => c.shelf.some((p) => p.family === family);

/** Why a finish goes waterborne though oil was wished for. */
function whyNoOil(c: Case): string {
  if (liftedBy(c.d.patches).has('solvent-borne')) return 'a patch wrinkled, so its solvent lifts what lies there';
  if (outOneNight(c.d.surface, c.wanted))
    return 'it takes days between coats, and this has to hang again by the next day';
  return isWalkedOn(c.d.surface)
    ? 'what is walked on takes floor paint'
    : 'on masonry outside it traps the water, and lets go with it';
}

/** Below this CIE L* plastic in the sun grows hot enough to bend. Source: practice; the maker's own limit wins. */
const BENDS_BELOW = 55;
const bendsInTheSun = (c: Case) =>
  c.outside && ['upvc', 'plastic'].includes(c.d.surface.substrate) && c.shift.to !== null && c.shift.to < BENDS_BELOW;

/** Chooses the finish: the wish where it holds here, else the first fitting row, from the shelf where it can. */
export function chooseFinish(c: Case, under: readonly Step[], hybrid: boolean): ChosenFinish {
  const why: string[] = [];
  const wish = c.wanted.family;
  const fails = wish ? finishFails(wish, c) : null;
  if (wish && fails) why.push(`${capital(FAMILY_LABELS[wish])} was wished for; ${fails}, so it is not used here.`);
  const fitting = FINISH_ROWS.filter((row) => row.when(c));
  const byRow = fitting.find((row) => onShelf(c, row.family)) ?? fitting[0]!;
  const quick = outOneNight(c.d.surface, c.wanted)
    ? fitting.map((row) => row.family).find((f) => QUICK.includes(f))
    : undefined;
  const family: Family = wish && !fails ? wish : hybrid ? 'waterborne-alkyd' : (quick ?? byRow.family);
  why.push(
    wish && !fails
      ? 'The finish that was wished for.'
      : hybrid
        ? 'House rule: a hybrid enamel goes straight onto dulled and sanded oil.'
        : quick && quick !== byRow.family
          ? 'It has to hang again by the next day: a finish that takes its coats in hours.'
          : byRow.reason,
  );
  if (wish === 'chalk-style') why.push('Chalk-style paint marks easily until it has its clear coat.');
  if (c.wanted.chemistry === 'solvent-borne' && c.goesTo === 'waterborne' && !wish)
    why.push(`Oil was wished for; ${whyNoOil(c)}.`);
  if (c.wanted.lowOdour && !c.outside && chemistryOf(family) !== 'waterborne')
    why.push('Low odour was wished for as well, and no oil is without smell: that takes a waterborne finish.');
  if (bendsInTheSun(c))
    why.push(
      'So dark a colour heats plastic in the sun until it bends: the maker of the frame says how dark it may be; else go lighter.',
    );
  const sheen = sheenFor(family, c, why);
  const number = finishCoats(c, under, family);
  why.push(number.why);
  return { family, coats: number.coats, ...(sheen ? { sheen } : {}), why, toBuy: !onShelf(c, family) };
}

/** True where the finished film wants a clear coat over it. */
export function wantsClearCoat(c: Case, finish: ChosenFinish): string | null {
  if (c.clear) return null;
  // Waterborne clear does not hold on fresh oil, and oil enamel needs none.
  if (chemistryOf(finish.family) !== 'waterborne') return null;
  if (finish.family === 'chalk-style') return 'Chalk-style paint is sealed with a clear coat.';
  if (c.wanted.distressed && c.furniture) return 'A distressed edge is sealed so that it stays as it was left.';
  if (!c.furniture) return null;
  if (c.rules.furnitureClear === 'always') return 'House rule: furniture always has a clear coat.';
  return finish.sheen && isLowSheen(finish.sheen)
    ? 'A low sheen marks when handled; a clear coat takes the wear.'
    : null;
}
