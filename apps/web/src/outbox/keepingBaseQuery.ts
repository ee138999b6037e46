import type {
  BaseQueryApi,
  BaseQueryFn,
  FetchArgs,
  FetchBaseQueryError,
  FetchBaseQueryMeta,
} from '@reduxjs/toolkit/query';
import { clockAhead, nowText } from '../clock/clock.ts';
import { isCommand, type Command } from './commands.ts';
import { outbox } from './outbox.ts';
import { sentHere } from './ownWrites.ts';
import { outcomeOf } from './sender.ts';
import { refusalOfUnreadable } from './unreadable.ts';

export type AnyQuery = BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError, object, FetchBaseQueryMeta>;

/** What a page gets for a write that is kept here and not sent yet. */
export interface Unsent {
  unsent: true;
  /** Where it lies in the outbox. */
  seq: number;
}
export const isUnsent = (answer: unknown): answer is Unsent =>
  typeof answer === 'object' && answer !== null && 'unsent' in answer;
/** Where a write lies that is not sent yet; null where the server has answered it. */
export const seqUnsent = (answer: unknown): number | null => (isUnsent(answer) ? answer.seq : null);

/** A page waits so long for the server; then it goes on, and the write is sent when it can be. */
const PATIENCE_MS = 5_000;

/** Answers as `plain` does, but keeps the writes that must not be lost on this device until the server has them. */
export function keeping(plain: AnyQuery): AnyQuery {
  return async (args, told, extra) => {
    if (typeof args === 'string' || told.type === 'query') return plain(args, told, extra);
    const unreadable = refusalOfUnreadable(args.body);
    if (unreadable) return { error: { status: 400, data: unreadable } };
    sentHere(idOf(args));
    const who = isCommand(told.endpoint) ? signedInIn(told) : null;
    const seq = who && (await keep(args, told.endpoint as Command, who).catch(() => null));
    // A device that keeps nothing still sends.
    if (seq === null) return plain(args, told, extra);
    const outcome = await outcomeOf(seq, PATIENCE_MS);
    if (outcome === null) return { data: { unsent: true, seq } satisfies Unsent };
    if (outcome.sent) return { data: outcome.answer };
    return { error: { status: outcome.status, data: outcome.refusal } };
  };
}

const idOf = ({ body, params }: FetchArgs): string =>
  String((params ?? (body as Record<string, unknown> | null))?.['id'] ?? '');

/** Who is signed in, by what the session's query has. */
function signedInIn({ getState }: BaseQueryApi): { id: string; name: string } | null {
  const { api } = getState() as { api: { queries: Record<string, { data?: unknown } | undefined> } };
  const session = api.queries['session(undefined)']?.data as { person: { id: string; name: string } } | undefined;
  return session?.person ?? null;
}

function keep(request: FetchArgs, command: Command, who: { id: string; name: string }): Promise<number> {
  const { params, url } = request;
  const body = request.body as unknown;
  const picture = body instanceof Blob;
  const said = Object.entries(params ?? {}).filter(([, value]) => value !== undefined);
  const search = said.length ? `?${new URLSearchParams(said.map(([name, value]) => [name, String(value)]))}` : '';
  return outbox.put({
    id: idOf(request),
    personId: who.id,
    by: who.name,
    at: nowText(),
    ahead: clockAhead(),
    command,
    method: request.method ?? 'POST',
    path: `${url}${search}`,
    body: picture ? body : JSON.stringify(body),
    type: picture ? body.type || 'application/octet-stream' : 'application/json',
  });
}
