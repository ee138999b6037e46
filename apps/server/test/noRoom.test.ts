import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { freePort, startMariadb } from '../../../tools/mariadb.mjs';
import { startServer } from '../../../tools/serve.mjs';
import { newJob, signedIn, uuid } from './client.ts';
import { temporaryFolder } from '../../../tools/temporary.mjs';

describe('with no room left for photos', () => {
  /** Noise, which no JPEG makes small. */
  const picture = () =>
    sharp({
      create: {
        width: 1800,
        height: 1400,
        channels: 3,
        background: '#777',
        noise: { type: 'gaussian', mean: 128, sigma: 90 },
      },
    })
      .jpeg({ quality: 90 })
      .toBuffer();

  test('each photo is there whole or not at all, it is said plainly, and work goes on when there is room', async () => {
    const small = join(temporaryFolder('full'), 'mariadb');
    const room = (mb: number) => ({
      quick: true,
      options: ['--innodb-file-per-table=0', `--innodb-data-file-path=ibdata1:12M:autoextend:max:${mb}M`],
    });
    let narrow = await startMariadb(small, room(40));
    const door = await freePort();
    const start = () => startServer({ url: narrow.url, port: door, env: { LOG_LEVEL: 'silent' } });
    let filled = await start();
    const ada = await signedIn('ada', `http://127.0.0.1:${door}`);
    const { jobId, roomId } = await newJob(ada);
    // Each another picture: the same one twice would be kept once.
    const pictures = new Map<string, Buffer>();
    const send = async (id: string) => {
      const taken = pictures.get(id) ?? (await picture());
      pictures.set(id, taken);
      const at = encodeURIComponent(new Date().toISOString());
      const query = `id=${id}&roomId=${roomId}&at=${at}`;
      return ada.send('POST', `/api/jobs/${jobId}/photos?${query}`, taken, { 'content-type': 'image/jpeg' });
    };
    const kept: string[] = [];
    let refused: Awaited<ReturnType<typeof send>> | null = null;
    let last = '';
    for (let i = 0; i < 200 && !refused; i++) {
      last = uuid();
      const answer = await send(last);
      if (answer.status === 201) kept.push(last);
      else refused = answer;
    }
    expect(refused).toMatchObject({ status: 507, body: { code: 'no-room' } });
    expect(refused!.body.message).toContain('Nothing of this was written');
    expect(kept.length).toBeGreaterThan(3);
    const there = async () => ((await ada.get(`/api/jobs/${jobId}`)).body.photos as { id: string }[]).map((p) => p.id);
    expect(await there()).toEqual(kept);
    for (const id of kept) expect((await ada.get(`/api/photos/${id}`)).status).toBe(200);
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body).toMatchObject({ whole: true });

    await filled.stop();
    await narrow.stop();
    narrow = await startMariadb(small, room(120));
    filled = await start();
    expect((await send(last)).status).toBe(201);
    expect(await there()).toEqual([...kept, last]);
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body).toMatchObject({ whole: true });
    await filled.stop();
    await narrow.stop();
  });
});
