import { randomUUID as uuid } from 'node:crypto';
import { AxeBuilder } from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { send } from '../setUp.ts';
import { signIn } from '../signIn.ts';

/** A parlour with a sketch: a wall in flat, a door in gloss, and a chimney breast that was damp. */
async function parlour(page: Page, title: string): Promise<string> {
  const [jobId, roomId] = [uuid(), uuid()];
  await send(page, 'POST', 'jobs', {
    id: jobId,
    title,
    place: 'Pellworth Staithe',
    builtYear: 1996,
    startsAt: new Date().toISOString(),
  });
  const wall = { name: 'first wall', widthM: 4, heightM: 2.4, openings: [] };
  await send(page, 'POST', `jobs/${jobId}/rooms`, { id: roomId, name: 'Parlour', sketch: { walls: [wall] } });
  const surfaces: [string, object, object][] = [
    ['Wall', { element: 'wall', substrate: 'drywall', areaM2: 9 }, { sheen: 'flat', colour: '#efe9d8' }],
    ['Door', { element: 'door', substrate: 'softwood', areaM2: 4 }, { sheen: 'gloss', colour: '#22384d' }],
    ['Chimney breast', { element: 'wall', substrate: 'drywall', areaM2: 3, conditions: ['water-stain'] }, {}],
  ];
  for (const [name, facts, wanted] of surfaces)
    await send(page, 'POST', `jobs/${jobId}/surfaces`, { id: uuid(), roomId, name, facts, wanted });
  return `/jobs/${jobId}`;
}

async function mark(page: Page, on: string, fault: string, size: string, place?: { x: number; y: number }) {
  await page.getByRole('button', { name: 'Mark a fault' }).click();
  const form = page.getByRole('region', { name: 'Mark a fault' });
  await form.getByRole('combobox').selectOption({ label: on });
  await form.getByRole('button', { name: fault, exact: true }).click();
  await form.getByRole('button', { name: size, exact: true }).click();
  if (place) await form.getByRole('img', { name: /Walls unfolded/ }).click({ position: place });
  await form.getByRole('button', { name: 'Mark it' }).click();
  await expect(form).toHaveCount(0);
}

test('three faults on a phone are told apart: a spot, a whole face, a cause to be found; one is mended and stands in the ledger', async ({
  page,
}, info) => {
  await signIn(page);
  const job = await parlour(page, `Punched ${info.project.name}`);
  await page.goto(`${job}/punch`);
  await expect(page.getByText('Nothing is marked.')).toBeVisible();
  await mark(page, 'Wall', 'knock', 'a thumb', { x: 120, y: 90 });
  await mark(page, 'Door', 'runs', 'a sheet of paper');
  await mark(page, 'Chimney breast', 'stain', 'a palm');

  const lines = page
    .getByRole('region', { name: 'Parlour' })
    .getByRole('listitem')
    .filter({ hasText: /Close number/ });
  await expect(lines).toHaveCount(3);
  await expect(lines.nth(0).locator('.font-semibold').filter({ hasText: /^spot/ })).toBeVisible();
  await expect(
    lines
      .nth(1)
      .locator('.font-semibold')
      .filter({ hasText: /^corner to corner/ }),
  ).toBeVisible();
  await expect(lines.nth(2)).toContainText('Find the cause before any paint goes on.');
  await expect(lines.nth(2)).toContainText('Water comes from behind.');
  // The tick stands on the sketch under its number.
  await expect(page.locator('svg title').filter({ hasText: '1: knock' })).toHaveCount(1);
  await expect(page.getByRole('heading', { name: /One visit closes them|visits close them/ })).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes[0]?.html}`)).toEqual([]);

  await page.getByRole('button', { name: 'Close number 1' }).click();
  await page.getByRole('button', { name: 'It is mended' }).click();
  await expect(page.getByText('Closed, 1')).toBeVisible();
  await expect(lines).toHaveCount(2);

  await test.step('what works is tried before it is handed over', async () => {
    const before = page.getByRole('region', { name: 'Before it is handed over' });
    const closes = before.getByRole('listitem').filter({ hasText: 'closes without sticking' });
    await closes.getByRole('button', { name: /^It does not/ }).click();
    await closes.getByLabel('What is wrong').fill('binds at the head');
    await closes.getByRole('button', { name: 'Write it down' }).click();
    await expect(closes).toContainText('It does not: binds at the head.');
    await closes.getByRole('button', { name: /^It does:/ }).click();
    await expect(closes).toContainText('Tried, it does.');
  });

  await page.goto(`${job}/ledger`);
  const entries = page.getByRole('table');
  await expect(entries.getByText('Fault mended')).toBeVisible();
  await expect(entries.getByText('Fault marked')).toHaveCount(3);
  await expect(entries.getByText('Tried at hand-over')).toHaveCount(2);
  await page.getByRole('button', { name: 'Verify' }).click();
  await expect(page.getByText(/entries stand as they were written/)).toBeVisible();
});
