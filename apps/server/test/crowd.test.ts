import { createServer, type Server } from 'node:http';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import express from 'express';
import { keepCrowdOut } from '../src/http/crowd.ts';

const MOST = 3;
let server: Server;
let base: string;
/** Lets those who are inside answer. */
let letAnswer: () => void;
let answering: Promise<void>;
function closeDoor(): void {
  answering = new Promise((done) => (letAnswer = done));
}

beforeAll(async () => {
  closeDoor();
  const app = express();
  keepCrowdOut(app as unknown as NestExpressApplication, MOST);
  app.get('/api/alive', (_request, response) => void response.send('alive'));
  app.get('/api/slow', async (_request, response) => {
    await answering;
    response.send('answered');
  });
  server = createServer(app).listen(0, '127.0.0.1');
  await new Promise((done) => server.once('listening', done));
  base = `http://127.0.0.1:${(server.address() as { port: number }).port}`;
});
afterAll(() => new Promise((done) => server.close(done)));

const ask = (path: string, signal?: AbortSignal) => fetch(base + path, signal ? { signal } : {});

describe('a crowd', () => {
  test('is told to come later in words, while whoever is inside is answered', async () => {
    const inside = Array.from({ length: MOST }, () => ask('/api/slow'));
    await ask('/api/alive');
    const late = await ask('/api/slow');
    expect([late.status, late.headers.get('retry-after')]).toEqual([429, '2']);
    expect(await late.json()).toMatchObject({
      code: 'crowded',
      message: expect.stringContaining('Nothing was written'),
    });
    expect((await ask('/api/alive')).status).toBe(200);
    letAnswer();
    for (const one of inside) expect((await one).status).toBe(200);
    expect((await ask('/api/slow')).status).toBe(200);
  });
  test('counts nobody who has gone', async () => {
    closeDoor();
    const gone = new AbortController();
    const inside = Array.from({ length: MOST }, () => ask('/api/slow', gone.signal).catch(() => null));
    await ask('/api/alive');
    gone.abort();
    await Promise.all(inside);
    let status = 429;
    letAnswer();
    for (let i = 0; i < 100 && status === 429; i++) ({ status } = await ask('/api/slow'));
    expect(status).toBe(200);
  });
});
