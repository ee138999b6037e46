import { randomUUID as uuid } from 'node:crypto';
import { openJobOf, walledRoom } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

test('damage is put where it is: its size, where to look next, why it is there; and taken back', async ({
  page,
}, info) => {
  await signIn(page);
  const jobId = uuid();
  await openJobOf(page, jobId, `Damp, ${info.project.name}`, 1934);
  const { id } = await walledRoom(page, jobId, {
    name: 'Back room',
    window: { x: 1.4, y: 1, widthM: 1.2, heightM: 1.1 },
    facts: { substrate: 'lime-plaster' },
  });
  await page.goto(`/jobs/${jobId}/surfaces/${id}`);
  await page.getByRole('main').getByRole('button', { name: /^More/ }).click();
  await page.getByRole('menuitem', { name: /Where it is bad/ }).click();
  await expect(page.getByText('Nothing is marked yet.')).toBeVisible();
  const sketched = page.getByRole('img', { name: /Walls unfolded/ });
  /** A tap, in shares of the drawing from its upper left. */
  const tap = async (x: number, y: number, marks: number) => {
    const box = (await sketched.boundingBox())!;
    await sketched.click({ position: { x: box.width * x, y: box.height * y } });
    await expect(page.getByRole('list', { name: 'Marks' }).getByRole('listitem')).toHaveCount(marks);
  };
  await page.getByRole('button', { name: 'Damp', exact: true }).click();
  await tap(0.42, 0.72, 1);
  await tap(0.58, 0.78, 2);
  const sizes = page.getByRole('list', { name: 'How large it is' });
  await expect(sizes).toContainText(/about \d/);
  await expect(page.getByText('Look next')).toBeVisible();
  const why = page.getByRole('region', { name: 'Why it may be there' });
  await expect(why).toContainText('Water comes in at the sill');
  await expect(why).toContainText('Give the sill its fall');
  const before = await sizes.textContent();
  await page.getByRole('button', { name: 'Looked, and sound' }).click();
  await tap(0.95, 0.4, 3);
  await expect(sizes).not.toHaveText(before!);
  await page.getByRole('button', { name: 'Take back mark 2' }).click();
  await expect(page.getByRole('list', { name: 'Marks' }).getByRole('listitem')).toHaveCount(2);
  await expect(why).toHaveCount(0);
});
