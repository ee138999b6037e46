import type { BaseQueryFn, FetchArgs, FetchBaseQueryError, FetchBaseQueryMeta } from '@reduxjs/toolkit/query';
import { refusalOfUnreadable } from './unreadable.ts';
import { outbox } from './outbox.ts';
import { outcomeOf } from './sender.ts';
import { clockAhead, nowText } from '../clock/clock.ts';

/** A request; with `keeps` it is a write that must not be lost: kept on this device until the server has it. */
export type Request = FetchArgs & {
  /** What it is, in words. */
  keeps?: string;
};
type Plain = BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError, object, FetchBaseQueryMeta>;
export type Keeping = BaseQueryFn<string | Request, unknown, FetchBaseQueryError, object, FetchBaseQueryMeta>;

/** What a page gets for a write that is kept here and not sent yet. */
export interface Unsent {
  unsent: true;
}
export const isUnsent = (answer: unknown): answer is Unsent =>
  typeof answer === 'object' && answer !== null && 'unsent' in answer;

/** A page waits so long for the server; then it goes on, and the write is sent when it can be. */
const PATIENCE_MS = 5_000;

/** Answers as `plain` does, but for writes that must not be lost. `person` says who writes, by id and name. */
export function keeping(plain: Plain, person: (state: unknown) => { id: string; name: string } | null): Keeping {
  return async (args, api, extra) => {
    const unreadable = typeof args === 'string' ? null : refusalOfUnreadable(args.body);
    if (unreadable) return { error: { status: 400, data: unreadable } };
    if (typeof args === 'string' || !args.keeps) return plain(args, api, extra);
    const { keeps: words, ...request } = args;
    const who = person(api.getState());
    const seq = who === null ? null : await keep(request, words, who).catch(() => null);
    // A device that keeps nothing still sends.
    if (seq === null) return plain(request, api, extra);
    const outcome = await outcomeOf(seq, PATIENCE_MS);
    if (outcome === null) return { data: { unsent: true } satisfies Unsent };
    if (outcome.sent) return { data: outcome.answer };
    return { error: { status: outcome.status, data: outcome.refusal } };
  };
}

function keep(request: FetchArgs, words: string, who: { id: string; name: string }): Promise<number> {
  const { params, url } = request;
  const body = request.body as unknown;
  const picture = body instanceof Blob;
  const search = params ? `?${new URLSearchParams(params as Record<string, string>)}` : '';
  return outbox.put({
    id: String((params ?? (body as Record<string, unknown> | null))?.['id'] ?? ''),
    personId: who.id,
    by: who.name,
    at: nowText(),
    ahead: clockAhead(),
    words,
    method: request.method ?? 'POST',
    path: `/api/${url}${search}`,
    body: picture ? body : JSON.stringify(body),
    type: picture ? body.type || 'application/octet-stream' : 'application/json',
  });
}
