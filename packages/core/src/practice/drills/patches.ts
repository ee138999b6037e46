import type { Picture } from '../../patchPicture/picture.ts';
import { readPatchPicture } from '../../patchPicture/readPatchPicture.ts';
import { patchSeen, type SeenAs } from '../../patchPicture/seen.ts';
import { drawnBy } from '../byLot.ts';
import { drawPatches, takenBy, type DrawnPatch, type Taken } from './drawPatches.ts';
import type { DrawnDrill } from './drill.ts';

const PRIMERS = ['shellac primer', 'stain-blocking acrylic', 'bonding acrylic'] as const;
/** When the patches were looked at, in hours. */
const LOOKS = [0.5, 24] as const;
const SIZE = { width: 260, height: 170 } as const;

const OUTCOMES = [
  { code: 'covers', words: 'It covers', hiding: [0, 0.01], dye: [0, 0] },
  { code: 'another-coat', words: 'Another coat: the old colour shows', hiding: [0.12, 0.26], dye: [0, 0] },
  { code: 'bleeds', words: 'It bleeds: another primer', hiding: [0, 0.02], dye: [0.1, 0.24] },
] as const;
type Outcome = (typeof OUTCOMES)[number];

const within = ([from, to]: readonly [number, number], u: number) => from + u * (to - from);

function drawnPatch(outcome: Outcome, lot: (what: string) => number): DrawnPatch {
  return {
    hiding: within(outcome.hiding, lot('hiding')),
    dye: within(outcome.dye, lot('dye')),
    withinH: 3 + lot('within') * 5,
  };
}

interface DrawnPatches {
  outcomes: Outcome[];
  patches: DrawnPatch[];
  taken: Taken[];
}

function drawn(seed: number): DrawnPatches {
  const outcomes = PRIMERS.map((primer) => OUTCOMES[Math.floor(drawnBy('patches', seed, primer) * OUTCOMES.length)]!);
  return {
    outcomes,
    patches: outcomes.map((outcome, i) => drawnPatch(outcome, (what) => drawnBy('patches', seed, i, what))),
    taken: LOOKS.map((_, look) => takenBy(seed * LOOKS.length + look + 1)),
  };
}

/** What the pictures of a patch drill show: the patches at each look, each time from another stand and in other light. */
export function patchPictures(seed: number): { hours: number; picture: Picture }[] {
  const { patches, taken } = drawn(seed);
  return LOOKS.map((hours, look) => ({
    hours,
    picture: drawPatches(patches, taken[look]!, { hours, seed: seed + look, ...SIZE, pencilled: true }),
  }));
}

const AS_OUTCOME: Record<SeenAs, Outcome['code']> = {
  covers: 'covers',
  'shows-through': 'another-coat',
  'faint-bleed': 'bleeds',
  'bleeds-through': 'bleeds',
};

/** What measuring the same pictures says of each patch, and how surely. */
export function patchesMeasured(seed: number): { code: Outcome['code']; sure: number }[] {
  const { taken } = drawn(seed);
  const read = patchPictures(seed).map(({ picture, hours }, look) => ({
    hours,
    shows: readPatchPicture(picture, { corners: taken[look]!.corners, band: taken[look]!.band }, PRIMERS.length),
  }));
  return PRIMERS.map((_, i) => {
    const { sees, sure } = patchSeen(
      read.flatMap(({ hours, shows }) =>
        Array.isArray(shows)
          ? [{ minutes: hours * 60, coats: 1, difference: shows[i]!.difference, doubt: shows[i]!.doubt }]
          : [],
      ),
    )!;
    return { code: AS_OUTCOME[sees], sure };
  });
}

/** Patches in two pictures, made by the model: what each primer does, read by eye. */
export function patchesDrill(seed: number): DrawnDrill {
  const { outcomes } = drawn(seed);
  const measured = patchesMeasured(seed);
  const wordsOf = (code: string) => OUTCOMES.find((o) => o.code === code)!.words;
  return {
    drill: {
      code: 'patches',
      seed,
      name: 'Patches, read by eye',
      story:
        'One coat of three primers across a strong brown, after half an hour and after a day. Hiding is there from the first; dye comes later.',
      sheet: [],
      questions: PRIMERS.map((primer, i) => ({
        id: `patch-${i + 1}`,
        asks: `${['Left', 'Middle', 'Right'][i]}: ${primer}`,
        options: OUTCOMES.map(({ code, words }) => ({ code, words })),
        unit: '',
      })),
    },
    truths: Object.fromEntries(
      outcomes.map((outcome, i) => [
        `patch-${i + 1}`,
        {
          truth: outcome.code,
          fits: (says: string | number) => says === outcome.code,
          words: outcome.words,
          because: `Measured in the same pictures: ${wordsOf(measured[i]!.code).toLowerCase()}, ${Math.round(measured[i]!.sure * 100)} in 100.`,
        },
      ]),
    ),
  };
}
