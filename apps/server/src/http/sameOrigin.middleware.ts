import { ForbiddenException } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';

const SAFE = ['GET', 'HEAD', 'OPTIONS'];

/**
 * Proof that an unsafe request comes from our own pages: the browser's word on where it was made, or the Origin it
 * names. A request that carries neither is refused.
 */
export function sameOrigin(request: Request, _response: Response, next: NextFunction): void {
  if (SAFE.includes(request.method)) {
    next();
    return;
  }
  const site = request.get('sec-fetch-site');
  const origin = request.get('origin');
  // By the name that whoever asked sees: behind a proxy that we trust, the one it passes on.
  const own = origin !== undefined && hostOf(origin) === request.host;
  if (site !== undefined && site !== 'same-origin') return next(refused());
  if (!own) return next(refused());
  next();
}

const refused = () =>
  new ForbiddenException({
    code: 'other-origin',
    message: 'This did not come from our own page. Nothing was written.',
  });

function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null;
}
