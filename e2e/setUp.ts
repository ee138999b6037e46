import { randomUUID as uuid } from 'node:crypto';
import type { Page } from '@playwright/test';

/** Sends what a page would send, from the page: the cookie and the proof of origin are the browser's own. */
export async function send(page: Page, method: string, path: string, body: unknown): Promise<unknown> {
  const answer = await page.evaluate(
    async ([how, where, what]) => {
      const response = await fetch(`/api/${where}`, {
        method: how!,
        headers: { 'content-type': 'application/json' },
        body: what!,
      });
      return { ok: response.ok, text: await response.text() };
    },
    [method, path, JSON.stringify(body)],
  );
  if (!answer.ok) throw new Error(`${path}: ${answer.text}`);
  return JSON.parse(answer.text) as unknown;
}

/** Keeps a JPEG as a photo of a job, as a phone sends it. */
export async function keepPhoto(
  page: Page,
  jobId: string,
  query: { id: string; roomId: string; surfaceId: string; at: string },
  jpeg: Buffer,
): Promise<void> {
  await page.evaluate(
    async ({ path, bytes }) => {
      const body = new Blob([Uint8Array.from(bytes)], { type: 'image/jpeg' });
      const answer = await fetch(path, { method: 'POST', headers: { 'content-type': 'image/jpeg' }, body });
      if (!answer.ok) throw new Error(await answer.text());
    },
    { path: `/api/jobs/${jobId}/photos?${new URLSearchParams(query)}`, bytes: [...jpeg] },
  );
}

/** A job that is a test's own. */
export async function openJobOf(page: Page, id: string, title: string, builtYear: number): Promise<void> {
  const startsAt = new Date().toISOString();
  await send(page, 'POST', 'jobs', { id, title, place: 'Pellworth Staithe', builtYear, startsAt });
}

/** A room with one wall of 4 by 2.4 m that has a window in it, and the surface `Walls` on it; gives the surface. */
export async function walledRoom(
  page: Page,
  jobId: string,
  { name, window, facts }: { name: string; window: object; facts: object },
): Promise<{ roomId: string; id: string }> {
  const [roomId, id] = [uuid(), uuid()];
  const openings = [{ kind: 'window', ...window }];
  const sketch = { walls: [{ name: 'outer wall', widthM: 4, heightM: 2.4, openings }] };
  await send(page, 'POST', `jobs/${jobId}/rooms`, { id: roomId, name, sketch });
  await send(page, 'POST', `jobs/${jobId}/surfaces`, {
    id,
    roomId,
    name: 'Walls',
    facts: { element: 'wall', areaM2: 8.3, ...facts },
    wanted: { colour: '#efe9dc' },
  });
  return { roomId, id };
}

/** A job of its own with one skirting under old oil gloss; built when it is not said otherwise young enough to sand dry. */
export async function oilSkirting(
  page: Page,
  title: string,
  builtYear = 1996,
): Promise<{ job: string; surface: string }> {
  const [jobId, roomId, surfaceId] = [uuid(), uuid(), uuid()];
  await openJobOf(page, jobId, title, builtYear);
  await send(page, 'POST', `jobs/${jobId}/rooms`, { id: roomId, name: 'Hall' });
  await send(page, 'POST', `jobs/${jobId}/surfaces`, {
    id: surfaceId,
    roomId,
    name: 'Skirting',
    facts: { element: 'trim', substrate: 'softwood', areaM2: 6 },
    wanted: { colour: '#22384d', sheen: 'satin' },
  });
  for (const test of [
    { kind: 'spirit-rub', result: 'no-transfer' },
    { kind: 'sheen-look', result: 'gloss', yellowed: true },
  ])
    await send(page, 'POST', `surfaces/${surfaceId}/tests`, { id: uuid(), at: new Date().toISOString(), test });
  return { job: `/jobs/${jobId}`, surface: `/jobs/${jobId}/surfaces/${surfaceId}` };
}
