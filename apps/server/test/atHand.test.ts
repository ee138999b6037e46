import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { jointOf } from '@rustic/core';
import { createConnection, type Connection, type RowDataPacket } from 'mysql2/promise';
import { freePort } from '../../../tools/mariadb.mjs';
import { startServer } from '../../../tools/serve.mjs';
import { Client, newJob, secondFirm, surfaceBody, uuid, type Answer } from './client.ts';

/** Two servers of one firm, both of which hold the job as they read it before anything was done. */
let ada: Client;
let there: Client;
let db: Connection;
const started: Awaited<ReturnType<typeof startServer>>[] = [];
const anotherServer = async () => {
  const port = await freePort();
  started.push(await startServer({ url: process.env['TEST_DATABASE_URL']!, port, env: { LOG_LEVEL: 'error' } }));
  const client = new Client(`http://127.0.0.1:${port}`);
  client.cookie = ada.cookie;
  return client;
};
beforeAll(async () => {
  ada = await secondFirm('Leat Painters', 'ada@leat.example');
  there = await anotherServer();
  db = await createConnection(process.env['TEST_DATABASE_URL']!);
});
afterAll(async () => {
  for (const server of started) await server.stop();
  await db.end();
});

const { lengthM: _drawn, ...joint } = jointOf({
  side: 'frame',
  otherSide: 'wall',
  widthMm: 4,
  holds: 'silicone',
  lengthM: 4,
});
const JOINT = { ...joint, note: '' };
const now = () => new Date().toISOString();
const minutesAgo = (n: number) => new Date(Date.now() - n * 60_000).toISOString();

describe('a job that lies at hand', () => {
  let jobId: string;
  let roomId: string;
  const first = { id: '' };
  const second = { id: '' };
  const logId = uuid();
  const holdId = uuid();
  let drawn: { id: string; version: number };

  const pagesOf = async (client: Client) => {
    const { lines } = (await client.get('/api/today')).body;
    const pages = [
      `/api/surfaces/${first.id}`,
      `/api/surfaces/${second.id}`,
      `/api/jobs/${jobId}/price`,
      `/api/surfaces/${first.id}/damage`,
      `/api/rooms/${roomId}/joints`,
    ].map(async (path) => (await client.get(path)).body as object);
    return [lines, ...(await Promise.all(pages))];
  };
  /** What both say, once they say the same: a minute may turn between the two. */
  async function bothSay(other = there): Promise<string> {
    for (let asked = 0; asked < 3; asked++) {
      const [ours, theirs] = [await pagesOf(ada), await pagesOf(other)];
      if (JSON.stringify(ours) === JSON.stringify(theirs) || asked === 2) {
        expect(theirs).toEqual(ours);
        return JSON.stringify(ours);
      }
    }
    return '';
  }
  const next = async () => (await ada.get(`/api/surfaces/${second.id}`)).body.standing.next;
  const logged = async (id: string): Promise<Answer> => {
    const step = await next();
    return ada.post(`/api/jobs/${jobId}/work`, {
      id,
      surfaceId: second.id,
      stepId: step.plan.id,
      startedAt: minutesAgo(90),
      endedAt: minutesAgo(60),
      ...(step.product ? { productId: step.product.id, batch: 'B1', temperatureC: 18, relativeHumidityPct: 55 } : {}),
    });
  };

  beforeAll(async () => {
    ({ jobId, roomId } = await newJob(ada, 1995));
    for (const surface of [first, second]) {
      const body = surfaceBody(roomId);
      surface.id = body.id;
      await ada.post(`/api/jobs/${jobId}/surfaces`, body);
    }
    await bothSay();
  });

  const acts: [string, () => Promise<Answer>][] = [
    [
      'a test is recorded',
      () =>
        ada.post(`/api/surfaces/${first.id}/tests`, {
          id: uuid(),
          at: now(),
          test: { kind: 'spirit-rub', result: 'transfer' },
        }),
    ],
    [
      'something is found',
      () => ada.post(`/api/surfaces/${first.id}/findings`, { id: uuid(), at: now(), conditions: ['glossy'] }),
    ],
    [
      'damage is marked',
      () =>
        ada.post(`/api/surfaces/${first.id}/damage`, {
          id: uuid(),
          what: 'peeling',
          there: true,
          place: { wall: 0, x: 0.5, y: 0.05 },
          at: now(),
        }),
    ],
    [
      'a joint is drawn',
      async () => {
        const body = { id: uuid(), surfaceId: first.id, line: null, lengthM: 3, ...JOINT, at: now() };
        const answer = await ada.post(`/api/rooms/${roomId}/joints`, body);
        drawn = { ...(answer.body as { id: string; version: number }) };
        return answer;
      },
    ],
    [
      'and taken back',
      () =>
        ada.send('PUT', `/api/joints/${drawn.id}`, {
          ...JOINT,
          surfaceId: first.id,
          line: null,
          lengthM: 3,
          withdrawn: true,
          version: drawn.version,
          id: uuid(),
        }),
    ],
    ['a step is logged', () => logged(logId)],
    [
      'a room is as its air is read',
      () =>
        ada.post(`/api/rooms/${roomId}/readings`, { id: uuid(), at: now(), temperatureC: 11, relativeHumidityPct: 80 }),
    ],
    [
      'the next one is held',
      async () =>
        ada.post(`/api/surfaces/${second.id}/holds`, {
          id: holdId,
          stepId: (await next()).plan.id,
          until: new Date(Date.now() + 86_400_000).toISOString(),
          reason: 'the electrician comes first',
        }),
    ],
    ['and let go', () => ada.post(`/api/holds/${holdId}/release`, { id: uuid() })],
    [
      'the log is taken back',
      async () => {
        const [row] = (await db.query<RowDataPacket[]>('SELECT * FROM work_log WHERE id = ?', [logId]))[0];
        return ada.post(`/api/jobs/${jobId}/work`, {
          id: uuid(),
          surfaceId: second.id,
          stepId: row!['step_id'],
          startedAt: minutesAgo(90),
          endedAt: minutesAgo(60),
          corrects: logId,
          withdrawn: true,
        });
      },
    ],
    [
      'a surface has another name',
      () => ada.send('PATCH', `/api/surfaces/${first.id}`, { id: uuid(), version: 1, name: 'Skirting by the door' }),
    ],
    [
      'the job is ruled otherwise',
      async () =>
        ada.send('PATCH', `/api/jobs/${jobId}/rules`, {
          id: uuid(),
          version: (await ada.get(`/api/jobs/${jobId}`)).body.job.version,
          houseRules: { oilTrim: 'hybrid-direct' },
          note: 'One enamel.',
        }),
    ],
    [
      'an hour costs the firm more',
      async () => {
        const { firm } = (await ada.get('/api/session')).body;
        return ada.send('PATCH', '/api/firm', { id: uuid(), version: firm.version, pricing: { hourCost: 9900 } });
      },
    ],
  ];
  test.each(acts)('%s: both servers know it at once', async (_what, act) => {
    const before = await bothSay();
    const { status, body } = await act();
    expect(status < 300 ? null : body).toBeNull();
    expect((await bothSay()) === before).toBe(false);
  });

  test('what was refused leaves nothing behind, though it had begun to write', async () => {
    const before = await bothSay();
    const { body } = await ada.get(`/api/surfaces/${first.id}`);
    // Nothing was settled on this surface: the write settles it before it finds that there is no such step.
    expect(body.choice ?? null).toBeNull();
    const answer = await ada.post(`/api/jobs/${jobId}/work`, {
      id: uuid(),
      surfaceId: first.id,
      stepId: 'no such step',
      startedAt: minutesAgo(90),
      endedAt: minutesAgo(60),
    });
    expect(answer.status).toBe(400);
    expect(await bothSay()).toBe(before);
  });

  test('a server that never held it says the same', async () => {
    await bothSay(await anotherServer());
  });
});
