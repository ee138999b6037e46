import { randomUUID as uuid } from 'node:crypto';
import sharp from 'sharp';
import { drawTo } from '../drawTo.ts';
import { keepPhoto, openJobOf, walledRoom } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

/** A wall of 4 by 2.4 m, photographed straight on, 200 px a metre: its window is dark. */
const WINDOW = { x: 1.4, y: 1, widthM: 1.2, heightM: 1 };
const [WIDTH, HEIGHT] = [800, 480];
const photo = async () => {
  const dark = await sharp({
    create: { width: WINDOW.widthM * 200, height: WINDOW.heightM * 200, channels: 3, background: '#30343c' },
  })
    .png()
    .toBuffer();
  return sharp({ create: { width: WIDTH, height: HEIGHT, channels: 3, background: '#e4dccb' } })
    .composite([
      { input: dark, left: Math.round(WINDOW.x * 200), top: Math.round((2.4 - WINDOW.y - WINDOW.heightM) * 200) },
    ])
    .jpeg()
    .toBuffer();
};
/** Where a place of the wall is in the photo, in shares of it. */
const seen = (x: number, y: number) => ({ x: x / 4, y: 1 - y / 2.4 });

test('a photo is set to its wall by the corners of a window, and damage is marked in it', async ({ page }, info) => {
  await signIn(page);
  const jobId = uuid();
  await openJobOf(page, jobId, `Photographed, ${info.project.name}`, 1934);
  const { roomId, id } = await walledRoom(page, jobId, {
    name: 'Back room',
    window: WINDOW,
    facts: { substrate: 'lime-plaster' },
  });
  await keepPhoto(page, jobId, { id: uuid(), roomId, surfaceId: id, at: new Date().toISOString() }, await photo());
  await page.goto(`/jobs/${jobId}/surfaces/${id}/damage`);
  const onPhoto = page.getByRole('region', { name: 'On a photo' });
  await onPhoto.getByRole('group', { name: 'Which photo' }).getByRole('button').click();

  const words = 'The wall, as photographed';
  const [left, right, low, high] = [WINDOW.x, WINDOW.x + WINDOW.widthM, WINDOW.y, WINDOW.y + WINDOW.heightM];
  await drawTo(page, words, 'Upper left corner', seen(left, high));
  await drawTo(page, words, 'Upper right corner', seen(right, high));
  await drawTo(page, words, 'Lower right corner', seen(right, low));
  await drawTo(page, words, 'Lower left corner', seen(left, low));
  await onPhoto.getByLabel('They are the corners of').selectOption({ label: 'the window' });
  await onPhoto.getByRole('button', { name: 'So it lies' }).click();
  await expect(onPhoto.getByText('Tap where it is.')).toBeVisible();

  // Below the window it is damp: tapped in the photo, it is on the wall.
  await page.getByRole('button', { name: 'Damp', exact: true }).click();
  const picture = onPhoto.getByRole('img', { name: words });
  const tap = async (x: number, y: number) => {
    const box = (await picture.boundingBox())!;
    const at = seen(x, y);
    await picture.click({ position: { x: at.x * box.width, y: at.y * box.height } });
  };
  await tap(1.8, 0.5);
  const marks = page.getByRole('list', { name: 'Marks' }).getByRole('listitem');
  await expect(marks).toHaveCount(1);
  await tap(2.2, 0.4);
  await expect(marks).toHaveCount(2);
  const placed = await page.evaluate(async (surfaceId) => {
    const answer = await fetch(`/api/surfaces/${surfaceId}/damage`);
    const { marks: all } = (await answer.json()) as { marks: { place: { x: number; y: number } }[] };
    return all.map(({ place }) => place);
  }, id);
  for (const [i, [x, y]] of [
    [1.8, 0.5],
    [2.2, 0.4],
  ].entries()) {
    expect(Math.abs(placed[i]!.x - x!)).toBeLessThan(0.06);
    expect(Math.abs(placed[i]!.y - y!)).toBeLessThan(0.06);
  }
  // Its number stands in the photo where it was tapped, and why it may be there is told.
  const box = (await picture.boundingBox())!;
  const badge = (await onPhoto.getByTitle('1: damp').boundingBox())!;
  expect(Math.abs(badge.x + badge.width / 2 - box.x - seen(1.8, 0.5).x * box.width)).toBeLessThan(6);
  await expect(page.getByRole('region', { name: 'Why it may be there' })).toContainText('Water comes in at the sill');
});
