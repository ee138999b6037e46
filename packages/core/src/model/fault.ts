import type { z } from 'zod';

/** One thing wrong with an input: where, and what, in words a person can act on. */
export interface InputFault {
  path: string;
  message: string;
  /** Of a fault that a page does something about. */
  code?: string;
}

/** The one shape of every error that a person is told: what happened, what was kept, what to do. */
export interface Refusal {
  code: string;
  message: string;
  errors?: InputFault[];
  /** Of a conflict: what was sent, and what stands. */
  yours?: unknown;
  theirs?: unknown;
  /** At the door: what a device is asked, where one of its keys may open. */
  passkey?: unknown;
}

/** Thrown by the readers of the contract; lists every fault found, never only the first. */
export class UnusableInput extends Error {
  readonly errors: InputFault[];
  constructor(errors: InputFault[]) {
    super(errors.map((fault) => `${fault.path}: ${fault.message}`).join('; '));
    this.name = 'UnusableInput';
    this.errors = errors;
  }
}

/** `['tests', 0, 'kind']` → `tests[0].kind`; the whole document is `$`. */
export function pathText(path: readonly PropertyKey[]): string {
  if (path.length === 0) return '$';
  return path.map((part, i) => (typeof part === 'number' ? `[${part}]` : `${i ? '.' : ''}${String(part)}`)).join('');
}

function faultsOf(issue: z.core.$ZodIssue): InputFault[] {
  if (issue.code === 'unrecognized_keys') {
    return issue.keys.map((key) => ({ path: pathText([...issue.path, key]), message: `"${key}" is not a field here` }));
  }
  if (issue.code === 'invalid_value') {
    return [{ path: pathText(issue.path), message: `must be one of: ${issue.values.map(String).join(', ')}` }];
  }
  if (issue.code === 'invalid_type' && issue.input === undefined && issue.message.includes('undefined')) {
    return [{ path: pathText(issue.path), message: `is missing (${issue.expected} expected)` }];
  }
  return [{ path: pathText(issue.path), message: issue.message }];
}

/** Every fault of a value against its schema, named by where the value lies; none where it fits. */
export function faultsBy(schema: z.ZodType, value: unknown, path: readonly PropertyKey[] = []): InputFault[] {
  const read = schema.safeParse(value);
  if (read.success) return [];
  return read.error.issues.flatMap((issue) => faultsOf({ ...issue, path: [...path, ...issue.path] }));
}

/** Reads `input` by `schema`, or throws {@link UnusableInput} with every fault. */
export function readBy<T>(schema: z.ZodType<T>, input: unknown): T {
  const read = schema.safeParse(input);
  if (read.success) return read.data;
  throw new UnusableInput(read.error.issues.flatMap(faultsOf));
}
