import {
  armInWords,
  armOf,
  crossed,
  familyArm,
  laidWays,
  MOST_REPLICATES,
  NO_PRIMER,
  type Arm,
  type Family,
  type LaidWay,
  type Tried,
  type TrialDesign,
  type TriedLine,
} from '@rustic/core';
import { readMinutes } from '../words/readMinutes.ts';
import type { AskedLines } from './TriedLines.tsx';

/** What is said of a board before it is laid out. */
export interface SaidBoard {
  tried: AskedLines;
  inWords: string[];
  primers: (Family | 'none')[];
  topcoats: Family[];
  coats: string;
  /** As typed: "1 h; 24 h". */
  waits: string;
  replicates: string;
  /** Combinations by the names of their arms. */
  leftOut: string[];
}

/** A whole number as it is typed, held between two; the least where it is none. */
const wholeBetween = (text: string, least: number, most: number) =>
  Math.min(most, Math.max(least, Math.round(Number(text)) || least));

/** Waits that are tried, in minutes; none: as each product says. Null where one cannot be read. */
export function readWaits(text: string): number[] | null {
  const waits = text
    .split(/;|,\s|\band\b/)
    .map((one) => one.trim())
    .filter(Boolean)
    .map(readMinutes);
  return waits.every((wait) => Number.isFinite(wait) && wait > 0) ? [...new Set(waits)] : null;
}

/** Every primer with every wait that is tried. */
function primersOf({ primers, coats, waits }: SaidBoard): Arm[] {
  const tried = readWaits(waits) ?? [];
  return primers.flatMap((family) =>
    family === 'none'
      ? [NO_PRIMER]
      : (tried.length ? tried : [null]).map((wait) => familyArm(family, wholeBetween(coats, 1, 3), wait)),
  );
}

const preparationsOf = ({ tried, inWords }: SaidBoard): Arm[] => {
  const on = (line: TriedLine) => tried[line].map((one): Tried | null => one || null);
  const asked = { clean: on('clean'), wipe: on('wipe'), dull: on('dull'), joint: on('joint') };
  const arms = [...crossed(asked), ...inWords.map(armInWords)];
  return arms.length ? arms : [armOf([])];
};

/** What a combination is called among those that are left out. */
export const nameOfWay = ({ preparations, primers, topcoats }: TrialDesign, way: LaidWay): string =>
  [preparations[way.preparation]!.id, primers[way.primer]!.id, topcoats[way.topcoat]!.id].join('/');

/** A design whose lists are its own: to be sent. */
export type Designed = { [K in keyof TrialDesign]: TrialDesign[K] extends readonly (infer T)[] ? T[] : TrialDesign[K] };

/** The board that was said; `seed` draws where its cells lie. */
export function designOf(said: SaidBoard, seed: number): Designed {
  const design: Designed = {
    preparations: preparationsOf(said),
    primers: primersOf(said),
    topcoats: said.topcoats.map((family) => familyArm(family)),
    leftOut: [],
    replicates: wholeBetween(said.replicates, 1, MOST_REPLICATES),
    seed,
  };
  return { ...design, leftOut: laidWays(design).filter((way) => said.leftOut.includes(nameOfWay(design, way))) };
}
