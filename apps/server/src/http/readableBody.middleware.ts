import { BadRequestException } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';

/** Nothing that is sent here lies deeper than this; what does is made to exhaust whoever reads it. */
const DEEPEST = 40;

/** Half of a letter that takes two: no text, and nothing that can be kept or hashed. */
const HALF_A_LETTER = /\p{Surrogate}/u;

/** Why a body is refused before anything walks through it; null where nothing speaks against it. */
export function unreadableBody(body: unknown, most = DEEPEST): string | null {
  const left: [value: unknown, depth: number][] = [[body, 0]];
  while (left.length) {
    const [value, depth] = left.pop()!;
    if (typeof value === 'string' && HALF_A_LETTER.test(value)) return 'holds half a letter, which is no text';
    if (typeof value !== 'object' || value === null || Buffer.isBuffer(value)) continue;
    if (depth > most) return `is nested more than ${most} deep`;
    for (const [key, inner] of Object.entries(value)) left.push([key, depth], [inner, depth + 1]);
  }
  return null;
}

/** Refuses bodies nested deeper than any that is meant, and text that is none. */
export function readableBody(request: Request, _response: Response, next: NextFunction): void {
  const message = unreadableBody(request.body);
  if (message === null) return next();
  next(
    new BadRequestException({
      code: 'invalid',
      message: 'This cannot be read. Nothing was written.',
      errors: [{ path: '', message }],
    }),
  );
}
