import { randomBytes } from 'node:crypto';
import { Client, newJob, surfaceBody, uuid } from './client.ts';

/** What suites about quotes begin with: a hall, its price, what was sent, and a stranger with its link. */

export const token = () => randomBytes(32).toString('base64url');
export const priceOf = async (client: Client, jobId: string) => (await client.get(`/api/jobs/${jobId}/price`)).body;
export const ledgerOf = async (client: Client, jobId: string) =>
  ((await client.get(`/api/jobs/${jobId}/ledger`)).body as {
    kind: string;
    payload: Record<string, unknown>;
    by: string;
  }[]) ?? [];

/** A hall with a skirting and a wall. */
export async function hallOf(client: Client) {
  const { jobId, roomId } = await newJob(client, 1995);
  const skirting = surfaceBody(roomId);
  const wall = {
    ...surfaceBody(roomId),
    id: uuid(),
    name: 'Wall',
    facts: { element: 'wall', substrate: 'drywall', areaM2: 30, currentFinish: 'waterborne-acrylic' },
  };
  for (const s of [skirting, wall]) await client.post(`/api/jobs/${jobId}/surfaces`, s);
  return { jobId, roomId, skirting: skirting.id, wall: wall.id };
}

/** Sends the quote as it stands; `way` is the token of its link. */
export async function sendQuote(client: Client, jobId: string, way = token()) {
  const { seen } = await priceOf(client, jobId);
  const answer = await client.post(`/api/jobs/${jobId}/quotes`, { id: uuid(), seen, token: way });
  return { way, answer };
}
export const stranger = () => new Client();
export const view = (way: string) => stranger().get(`/api/client/${way}`);
export const agree = (way: string, documentId: string, more: object = {}) =>
  stranger().post(`/api/client/${way}/agreement`, {
    id: uuid(),
    documentId,
    name: 'Hesper Quill',
    options: [],
    ...more,
  });
export const changeSurface = async (client: Client, surfaceId: string, body: object) => {
  const { surface } = (await client.get(`/api/surfaces/${surfaceId}`)).body;
  return client.send('PATCH', `/api/surfaces/${surfaceId}`, { id: uuid(), version: surface.version, ...body });
};
