import { randomUUID as uuid } from 'node:crypto';
import sharp from 'sharp';
import { openJobOf, send } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

/** A photo of a wall, wider than it is high. */
const wall = () =>
  sharp({ create: { width: 600, height: 450, channels: 3, background: '#c8bfa8' } })
    .jpeg()
    .toBuffer();

test('a photo is taken again from the same stand, its first one laid over, and becomes the one after', async ({
  page,
}, info) => {
  await signIn(page);
  const [jobId, roomId, id] = [uuid(), uuid(), uuid()];
  await openJobOf(page, jobId, `Stand, ${info.project.name}`, 1996);
  await send(page, 'POST', `jobs/${jobId}/rooms`, { id: roomId, name: 'Landing' });
  await send(page, 'POST', `jobs/${jobId}/surfaces`, {
    id,
    roomId,
    name: 'Wall',
    facts: { element: 'wall', substrate: 'drywall', areaM2: 9 },
    wanted: { colour: '#efe9d8' },
  });
  await page.goto(`/jobs/${jobId}/surfaces/${id}`);
  const kept = page.getByRole('img', { name: /^(Photo by|From the same stand)/ });
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({ name: 'wall.jpg', mimeType: 'image/jpeg', buffer: await wall() });
  await expect(kept).toHaveCount(1);
  await page.getByRole('button', { name: 'Again from this stand' }).click();
  const stand = page.getByRole('region', { name: 'From the same stand' });
  await expect(stand.getByAltText('The first photo, laid over')).toBeVisible();
  await stand.getByLabel('First photo').fill('30');
  await stand.getByRole('button', { name: 'Take it' }).click();
  await expect(kept).toHaveCount(2);
  await expect(stand).toHaveCount(0);
  // What was taken has the shape of the first.
  const shape = await page
    .getByRole('img', { name: /^From the same stand/ })
    .evaluate(async (img: HTMLImageElement) => {
      await img.decode();
      return img.naturalWidth / img.naturalHeight;
    });
  expect(shape).toBeCloseTo(600 / 450, 1);
  // For the client: one is chosen as it was found, and the one after taken on the spot.
  await page.goto(`/jobs/${jobId}/price`);
  await page.getByRole('button', { name: 'Choose a photo' }).click();
  await page.getByRole('button', { name: /^Wall/ }).first().click();
  await page.getByRole('button', { name: 'Take it now' }).click();
  await stand.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByRole('img', { name: /^after/ })).toBeVisible();
});
