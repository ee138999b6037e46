import { isCoat } from '../vocabulary/index.ts';
import type { CoatKind, Family, Method, Sheen, StepKind, Technique, Tint, Wear } from '../vocabulary/index.ts';

/** One line of a specification. `why` is a list of sentences, never empty. */
export interface Step {
  kind: StepKind;
  family?: Family;
  coats?: number;
  grit?: number;
  technique?: Technique;
  tint?: Tint;
  /** all (left out), spots, bare-areas, or a place named by a test. */
  scope?: string;
  method?: Method;
  sheen?: Sheen;
  /** Least unattended wait after it, in minutes, where it is not a coat. */
  waitMin?: number;
  wear?: Wear[];
  /** Done at a return visit, so long after the rest: an ISO 8601 duration. */
  later?: string;
  /** Done before the surface is wetted: a sealer on what water would lift. Never shown. */
  early?: boolean;
  /** A trial that comes before the work it is a trial of. Never shown. */
  trial?: boolean;
  /** Done once the last coat is on. Never shown. */
  afterFinish?: boolean;
  /** A bead over silicone that stays: before any primer, which would crawl on it. Never shown. */
  bridges?: boolean;
  /** A coat that follows the denibbing of the one before it, of the same product. Never shown. */
  afterDenib?: boolean;
  /** How much of the surface it covers, in m², where that is drawn. Never shown. */
  areaM2?: number;
  /** How much of the surface the place is that it names, 0 to 1, where that is known. Never shown. */
  share?: number;
  /** The same is done in another place right after it: nobody waits between them. Never shown. */
  beside?: boolean;
  /** The joints along which it is done, where they were drawn. Never shown. */
  joints?: StepJoint[];
  /** Parts in colours of their own: which round of taping it belongs to, the line that is taped, and what each colour takes. */
  parts?: StepParts;
  why: string[];
}

/** A length of joint that a step is done along. */
export interface StepJoint {
  lengthM: number;
  widthMm: number;
  /** The colour of its bead; empty: any. */
  colour: string;
  /** A rod goes in first. */
  rod: boolean;
}

/** How long joints are together, in metres. */
export const metresAlong = (joints: readonly Pick<StepJoint, 'lengthM'>[]): number =>
  joints.reduce((sum, { lengthM }) => sum + lengthM, 0);

/** What a step does to the parts of a surface that have colours of their own. */
export interface StepParts {
  /** From 1. */
  round: number;
  /** The line that is taped, in metres; of it, so much is no straight line. */
  tapeM: number;
  curvedM: number;
  /** Coats by colour; empty where it lays none. */
  colours: { colour: string; areaM2: number; coats: number }[];
}

/** A step that lays a film. */
export type CoatStep = Step & { kind: CoatKind; family: Family; coats: number };

/** A complete, ordered specification. */
export interface System {
  steps: Step[];
}

/** The plain words for a step, without its product: what is compared when two systems are set side by side. */
export function stepKey(step: Step): string {
  return `${step.kind}|${step.family ?? ''}|${step.grit ?? ''}|${step.scope ?? ''}|${step.technique ?? ''}|${step.later ?? ''}`;
}

/** It is done to the whole of the surface: in no spots, and in no place by name. */
export const isOverAll = ({ scope }: Pick<Step, 'scope'>): boolean => scope === undefined || scope === 'all';

/** The families of the coats, each once, in the order they are laid. */
export const coatFamilies = (steps: readonly Step[]): Family[] => [
  ...new Set(steps.flatMap((s) => (s.family && isCoat(s.kind) ? [s.family] : []))),
];
