import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import type { Neighbour } from './facts.ts';
import { surfaceFacts } from './facts.ts';
import { oddsIn, readHouse, type House, type Member } from './house.ts';
import { ceilingOf, likelihoodOf, readOn, tableOf, weightsOf } from './likelihood.ts';
import { asOdds, INDEX, tempered, topOf, vector, type FinishProbabilities, type Vector } from './odds.ts';
import { asStacks, factorsOf, priorVector } from './prior.ts';
import { byItsTop, cappedTops, TOP_OF, topsOf } from './stackSpace.ts';

/** What one item of evidence did to the leading finish: how many to one, above 1 for it, below 1 against it. */
export interface EvidenceWeight {
  from: 'prior' | 'look' | 'record' | 'test' | 'neighbour';
  /** Index of the test or neighbour it came from, where it came from one. */
  index: number | null;
  ratio: number;
  text: string;
  source: string | null;
}

/** The id of the asked surface among its neighbours. */
export const ASKED = 'asked';
/** Neighbours of the same campaign, by whatever name. */
const SAME = 'same';
const neighbourId = (index: number) => `neighbour ${index}`;

const read = new WeakMap<
  SurfaceFacts,
  { tests: readonly TestRecord[]; neighbours: readonly Neighbour[]; house: House }
>();

/** A surface and its tested neighbours as a house; untested neighbours have nothing to say. Asked again of the same, it is read once. */
export function askedHouse(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[],
): House {
  const before = read.get(surface);
  if (before?.tests === tests && before.neighbours === neighbours) return before.house;
  const house = askedAnew(surface, tests, neighbours);
  read.set(surface, { tests, neighbours, house });
  return house;
}

function askedAnew(surface: SurfaceFacts, tests: readonly TestRecord[], neighbours: readonly Neighbour[]): House {
  const anySame = neighbours.some((n) => n.campaign === 'same');
  const asked: Member = { id: ASKED, surface, tests, campaign: anySame ? SAME : null };
  const others = neighbours.flatMap((neighbour, index): Member[] =>
    neighbour.tests.length === 0
      ? []
      : [
          {
            id: neighbourId(index),
            surface: surfaceFacts({
              element: neighbour.element,
              substrate: surface.substrate,
              builtYear: surface.builtYear,
            }),
            tests: neighbour.tests,
            campaign: neighbour.campaign === 'same' ? SAME : null,
          },
        ],
  );
  return readHouse([asked, ...others]);
}

/** The odds over stacks of one member of a house, no film above what its tests have earned. */
export function stacksIn(house: House, id: string): Vector {
  const { tests } = house.members.find((m) => m.id === id)!;
  const others = house.members.some((m) => m.id !== id && m.tests.length > 0);
  return cappedTops(oddsIn(house, id), ceilingOf(tests, others));
}

/** The odds over finishes of one member of a house: those of its stacks, by their top. */
export const posteriorIn = (house: House, id: string): FinishProbabilities => asOdds(topsOf(stacksIn(house, id)));

/** The odds over finishes given everything known. Neighbours' tests flow along the campaign and the house's habits. */
export function posteriorOdds(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[] = [],
): FinishProbabilities {
  return posteriorIn(askedHouse(surface, tests, neighbours), ASKED);
}

/** The odds over stacks given everything known. */
export const posteriorStacks = (
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[],
): Vector => stacksIn(askedHouse(surface, tests, neighbours), ASKED);

const oneTo = (odds: Vector, at: number) => odds[at]! / Math.max(1e-12, 1 - odds[at]!);

/** How each item of evidence on a member moved its leading finish. `index` counts the member's own tests. */
export function weightsIn(house: House, id: string): EvidenceWeight[] {
  const { surface, tests } = house.members.find((m) => m.id === id)!;
  const top = topOf(topsOf(oddsIn(house, id)));
  const prior = priorVector(surface, tests);
  const stacks = asStacks(surface, prior);
  const ratioOf = (likelihood: Vector) => {
    let [own, others] = [0, 0];
    likelihood.forEach((p, i) => {
      if (TOP_OF[i] === top) own += stacks[i]! * p;
      else others += stacks[i]! * p;
    });
    return own / prior[top]! / (others / (1 - prior[top]!));
  };
  const looks = factorsOf(surface, tests).map((row): EvidenceWeight => ({
    from: 'look',
    index: null,
    ratio: ratioOf(byItsTop(vector((finish) => row.factors[finish] ?? 1))),
    text: row.reason,
    source: null,
  }));
  const record: EvidenceWeight[] = surface.currentFinish
    ? [
        {
          from: 'record',
          index: null,
          ratio:
            oneTo(prior, INDEX[surface.currentFinish]) /
            oneTo(priorVector({ ...surface, currentFinish: null }, tests), INDEX[surface.currentFinish]),
          text: "The firm's own record says what was laid.",
          source: null,
        },
      ]
    : [];
  const weights = weightsOf(tests);
  const on = readOn(surface);
  const made = tests.flatMap((test, index): EvidenceWeight[] => {
    const likelihood = likelihoodOf(test, on);
    const read = tableOf(test.kind, on);
    if (!likelihood || !read) return [];
    const { reason, source } = read;
    const ratio = ratioOf(tempered(likelihood, weights[index]!));
    return [{ from: 'test', index, ratio, text: reason, source }];
  });
  return [...looks, ...record, ...made];
}

/** One surface that speaks for another, and how many to one it speaks for the finish that leads there. */
export interface Inherited {
  /** The member that speaks. */
  from: string;
  sameCampaign: boolean;
  ratio: number;
}

/** A word that moves the odds by less than this is not worth a note. */
const WORTH_SAYING = 1.04;

/** From whom a member inherits: each other member, by how the odds stand with and without what is known of it. */
export function inheritedBy(house: House, id: string): Inherited[] {
  const member = house.members.find((m) => m.id === id)!;
  const odds = topsOf(oddsIn(house, id));
  const top = topOf(odds);
  const spoken = house.members.filter((m) => m.id !== id && (m.tests.length > 0 || m.surface.currentFinish !== null));
  return spoken
    .map((from): Inherited => {
      const silent = { ...from, tests: [], surface: { ...from.surface, currentFinish: null } };
      const without = readHouse(house.members.map((m) => (m === from ? silent : m)));
      return {
        from: from.id,
        sameCampaign: member.campaign !== null && member.campaign === from.campaign,
        ratio: oneTo(odds, top) / oneTo(topsOf(oddsIn(without, id)), top),
      };
    })
    .filter(({ ratio }) => Math.max(ratio, 1 / ratio) >= WORTH_SAYING)
    .sort((a, b) => Math.abs(Math.log(b.ratio)) - Math.abs(Math.log(a.ratio)));
}

/** How each item of evidence moved the leading finish of one asked surface, its neighbours' included. */
export function evidenceWeights(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[] = [],
): EvidenceWeight[] {
  const house = askedHouse(surface, tests, neighbours);
  const inherited = inheritedBy(house, ASKED).map((one): EvidenceWeight => ({
    from: 'neighbour',
    index: neighbours.findIndex((_, i) => neighbourId(i) === one.from),
    ratio: one.ratio,
    text: one.sameCampaign
      ? 'Same campaign: likely the same paint. Inferred, not tested here.'
      : 'A habit of this house, inferred from like surfaces.',
    source: null,
  }));
  return [...weightsIn(house, ASKED), ...inherited];
}
