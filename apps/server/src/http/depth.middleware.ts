import { BadRequestException } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';

/** Nothing that is sent here lies deeper than this; what does is made to exhaust whoever reads it. */
const DEEPEST = 40;

export function deeperThan(most: number, body: unknown): boolean {
  const left: [value: unknown, depth: number][] = [[body, 0]];
  while (left.length) {
    const [value, depth] = left.pop()!;
    if (typeof value !== 'object' || value === null || Buffer.isBuffer(value)) continue;
    if (depth > most) return true;
    for (const inner of Object.values(value)) left.push([inner, depth + 1]);
  }
  return false;
}

/** Refuses bodies nested deeper than any that is meant, before anything walks through them. */
export function notTooDeep(request: Request, _response: Response, next: NextFunction): void {
  if (deeperThan(DEEPEST, request.body))
    return next(
      new BadRequestException({
        code: 'invalid',
        message: 'This is nested too deeply. Nothing was written.',
        errors: [{ path: '', message: `is nested more than ${DEEPEST} deep` }],
      }),
    );
  next();
}
