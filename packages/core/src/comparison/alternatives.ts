import type { Wanted } from '../model/surface.ts';
import {
  chemistryOf,
  CLEAR_FINISHES,
  FINISH_FAMILIES,
  HOUSE_RULES,
  HOUSE_RULE_CODES,
  HOUSE_RULE_LABELS,
  type Family,
  type HouseRuleCode,
  type HouseRules,
} from '../vocabulary/index.ts';
import { wetOrGreasy } from '../evidence/facts.ts';
import { priceOn, type SystemPrice } from '../pricing/price.ts';
import { asIf, recase, type Case } from '../systems/case.ts';
import { compose, type Composed } from '../systems/compose.ts';
import { needOnGround } from '../systems/knowledge/situations/situation.ts';
import { finishFails } from '../systems/finish.ts';
import type { PrimerNeed } from '../systems/primer.ts';
import { liesOnOil, oilBlocks } from '../systems/onOil.ts';
import { ruleReaches } from '../systems/knowledge/ruleReach.ts';
import { FIT_ROWS } from '../systems/knowledge/fits.ts';
import { outlookOf } from '../failure/tallyOf.ts';
import { differenceText, weighedOf, type Weighed } from './differenceText.ts';
import { holdsOf, type Holds } from './holds.ts';
import { scoreOf, scoreOfWork } from './score.ts';
import { coatFamilies, stepKey, type Step, type System } from '../model/step.ts';

/** Another way, complete, with what it trades against the first. */
export interface Alternative {
  differs: string;
  system: System;
  holds: Holds;
}

/** An alternative with what it weighs by the firm's weights; below 0 it weighs less than the system it stands beside. */
export interface RankedAlternative extends Alternative {
  against: number;
  /** What it costs more than the system it stands beside, labour and paint; below 0 less. Minor units. */
  addedCost: number;
}

/** Another school's choice on this surface, and what it would change. */
export interface School {
  rule: HouseRuleCode;
  choice: string;
  differs: string;
  /** What it costs more than the system as it stands, labour and paint; below 0 less. Minor units. */
  addedCost: number;
  holds: Holds;
}

const signature = (steps: readonly Step[]) => {
  let key = '';
  for (const s of steps) key += `${stepKey(s)}|${s.coats ?? ''}|${s.sheen ?? ''}|${s.tint ?? ''}>`;
  return key;
};

/** One other way of doing a case, composed. */
interface Variant {
  c: Case;
  made: Composed;
  key: string;
}

/** The ways of doing one case, each composed once: alternatives and schools ask for many of the same. */
export type Ways = (rules: Partial<HouseRules>, wanted?: Partial<Wanted>) => Variant;

/** Composes the ways of a case as they are asked for. */
export function waysOf(c: Case): Ways {
  const known = new Map<string, Variant>();
  return (rules, wanted = {}) => {
    const asked = `${Object.entries(rules).join()}/${Object.entries(wanted).join()}`;
    let variant = known.get(asked);
    if (!variant) {
      const other = recase(c, rules, wanted);
      const made = compose(other);
      variant = { c: other, made, key: signature(made.steps) };
      known.set(asked, variant);
    }
    return variant;
  };
}

/** Where a painter would offer oil at all: woodwork and what shows its timber, metal, rooms of grease and steam, and what is oil already. */
const bearsOil = (c: Case) =>
  c.joinery ||
  c.clear ||
  c.ground === 'metal' ||
  c.treatAs === 'oil' ||
  // On masonry that takes up water oil lets go with it.
  (c.ground !== 'masonry' && wetOrGreasy(c.d.surface));

interface Variation {
  /** Only where a painter would offer it; left out: everywhere. */
  when?: boolean;
  /** The house rule it turns on, so that it is only tried where that rule reaches. */
  rule?: HouseRuleCode;
  rules?: Partial<HouseRules>;
  wanted?: Partial<Wanted>;
}

/** Other wishes worth showing where the rules alone give too few ways. */
function variations(c: Case): Variation[] {
  const hardFinish: Family = c.outside
    ? 'exterior-acrylic'
    : c.joinery
      ? 'waterborne-alkyd'
      : 'moisture-resistant-acrylic';
  const all: Variation[] = [
    { rule: 'blocker', rules: { blocker: 'bonding-acrylic' } },
    { rule: 'blocker', rules: { blocker: 'oil' } },
    { rule: 'blocker', rules: { blocker: 'shellac' } },
    {
      when: c.goesTo !== 'waterborne' || bearsOil(c),
      wanted: { chemistry: c.goesTo === 'waterborne' ? 'solvent-borne' : 'waterborne', family: null },
      rules: { oilTrim: c.goesTo === 'waterborne' ? 'stay-oil' : 'block-then-waterborne' },
    },
    { rule: 'oilTrim', rules: { oilTrim: 'hybrid-direct' } },
    { rule: 'waterborneOverOil', rules: { waterborneOverOil: 'strip-all' } },
    { rule: 'paper', rules: { paper: c.rules.paper === 'strip-first' ? 'paint-over' : 'strip-first' } },
    { wanted: { family: hardFinish } },
    { when: c.d.surface.element === 'stair', wanted: { family: 'floor-paint' } },
    { wanted: { lowOdour: true } },
    { rules: { finishCoats: 'fixed-two' } },
    { rule: 'fillerSpots', rules: { fillerSpots: 'whole-wall' } },
    { rule: 'newBoard', rules: { newBoard: 'self-prime' } },
    { rule: 'bareTimberInside', rules: { bareTimberInside: 'self-prime' } },
    { rules: { sanding: 'always' } },
    { rule: 'exteriorBare', rules: { exteriorBare: 'breathable-waterborne' } },
    { rule: 'exteriorBare', rules: { exteriorBare: 'epoxy-saturate' } },
    { wanted: { family: c.outside ? 'exterior-oil' : c.joinery ? 'acrylic-trim' : 'acrylic-wall' } },
  ];
  return all.filter((v) => v.when !== false && (!v.rule || ruleReaches(v.rule, c)) && keepsTheWood(v, c));
}

/** Who wants to see the timber is not offered paint. */
const keepsTheWood = ({ wanted }: Variation, c: Case) =>
  !c.clear || wanted?.family === undefined || (wanted.family !== null && CLEAR_FINISHES.includes(wanted.family));

/** Other finishes that nothing speaks against here. */
const otherFinishes = (c: Case): Family[] =>
  FINISH_FAMILIES.filter(
    (family) =>
      (c.clear ? CLEAR_FINISHES.includes(family) : !CLEAR_OR_SOFT.includes(family)) &&
      (chemistryOf(family) === 'waterborne' || bearsOil(c)) &&
      finishFails(family, c) === null &&
      !FIT_ROWS.some((row) => row.families.includes(family) && row.kinds.includes('finish-coat') && row.when(c)),
  );
const CLEAR_OR_SOFT: readonly Family[] = [...CLEAR_FINISHES, 'chalk-style'];

/** Asked only where the usual variations give too few: other finishes, and a finish with another blocker or sanding. */
function* furtherVariations(c: Case): Generator<Variation> {
  const finishes = otherFinishes(c);
  for (const family of finishes) yield { wanted: { family } };
  for (const family of finishes) {
    for (const blocker of ['oil', 'bonding-acrylic', 'shellac'] as const)
      yield { wanted: { family }, rules: { blocker } };
    yield { wanted: { family }, rules: { sanding: 'always' } };
    yield { wanted: { family }, rules: { finishCoats: 'fixed-two' } };
  }
  yield { rules: { sanding: 'where-needed' } };
  yield { rules: { blocker: 'oil', sanding: 'always' } };
  yield { rules: { blocker: 'bonding-acrylic', sanding: 'always' } };
}

/** A way of its own on bare timber: one combined primer-undercoat, laid twice, in place of the wood primer. */
function primedAndUndercoatedInOne(made: Composed): Composed | null {
  const prime = made.steps.find((s) => s.kind === 'prime' && s.family === 'wood-acrylic-primer' && s.scope === 'all');
  if (!prime || made.steps.some((s) => s.kind === 'undercoat')) return null;
  const steps = made.steps.map((s) =>
    s === prime
      ? {
          ...s,
          family: 'acrylic-primer-undercoat' as const,
          coats: 2,
          why: ['A combined primer-undercoat, twice: it primes the timber, builds and levels out of one tin.'],
        }
      : s,
  );
  return { ...made, steps };
}

/** Where oil may lie there and the face is trusted on a patch alone: the same surface, prepared as oil is. */
const asThoughOil = (c: Case, base: Composed): Composed | null =>
  oilBlocks(c) &&
  liesOnOil(
    base.steps.filter((s) => s.kind !== 'test-patch'),
    c,
  )
    ? compose(asIf(c, 'oil'))
    : null;

/** What a primer is for where nothing asks for one: to hold on bare ground, to grip woodwork, to even a wall. */
function evens(c: Case): Pick<PrimerNeed, 'need' | 'atLeast' | 'prefer'> {
  if (c.bare) return { need: needOnGround(c), atLeast: 1 };
  return c.joinery || c.ground !== 'plaster'
    ? { need: 'grip-gloss', atLeast: 2, prefer: ['bonding-acrylic-primer'] }
    : { need: 'hide', atLeast: 3 };
}

/** The same surface with a primer under the finish, where none lies over the whole. */
function withAPrimer(made: Composed, c: Case): Composed | null {
  if (c.clear || c.wanted.leaveBare || made.steps.some((step) => step.kind === 'prime' && step.scope === 'all'))
    return null;
  const why = 'A coat of primer first: it evens the face, and the finish holds better.';
  return compose({ ...c, alsoAsked: [{ ...evens(c), scope: 'all', why }] });
}

/** The same system with a finish coat more: the last that can be offered where nothing else differs. */
function withACoatMore(made: Composed): Composed {
  const last = made.steps.findLast((step) => step.kind === 'finish-coat');
  const steps = made.steps.map((step) =>
    step === last
      ? { ...step, coats: (step.coats ?? 1) + 1, why: [...step.why, 'A coat more: it wears and weathers longer.'] }
      : step,
  );
  return { ...made, steps };
}

const ENOUGH = 3;
const MOST = 5;

/** At least three other complete systems, ranked by the firm's weights: cost, time, fumes, durability, risk; none repeats another. */
export function alternativesTo(c: Case, base: Composed, ways = waysOf(c), most = MOST): RankedAlternative[] {
  const told = weighedOf(base, signature(base.steps), c);
  const seen = new Set([told.key]);
  const found: Candidate[] = [];
  const take = (at: Case, other: Composed, key: string) => {
    if (seen.has(key) || other.toBuy.length > base.toBuy.length) return;
    seen.add(key);
    const price = priceOn(c, other.steps);
    found.push({ at, made: other, price, work: scoreOfWork(c, other.steps, price) });
  };
  const tryOne = (v: Variation) => {
    const { c: at, made: other, key } = ways(v.rules ?? {}, v.wanted);
    take(at, other, key);
  };
  variations(c).forEach(tryOne);
  const gripped = asThoughOil(c, base);
  if (gripped) take(c, gripped, signature(gripped.steps));
  const twice = primedAndUndercoatedInOne(base);
  if (twice) take(c, twice, signature(twice.steps));
  for (const v of furtherVariations(c)) {
    if (found.length >= ENOUGH) break;
    tryOne(v);
  }
  for (const { at, made } of [{ at: c, made: base }, ...found])
    for (const more of [withAPrimer(made, at), withACoatMore(made)])
      if (more && found.length < ENOUGH) take(at, more, signature(more.steps));
  const ours = scoreOf(c, base.steps, told.price);
  const ranked = lightest(c, found, most).map(({ at, made, price, burden }) => {
    const holds = holdsOf(at, made.steps, price);
    return {
      differs: differenceText(told, made, at, price, holds),
      system: { steps: made.steps },
      against: Math.round(burden - ours),
      addedCost: price.cost - told.price.cost,
      holds,
    };
  });
  // What comes back so much oftener no painter would offer, unless there is nothing else.
  const isOffered = ({ holds }: RankedAlternative) => holds.callBackAYear <= told.callBackAYear + OFTENER;
  const offered = ranked.filter(isOffered);
  const rest = ranked.filter((one) => !isOffered(one)).slice(0, Math.max(0, LEAST - offered.length));
  return ranked.filter((one) => isOffered(one) || rest.includes(one));
}
/** Called back so much oftener a year, a way is not offered. Source: judgement. */
const OFTENER = 0.08;
/** So many ways are shown beside the first, where there are so many at all. */
const LEAST = 3;

/** Another way that may be shown: `work` is what it weighs before anything goes wrong. */
interface Candidate {
  at: Case;
  made: Composed;
  price: SystemPrice;
  work: number;
}

/** The lightest by the firm's weights. What may go wrong only adds, so that what is too heavy already is not read. */
function lightest(c: Case, candidates: readonly Candidate[], most: number): (Candidate & { burden: number })[] {
  const kept: (Candidate & { burden: number })[] = [];
  for (const one of [...candidates].sort((a, b) => a.work - b.work)) {
    if (kept.length >= most && one.work >= kept[most - 1]!.burden) break;
    const burden = scoreOf(c, one.made.steps, one.price, outlookOf(one.at, one.made.steps));
    kept.push({ ...one, burden });
    kept.sort((a, b) => a.burden - b.burden);
    kept.length = Math.min(kept.length, most);
  }
  return kept;
}

/** Every other choice of a house rule that would change this system, with what it would change. */
export function schoolsOn(c: Case, base: Composed, ways = waysOf(c)): School[] {
  const told = weighedOf(base, signature(base.steps), c);
  return HOUSE_RULE_CODES.filter((rule) => ruleReaches(rule, c)).flatMap((rule) =>
    HOUSE_RULES[rule]
      .filter((choice) => choice !== c.rules[rule])
      .flatMap((choice): School[] => {
        const { c: at, made: other, key } = ways({ [rule]: choice });
        if (key === told.key) return [];
        const price = priceOn(c, other.steps);
        const holds = holdsOf(at, other.steps, price);
        if (isTheSame(told, other, price, holds)) return [];
        return [
          {
            rule,
            choice,
            differs: `${HOUSE_RULE_LABELS[rule].choices[choice]}. ${differenceText(told, other, at, price, holds)}`,
            addedCost: price.cost - told.price.cost,
            holds,
          },
        ];
      }),
  );
}

/** Another tint or another order that is told apart by no figure: there is nothing to choose by. */
function isTheSame(told: Weighed, other: Composed, price: SystemPrice, holds: Holds): boolean {
  const sum = (one: SystemPrice) => `${one.minutes} ${one.cost} ${one.waitingMin}`;
  return (
    coatFamilies(other.steps).join() === told.families.join() &&
    sum(price) === sum(told.price) &&
    Math.abs(holds.callBackAYear - told.callBackAYear) < 0.001
  );
}
