import { median } from 'd3-array';
import { sampler, type Light, type Picture, type PictureUnread } from '../patchPicture/picture.ts';
import type { PicturePoint } from '../patchPicture/corners.ts';
import { ciede2000Of, hexOfLab, labOfLight, lightOf, type Lab } from '../units/colour.ts';
import { APART_DOUBT, CAMERA_DOUBT, PHOTO_REFERENCES, type PhotoReference } from './knowledge/references.ts';

/** Where the reference and the colour lie in a picture, in shares of its width and height; how far around is read, in shares of its width. */
export interface ColourSetting {
  reference: PicturePoint;
  colour: PicturePoint;
  around: number;
}

/** A colour read from a photo: an aid, and never a match. */
export interface ColourFromPhoto {
  /** `#rrggbb`, in the light of day. */
  colour: string;
  lab: Lab;
  /** In CIEDE2000: nine colours in ten lie so near, with a camera that mixes colours as pocket cameras do. */
  doubt: number;
  /** What makes it doubtful beside the camera, in whole sentences. */
  minds: string[];
}

/** Read in so many squares each way, so that a speck or an edge in one of them does not count. */
const SQUARES = 6;
const IN_SQUARE = 6;
/** With more than this share burnt out or in the dark nothing is told. */
const MOST_LOST = 0.25;
/** A face that sends back more than a white does lies in other light than the reference. */
const MOST_LIGHT = 1.08;
/** From here on the face is no one colour, in CIEDE2000 among its squares. */
const PATCHY = 4;
/** From so far apart on it is said, in shares of the width. */
const FAR_APART = 0.5;

interface Face {
  light: Light;
  /** How far its squares lie from each other: the middle of them, as light of their own. */
  squares: Light[];
}

/** What a face of the picture sends back: the middle of its squares; or what of it was lost. */
function faceAt(picture: Picture, { x, y }: PicturePoint, around: number): Face | 'burnt' | 'dark' {
  const tall = (around * picture.width) / picture.height;
  const squares = Array.from({ length: SQUARES * SQUARES }, (_, i) => {
    const taken = sampler(picture);
    const [column, row] = [i % SQUARES, Math.floor(i / SQUARES)];
    for (let j = 0; j < IN_SQUARE * IN_SQUARE; j += 1) {
      const across = (column + ((j % IN_SQUARE) + 0.5) / IN_SQUARE) / SQUARES;
      const down = (row + (Math.floor(j / IN_SQUARE) + 0.5) / IN_SQUARE) / SQUARES;
      taken.at({ x: x + (across - 0.5) * 2 * around, y: y + (down - 0.5) * 2 * tall });
    }
    return taken.read();
  });
  const lost = (how: 'burnt' | 'dark') => squares.filter((s) => s[how] > MOST_LOST).length / squares.length;
  if (lost('burnt') > MOST_LOST) return 'burnt';
  if (lost('dark') > MOST_LOST) return 'dark';
  const told = squares.map((s) => s.light);
  return { light: [0, 1, 2].map((i) => median(told, (l) => l[i])!) as Light, squares: told };
}

const WHERE = { reference: 'The reference', colour: 'The colour' } as const;
const lostWords = (what: keyof typeof WHERE, how: 'burnt' | 'dark') =>
  how === 'burnt'
    ? `${WHERE[what]} is burnt out in this picture. Take it again a little darker, without flash or glare.`
    : `${WHERE[what]} lies in the dark in this picture. Take it again with more light.`;

/** What the reference sends back, red, green and blue; null where a known paint has no colour that can be read. */
const referenceLight = (reference: PhotoReference, known: string | null): Light | null => {
  const { sendsBack } = PHOTO_REFERENCES[reference];
  if (sendsBack !== null) return [sendsBack, sendsBack, sendsBack];
  return known ? lightOf(known) : null;
};

/**
 * Reads a colour from a picture against something in it whose colour is known: what light fell, and how the camera set its
 * white, drop out. `known` is the colour of a paint that serves as reference, `#rrggbb`. Where it cannot be read, why, and
 * what to do.
 */
export function colourFromPhoto(
  picture: Picture,
  { reference: at, colour: of, around }: ColourSetting,
  reference: PhotoReference,
  known: string | null = null,
): ColourFromPhoto | PictureUnread {
  const sent = referenceLight(reference, known);
  if (!sent) return { unread: 'Say which colour the paint is that it is held against.' };
  const [card, face] = [faceAt(picture, at, around), faceAt(picture, of, around)];
  if (typeof card === 'string') return { unread: lostWords('reference', card) };
  if (typeof face === 'string') return { unread: lostWords('colour', face) };
  const against = (light: Light) => light.map((part, i) => (part / Math.max(1e-4, card.light[i]!)) * sent[i]!) as Light;
  const light = against(face.light);
  if (Math.max(...light) > MOST_LIGHT)
    return {
      unread:
        'The colour comes out lighter than white can be: the reference lies in shade, or the colour in glare. Take it again with both in the same light.',
    };
  const lab = labOfLight(light);
  const patchy = spreadOf(face.squares.map(against), lab);
  const uneven = spreadOf(card.squares.map(against), labOfLight(sent));
  const apart = Math.hypot(at.x - of.x, (at.y - of.y) * (picture.height / picture.width));
  return {
    colour: hexOfLab(lab),
    lab,
    doubt: Math.hypot(CAMERA_DOUBT, PHOTO_REFERENCES[reference].doubt, APART_DOUBT * apart, patchy / 2, uneven / 2),
    minds: [
      ...(patchy > PATCHY ? ['What is read is no one colour: it is patterned, dirty, or in broken light.'] : []),
      ...(uneven > PATCHY ? ['The reference is not evenly lit.'] : []),
      ...(apart > FAR_APART ? ['Reference and colour lie far apart: lay the one on the other.'] : []),
      ...(reference === 'paper'
        ? ['Paper is brightened and differs from sheet to sheet: a grey card tells more.']
        : []),
    ],
  };
}

/** How far squares of a face lie from the middle of it, as a rule. */
const spreadOf = (squares: readonly Light[], middle: Lab): number =>
  median(squares, (light) => ciede2000Of(labOfLight(light), middle))!;
