import { randomUUID as uuid } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { openJobOf, send } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

/** A room of two walls with a sketch; where its walls' parts are drawn. */
async function walls(page: Page, title: string): Promise<{ job: string; surface: string }> {
  const [jobId, roomId, id] = [uuid(), uuid(), uuid()];
  const wall = (name: string, widthM: number) => ({ name, widthM, heightM: 2.4, openings: [] });
  const sketch = { walls: [wall('first wall', 4), wall('second wall', 3)] };
  await openJobOf(page, jobId, title, 1996);
  await send(page, 'POST', `jobs/${jobId}/rooms`, { id: roomId, name: 'Nursery', sketch });
  await send(page, 'POST', `jobs/${jobId}/surfaces`, {
    id,
    roomId,
    name: 'Walls',
    facts: { element: 'wall', substrate: 'skim-plaster', currentFinish: 'waterborne-acrylic', areaM2: 16.8 },
    wanted: { colour: '#efe9dc', sheen: 'matt' },
  });
  return { job: `/jobs/${jobId}`, surface: `/jobs/${jobId}/surfaces/${id}` };
}

test('a wave is drawn on a wall: measured as it is drawn, kept, bought, and printed as a template', async ({
  page,
}, info) => {
  await signIn(page);
  const { job, surface } = await walls(page, `Parts, ${info.project.name}`);
  await page.goto(`${surface}/parts`);
  await expect(page.getByText('All of it is in one colour')).toBeVisible();
  await page.getByRole('button', { name: 'Wave', exact: true }).click();
  const lines = page.getByRole('list', { name: 'Parts', exact: true });
  await expect(lines).toContainText(/8\.\d+ m²/);
  await page.getByLabel('Height of its middle').fill('1.0');
  await page.getByLabel('Height of its middle').press('Enter');
  await page.getByLabel('Swings up and down').fill('100 mm');
  await page.getByLabel('Swings up and down').press('Enter');
  // 7 m of wall to 1 m, the swings evened out but for what is cut at the end.
  await expect(lines).toContainText(/[67]\.\d+ m²/);
  await expect(lines).toContainText(/coats?, \d/);
  // Taken hold of by the keyboard, the middle goes up.
  const middle = page.getByRole('button', { name: 'Where it rises, and how high' });
  await middle.focus();
  await page.keyboard.press('Shift+ArrowUp');
  await expect(page.getByLabel('Height of its middle')).not.toHaveValue('1.00 m');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Height of its middle')).toHaveValue('1.00 m');
  await expect(page.getByText('Keep what is drawn: then its template can be printed.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'PDF on A4' }).click(),
  ]);
  expect((await readFile(await download.path())).subarray(0, 5).toString()).toBe('%PDF-');
  await expect(page.getByRole('button', { name: 'Keep' })).toBeDisabled();
  await page.goto(surface);
  await expect(page.getByRole('region', { name: 'Parts in colours of their own' })).toContainText('below the wave');
  await page.goto(`${job}/shopping`);
  await expect(page.getByText('tape for fresh paint').first()).toBeVisible();
});

test('an outline takes more points, lies over what was there, and comes back after a reload', async ({
  page,
}, info) => {
  await signIn(page);
  const { surface } = await walls(page, `Outline, ${info.project.name}`);
  await page.goto(`${surface}/parts`);
  await page.getByRole('button', { name: 'Band', exact: true }).click();
  await page.getByRole('button', { name: 'Drawn outline', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Point \d/ })).toHaveCount(4);
  const sketch = page.getByRole('img', { name: /Walls unfolded/ });
  const box = (await sketch.boundingBox())!;
  await sketch.click({ position: { x: Math.min(60, box.width / 3), y: box.height / 2 }, force: true });
  await expect(page.getByRole('button', { name: /^Point \d/ })).toHaveCount(5);
  await expect(page.locator('footer')).toContainText(/rounds of taping\s*2|2\s*rounds of taping/);
  await page.reload();
  await expect(page.getByText('What you typed before is here again.')).toBeVisible();
  const lines = page.getByRole('list', { name: 'Parts', exact: true });
  await expect(lines.getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('button', { name: 'Keep' })).toBeDisabled();
  await lines.getByRole('button', { name: /below the rail/ }).click();
  await page.getByRole('button', { name: 'Take it away' }).click();
  await expect(lines.getByRole('listitem')).toHaveCount(1);
});
