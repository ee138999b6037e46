import { afterEach, beforeAll, describe, expect, test } from '@jest/globals';
import { newJob, secondFirm, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
let other: Client;
beforeAll(async () => {
  ada = await signedIn();
  other = await secondFirm('Quiet Corner', 'quiet@corner.example');
});

interface Told {
  id: number;
  event: string;
  data: { jobId?: string; kind?: string };
}
const open: AbortController[] = [];
afterEach(() => open.splice(0).forEach((one) => one.abort()));

/** Listens as a browser would; what comes is in `told`. */
async function listening(client: Client, last?: number): Promise<{ told: Told[]; status: number }> {
  const stop = new AbortController();
  open.push(stop);
  const response = await fetch(`${client.base}/api/events`, {
    headers: { cookie: client.cookie, ...(last === undefined ? {} : { 'last-event-id': String(last) }) },
    signal: stop.signal,
  });
  const told: Told[] = [];
  const readAll = async () => {
    let text = '';
    for await (const part of response.body!) {
      text += new TextDecoder().decode(part as Uint8Array);
      for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
        const block = text.slice(0, end);
        text = text.slice(end + 2);
        const field = (name: string) => new RegExp(`^${name}: ?(.*)$`, 'm').exec(block)?.[1];
        if (field('data'))
          told.push({ id: Number(field('id')), event: field('event') ?? 'message', data: JSON.parse(field('data')!) });
      }
    }
  };
  readAll().catch(() => undefined);
  return { told, status: response.status };
}
async function within(ms: number, stands: () => boolean): Promise<boolean> {
  for (const until = Date.now() + ms; Date.now() < until; await new Promise((done) => setTimeout(done, 25)))
    if (stands()) return true;
  return stands();
}

describe('what is written is told to open pages', () => {
  test('within two seconds, to the firm’s own people and to nobody else', async () => {
    const mine = await listening(ada);
    const theirs = await listening(other);
    const { jobId, roomId } = await newJob(ada);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId));
    expect(
      await within(2000, () => mine.told.some((t) => t.data.jobId === jobId && t.data.kind === 'surface-added')),
    ).toBe(true);
    expect(theirs.told).toEqual([]);
  });
  test('each once, in order, also when many write at once', async () => {
    const { told } = await listening(ada);
    const jobs = await Promise.all(Array.from({ length: 6 }, () => newJob(ada)));
    const mine = () => told.filter((t) => jobs.some((j) => j.jobId === t.data.jobId));
    expect(await within(3000, () => mine().length >= 12)).toBe(true);
    await new Promise((done) => setTimeout(done, 700));
    expect(mine()).toHaveLength(12);
    expect(new Set(mine().map((t) => t.id)).size).toBe(12);
  });
  test('after a gap, from where the page was', async () => {
    const first = await listening(ada);
    await newJob(ada);
    expect(await within(2000, () => first.told.length > 0)).toBe(true);
    open.splice(0).forEach((one) => one.abort());
    const { jobId } = await newJob(ada);
    const again = await listening(ada, first.told.at(-1)!.id);
    expect(await within(2000, () => again.told.some((t) => t.data.jobId === jobId))).toBe(true);
  });
  test('a write that was refused tells nothing', async () => {
    const { told } = await listening(ada);
    await ada.post('/api/jobs', { id: uuid() });
    await new Promise((done) => setTimeout(done, 800));
    expect(told).toEqual([]);
  });
  test('nobody listens without a session, and nobody opens pages without end', async () => {
    expect((await fetch(`${ada.base}/api/events`)).status).toBe(401);
    const many = await Promise.all(Array.from({ length: 14 }, () => listening(other)));
    expect(many.map((m) => m.status).filter((s) => s === 429).length).toBeGreaterThan(0);
  });
});
