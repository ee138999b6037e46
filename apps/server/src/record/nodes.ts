import {
  createConnection,
  createPool,
  type Connection,
  type Pool,
  type PoolConnection,
  type PoolOptions,
} from 'mysql2';
import { log } from '../http/logger.ts';

/** Each node is asked so often whether it can write, and has so long to say so. */
const ASKED_EVERY_MS = 1000;
const SILENT_MS = 2000;
const TICK_MS = 200;

type Take = (error: Error | null, connection: PoolConnection) => void;

/** One node of the database: what is open to it now, and whether it can write. */
interface Node {
  readonly where: PoolOptions;
  readonly pool: Pool;
  readonly open: Set<PoolConnection>;
  asking: Connection | null;
  canWrite: boolean;
}

const nameOf = ({ where }: Node) => `${where.host}:${where.port}`;

function partsOf(url: string): PoolOptions {
  const { hostname, port, username, password, pathname } = new URL(url);
  return {
    host: hostname,
    port: Number(port || 3306),
    user: decodeURIComponent(username),
    password: decodeURIComponent(password),
    database: decodeURIComponent(pathname.slice(1)),
  };
}

/**
 * The nodes of one replicated database as a single pool of connections: the first that can write serves, and the next
 * where it dies, falls silent, or has lost the others. It stays with the node it moved to: nothing jumps back and forth.
 */
export class NodePool {
  private readonly nodes: readonly Node[];
  private current: Node;
  private timer: NodeJS.Timeout | null = null;

  constructor(urls: readonly string[], options: PoolOptions) {
    this.nodes = urls.map((url) => nodeAt({ ...options, ...partsOf(url) }));
    this.current = this.nodes[0]!;
    this.wait();
  }

  /** A connection to the node that serves; where it cannot be reached, to the next. */
  getConnection(take: Take): void {
    this.connectTo(this.inOrder(), take);
  }

  /** Closes what is open to every node. */
  end(ended: (error?: Error) => void): void {
    if (this.timer) clearTimeout(this.timer);
    this.timer = null;
    for (const { asking } of this.nodes) asking?.destroy();
    const ends = this.nodes.map(({ pool }) => new Promise<void>((done) => pool.end(() => done())));
    void Promise.all(ends).then(() => ended());
  }

  private inOrder(): Node[] {
    const others = this.nodes.filter((node) => node !== this.current);
    return [this.current, ...others].sort((a, b) => Number(b.canWrite) - Number(a.canWrite));
  }

  private connectTo([node, ...others]: Node[], take: Take): void {
    node!.pool.getConnection((error, connection) => {
      const isNodeAway = error && 'code' in error && typeof error.code === 'string';
      if (!isNodeAway || others.length === 0) {
        take(error, connection);
        return;
      }
      node!.canWrite = false;
      this.connectTo(others, take);
    });
  }

  private wait(): void {
    this.timer = setTimeout(() => void this.look(), ASKED_EVERY_MS);
    this.timer.unref();
  }

  private async look(): Promise<void> {
    await Promise.all(this.nodes.map(ask));
    if (this.timer === null) return;
    if (!this.current.canWrite) {
      const next = this.nodes.find((node) => node.canWrite);
      if (next) {
        log.warn({ from: nameOf(this.current), to: nameOf(next) }, 'moved to another node of the database');
        this.current = next;
      }
    }
    this.wait();
  }
}

function nodeAt(where: PoolOptions): Node {
  const pool = createPool(where);
  const node: Node = { where, pool, open: new Set(), asking: null, canWrite: true };
  pool.on('connection', (connection) => {
    node.open.add(connection);
    connection.once('close', () => node.open.delete(connection));
    connection.once('error', () => node.open.delete(connection));
    // Whoever wrote on another node reads it here: a read waits until what was written before it has arrived.
    connection.query('SET SESSION wsrep_sync_wait = 1', (error) => {
      if (error) cut(connection);
    });
  });
  return node;
}

/** Asks a node whether it can write. One that has lost the others refuses to say; one that is silent is given up. */
async function ask(node: Node): Promise<void> {
  const answer = await readOnly(node);
  node.canWrite = answer === 'no';
  if (answer === 'silent') node.open.forEach(cut);
  if (answer !== 'silent') return;
  node.asking?.destroy();
  node.asking = null;
}

function readOnly(node: Node): Promise<'yes' | 'no' | 'refused' | 'silent'> {
  const connection = (node.asking ??= ownConnection(node));
  return new Promise((done) => {
    const heard = patience(SILENT_MS, () => done('silent'));
    connection.query('SELECT @@global.read_only AS isReadOnly', (error: NodeJS.ErrnoException | null, rows) => {
      heard();
      if (!error) done(Number((rows as { isReadOnly: number }[])[0]!.isReadOnly) ? 'yes' : 'no');
      else done(error.errno === NOT_READY ? 'refused' : 'silent');
    });
  });
}

/**
 * Calls `over` once so many milliseconds have gone by while this process itself ran: one that stood still meanwhile first
 * hears what came, before it takes anybody for silent. What it gives back ends the wait.
 */
function patience(ms: number, over: () => void): () => void {
  let left = ms / TICK_MS;
  const timer = setInterval(() => {
    left -= 1;
    if (left > 0) return;
    clearInterval(timer);
    over();
  }, TICK_MS).unref();
  return () => clearInterval(timer);
}

/** A node that is there and cannot serve: it has not joined the others yet, or has lost them. */
const NOT_READY = 1047;

function ownConnection({ where }: Node): Connection {
  const { host, port, user, password, database } = where;
  const connection = createConnection({ host, port, user, password, database } as PoolOptions);
  // What goes wrong is heard where it is asked; an error that nobody hears would end the server.
  connection.on('error', () => undefined);
  return connection;
}

/** Ends a connection at once: what waits on it hears that it is lost, and does not wait for a node that is silent. */
function cut(connection: PoolConnection): void {
  const { stream } = connection as unknown as { stream: { destroy(error: Error): void } };
  stream.destroy(Object.assign(new Error('The node is silent.'), { code: 'PROTOCOL_CONNECTION_LOST' }));
}
