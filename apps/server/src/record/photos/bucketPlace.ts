import {
  DeleteObjectCommand,
  GetObjectCommand,
  HeadObjectCommand,
  NoSuchKey,
  NotFound,
  PutObjectCommand,
  S3Client,
} from '@aws-sdk/client-s3';
import { pathOf, STAYS_MS, type PhotoKey, type PhotoPlace } from './photoPlace.ts';

/** An answer that takes longer than this is none. */
const PATIENCE_MS = 10_000;

/** Pictures as objects of a bucket: `s3://BUCKET/PREFIX`. Who we are there, and where that is, comes from the usual settings. */
export function bucketPlace(address: URL, env: NodeJS.ProcessEnv = process.env): PhotoPlace {
  const Bucket = address.hostname;
  const prefix = address.pathname.replace(/^\/|\/$/g, '');
  const endpoint = env['S3_ENDPOINT'];
  const client = new S3Client({
    region: env['AWS_REGION'] ?? 'us-east-1',
    maxAttempts: 3,
    requestHandler: { requestTimeout: PATIENCE_MS, connectionTimeout: PATIENCE_MS },
    ...(endpoint ? { endpoint, forcePathStyle: true } : {}),
  });
  const Key = (key: PhotoKey) => [prefix, ...pathOf(key)].filter(Boolean).join('/');
  const at = (key: PhotoKey) => ({ Bucket, Key: Key(key) });
  return {
    name: `the bucket ${Bucket}`,
    async put(key, content) {
      await client.send(new PutObjectCommand({ ...at(key), Body: content, ContentType: 'image/jpeg' }));
    },
    async get(key) {
      try {
        const { Body } = await client.send(new GetObjectCommand(at(key)));
        return Buffer.from(await Body!.transformToByteArray());
      } catch (error) {
        if (error instanceof NoSuchKey) return null;
        throw error;
      }
    },
    async remove(key) {
      try {
        const { LastModified } = await client.send(new HeadObjectCommand(at(key)));
        if (Date.now() - (LastModified?.getTime() ?? 0) > STAYS_MS) await client.send(new DeleteObjectCommand(at(key)));
      } catch (error) {
        if (!(error instanceof NotFound)) throw error;
      }
    },
  };
}
