import { beforeAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anyRequest, type AnyRequest } from './anyRequest.ts';
import type { Description } from './described.ts';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

/** So many requests, spread over every route; the whole ten thousand by FUZZ_REQUESTS. */
const REQUESTS = Number(process.env['FUZZ_REQUESTS'] ?? 900);
const SEED = Number(process.env['SEED'] ?? 20270318);
/** What takes longer hangs. On a machine that does nothing else two seconds are the bound: FUZZ_MOST_MS=2000. */
const MOST_MS = Number(process.env['FUZZ_MOST_MS'] ?? 15_000);
/** What ends the session that asks, lends a whole firm, or is open for as long as somebody listens. */
const NOT_ASKED =
  /^(POST \/api\/(session|demo-firm|first-run)|DELETE \/api\/session|PUT \/api\/session\/password|GET \/api\/events)|\/leave$|\/sign-out$/;

let ada: Client;
let requests: fc.Arbitrary<AnyRequest>;
beforeAll(async () => {
  ada = await signedIn();
  const { jobId, roomId } = await newJob(ada);
  const surface = surfaceBody(roomId);
  await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  const test_ = { id: uuid(), at: new Date().toISOString(), test: { kind: 'spirit-rub', result: 'transfer' } };
  await ada.post(`/api/surfaces/${surface.id}/tests`, test_);
  const people = (await ada.get('/api/people')).body.people as { id: string }[];
  const description = (await ada.get('/api/docs-json')).body as Description;
  requests = anyRequest(description, {
    jobId: [jobId],
    roomId: [roomId],
    surfaceId: [surface.id],
    testId: [test_.id],
    personId: people.map((p) => p.id),
    kind: ['quote', 'job-pack', 'tests', 'work'],
    productId: ['saltmarsh-1'],
  }).filter(({ method, path }) => !NOT_ASKED.test(`${method} ${path}`));
});

test('whatever is sent to whatever route, nothing fails, hangs, or shows its inside', async () => {
  const slow: string[] = [];
  let asked = 0;
  await fc.assert(
    fc.asyncProperty(requests, async ({ method, path, body }) => {
      asked++;
      const begun = performance.now();
      const raw = body instanceof Uint8Array;
      const answer = await fetch(ada.base + path, {
        method,
        // From an address of its own: whoever guesses is braked, and the other suites are not to be.
        headers: {
          origin: ada.base,
          cookie: ada.cookie,
          'x-forwarded-for': '203.0.113.77',
          ...(raw ? {} : { 'content-type': 'application/json' }),
        },
        ...(body === undefined || method === 'GET' ? {} : { body: raw ? Buffer.from(body) : JSON.stringify(body) }),
      });
      const text = await answer.text();
      const ms = performance.now() - begun;
      if (ms > MOST_MS) slow.push(`${method} ${path}: ${Math.round(ms)} ms`);
      expect([answer.status, answer.status >= 500 ? text : '']).toEqual([answer.status, '']);
      if (answer.status >= 400)
        expect(text).not.toMatch(/node_modules|\bat \S+ \(|\.ts:\d|ER_[A-Z]|SELECT |QueryFailed/);
    }),
    { numRuns: REQUESTS, seed: SEED, endOnFailure: true },
  );
  expect(asked).toBe(REQUESTS);
  expect(slow).toEqual([]);
}, 900_000);
