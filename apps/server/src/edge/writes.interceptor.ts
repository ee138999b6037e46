import { Injectable, type CallHandler, type ExecutionContext, type NestInterceptor } from '@nestjs/common';
import { of, type Observable } from 'rxjs';
import type { SessionRequest } from '../people/session.ts';
import { sentWriteOf, takeIdempotencyKey, type WriteRequest } from '../record/sentWrite.ts';
import { Writes } from '../record/writes.service.ts';

/**
 * Every write is known by its id together with method, address and content. One that was answered before is answered
 * the same, before anything is computed for it again; its id with anything else is a conflict.
 */
@Injectable()
export class WritesInterceptor implements NestInterceptor {
  constructor(private readonly writes: Writes) {}

  async intercept(context: ExecutionContext, next: CallHandler): Promise<Observable<unknown>> {
    const request = context.switchToHttp().getRequest<SessionRequest & WriteRequest>();
    takeIdempotencyKey(context, request);
    const write = sentWriteOf(request);
    if (!write) return next.handle();
    request.sentWrite = write;
    const known = request.signedIn ? await this.writes.answered(request.signedIn.firm.id, write) : null;
    return known ? of(known.answer) : next.handle();
  }
}
