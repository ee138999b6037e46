import { randomUUID as uuid } from 'node:crypto';
import { expect, type Page } from '@playwright/test';
import { openJobOf, send } from '../setUp.ts';

/** A parlour with a sketch: a wall in flat, a door in gloss, and a chimney breast that was damp. */
export async function parlour(page: Page, title: string): Promise<string> {
  const [jobId, roomId] = [uuid(), uuid()];
  await openJobOf(page, jobId, title, 1996);
  const wall = { name: 'first wall', widthM: 4, heightM: 2.4, openings: [] };
  await send(page, 'POST', `jobs/${jobId}/rooms`, { id: roomId, name: 'Parlour', sketch: { walls: [wall] } });
  const surfaces: [string, object, object][] = [
    ['Wall', { element: 'wall', substrate: 'drywall', areaM2: 9 }, { sheen: 'flat', colour: '#efe9d8' }],
    ['Door', { element: 'door', substrate: 'softwood', areaM2: 4 }, { sheen: 'gloss', colour: '#22384d' }],
    ['Chimney breast', { element: 'wall', substrate: 'drywall', areaM2: 3, conditions: ['water-stain'] }, {}],
  ];
  for (const [name, facts, wanted] of surfaces)
    await send(page, 'POST', `jobs/${jobId}/surfaces`, { id: uuid(), roomId, name, facts, wanted });
  await send(page, 'PATCH', `jobs/${jobId}`, { id: uuid(), version: 1, status: 'active' });
  return `/jobs/${jobId}`;
}

export async function mark(page: Page, on: string, fault: string, size: string, place?: { x: number; y: number }) {
  await page.getByRole('button', { name: 'Mark a fault' }).click();
  const form = page.getByRole('form', { name: 'Mark a fault' });
  await form.getByRole('combobox').selectOption({ label: on });
  await form.getByRole('button', { name: fault, exact: true }).click();
  await form.getByRole('button', { name: size, exact: true }).click();
  if (place) await form.getByRole('img', { name: /Walls unfolded/ }).click({ position: place });
  await form.getByRole('button', { name: 'Mark it' }).click();
  await expect(form).toHaveCount(0);
}

const DAY_MS = 86_400_000;

/** A rail of new timber outside, every step of it logged, the last coat so many days ago: a job that is handed over. */
export async function finishedRail(page: Page, title: string, daysAgo: number): Promise<string> {
  const [jobId, roomId, surfaceId] = [uuid(), uuid(), uuid()];
  await openJobOf(page, jobId, title, 2020);
  await send(page, 'POST', `jobs/${jobId}/rooms`, {
    id: roomId,
    name: 'Quay side',
    kind: 'elevation',
    facing: 'south',
  });
  await send(page, 'POST', `jobs/${jobId}/surfaces`, {
    id: surfaceId,
    roomId,
    name: 'Rail',
    facts: { element: 'railing', substrate: 'softwood', exposure: 'exterior-exposed', isNew: true, areaM2: 5 },
    wanted: { colour: '#f1eee4', sheen: 'satin' },
  });
  await send(page, 'POST', `jobs/${jobId}/plan`, { id: uuid() });
  const today = (await page.evaluate(async () => (await fetch('/api/today')).json() as Promise<unknown>)) as {
    lines: { surfaceId: string; work: { plan: { id: string; drying: unknown }; product: { id: string } | null }[] }[];
  };
  const work = today.lines.find((l) => l.surfaceId === surfaceId)!.work;
  for (const [i, { plan, product }] of work.entries()) {
    const ended = Date.now() - (daysAgo + (work.length - 1 - i) * 3) * DAY_MS;
    await send(page, 'POST', `jobs/${jobId}/work`, {
      id: uuid(),
      surfaceId,
      stepId: plan.id,
      startedAt: new Date(ended - 1_800_000).toISOString(),
      endedAt: new Date(ended).toISOString(),
      ...(plan.drying ? { productId: product!.id, batch: 'R1', temperatureC: 17, relativeHumidityPct: 60 } : {}),
    });
  }
  return `/jobs/${jobId}`;
}
