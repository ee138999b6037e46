import type { Page } from '@playwright/test';
import sharp from 'sharp';
import { byteOf } from '../../packages/core/src/practice/drills/drawPatches.ts';
import { lightOf } from '../../packages/core/src/units/colour.ts';
import { drawTo } from '../drawTo.ts';
import { openJob, signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

const [WIDTH, HEIGHT] = [900, 600];
/** Warm light of an evening, red, green and blue. */
const LIGHT = [0.95, 0.74, 0.5];
/** A photo of a wall in this colour, a grey card of 18 % lying on its left, in warm light. */
async function wallWithCard(colour: string, grey = 0.18) {
  const wall = lightOf(colour)!;
  const pixels = Buffer.alloc(WIDTH * HEIGHT * 3);
  for (let y = 0; y < HEIGHT; y++)
    for (let x = 0; x < WIDTH; x++) {
      const onCard = x > 120 && x < 360 && y > 180 && y < 420;
      for (const i of [0, 1, 2]) pixels[(y * WIDTH + x) * 3 + i] = byteOf((onCard ? grey : wall[i]!) * LIGHT[i]!);
    }
  const buffer = await sharp(pixels, { raw: { width: WIDTH, height: HEIGHT, channels: 3 } })
    .jpeg({ quality: 92 })
    .toBuffer();
  return { name: 'wall.jpg', mimeType: 'image/jpeg', buffer };
}

const draw = (page: Page, words: string, x: number, y: number) =>
  drawTo(page, 'The colour and its reference, as photographed', words, { x, y });

test('a colour is read from a photo against a grey card, with what it may be off and the chips that lie near', async ({
  page,
}, info) => {
  await signIn(page);
  await openJob(page, 'Number 4 Ropewalk');
  await page.goto(`${page.url()}/colours`);
  await page.getByRole('button', { name: 'Add' }).click();
  const form = page.getByRole('form', { name: 'Add a colour' });
  // A green wall, and only the card says that the light is warm.
  await form.getByLabel('Read it from a photo').setInputFiles(await wallWithCard('#4d6b4f'));
  const read = form.getByRole('region', { name: 'A colour from a photo' });
  await draw(page, 'Onto the reference', 0.27, 0.5);
  await draw(page, 'Onto the colour', 0.75, 0.3);
  await expect(read).toContainText('green');
  await expect(read).toContainText(/may be off by [2-6]\.\d, nine times in ten/);
  await expect(read).toContainText(/(chip|chips) (lies|lie) within that|No chip of your cards/);
  await read.getByRole('button', { name: 'Take the swatch as it was read' }).click();
  const swatch = await form.getByLabel('Swatch').inputValue();
  const [r, g, b] = [1, 3, 5].map((at) => Number.parseInt(swatch.slice(at, at + 2), 16)) as [number, number, number];
  expect(Math.abs(r - 0x4d)).toBeLessThan(5);
  expect(Math.abs(g - 0x6b)).toBeLessThan(5);
  expect(Math.abs(b - 0x4f)).toBeLessThan(5);
  await expect(form.getByLabel('Note')).toHaveValue(/^Read from a photo: may be off by \d/);

  // White where the card was grey: what comes out would be lighter than any white.
  await form.getByLabel('Another photo').setInputFiles({ ...(await wallWithCard('#c0c0c0', 0.05)), name: 'b.jpg' });
  await draw(page, 'Onto the reference', 0.27, 0.5);
  await expect(read).toContainText('lighter than white can be');
  await form
    .getByLabel('Another photo')
    .setInputFiles({ name: 'c.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(read).toContainText('not a picture that can be read');

  // A chip that lies near is taken in one press, with its name.
  await form.getByLabel('Another photo').setInputFiles({ ...(await wallWithCard('#4d6b4f')), name: 'd.jpg' });
  await draw(page, 'Onto the reference', 0.27, 0.5);
  await draw(page, 'Onto the colour', 0.75, 0.3);
  const chip = read.getByRole('listitem').first().getByRole('button');
  await expect(chip).toContainText('away');
  await chip.click();
  await expect(form.getByLabel('Name, as the client says it')).not.toHaveValue('');
  await form.getByLabel('Name, as the client says it').fill(`From a photo ${info.project.name}`);
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('heading', { name: `From a photo ${info.project.name}` })).toBeVisible();
});
