import { factsOf } from '../assess.ts';
import { STACKS, type StackKind } from '../evidence/stackSpace.ts';
import type { SurfaceFacts, SurfaceSaid } from '../model/surface.ts';
import { ELEMENT_LABELS, type Finish } from '../vocabulary/index.ts';
import { skillOf } from './knowledge/skills.ts';
import type { PracticeRoom, PracticeSurface } from './room.ts';

/** A surface of a finished job, with how likely each stack is after all that was tested and seen. */
export interface KnownSurface {
  surface: SurfaceFacts;
  campaign: string | null;
  odds: ArrayLike<number>;
}

/** A surface of a case: what is told of it, and what was found to lie there. No name of anybody or any place is in it. */
export interface CaseSurface {
  id: string;
  name: string;
  facts: Pick<SurfaceSaid, 'element' | 'substrate'> & Partial<SurfaceSaid>;
  brush: string;
  lies: CaseStack;
}

/** A stack as a case keeps it. */
export interface CaseStack {
  top: Finish;
  under: string[];
  bond: string;
  depth: string | null;
}

/** A case of the firm's own: a finished job, to be judged as a room is. */
export interface PracticeCase {
  id: string;
  name: string;
  surfaces: readonly CaseSurface[];
}

/** Known so well, what lies there is taken for the truth. Source: judgement. */
const KNOWN = 0.75;
/** More surfaces than so nobody judges in one go. */
const MOST_SURFACES = 8;
/** One is no case: what one brush did shows on two. */
export const LEAST_SURFACES = 2;
/** What a case tells of a surface: nothing that says whose it is, and its size as one guesses it. */
const toldOf = ({
  element,
  substrate,
  exposure,
  texture,
  conditions,
  builtYear,
  isNew,
  currentColour,
  areaM2,
}: SurfaceFacts): CaseSurface['facts'] => ({
  element,
  substrate,
  exposure,
  texture,
  conditions: [...conditions],
  builtYear,
  isNew,
  currentColour,
  areaM2: areaM2 === null ? null : Math.max(1, Math.round(areaM2)),
});

const topOdds = (odds: ArrayLike<number>): Map<string, number> => {
  const sums = new Map<string, number>();
  STACKS.forEach(({ top }, at) => sums.set(top, (sums.get(top) ?? 0) + odds[at]!));
  return sums;
};

/** The likeliest stack, where its film is known well enough and is one; else null. */
function foundThere(odds: ArrayLike<number>): StackKind | null {
  const [top, share] = [...topOdds(odds)].reduce((best, one) => (one[1] > best[1] ? one : best));
  if (share < KNOWN || top === 'bare') return null;
  const at = STACKS.reduce(
    (best, stack, i) => (stack.top === top && (best < 0 || odds[i]! > odds[best]!) ? i : best),
    -1,
  );
  return STACKS[at] ?? null;
}

/** What a finished job teaches: its surfaces whose film is known, told by what they are and not by what they are called. */
export function caseSurfaces(known: readonly KnownSurface[]): CaseSurface[] {
  const brushes = new Map<string, string>();
  const counts = new Map<string, number>();
  const brushOf = (campaign: string | null, i: number) => {
    if (!campaign) return `alone-${i + 1}`;
    if (!brushes.has(campaign)) brushes.set(campaign, `brush-${brushes.size + 1}`);
    return brushes.get(campaign)!;
  };
  return known
    .flatMap(({ surface, campaign, odds }, i): CaseSurface[] => {
      const lies = foundThere(odds);
      if (!lies) return [];
      const nth = (counts.get(surface.element) ?? 0) + 1;
      counts.set(surface.element, nth);
      return [
        {
          id: `surface-${i + 1}`,
          name: nth === 1 ? ELEMENT_LABELS[surface.element] : `${ELEMENT_LABELS[surface.element]}, ${nth}`,
          facts: toldOf(surface),
          brush: brushOf(campaign, i),
          lies: { ...lies, under: [...lies.under] },
        },
      ];
    })
    .slice(0, MOST_SURFACES);
}

/** What a case is told as at the door. */
const storyOf = (surfaces: readonly PracticeSurface[]): string => {
  const years = surfaces.flatMap(({ surface }) => surface.builtYear ?? []);
  const age = years.length ? `of about ${Math.round(Math.min(...years) / 10) * 10}` : 'nobody knows how old';
  const hands = new Set(surfaces.map((s) => s.brush)).size;
  return `A finished job of this firm, ${age}: ${surfaces.length} surfaces, by ${hands === 1 ? 'one hand' : `${hands} hands`} as far as anybody knew. What lay there was found out in the end.`;
};

/** A case as a room to practise in: the same tests show the same there for everybody. */
export function caseRoom({ id, name, surfaces: told }: PracticeCase): PracticeRoom {
  const surfaces = told.map(({ id: surface, name: called, facts, brush, lies }): PracticeSurface => {
    const read = factsOf({ surface: facts });
    return { id: surface, name: called, brush, surface: read, skill: skillOf(read), lies: sameStack(lies) };
  });
  return { plan: id, seed: 1, name, story: storyOf(surfaces), surfaces };
}

const keyOf = ({ top, under, bond, depth }: CaseStack | StackKind) => [top, under.join('+'), bond, depth].join('/');
const BY_KEY = new Map(STACKS.map((stack) => [keyOf(stack), stack]));
/** The stack of the model that this one is; of one that is told apart no more, the first with its top. */
const sameStack = (lies: CaseStack): StackKind =>
  BY_KEY.get(keyOf(lies)) ?? STACKS.find(({ top }) => top === lies.top)!;
