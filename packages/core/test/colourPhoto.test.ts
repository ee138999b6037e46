import { describe, expect, test } from '@jest/globals';
import { randomNormal, randomUniform } from 'd3-random';
import {
  chipsNear,
  colourDifference,
  colourFromPhoto,
  PHOTO_REFERENCES,
  type ColourFromPhoto,
  type ColourSetting,
  type PhotoReference,
  type Picture,
} from '../src/index.ts';
import { ciede2000Of, labOf, lightOf } from '../src/units/colour.ts';
import { byLot, byteOf } from '../src/practice/drills/drawPatches.ts';

const SETTING: ColourSetting = { reference: { x: 0.25, y: 0.5 }, colour: { x: 0.6, y: 0.5 }, around: 0.05 };

interface Taken {
  /** Red, green and blue of the light that falls, and the exposure in it. */
  light: [number, number, number];
  /** How much the light falls off from left to right. */
  falls?: number;
  /** How far the camera mixes what it sees: rows of a matrix beside the identity. */
  mixes?: number[][];
  noise?: number;
  seed?: number;
}

/** A photo of a card on the left and a painted face on the right, by a camera that knows nothing of either. */
function photo(
  card: readonly number[],
  face: readonly number[],
  { light, falls = 0, mixes, noise = 0, seed = 1 }: Taken,
): Picture {
  const [width, height] = [80, 60];
  const data = new Uint8ClampedArray(width * height * 4);
  const off = randomNormal.source(byLot(seed))(0, noise);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const back = x < width * 0.42 ? card : face;
      const share = 1 + falls * (x / width - 0.5);
      const seen = back.map((part, i) => part * light[i]! * share);
      const mixed = seen.map((part, i) => part + (mixes ? mixes[i]!.reduce((sum, m, j) => sum + m * seen[j]!, 0) : 0));
      const at = (y * width + x) * 4;
      mixed.forEach((part, i) => (data[at + i] = byteOf(part) + off()));
      data[at + 3] = 255;
    }
  return { width, height, data };
}
const grey = (back: number) => [back, back, back];
const read = (picture: Picture, reference: PhotoReference = 'grey-card', known?: string) =>
  colourFromPhoto(picture, SETTING, reference, known) as ColourFromPhoto;
const unread = (picture: Picture, reference: PhotoReference = 'grey-card') =>
  (colourFromPhoto(picture, SETTING, reference) as { unread: string }).unread;

const PAINTS = ['#22384d', '#8a3b2f', '#d9d2c0', '#4d6b4f', '#f0ede2', '#c2a14a', '#6f6a78'];

describe('a colour from a photo', () => {
  test('comes out the same in warm light, cold light, little and much of it', () => {
    for (const paint of PAINTS)
      for (const light of [
        [0.9, 0.9, 0.9],
        [0.95, 0.7, 0.4],
        [0.5, 0.62, 0.85],
        [0.3, 0.3, 0.3],
      ] as [number, number, number][]) {
        const { colour } = read(photo(grey(0.18), lightOf(paint)!, { light }));
        expect(colourDifference(colour, paint)).toBeLessThan(1.2);
      }
  });

  test('lies as near as it says nine times in ten, on 300 photos drawn by lot with a camera that mixes colours', () => {
    let within = 0;
    for (let seed = 1; seed <= 300; seed++) {
      const source = byLot(seed);
      const part = randomUniform.source(source)(0.03, 0.75);
      const face = [part(), part(), part()];
      const warm = randomUniform.source(source)(0.6, 1);
      const mix = randomUniform.source(source)(-0.05, 0.05);
      const mixes = [0, 1, 2].map((i) => [0, 1, 2].map((j) => (i === j ? 0 : mix())));
      const bright = randomUniform.source(source)(0.5, 1)();
      const picture = photo(grey(0.18), face, {
        light: [bright, bright * warm(), bright * warm()],
        falls: randomUniform.source(source)(-0.15, 0.15)(),
        mixes,
        noise: randomUniform.source(source)(1, 5)(),
        seed,
      });
      const got = colourFromPhoto(picture, SETTING, 'grey-card');
      if ('unread' in got) throw new Error(got.unread);
      const truth = labOf(`#${face.map((p) => byteOf(p).toString(16).padStart(2, '0')).join('')}`)!;
      const off = ciede2000Of(got.lab, truth);
      within += Number(off <= got.doubt);
    }
    expect(within / 300).toBeGreaterThan(0.9);
  });

  test('a known paint serves as reference, and is asked for where nobody said which', () => {
    const wall = '#c8bfae';
    const { colour } = read(photo(lightOf(wall)!, lightOf('#4d6b4f')!, { light: [0.9, 0.75, 0.5] }), 'paint', wall);
    expect(colourDifference(colour, '#4d6b4f')).toBeLessThan(1.2);
    expect(unread(photo(grey(0.5), grey(0.2), { light: [1, 1, 1] }), 'paint')).toContain('Say which colour');
  });

  test('a white reference is doubted more if it is paper, and less near than far', () => {
    const picture = photo(grey(0.83), lightOf('#8a3b2f')!, { light: [0.8, 0.8, 0.8] });
    expect(read(picture, 'paper').doubt).toBeGreaterThan(read(picture, 'white-card').doubt);
    expect(read(picture, 'paper').minds.join(' ')).toContain('Paper is brightened');
    const near = colourFromPhoto(picture, { ...SETTING, colour: { x: 0.48, y: 0.5 } }, 'paper') as ColourFromPhoto;
    expect(near.doubt).toBeLessThan(read(picture, 'paper').doubt);
  });

  test('what is burnt out, in the dark, or lighter than white is refused with what to do', () => {
    expect(unread(photo(grey(0.9), grey(0.3), { light: [1.4, 1.4, 1.4] }), 'white-card')).toMatch(
      /reference is burnt out.*darker/,
    );
    expect(unread(photo(grey(0.18), grey(0.95), { light: [1.3, 1.3, 1.3] }))).toMatch(/colour is burnt out/);
    expect(unread(photo(grey(0.18), grey(0.3), { light: [0.003, 0.003, 0.003] }))).toMatch(
      /lies in the dark.*more light/,
    );
    // The card lies in shade: the face would send back more than it gets.
    expect(unread(photo(grey(0.04), grey(0.6), { light: [0.9, 0.9, 0.9] }))).toMatch(/lighter than white can be/);
  });

  test('a face that is no one colour says so', () => {
    const picture = photo(grey(0.18), grey(0.3), { light: [0.9, 0.9, 0.9] });
    for (let y = 0; y < picture.height; y++)
      for (let x = 44; x < picture.width; x++)
        if (Math.floor(x / 2) % 2) picture.data.set([150, 60, 40], (y * picture.width + x) * 4);
    expect(read(picture).minds.join(' ')).toContain('no one colour');
    const plain = photo(grey(0.18), grey(0.3), { light: [0.9, 0.9, 0.9] });
    expect(read(plain).minds).toEqual([]);
    expect(read(picture).doubt).toBeGreaterThan(read(plain).doubt);
  });

  test('every reference is bright enough to be told from the dark, and doubted', () => {
    for (const { sendsBack, doubt } of Object.values(PHOTO_REFERENCES)) {
      expect(sendsBack === null || (sendsBack > 0.1 && sendsBack < 1)).toBe(true);
      expect(doubt).toBeGreaterThan(0);
    }
  });

  test('chips come by how near they lie, as looking through all of them has it', () => {
    const chips = PAINTS.map((colour, i) => ({ colour, name: `chip ${i}` }));
    const near = chipsNear(chips, '#d5cdbb');
    expect(near).toHaveLength(PAINTS.length);
    expect(near[0]!.colour).toBe('#d9d2c0');
    near.forEach(({ colour, difference }) => expect(difference).toBeCloseTo(colourDifference(colour, '#d5cdbb'), 6));
    expect(near.map((c) => c.difference)).toEqual([...near.map((c) => c.difference)].sort((a, b) => a - b));
    expect(chipsNear(chips, 'no colour')).toEqual([]);
  });
});
