import { randomUUID as uuid } from 'node:crypto';
import { openJobOf, send } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test('patches are laid in a few taps, and read one tap each when it is time', async ({ page }, info) => {
  await signIn(page);
  const [jobId, roomId, surfaceId] = [uuid(), uuid(), uuid()];
  const title = `Patches, ${info.project.name}`;
  await openJobOf(page, jobId, title, 1996);
  await send(page, 'POST', `jobs/${jobId}/rooms`, { id: roomId, name: 'Bathroom' });
  const facts = { element: 'ceiling', substrate: 'drywall', areaM2: 6, conditions: ['water-stain'] };
  await send(page, 'POST', `jobs/${jobId}/surfaces`, { id: surfaceId, roomId, name: 'Ceiling', facts, wanted: {} });
  await send(page, 'PATCH', `jobs/${jobId}`, { id: uuid(), version: 1, status: 'active' });
  await page.goto(`/jobs/${jobId}/surfaces/${surfaceId}`);
  await page.locator('main').getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: /Lay patches/ }).click();
  const form = page.getByRole('form', { name: 'Lay patches' });
  await expect(form.getByRole('button', { name: 'The patch is laid' })).toBeDisabled();
  await form.getByRole('button', { name: 'Shellac primer' }).click();
  await form.getByRole('button', { name: /Stain-blocking acrylic/ }).click();
  await form.getByLabel('Where').fill('across the ring');
  await form.getByRole('button', { name: '2 patches are laid' }).click();
  const laid = page.getByRole('region', { name: 'Patches laid' });
  await expect(laid).toContainText(/Look in \d/);
  await expect(laid.getByRole('listitem')).toHaveCount(2);
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Ceiling, across the ring' })).toBeVisible();
  await page.getByRole('link', { name: 'Ceiling, across the ring' }).click();
  const acrylic = laid.getByRole('listitem').filter({ hasText: 'Stain-blocking acrylic' });
  await acrylic.getByRole('button', { name: 'Bleeds through' }).click();
  await expect(acrylic).toContainText(/bleeds through after \d+ min/);
  // What bled is out of the system at once.
  await expect(page.getByRole('button', { name: /^Prime.*stain-blocking/i })).toHaveCount(0);
});

test('a patch that somebody else laid is written down with its age as people say it', async ({ page }, info) => {
  await signIn(page);
  const [jobId, roomId, surfaceId] = [uuid(), uuid(), uuid()];
  await openJobOf(page, jobId, `An older patch, ${info.project.name}`, 1996);
  await send(page, 'POST', `jobs/${jobId}/rooms`, { id: roomId, name: 'Bathroom' });
  const facts = { element: 'ceiling', substrate: 'drywall', areaM2: 6, conditions: ['water-stain'] };
  await send(page, 'POST', `jobs/${jobId}/surfaces`, { id: surfaceId, roomId, name: 'Ceiling', facts, wanted: {} });
  await page.goto(`/jobs/${jobId}/surfaces/${surfaceId}`);
  await page.getByRole('button', { name: 'Test', exact: false }).first().click();
  const form = page.getByRole('region', { name: 'Record a test' });
  await form.getByRole('button', { name: 'Other tests' }).click();
  await form.getByRole('button', { name: 'Test patch' }).click();
  await form.getByLabel('Primer', { exact: true }).selectOption('shellac-primer');
  await form.getByLabel('How long since it was laid').fill('30 min');
  await form.getByRole('button', { name: 'Covers' }).click();
  await expect(page.getByText('Shellac primer patch, one coat, after 30 min: covers').first()).toBeVisible();
});
