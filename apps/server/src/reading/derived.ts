import { Injectable } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import pLimit from 'p-limit';
import { In } from 'typeorm';
import { log } from '../http/logger.ts';
import { packed, type Packed } from '../http/packed.ts';
import { DerivedAnswerEntity, type DerivedKind } from '../record/derivedEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { RELEASE } from '../record/release.ts';
import { readJobsAnew, type JobRecords } from './jobRecords.ts';
import { minuteOf, type MarkedJob } from './marks.ts';

/** So many letters of answers lie at hand; what was asked for longest ago goes first. */
const AT_HAND = 40_000_000;
/** So many jobs are read at once: a firm of years is never held whole. */
const READ_AT_ONCE = 10;

/** What was made of a job's record: JSON, and the minute from which the clock makes it another; null: never. */
export interface DerivedText {
  body: string;
  turnsAt: number | null;
}

/** An answer that is kept, and how it is sent. */
export class Kept implements DerivedText {
  private sent: Promise<Packed> | null = null;
  private value: unknown = undefined;
  constructor(
    readonly mark: string,
    readonly release: string,
    readonly body: string,
    readonly turnsAt: number | null,
  ) {}
  /** What the text says, read once: every answer is of one kind, and always read the same way. */
  read<T>(how: (body: string) => T): T {
    return (this.value ??= how(this.body)) as T;
  }
  /** As it is sent, packed once for everybody who asks. */
  packed(): Promise<Packed> {
    return (this.sent ??= packed(this.body));
  }
}

/** One kind of answer about jobs: under which mark each is kept, and how it is made. */
export interface Derivation {
  kind: DerivedKind;
  markOf: (job: MarkedJob) => string;
  /** Whether what an earlier release made is good enough until it is made anew behind it. */
  mayWait?: (job: MarkedJob) => boolean;
  make: (records: JobRecords) => Promise<DerivedText>;
}

/**
 * What is derived from the records of jobs, made once for each mark of a record and kept in the database, where every
 * server finds it; at hand too, where it was asked for lately.
 */
@Injectable()
export class Derived {
  private readonly atHand = new LRUCache<string, Kept>({
    maxSize: AT_HAND,
    sizeCalculation: ({ body }) => body.length + 200,
  });
  /** What is being made now: whoever asks meanwhile waits for the same. */
  private readonly underWay = new Map<string, Promise<Kept[]>>();
  /** What nobody waits for is made one after the other. */
  private readonly behind = pLimit(1);

  /** The answers of one kind about these jobs, by the job's id; what is wanting or has turned is made. */
  async of(scope: FirmScope, jobs: readonly MarkedJob[], derivation: Derivation): Promise<Map<string, Kept>> {
    const found = new Map<string, Kept>();
    const now = minuteOf(scope.who);
    const isGood = (job: MarkedJob, kept: Kept | undefined): kept is Kept =>
      kept?.mark === derivation.markOf(job) &&
      (kept.turnsAt === null || kept.turnsAt > now) &&
      (kept.release === RELEASE || derivation.mayWait?.(job) === true);
    const notAtHand = jobs.filter((job) => {
      const kept = this.atHand.get(keyOf(scope, derivation, job));
      if (isGood(job, kept)) found.set(job.id, kept);
      return !found.has(job.id);
    });
    const stored = await storedOf(scope, derivation.kind, notAtHand);
    const wanting: MarkedJob[] = [];
    for (const job of notAtHand) {
      const kept = stored.get(job.id);
      if (!isGood(job, kept)) wanting.push(job);
      else {
        found.set(job.id, kept);
        this.atHand.set(keyOf(scope, derivation, job), kept);
        if (kept.release !== RELEASE) this.later(scope, job, derivation);
      }
    }
    for (let from = 0; from < wanting.length; from += READ_AT_ONCE) {
      const some = wanting.slice(from, from + READ_AT_ONCE);
      const made = await this.made(scope, some, derivation);
      some.forEach((job, i) => found.set(job.id, made[i]!));
    }
    return found;
  }

  /** Makes and keeps them; the same asked for by several at once is made once. */
  private made(scope: FirmScope, jobs: readonly MarkedJob[], derivation: Derivation): Promise<Kept[]> {
    const names = jobs.map((job) => `${keyOf(scope, derivation, job)} ${derivation.markOf(job)}`).join();
    let making = this.underWay.get(names);
    if (!making) {
      making = this.makeAndKeep(scope, jobs, derivation).finally(() => this.underWay.delete(names));
      this.underWay.set(names, making);
    }
    return making;
  }

  private later(scope: FirmScope, job: MarkedJob, derivation: Derivation): void {
    void this.behind(() =>
      this.made(scope, [job], derivation).catch((error: unknown) => {
        log.warn({ error, kind: derivation.kind }, 'what an earlier release derived could not be made anew');
      }),
    );
  }

  private async makeAndKeep(scope: FirmScope, jobs: readonly MarkedJob[], derivation: Derivation): Promise<Kept[]> {
    const made = new Map<string, Kept>();
    for (const records of await readJobsAnew(scope, jobs)) {
      const { body, turnsAt } = await derivation.make(records);
      made.set(records.job.id, new Kept(derivation.markOf(records.job), RELEASE, body, turnsAt));
    }
    const all = jobs.map((job) => made.get(job.id)!);
    jobs.forEach((job, i) => this.atHand.set(keyOf(scope, derivation, job), all[i]!));
    await keep(scope, derivation.kind, made);
    return all;
  }
}

const keyOf = ({ who }: FirmScope, { kind }: Derivation, { id }: MarkedJob) => `${who.firmId} ${kind} ${id}`;

async function storedOf(scope: FirmScope, kind: DerivedKind, jobs: readonly MarkedJob[]): Promise<Map<string, Kept>> {
  if (jobs.length === 0) return new Map();
  const rows = await scope.manager.find(DerivedAnswerEntity, {
    where: { firmId: scope.who.firmId, kind, jobId: In(jobs.map((j) => j.id)) },
  });
  return new Map(
    rows.map(({ jobId, mark, release, turnsAt, body }) => [jobId, new Kept(mark, release, body, turnsAt)]),
  );
}

async function keep({ manager, who }: FirmScope, kind: DerivedKind, made: ReadonlyMap<string, Kept>): Promise<void> {
  const rows = [...made].map(([jobId, { mark, release, body, turnsAt }]) => ({
    firmId: who.firmId,
    kind,
    jobId,
    mark,
    release,
    body,
    turnsAt,
  }));
  try {
    await manager.upsert(DerivedAnswerEntity, rows, ['firmId', 'kind', 'jobId']);
  } catch (error) {
    // It is made again by whoever asks next; the answer itself is there.
    log.warn({ error, kind }, 'what was derived could not be kept');
  }
}
