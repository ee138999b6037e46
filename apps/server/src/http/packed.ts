import { createHash } from 'node:crypto';
import { promisify } from 'node:util';
import { gunzip, gzip } from 'node:zlib';
import type { Response } from 'express';

/** Packed quickly rather than tightly: what is sent so is good for a while only. */
const LEVEL = 3;
const pack = promisify(gzip);
const unpack = promisify(gunzip);

/** JSON as it is sent, packed once for everybody who asks for it. */
export interface Packed {
  gzipped: Buffer;
  etag: string;
}

export async function packed(text: string): Promise<Packed> {
  const gzipped = await pack(text, { level: LEVEL });
  return { gzipped, etag: `"${createHash('sha256').update(gzipped).digest('base64url').slice(0, 27)}"` };
}

/** Sends it, unpacked to whoever cannot unpack it; whoever has this very answer is told that it stands. */
export async function sendPacked(response: Response, { gzipped, etag }: Packed): Promise<void> {
  response.setHeader('ETag', etag);
  response.vary('Accept-Encoding').type('json');
  if (!response.req.acceptsEncodings('gzip')) {
    response.send(await unpack(gzipped));
    return;
  }
  response.setHeader('Content-Encoding', 'gzip');
  response.send(gzipped);
}
