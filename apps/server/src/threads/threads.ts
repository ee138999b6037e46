import type { Worker } from 'node:worker_threads';
import { Piscina } from 'piscina';

interface Wanted {
  /** The module whose default export does the work. */
  filename: string;
  minThreads: number;
  maxThreads: number;
  idleTimeout?: number;
}

/**
 * Threads for heavy work. A thread is never ended while it loads its modules, neither by whoever no longer waits for its
 * answer nor by the end of the application: Node aborts the whole process where that happens.
 */
export class Threads {
  private readonly pool: Piscina;
  /** The pool would hand work to its first threads before they have loaded; later ones say so when they have. */
  private readonly first: Promise<unknown>;
  private readonly known = new Set<number>();

  constructor(wanted: Wanted) {
    this.pool = new Piscina(wanted);
    this.pool.on('workerCreate', ({ id }: { id: number }) => this.known.add(id));
    this.first = Promise.all(this.pool.threads.map(hasLoaded));
  }

  /** Does one piece of work in a thread; where `signal` says that nobody waits any more, the thread ends with it. */
  async run(work: unknown, how: { signal?: AbortSignal; name?: string } = {}): Promise<unknown> {
    await this.first;
    return this.pool.run(work, how);
  }

  async end(): Promise<void> {
    for (const thread of this.pool.threads) thread.ref();
    await this.first;
    await Promise.all(this.pool.threads.filter(({ threadId }) => !this.known.has(threadId)).map(hasLoaded));
    await this.pool.destroy();
  }
}

/** A thread's first message says that it has loaded; one that could not is over. */
const hasLoaded = (thread: Worker): Promise<void> =>
  new Promise((done) => {
    for (const event of ['message', 'error', 'exit']) thread.once(event, () => done());
  });
