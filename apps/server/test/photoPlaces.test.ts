import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readdirSync, readFileSync, utimesSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { text } from 'node:stream/consumers';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { createConnection, type Connection, type RowDataPacket } from 'mysql2/promise';
import sharp from 'sharp';
import { bucketStandIn } from '../../../tools/bucketStandIn.mjs';
import { startServer } from '../../../tools/serve.mjs';
import { freePort, startMariadb } from '../../../tools/mariadb.mjs';
import { temporaryFolder } from '../../../tools/temporary.mjs';
import { bucketPlace } from '../src/record/photos/bucketPlace.ts';
import { folderPlace } from '../src/record/photos/folderPlace.ts';
import type { PhotoPlace } from '../src/record/photos/photoPlace.ts';
import { hashOfPhoto } from '../src/record/photos/photoStore.ts';
import { placeOf } from '../src/record/photos/placeOf.ts';
import { newJob, signedIn, uuid, type Client } from './client.ts';

const HOURS_2 = 7_200_000;
const folder = () => mkdtempSync(join(tmpdir(), `ledger-photos-${process.pid}-`));
/** A picture like no other. */
const picture = () =>
  sharp({
    create: {
      width: 60,
      height: 40,
      channels: 3,
      background: '#777',
      noise: { type: 'gaussian', mean: 128, sigma: 60 },
    },
  })
    .jpeg()
    .toBuffer();
const filesIn = (root: string) =>
  readdirSync(root, { recursive: true, withFileTypes: true })
    .filter((one) => one.isFile())
    .map((one) => join(one.parentPath, one.name));

let bucket: Awaited<ReturnType<typeof bucketStandIn>>;
beforeAll(async () => {
  bucket = await bucketStandIn();
  // The client reads who we are from where it always does.
  Object.assign(process.env, bucket.env);
});
afterAll(() => bucket.stop());

describe('a place for pictures', () => {
  const root = folder();
  const places: [string, () => PhotoPlace, () => void][] = [
    ['a folder', () => folderPlace(root), () => filesIn(root).forEach((file) => utimesSync(file, 1, 1))],
    ['a bucket', () => bucketPlace(new URL('s3://pictures/of/firms')), () => bucket.age(HOURS_2)],
  ];
  test.each(places)(
    '%s keeps what is put there, twice as well as once, and takes away only what has lain a while',
    async (_name, make, age) => {
      const place = make();
      const content = await picture();
      const key = { firmId: uuid(), hash: hashOfPhoto(content) };
      expect(await place.get(key)).toBeNull();
      await place.put(key, content);
      await place.put(key, content);
      expect(await place.get(key)).toEqual(content);
      expect(await place.get({ ...key, firmId: uuid() })).toBeNull();
      await place.remove(key);
      expect(await place.get(key)).toEqual(content);
      age();
      await place.remove(key);
      await place.remove(key);
      expect(await place.get(key)).toBeNull();
    },
  );
  test('a folder holds nothing that is half written, and lets nobody else in', async () => {
    const own = folder();
    await folderPlace(own).put({ firmId: uuid(), hash: 'ab'.repeat(32) }, Buffer.from('whole'));
    const [file, ...others] = filesIn(own);
    expect(others).toEqual([]);
    expect(readFileSync(file!, 'utf8')).toBe('whole');
  });
  test('a bucket that refuses is no bucket without the picture', async () => {
    const stranger = bucketPlace(new URL('s3://pictures'), { ...process.env, S3_ENDPOINT: 'http://127.0.0.1:9' });
    await expect(stranger.get({ firmId: uuid(), hash: 'ab'.repeat(32) })).rejects.toThrow();
  });
  test('is read from the setting, and a setting that says nothing known is refused', () => {
    expect(placeOf({})).toBeNull();
    expect(placeOf({ PHOTOS: 'database' })).toBeNull();
    expect(placeOf({ PHOTOS: '/srv/photos' })!.name).toBe('the folder /srv/photos');
    expect(placeOf({ PHOTOS: 's3://pictures/x' })!.name).toBe('the bucket pictures');
    expect(() => placeOf({ PHOTOS: 'ftp://pictures' })).toThrow('PHOTOS is "ftp://pictures"');
  });
});

describe('a firm whose pictures are moved', () => {
  const outside = folder();
  let database: Awaited<ReturnType<typeof startMariadb>>;
  let server: Awaited<ReturnType<typeof startServer>>;
  let port: number;
  let db: Connection;
  let ada: Client;
  let job: { jobId: string; roomId: string };
  const open = async (env: object) => {
    await server?.stop();
    server = await startServer({ url: database.url, port, env: { LOG_LEVEL: 'error', ...env } });
    ada = await signedIn('ada', `http://127.0.0.1:${port}`);
  };
  const sent: { id: string; shown: Buffer }[] = [];
  const send = async (content: Buffer) => {
    const id = uuid();
    const query = `id=${id}&roomId=${job.roomId}&at=${encodeURIComponent(new Date().toISOString())}`;
    const answer = await ada.send('POST', `/api/jobs/${job.jobId}/photos?${query}`, content, {
      'content-type': 'image/jpeg',
    });
    expect(answer.status).toBe(201);
    sent.push({ id, shown: await shown(id) });
    return answer.body.hash as string;
  };
  const shown = async (id: string) => {
    const answer = await fetch(`${ada.base}/api/photos/${id}`, { headers: { cookie: ada.cookie } });
    expect(answer.status).toBe(200);
    return Buffer.from(await answer.arrayBuffer());
  };
  const allAsSent = async () => {
    for (const { id, shown: before } of sent) expect(await shown(id)).toEqual(before);
  };
  const inDatabase = async () => (await db.query<RowDataPacket[]>('SELECT hash FROM photo_content'))[0].length;
  /** Beside us: the stand-in for the bucket is ours, and has to answer meanwhile. */
  const move = async (from: string, to: string) => {
    const child = spawn(process.execPath, [join(import.meta.dirname, '../dist/movePhotos.js'), from, to], {
      env: { ...process.env, NODE_OPTIONS: '', DATABASE_URLS: database.url },
    });
    const [stdout, stderr, [status]] = await Promise.all([
      text(child.stdout),
      text(child.stderr),
      once(child, 'close'),
    ]);
    return { status: status as number, said: stdout.trim().split('\n').at(-1), stderr };
  };

  beforeAll(async () => {
    database = await startMariadb(join(temporaryFolder('moved'), 'mariadb'), { quick: true });
    port = await freePort();
    await open({});
    db = await createConnection(database.url);
    job = await newJob(ada);
  });
  afterAll(async () => {
    await db.end();
    await server.stop();
    await database.stop();
  });

  test('keeps the same picture once, and every photo of it', async () => {
    const one = await picture();
    const hashes = [await send(one), await send(one), await send(await picture())];
    expect(new Set(hashes).size).toBe(2);
    expect(await inDatabase()).toBe(2);
    await allAsSent();
  });

  test('reads them all while they are moved out, puts new ones at the new place, and moves them on and back', async () => {
    await open({ PHOTOS: outside });
    await allAsSent();
    await send(await picture());
    expect([await inDatabase(), filesIn(outside).length]).toEqual([2, 1]);

    expect(await move('database', outside)).toMatchObject({
      status: 0,
      said: `2 pictures moved from the database to the folder ${outside}; 1 were there already.`,
    });
    expect([await inDatabase(), filesIn(outside).length]).toEqual([0, 3]);
    await allAsSent();
    // Again: there is nothing left to do.
    expect((await move('database', outside)).said).toContain('0 pictures moved');

    filesIn(outside).forEach((file) => utimesSync(file, 1, 1));
    expect((await move(outside, 's3://pictures')).status).toBe(0);
    expect(filesIn(outside)).toEqual([]);
    await open({ PHOTOS: 'database', PHOTOS_BEFORE: 's3://pictures' });
    await allAsSent();
    bucket.age(HOURS_2);
    expect((await move('s3://pictures', 'database')).status).toBe(0);
    await open({});
    await allAsSent();
  });

  test('whose bucket is away is told so, keeps nothing of the photo, and reads what lies elsewhere', async () => {
    await open({ PHOTOS: 's3://pictures', S3_ENDPOINT: 'http://127.0.0.1:9' });
    const id = uuid();
    const query = `id=${id}&roomId=${job.roomId}&at=${encodeURIComponent(new Date().toISOString())}`;
    const image = { 'content-type': 'image/jpeg' };
    const refused = await ada.send('POST', `/api/jobs/${job.jobId}/photos?${query}`, await picture(), image);
    expect(refused).toMatchObject({ status: 503, body: { code: 'photos-away' } });
    expect((await ada.get(`/api/photos/${id}`)).status).toBe(404);
    expect((await ada.get(`/api/jobs/${job.jobId}`)).status).toBe(200);
    await open({});
    await allAsSent();
  });

  test('is told of a picture that lies nowhere, by its hash, and of no other fault', async () => {
    const [[row]] = await db.query<RowDataPacket[]>('SELECT hash FROM photo_content LIMIT 1');
    await db.query('DELETE FROM photo_content WHERE hash = ?', [row!['hash']]);
    const { status, stderr } = await move('database', outside);
    expect(status).toBe(2);
    expect(stderr).toContain(row!['hash']);
    const gone = await Promise.all(
      sent.map(({ id }) =>
        ada.get(`/api/photos/${id}`).then(
          ({ status: s }) => s,
          () => 0,
        ),
      ),
    );
    expect(gone).toContain(404);
  });
});
