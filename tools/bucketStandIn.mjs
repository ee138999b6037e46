import { createServer } from 'node:http';
import { buffer } from 'node:stream/consumers';

/** As long as a request's signature names our key it is let in; what is signed is not looked at. */
const SIGNED = (key) => new RegExp(`^AWS4-HMAC-SHA256 Credential=${key}/`);
const fault = (code) => `<?xml version="1.0" encoding="UTF-8"?><Error><Code>${code}</Code></Error>`;

/**
 * A stand-in for a bucket of an object store on loopback, in memory: put, get, look and delete of single objects, for
 * trying and testing where photos lie. `objects` are what it holds, by path; `age` makes them older.
 */
export async function bucketStandIn({ key = 'stand-in' } = {}) {
  const objects = new Map();
  const server = createServer(async (request, response) => {
    const path = decodeURIComponent(new URL(request.url, 'http://bucket').pathname);
    const refuse = (status, code) => response.writeHead(status, { 'content-type': 'application/xml' }).end(fault(code));
    if (!SIGNED(key).test(request.headers.authorization ?? '')) return refuse(403, 'AccessDenied');
    if (request.method === 'PUT') {
      objects.set(path, { body: await buffer(request), at: new Date() });
      return response.writeHead(200).end();
    }
    const object = objects.get(path);
    if (request.method === 'DELETE') objects.delete(path);
    if (request.method === 'DELETE') return response.writeHead(204).end();
    if (!object) return refuse(404, 'NoSuchKey');
    response.writeHead(200, { 'content-length': object.body.length, 'last-modified': object.at.toUTCString() });
    return response.end(request.method === 'HEAD' ? undefined : object.body);
  });
  await new Promise((listening) => server.listen(0, '127.0.0.1', listening));
  const endpoint = `http://127.0.0.1:${server.address().port}`;
  return {
    objects,
    env: { S3_ENDPOINT: endpoint, AWS_REGION: 'here', AWS_ACCESS_KEY_ID: key, AWS_SECRET_ACCESS_KEY: 'stand-in' },
    age: (ms) => objects.forEach((object) => (object.at = new Date(object.at.getTime() - ms))),
    stop: () => new Promise((done) => server.close(done)),
  };
}
