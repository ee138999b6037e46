import { QueryFailedError } from 'typeorm';

/** What a database or the way to it says when something goes wrong. */
export interface DatabaseFault {
  code: string;
  /** As MariaDB or the driver words it. */
  words: string;
  /** It came as the transaction was being kept: the answer was lost, and it may stand all the same. */
  atCommit: boolean;
}

interface Raised {
  code?: unknown;
  errno?: unknown;
  sqlMessage?: unknown;
}

/** Reads what was raised; null where it is no word of the database. */
export function databaseFault(error: unknown): DatabaseFault | null {
  const isQuery = error instanceof QueryFailedError;
  const raised = (isQuery ? error.driverError : error) as Raised | null | undefined;
  if (typeof raised?.code !== 'string') return null;
  return {
    code: raised.code,
    words: typeof raised.sqlMessage === 'string' ? raised.sqlMessage : '',
    atCommit: isQuery && error.query === 'COMMIT',
  };
}

/** The way to the database broke, or the node at its end is going. */
const LOST = [
  'ECONNREFUSED',
  'PROTOCOL_CONNECTION_LOST',
  'PROTOCOL_ENQUEUE_AFTER_FATAL_ERROR',
  'PROTOCOL_SEQUENCE_TIMEOUT',
  'ECONNRESET',
  'ETIMEDOUT',
  'ENOENT',
  'EPIPE',
  'ER_SERVER_SHUTDOWN',
  'ER_CON_COUNT_ERROR',
  'ER_CONNECTION_KILLED',
  'ER_QUERY_INTERRUPTED',
];
/** A node of a cluster that has lost the others, or has not joined them yet; one that was set to be read alone. */
const NOT_SERVING = ['ER_UNKNOWN_COM_ERROR', 'ER_OPTION_PREVENTS_STATEMENT', 'ER_ERROR_DURING_COMMIT'];
/** Another write was in the way, on this node or on another: as if it had not been sent. */
const IN_THE_WAY = ['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD'];

/** The database does not serve now: it is away, or this node of it cannot serve. */
export const isAway = ({ code }: DatabaseFault): boolean => LOST.includes(code) || NOT_SERVING.includes(code);

/** Another write was first; nothing of this one stands. */
export const isInTheWay = ({ code }: DatabaseFault): boolean => IN_THE_WAY.includes(code);

/** Whether it stands is not known: the way broke as it was being kept. */
export const isOpen = (fault: DatabaseFault): boolean => fault.atCommit && isAway(fault);
