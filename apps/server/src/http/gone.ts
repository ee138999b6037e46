import { createParamDecorator, type ExecutionContext } from '@nestjs/common';
import type { Response } from 'express';

/** Told when whoever asked is no longer there: what is still being computed for them may stop. */
export const Gone = createParamDecorator((_data: unknown, context: ExecutionContext): AbortSignal => {
  const response = context.switchToHttp().getResponse<Response>();
  const gone = new AbortController();
  response.once('close', () => {
    if (!response.writableFinished) gone.abort();
  });
  return gone.signal;
});
