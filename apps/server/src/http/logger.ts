import type { LoggerService } from '@nestjs/common';
import { pino, type SerializedRequest } from 'pino';

/** What a link opens the door with is in no log: whoever reads it there could go in. */
const LINK_TOKEN = /[\w-]{43}(?=$|[/?.])/g;
export const withoutTokens = (url: string): string => url.replace(LINK_TOKEN, '…').replace(/\?.*$/, '');

/** Structured logs, one JSON line each; the level is set by LOG_LEVEL. */
export const log = pino({
  level: process.env['LOG_LEVEL'] ?? 'info',
  serializers: { req: (request: SerializedRequest) => ({ ...request, url: withoutTokens(request.url) }) },
  redact: ['req.headers.cookie', 'req.headers.authorization', 'res.headers["set-cookie"]'],
});

const line =
  (level: 'info' | 'error' | 'warn' | 'debug') =>
  (message: unknown, ...rest: unknown[]) => {
    const words = rest.filter((r) => typeof r === 'string');
    if (typeof message === 'object' && message !== null) log[level](message, words.join(' '));
    else log[level]({ in: words.at(-1) }, [String(message), ...words.slice(0, -1)].join(' '));
  };

/** Nest's own lines go the same way. */
export const nestLogger: LoggerService = {
  log: line('info'),
  error: line('error'),
  warn: line('warn'),
  debug: line('debug'),
};
