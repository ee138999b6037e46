import type { CardColour } from '../../model/colour.ts';
import { hexOfLab } from '../../units/colour.ts';
import { hexOfParts, inOneField, nameAndCode, partsOfHex, type BadChip, type CardRead } from './cardRead.ts';

/** The four letters at the head of a swatch file, `ASEF`, and its version 1.0. */
const HEAD = 0x41534546;
const COLOUR_BLOCK = 0x0001;
const SPOT = 1;
const [HEAD_BYTES, BLOCK_HEAD_BYTES] = [12, 6];

/** Whether bytes begin as a swatch file does. */
export const isSwatchFile = (bytes: Uint8Array): boolean =>
  bytes.byteLength >= HEAD_BYTES && viewOf(bytes).getUint32(0) === HEAD;

const viewOf = (bytes: Uint8Array) => new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
const text = (view: DataView, from: number, letters: number) =>
  String.fromCharCode(...Array.from({ length: letters }, (_, i) => view.getUint16(from + 2 * i)));

/** The colour of a block by its model; null: in inks, which say nothing sure of a colour. */
function colourOf(view: DataView, at: number): string | null {
  const model = String.fromCharCode(...Array.from({ length: 4 }, (_, i) => view.getUint8(at + i))).trim();
  const part = (i: number) => view.getFloat32(at + 4 + 4 * i);
  if (model === 'RGB') return hexOfParts([0, 1, 2].map((i) => part(i) * 255));
  if (model === 'LAB') return hexOfLab({ l: part(0) * 100, a: part(1), b: part(2) });
  if (model === 'Gray') return hexOfParts(Array<number>(3).fill(part(0) * 255));
  return null;
}

/** Colours from a swatch file (`.ase`): blocks, each with its type, its length, a name in UTF-16 and a colour. */
export function readSwatchCard(bytes: Uint8Array): CardRead {
  const view = viewOf(bytes);
  const colours: CardColour[] = [];
  const faults: BadChip[] = [];
  /** Which colour of the file it is. */
  const row = () => colours.length + faults.length + 1;
  let at = HEAD_BYTES;
  try {
    for (let block = view.getUint32(8); block > 0; block--) {
      const [type, length] = [view.getUint16(at), view.getUint32(at + 2)];
      const from = at + BLOCK_HEAD_BYTES;
      at = from + length;
      // Groups only gather colours.
      if (type !== COLOUR_BLOCK) continue;
      const letters = view.getUint16(from);
      const name = text(view, from + 2, Math.max(0, letters - 1)).trim();
      const colour = colourOf(view, from + 2 + 2 * letters);
      if (!name) faults.push({ row: row(), message: 'has no name' });
      else if (!colour) faults.push({ row: row(), message: `${name}: is given in inks; save it as RGB or Lab` });
      else colours.push({ ...nameAndCode(name), colour });
    }
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    faults.push({ row: row(), message: 'the file ends in the middle of a colour' });
  }
  return { colours, faults };
}

/** Colours as a swatch file. */
export function writeSwatchCard(colours: readonly CardColour[]): Uint8Array {
  const names = colours.map(inOneField);
  const lengths = names.map((name) => 2 + 2 * (name.length + 1) + 4 + 12 + 2);
  const bytes = new Uint8Array(lengths.reduce((sum, length) => sum + BLOCK_HEAD_BYTES + length, HEAD_BYTES));
  const view = viewOf(bytes);
  view.setUint32(0, HEAD);
  view.setUint16(4, 1);
  view.setUint32(8, colours.length);
  let at = HEAD_BYTES;
  colours.forEach(({ colour }, i) => {
    const name = names[i]!;
    view.setUint16(at, COLOUR_BLOCK);
    view.setUint32(at + 2, lengths[i]!);
    view.setUint16(at + 6, name.length + 1);
    for (let letter = 0; letter < name.length; letter++) view.setUint16(at + 8 + 2 * letter, name.charCodeAt(letter));
    const model = at + 8 + 2 * (name.length + 1);
    [...'RGB '].forEach((letter, j) => view.setUint8(model + j, letter.charCodeAt(0)));
    partsOfHex(colour).forEach((part, j) => view.setFloat32(model + 4 + 4 * j, part / 255));
    view.setUint16(model + 16, SPOT);
    at += BLOCK_HEAD_BYTES + lengths[i]!;
  });
  return bytes;
}
