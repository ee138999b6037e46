import type { Page } from '@playwright/test';
import { expect } from './test.ts';

/** A place in a picture, in shares of its width and height. */
export interface Place {
  x: number;
  y: number;
}

/** A handle of a picture is drawn to a place of it. */
export async function drawTo(page: Page, shown: string, words: string, to: Place): Promise<void> {
  const picture = page.getByRole('img', { name: shown });
  const handle = page.getByRole('button', { name: words });
  await picture.evaluate((element) => element.scrollIntoView({ block: 'center' }));
  await handle.hover();
  const box = (await picture.boundingBox())!;
  await page.mouse.down();
  await page.mouse.move(box.x + to.x * box.width, box.y + to.y * box.height, { steps: 3 });
  await page.mouse.up();
  const at = (await handle.boundingBox())!;
  expect(Math.abs(at.x + at.width / 2 - box.x - to.x * box.width)).toBeLessThan(3);
  expect(Math.abs(at.y + at.height / 2 - box.y - to.y * box.height)).toBeLessThan(3);
}
