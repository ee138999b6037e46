import { Catch, HttpException, HttpStatus, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import { UnusableInput } from '@rustic/core';
import type { Response } from 'express';
import type { z } from 'zod';
import { databaseFault, isAway, isInTheWay, isOpen } from './databaseFaults.ts';
import type { refusal } from './refusal.ts';

export type ErrorBody = z.infer<typeof refusal>;

const AWAY = 'The database does not answer. Nothing was written; what you typed is still here. Try again in a moment.';
const MAY_STAND =
  'The database went away just as this was being kept, so it may stand or not. Look whether it does before you send it again.';
const BUSY = 'More is asked than can be answered at once. Nothing was written. Try again in a moment.';
/** Said without a code, when more wait for the database than are let wait. */
const TOO_MANY = 'Queue limit reached.';
/** No room is left where the database keeps its files. */
const FULL = ['ER_RECORD_FILE_FULL', 'ER_DISK_FULL', 'ER_ERROR_ON_WRITE'];
const CODES: Record<number, string> = {
  400: 'invalid',
  401: 'signed-out',
  403: 'not-allowed',
  404: 'not-found',
  409: 'conflict',
  413: 'too-large',
  415: 'not-json',
  429: 'too-often',
};
const WORDS: Record<number, string> = {
  400: 'This could not be read. Nothing was written.',
  404: 'There is nothing here.',
  413: 'This is larger than is taken. Nothing was written; send less at a time.',
  415: 'Send JSON. Nothing was written.',
};

/** When something that was refused for now may be tried again, in seconds; null where that is not said. */
function retryAfter(error: unknown): number | null {
  const said = error instanceof HttpException ? (error.getResponse() as { retryAfterS?: unknown }) : {};
  return typeof said.retryAfterS === 'number' ? said.retryAfterS : null;
}

@Catch()
export class ErrorsFilter implements ExceptionFilter {
  private readonly log = new Logger('http');

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const response = http.getResponse<Response>();
    const requestId = String(http.getRequest<{ id?: string }>().id ?? '');
    // Whoever asked has gone: there is nobody to tell.
    if (response.headersSent || response.destroyed) {
      response.end();
      return;
    }
    const { status, ...body } = this.bodyOf(error, requestId);
    if (status === 503) response.setHeader('Retry-After', '2');
    const wait = retryAfter(error);
    if (wait !== null) response.setHeader('Retry-After', String(wait));
    response.status(status).json({ ...body, requestId });
  }

  private bodyOf(error: unknown, requestId: string): Omit<ErrorBody, 'requestId'> & { status: number } {
    if (error instanceof UnusableInput)
      return {
        status: 400,
        code: 'invalid',
        message: 'Some of this cannot be used. Nothing was written.',
        errors: error.errors,
      };
    if (error instanceof HttpException) return this.ofHttp(error);
    const fault = databaseFault(error);
    if (fault && isAway(fault)) {
      this.log.warn({ requestId, code: fault.code }, 'database away');
      return { status: 503, code: 'database-away', message: isOpen(fault) ? MAY_STAND : AWAY };
    }
    if (fault && isInTheWay(fault)) return { status: 503, code: 'busy', message: BUSY };
    if (error instanceof Error && error.message.includes(TOO_MANY)) return { status: 503, code: 'busy', message: BUSY };
    if (fault && FULL.includes(fault.code)) {
      this.log.error({ requestId, code: fault.code }, 'no room left');
      return {
        status: 507,
        code: 'no-room',
        message:
          'There is no room left where the record is kept. Nothing of this was written; it stays on your device and goes when there is room. Tell whoever looks after the server.',
      };
    }
    const raised = error as { status?: number; statusCode?: number; type?: string } | null;
    const status = raised?.status ?? raised?.statusCode;
    if (status && status >= 400 && status < 500)
      return {
        status,
        code: CODES[status] ?? 'refused',
        message: WORDS[status] ?? 'This was refused. Nothing was written.',
      };
    this.log.error({ requestId, error: error instanceof Error ? error.stack : String(error) }, 'failed');
    return {
      status: 500,
      code: 'failed',
      message: `Something went wrong on our side. Nothing was written. Say this number when you ask: ${requestId}.`,
    };
  }

  private ofHttp(error: HttpException): Omit<ErrorBody, 'requestId'> & { status: number } {
    const status = error.getStatus();
    const said = error.getResponse();
    const own = typeof said === 'object' ? (said as Partial<ErrorBody>) : {};
    const message = own.code
      ? own.message!
      : status === HttpStatus.BAD_REQUEST && !own.errors
        ? WORDS[400]!
        : (own.message ?? error.message);
    return {
      status,
      code: own.code ?? CODES[status] ?? 'refused',
      message:
        typeof message === 'string' && !message.startsWith('Cannot ')
          ? message
          : (WORDS[status] ?? 'This was refused.'),
      ...(own.errors ? { errors: own.errors } : {}),
      ...(own.yours !== undefined ? { yours: own.yours, theirs: own.theirs } : {}),
      ...(own.passkey !== undefined ? { passkey: own.passkey } : {}),
    };
  }
}
