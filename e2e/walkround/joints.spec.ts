import { randomUUID as uuid } from 'node:crypto';
import { openJobOf, send, walledRoom } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test('a joint is drawn on the sketch, read, decided, bought, taken off and put back', async ({ page }, info) => {
  await signIn(page);
  const jobId = uuid();
  await openJobOf(page, jobId, `Joints, ${info.project.name}`, 2004);
  const { id } = await walledRoom(page, jobId, {
    name: 'Bathroom',
    window: { x: 1.4, y: 1, widthM: 1.2, heightM: 1.1 },
    facts: { substrate: 'skim-plaster', exposure: 'interior-wet', currentFinish: 'waterborne-acrylic' },
  });
  await page.goto(`/jobs/${jobId}/surfaces/${id}`);
  await page.getByRole('main').getByRole('button', { name: /^More/ }).click();
  await page.getByRole('menuitem', { name: /Joints of the room/ }).click();
  await expect(page.getByText('No joint is drawn yet.')).toBeVisible();
  const sketched = page.getByRole('img', { name: /Walls unfolded/ });
  /** A tap, in metres from the lower left of the wall. */
  const tap = async (x: number, y: number) => {
    const box = (await sketched.boundingBox())!;
    const perM = (box.width - 2) / 4;
    await sketched.click({ position: { x: 1 + x * perM, y: box.height - 22 - y * perM } });
  };
  const rows = page.getByRole('list', { name: 'Joints' }).locator('> li');

  // Round the window, in two taps.
  await page.getByRole('button', { name: 'Frame to wall' }).click();
  await tap(2, 1.5);
  await page.getByRole('button', { name: /Round the window, 4.60 m/ }).click();
  await expect(rows).toHaveCount(1);
  await expect(rows.first()).toContainText('Seal: acrylic caulk');
  await expect(page.getByRole('region', { name: 'What is bought for them' })).toContainText('1 cartridge');

  // Corner by corner, with one step back.
  await page.getByRole('button', { name: 'Tile to painted wall' }).click();
  await tap(0.5, 0.6);
  await tap(3, 0.6);
  await tap(3, 2);
  await page.getByRole('button', { name: 'One back' }).click();
  await expect(page.getByText(/^2\.(4|5)\d m so far/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep the joint' }).click();
  await expect(rows).toHaveCount(2);

  // It is painted over, and nobody knows what it is: read, it turns out to be silicone.
  const said = page.getByRole('region', { name: /Tile to wall, what is said/ });
  await said.getByLabel('Is painted').selectOption('yes');
  await expect(rows.nth(1)).toContainText('Read it before anything is painted');
  await said.getByRole('group', { name: 'Shine' }).getByRole('button', { name: 'Shiny' }).click();
  await expect(said.getByRole('group', { name: 'Shine' }).getByRole('button', { name: 'Shiny' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await said.getByRole('group', { name: 'Dab of paint' }).getByRole('button', { name: 'Crawls off' }).click();
  await expect(rows.nth(1)).toContainText('Cut out, and seal again: paintable hybrid sealant');
  const ways = page.getByRole('list', { name: 'What may be done about it' }).getByRole('button');
  await expect(ways).toHaveCount(4);
  await expect(ways.filter({ hasText: 'Bridge' })).toContainText('no guarantee');
  await expect(ways.filter({ hasText: 'Cut out' })).toContainText(/guarantee \d+ months/);
  await ways.filter({ hasText: 'Bridge' }).click();
  await expect(rows.nth(1)).toContainText('Bridge with a bead that takes paint');
  await expect(ways.filter({ hasText: 'Bridge' })).toContainText('as decided');

  // Measured, as people write it; then off the sketch and on it again.
  await said.getByLabel('Long').fill('2,75 m');
  await said.getByLabel('Long').blur();
  await expect(rows.nth(1)).toContainText('2.75 m');
  await said.getByRole('button', { name: 'Take it off the sketch' }).click();
  await expect(rows).toHaveCount(1);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(rows).toHaveCount(2);

  // All of it is in the work of the wall.
  await page.goto(`/jobs/${jobId}/surfaces/${id}`);
  await expect(page.getByRole('main')).toContainText('4.6 m of joint');
});

test('without a sketch a joint is measured', async ({ page }, info) => {
  await signIn(page);
  const [jobId, roomId, id] = [uuid(), uuid(), uuid()];
  await openJobOf(page, jobId, `Joints unmeasured, ${info.project.name}`, 2004);
  await send(page, 'POST', `jobs/${jobId}/rooms`, { id: roomId, name: 'Hall' });
  await send(page, 'POST', `jobs/${jobId}/surfaces`, {
    id,
    roomId,
    name: 'Skirting',
    facts: { element: 'trim', substrate: 'softwood', areaM2: 3 },
    wanted: {},
  });
  await page.goto(`/jobs/${jobId}/rooms/${roomId}/joints`);
  await page.getByRole('button', { name: 'Skirting or casing to wall' }).click();
  await page.getByLabel('Or how long it is').fill('14.2');
  await page.getByRole('button', { name: 'Add it, not drawn' }).click();
  const rows = page.getByRole('list', { name: 'Joints' }).locator('> li');
  await expect(rows.first()).toContainText('14.20 m');
  await expect(rows.first()).toContainText('Seal: acrylic caulk');
});
