import { randomUUID as uuid } from 'node:crypto';
import type { Page } from '@playwright/test';
import sharp from 'sharp';
import {
  drawPatches,
  takenBy,
  type DrawnPatch,
  type Taken,
} from '../../packages/core/src/practice/drills/drawPatches.ts';
import { drawTo, type Place } from '../drawTo.ts';
import { openJobOf, keepPhoto, send } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

/** Dye comes through the first within hours; under the second nothing shows. */
const PATCHES: DrawnPatch[] = [
  { hiding: 0.02, dye: 0.3, withinH: 4 },
  { hiding: 0.01, dye: 0, withinH: 4 },
];
const FIRST = 'stain-blocking-acrylic-primer';
const SECOND = 'shellac-primer';

async function asFile(taken: Taken, hours: number, [width, height] = [900, 675]) {
  const { data } = drawPatches(PATCHES, taken, { hours, seed: hours, width, height });
  const buffer = await sharp(Buffer.from(data), { raw: { width, height, channels: 4 } })
    .jpeg({ quality: 88 })
    .toBuffer();
  return { name: `after-${hours}-h.jpg`, mimeType: 'image/jpeg', buffer };
}

const draw = (page: Page, words: string, to: Place) => drawTo(page, 'The patches, as photographed', words, to);

async function setCorners(page: Page, { corners }: Taken): Promise<void> {
  await draw(page, 'Upper left corner', corners.topLeft);
  await draw(page, 'Upper right corner', corners.topRight);
  await draw(page, 'Lower right corner', corners.bottomRight);
  await draw(page, 'Lower left corner', corners.bottomLeft);
}

test('what shows through patches is measured in photos of them, and told apart over time', async ({ page }, info) => {
  await signIn(page);
  const [jobId, roomId, surfaceId, patchId] = [uuid(), uuid(), uuid(), uuid()];
  await openJobOf(page, jobId, `Pictured patches, ${info.project.name}`, 1996);
  await send(page, 'POST', `jobs/${jobId}/rooms`, { id: roomId, name: 'Bathroom' });
  const facts = { element: 'ceiling', substrate: 'drywall', areaM2: 6, conditions: ['water-stain'] };
  await send(page, 'POST', `jobs/${jobId}/surfaces`, { id: surfaceId, roomId, name: 'Ceiling', facts, wanted: {} });
  // Laid the day before, so that a photo of now is a later look; one of the first hour was kept then.
  const laidAt = Date.now() - 26 * 3_600_000;
  const at = (hours: number) => new Date(laidAt + hours * 3_600_000).toISOString();
  const laid = { families: [FIRST, SECOND], coats: 1, place: 'across the ring' };
  await send(page, 'POST', `surfaces/${surfaceId}/patches`, { id: patchId, ...laid, at: at(0) });
  const early = await asFile(takenBy(4), 0.5);
  const photoId = uuid();
  await keepPhoto(page, jobId, { id: photoId, roomId, surfaceId, at: at(0.5) }, early.buffer);
  const shows = [0.9, 0.3].map((difference) => ({ difference, doubt: 0.1, worst: difference }));
  const first = { photoId, setting: { corners: takenBy(4).corners, band: takenBy(4).band }, coats: 1, shows };
  await send(page, 'POST', `surfaces/${surfaceId}/patches/${patchId}/pictures`, { id: uuid(), ...first, at: at(0.5) });

  await page.goto(`/jobs/${jobId}/surfaces/${surfaceId}`);
  const patches = page.getByRole('region', { name: 'Patches laid' });
  await expect(patches.getByText('Not settled.').first()).toBeVisible();
  await patches.getByLabel('Measure them in a photo').setInputFiles(await asFile(takenBy(8), 26));
  const panel = page.getByRole('region', { name: 'A picture of the patches' });
  const shown = panel.getByRole('img', { name: 'The patches, as photographed' });
  await expect.poll(async () => (await shown.boundingBox())!.height).toBeGreaterThan(200);
  await setCorners(page, takenBy(8));
  const measured = async (primer: string) =>
    Number(await panel.getByRole('row').filter({ hasText: primer }).getByRole('cell').last().textContent());
  await expect.poll(() => measured('Stain-blocking acrylic')).toBeGreaterThan(5);
  expect(await measured('Shellac')).toBeLessThan(1);
  await panel.getByRole('button', { name: 'Keep it' }).click();
  await expect(panel).toHaveCount(0);
  const acrylic = patches.getByRole('listitem').filter({ hasText: 'Stain-blocking acrylic' }).first();
  await expect(acrylic).toContainText(/The pictures say: dye rises through it \(\d+ in 100\)/);
  await expect(patches.getByRole('listitem').filter({ hasText: 'Shellac' }).first()).toContainText('it covers');
  // The painter decides, and what is decided is obeyed.
  await acrylic.getByRole('button', { name: 'Bleeds through' }).click();
  await expect(acrylic).toContainText(/bleeds through after 26 h/);

  // What is kept can be set anew; what cannot be read is said, and nothing is kept of it.
  await patches.getByRole('button', { name: /26 h/ }).click();
  await expect(panel.getByRole('button', { name: 'Keep it' })).toBeEnabled();
  await panel.getByRole('button', { name: 'Lower edge of the strong colour' }).focus();
  for (let i = 0; i < 30; i += 1) await page.keyboard.press('Shift+ArrowDown');
  await panel.getByRole('button', { name: 'Upper edge of the strong colour' }).focus();
  for (let i = 0; i < 30; i += 1) await page.keyboard.press('Shift+ArrowUp');
  await expect(panel.getByRole('alert')).toContainText('Leave plain ground');
  await expect(panel.getByRole('button', { name: 'Keep it' })).toBeDisabled();
  await panel.getByRole('button', { name: 'Leave' }).click();
  await patches
    .getByLabel('Measure them in a photo')
    .setInputFiles({ name: 'note.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(panel.getByRole('alert')).toContainText('not a picture that can be read');
});
