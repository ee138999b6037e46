import { createHash } from 'node:crypto';
import type { ExecutionContext } from '@nestjs/common';
import { hashOf } from '@rustic/core';
import { getMetadataStorage } from 'class-validator';
import type { Request } from 'express';

/** A write as its client names it: the client's own id, and a digest of where it was sent and what it holds. */
export interface SentWrite {
  id: string;
  requestHash: string;
}

export type WriteRequest = Request & { sentWrite?: SentWrite };

const SAFE = ['GET', 'HEAD', 'OPTIONS'];
/** As long as the column that keeps it. */
const LONGEST_ID = 64;

/** Parts of a body that are no part of the digest: a digest of a password is a way to guess it. */
const SECRET = new Set(['password', 'before', 'after']);

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value) && !Buffer.isBuffer(value);

/** Reads the write that a request carries; null where it carries none. The same bytes at another address are another write. */
export function sentWriteOf(request: Request): SentWrite | null {
  if (SAFE.includes(request.method)) return null;
  const body: unknown = request.body;
  const id = isObject(body) ? body['id'] : request.query['id'];
  if (typeof id !== 'string' || id === '' || id.length > LONGEST_ID) return null;
  const [path] = request.originalUrl.split('?');
  return {
    id,
    requestHash: hashOf({ method: request.method, path, query: { ...request.query }, body: digestible(body) }),
  };
}

/** A body as the digest takes it: bytes by their own digest, JSON without its secrets. */
function digestible(body: unknown): unknown {
  if (Buffer.isBuffer(body)) return createHash('sha256').update(body).digest('hex');
  if (!isObject(body)) return null;
  return Object.fromEntries(Object.entries(body).filter(([field]) => !SECRET.has(field)));
}

/** An `Idempotency-Key` stands in for an id that the body or the query asks for and does not have. */
export function takeIdempotencyKey(context: ExecutionContext, request: Request): void {
  const key = request.get('idempotency-key');
  if (!key || SAFE.includes(request.method)) return;
  const controller = context.getClass().prototype as object;
  const asked = (Reflect.getMetadata('design:paramtypes', controller, context.getHandler().name) ??
    []) as (new () => object)[];
  if (!asked.some(hasId)) return;
  if (isObject(request.body)) request.body['id'] ??= key;
  else if (!request.query['id']) request.url += `${request.url.includes('?') ? '&' : '?'}id=${encodeURIComponent(key)}`;
}

const hasId = (type: new () => object) =>
  getMetadataStorage()
    .getTargetValidationMetadatas(type, '', false, false)
    .some((rule) => rule.propertyName === 'id');
