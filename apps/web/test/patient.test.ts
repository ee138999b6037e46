import { describe, expect, test } from '@jest/globals';
import { patient } from '../src/store/patient.ts';

type Ask = Parameters<typeof patient>[0];

/** A server that answers what it is given, one after the other; and how long each wait was. */
async function asked(statuses: number[], type: 'query' | 'mutation', retryAfter: string | null = '2') {
  const waits: number[] = [];
  let asks = 0;
  const server = (() => {
    const status = statuses[asks++]!;
    const headers = new Headers(retryAfter === null ? {} : { 'retry-after': retryAfter });
    const meta = { request: new Request('http://here/'), response: new Response(null, { status, headers }) };
    return status === 200 ? { data: 'there', meta } : { error: { status, data: null }, meta };
  }) as unknown as Ask;
  const wait = (ms: number) => Promise.resolve(void waits.push(ms));
  const answer = await patient(server, wait)('/x', { type } as Parameters<Ask>[1], {});
  return { answer, asks, waits };
}

describe('a page that is told to come later', () => {
  test('comes again by itself, no sooner than it was told', async () => {
    const { answer, asks, waits } = await asked([429, 429, 200], 'query', '3');
    expect([answer.data, asks]).toEqual(['there', 3]);
    for (const ms of waits) expect(ms).toBeGreaterThanOrEqual(3000);
  });
  test('says so after three times', async () => {
    const { answer, asks, waits } = await asked([429, 429, 429, 429], 'query', null);
    expect([answer.error?.status, asks, waits.length]).toEqual([429, 4, 3]);
  });
  test('leaves what is written to the outbox, and other refusals as they are', async () => {
    expect((await asked([429], 'mutation')).asks).toBe(1);
    expect((await asked([404], 'query')).asks).toBe(1);
  });
});
