import { capital } from '../units/capital.ts';
import {
  chemistryOf,
  coatsIn,
  FINISH_LABELS,
  isCoat,
  type Family,
  type Wear,
  type StepKind,
} from '../vocabulary/index.ts';
import { TREATMENT_OF } from '../evidence/knowledge/treatments.ts';
import { caseInZone, type Case } from './case.ts';
import { asWall, paperComesOff, strippingPaper } from './offPaper.ts';
import { asWood, toTheWood, wantsWoodShown } from './toTheWood.ts';
import { chooseFinish, finishCoats, wantsClearCoat, type ChosenFinish } from './finish.ts';
import { primerForAll, type PrimerNeed } from './primer.ts';
import { methodFor, primerSteps } from './primerSteps.ts';
import { blockPatch, crawledPatch, gripPatch, primerPatches, stillAsked } from './patchSteps.ts';
import { betweenCoats, coatsInTurn } from './coatsInTurn.ts';
import { bareWork } from './leaveBare.ts';
import { undercoats } from './undercoats.ts';
import { gripUnderPrimer, hybridDirect } from './knowledge/situations/oldFilm.ts';
import { blockedAfterPatch } from './knowledge/situations/patches.ts';
import { groundUnderPrimer } from './knowledge/situations/situation.ts';
import { SITUATIONS } from './knowledge/situations/index.ts';
import { breathesDust } from './knowledge/dustyWork.ts';
import { inOrder, merged } from './order.ts';
import { cureAndReturn, siteSteps } from './siteWork.ts';
import { joinedZones, zoneShares } from './zones.ts';
import type { Step, System } from '../model/step.ts';

/** A system with what the composing learned on the way. */
export interface Composed extends System {
  finish: ChosenFinish;
  needs: PrimerNeed[];
  /** Families the shelf does not hold. */
  toBuy: Family[];
  situations: string[];
}

function wearFor(family: Family | undefined, c: Case): Wear[] {
  if (!family) return [];
  const strong = chemistryOf(family) !== 'waterborne' && !(c.wanted.lowOdour && family === 'low-odour-oil-primer');
  return strong ? ['gloves', 'respirator-vapour'] : [];
}

function dustSteps(c: Case, steps: readonly Step[]): Step[] {
  const abraded = steps.filter((s) => ABRADES.includes(s.kind));
  if (!abraded.length) return [];
  const when = steps.some((s) => s.kind === 'sand') ? 'After the last sanding' : 'Before the first coat';
  const where = abraded.every((s) => isSmall(s)) ? { scope: abraded[0]!.scope } : {};
  return [{ kind: c.joinery ? 'tack-off' : 'dust-off', ...where, why: [`${when}, until a palm stays clean.`] }];
}
const ABRADES: readonly StepKind[] = ['sand', 'scrape', 'strip', 'fill'];
/** Work in spots and where it lies bare makes dust there. */
const isSmall = ({ scope }: Step) => scope === 'spots' || scope === 'bare-areas';

/** Saturating epoxy primes for the sealant that follows it. */
const isSaturated = (work: readonly Step[]) =>
  work.some((s) => s.kind === 'pre-prime' && s.family === 'penetrating-epoxy');

function caulkAfterPrimer(c: Case, work: readonly Step[]): boolean {
  if (c.rules.caulkWhen !== 'by-situation') return c.rules.caulkWhen === 'after-primer';
  // Paper is caulked first, so that the sealer runs over the bead; elsewhere a bead holds better on primer.
  return c.ground !== 'paper' && !isSaturated(work);
}

/** Scopes that say when a step comes, and not where. */
const ORDERS: ReadonlySet<string | undefined> = new Set(['between', 'handover', 'hung']);

/** Drops what the engine alone needs, and gives each coat its wear. `step` is the composer's own copy. */
function asShown(step: Step, c: Case): Step {
  const strong = wearFor(step.family, c);
  const dusty = breathesDust(step);
  if (strong.length || dusty)
    step.wear = [...new Set([...(step.wear ?? []), ...strong, ...(dusty ? (['respirator-dust'] as const) : [])])];
  const inner = ORDERS.has(step.scope) || (step.scope === 'all' && !isCoat(step.kind));
  // Unset, not deleted: objects whose fields are deleted are slow to read ever after.
  if (inner) step.scope = undefined;
  if (step.early !== undefined) step.early = undefined;
  if (step.afterDenib !== undefined) step.afterDenib = undefined;
  if (step.trial !== undefined) step.trial = undefined;
  if (step.afterFinish !== undefined) step.afterFinish = undefined;
  if (step.bridges !== undefined) step.bridges = undefined;
  return step;
}

/** What the tint of a primer saves, in coats of finish; null where no primer is tinted. */
function tintSaves(coats: readonly Step[], c: Case, finish: ChosenFinish): { at: number; why: string } | null {
  const at = coats.findIndex((s) => s.kind === 'prime' && s.tint !== undefined && s.tint !== 'white');
  if (at < 0) return null;
  const saved = finishCoats(c, [], finish.family).coats - finish.coats;
  const why = saved > 0 ? `it saves ${coatsIn(saved)} of finish` : 'the finish covers evenly over it';
  return {
    at,
    why: `Tinted ${coats[at]!.tint === 'toward-finish' ? 'toward the finish' : 'as deep as the finish'}: ${why}.`,
  };
}

/** Why the system is not that of the likeliest finish, where it is not. `isTried`: a patch is laid before the whole is trusted. */
function saferWhy(c: Case, isTried: boolean): string | null {
  const likeliest = TREATMENT_OF[c.d.likeliest];
  if (likeliest === c.treatAs) return null;
  const percent = Math.round(c.d.odds[c.d.likeliest] * 100);
  const what = c.d.likeliest === 'bare' ? 'Bare ground' : capital(FINISH_LABELS[c.d.likeliest]);
  const said = `${what} is likelier (${percent} %)`;
  return isTried
    ? `${said}, and to prepare all of it for that costs more than it is likely to save: the patch says whether it must be.`
    : `${said}, but being wrong that way costs more: this holds on both.`;
}

/** What was composed, before it is put in order. */
interface Gathered extends Omit<Composed, 'steps'> {
  work: Step[];
}

/** The coating comes off, and nothing goes on. */
function gatherBare(c: Case): Gathered {
  const rows = SITUATIONS.filter((row) => LEFT_BARE.includes(row.id) && row.when(c));
  const work = [...rows.flatMap((row) => row.steps?.(c) ?? []), ...stillAsked(bareWork(c), c)];
  return {
    work: merged([...siteSteps(c, work), ...work]),
    finish: chooseFinish(c, [], false),
    needs: [],
    toBuy: [],
    situations: ['left-bare', ...rows.map((row) => row.id)],
  };
}
/** What is put right whether or not paint follows. */
const LEFT_BARE: readonly string[] = ['rot', 'hollow', 'salts', 'mould', 'gaps', 'joints', 'runs-at-handover'];

/** What lies there comes off whole, and what is asked for is asked by what lay under it. */
const uncovered = (id: string, off: readonly Step[], under: Gathered): Gathered => ({
  ...under,
  work: merged([...off, ...under.work]),
  situations: [id, ...under.situations],
});

/** Primers and undercoats. Combined: the undercoat is its own primer on bare timber, unless the primer has to block something. */
function underTheFinish(c: Case, needs: readonly PrimerNeed[]) {
  const primers = primerSteps(needs, c);
  const oilUndercoats = undercoats(c, primers.steps);
  const isCombined =
    oilUndercoats.length > 0 &&
    c.rules.undercoat === 'combined' &&
    !needs.some((n) => n.need.startsWith('block') && n.scope !== 'spots');
  const asksMore = (n: PrimerNeed) => n.need !== 'seal-wood' || n.scope === 'spots';
  return { primers: isCombined ? primerSteps(needs.filter(asksMore), c) : primers, oilUndercoats };
}

/** Everything that one case asks for: a surface that is one, or one zone of it. */
function gather(c: Case, isWhole = true): Gathered {
  if (c.wanted.leaveBare) return gatherBare(c);
  if (wantsWoodShown(c)) return uncovered('to-the-wood', toTheWood(c), gather(asWood(c), isWhole));
  if (paperComesOff(c)) return uncovered('off-the-paper', strippingPaper(c), gather(asWall(c), isWhole));
  const rows = SITUATIONS.filter((row) => row.when(c));
  const preparation = stillAsked(
    rows.flatMap((row) => row.steps?.(c) ?? []),
    c,
  );
  const found = [...rows.flatMap((row) => row.needs?.(c) ?? []), ...(c.alsoAsked ?? [])];
  const asked = [...found, ...blockedAfterPatch(c, found)];
  const needs = [...asked, ...gripUnderPrimer(c, asked), ...groundUnderPrimer(c, asked)];
  const { primers, oilUndercoats } = underTheFinish(c, needs);
  const finish = chooseFinish(c, [...primers.steps, ...oilUndercoats], hybridDirect(c));
  const coats: Step[] = [
    ...primers.steps,
    ...oilUndercoats,
    {
      kind: 'finish-coat',
      family: finish.family,
      coats: finish.coats,
      ...(finish.sheen ? { sheen: finish.sheen } : {}),
      method: methodFor(c, undefined),
      why: finish.why,
    },
  ];
  const saves = tintSaves(coats, c, finish);
  if (saves) coats[saves.at] = { ...coats[saves.at]!, why: [...coats[saves.at]!.why, saves.why] };
  const tried = gripPatch(c, [...preparation, ...coats]);
  const safer = saferWhy(c, tried.length > 0);
  if (safer) coats[0] = { ...coats[0]!, why: [...coats[0]!.why, safer] };
  const clearWhy = wantsClearCoat(c, finish);
  if (clearWhy)
    coats.push({
      kind: 'clear-coat',
      family: 'waterborne-clear',
      coats: finish.family === 'chalk-style' ? 2 : 1,
      method: methodFor(c, undefined),
      why: [clearWhy],
    });
  if (c.wanted.distressed && c.furniture)
    coats.push({
      kind: 'distress',
      why: ['Edges are rubbed back where hands would have worn them, before the clear coat.'],
    });
  // Where places differ, each has its own under the finish, and that goes over all of them alike.
  const inTurn = coatsInTurn(c, coats, isWhole);
  const work = [
    ...preparation,
    ...primerPatches(c, primers.steps),
    ...tried,
    ...blockPatch(c, primers.steps),
    ...crawledPatch(c, [...preparation, ...coats]),
    ...dustSteps(c, preparation),
    ...inTurn,
    ...betweenCoats(c, inTurn),
    ...cureAndReturn(c, finish),
  ];
  return {
    work: merged([...siteSteps(c, work), ...work]),
    finish,
    needs,
    toBuy: [...new Set([...primers.toBuy, ...(finish.toBuy ? [finish.family] : [])])],
    situations: rows.map((row) => row.id),
  };
}

/** Composes the complete, ordered specification of one case; where places differ, each with its own steps. */
export function compose(c: Case): Composed {
  const { work, ...rest } = c.d.zones.length === 1 ? gather(c) : acrossZones(inZones(c), c);
  return { ...rest, steps: inOrder(work, caulkAfterPrimer(c, work)).map((step) => asShown(step, c)) };
}

/** What each zone asks for. One primer over all of them is laid where it does for each; nobody opens two tins for a door. */
function inZones(c: Case): Gathered[] {
  const cases = c.d.zones.map((z) => caseInZone(c, z));
  const each = cases.map((at) => gather(at, false));
  const primed = each.map(({ work }) => work.find((s) => s.kind === 'prime' && s.scope === 'all')?.family);
  const families = [...new Set(primed.filter((family) => family !== undefined))];
  if (families.length < 2) return each;
  const asked = each.map(({ needs }, i) => ({ c: cases[i]!, needs: needs.filter((n) => n.scope === 'all') }));
  const onePrimer = primerForAll(
    families,
    asked.filter((_, i) => primed[i]),
  );
  return onePrimer ? cases.map((at) => gather({ ...at, onePrimer }, false)) : each;
}

function acrossZones(gathered: readonly Gathered[], c: Case): Gathered {
  const first = gathered[0]!;
  const shares = zoneShares(c.d);
  const unique = <T>(list: readonly T[]) => [...new Set(list)];
  return {
    work: joinedZones(
      gathered.map(({ work }, at) => ({ steps: work, places: c.d.zones[at]!.places, share: shares[at]! })),
    ),
    finish: first.finish,
    needs: gathered.flatMap((g) => g.needs),
    toBuy: unique(gathered.flatMap((g) => g.toBuy)),
    situations: unique(gathered.flatMap((g) => g.situations)),
  };
}
