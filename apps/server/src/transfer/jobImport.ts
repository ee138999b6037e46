import {
  ConflictException,
  Controller,
  HttpCode,
  Injectable,
  PayloadTooLargeException,
  Post,
  Query,
  Req,
  type OnModuleDestroy,
} from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { asProduct, type CameFrom, type Entry, type InputFault, type JobFile, type Product, newId } from '@rustic/core';
import { v7 as uuid } from 'uuid';
import { BusyTimeEntity } from '../record/calendarEntities.ts';
import { QuoteNumberEntity } from '../record/documentEntities.ts';
import { PersonEntity } from '../record/firmEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import { LedgerEntryEntity } from '../record/ledgerEntities.ts';
import { ProductEntity } from '../record/shelfEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { refusedWith } from '../http/refused.ts';
import { Turns } from '../http/turns.ts';
import { readJob } from '../reading/jobRecords.ts';
import { surfaceView } from '../reading/surfaceView.ts';
import { Ledger } from '../record/ledger.service.ts';
import { PhotoStore } from '../record/photos/photoStore.ts';
import { Access } from '../people/access.ts';
import { Sender } from '../people/session.ts';
import { planInputOf } from '../plans/planInput.ts';
import { readFirmShelf } from '../reading/firmShelf.ts';
import { Writes } from '../record/writes.service.ts';
import type { ReadJob } from './jobRead.ts';
import { JOB_TABLES, ROW_KINDS, tableRow } from '../record/jobTables.ts';
import { bodyOf } from '../http/bodyOf.ts';
import { Answers, Sent } from '../answers/answer.ts';
import { importAnswer, jobFileAnswer } from '../answers/jobs.ts';
import { Threads } from '../threads/threads.ts';
import { beganAt, heldBy } from './jobFileHolds.ts';

/** A whole job may not be larger than this as it is sent. */
export const JOB_LIMIT_BYTES = 128 * 1024 * 1024;
/** A whole job is large as it is read: one after the other. */
const turns = new Turns({
  atOnce: 1,
  mostWaiting: 4,
  againAfterS: 20,
  words: (waiting) => `${waiting} jobs wait to be read before this one.`,
});
/** Rows that go to the database at once. */
const BATCH = 200;

export class JobImportQuery extends bodyOf({ id: newId }) {}

/** What an import did. Sent again, or a job that is here already: nothing is written twice. */
export interface Imported {
  jobId: string;
  already: boolean;
  entries: number;
  photos: number;
}

/** Brings a whole job in: checked first, then written whole in one transaction, or not at all. */
@Injectable()
export class JobImport implements OnModuleDestroy {
  private readonly pool = new Threads({
    filename: new URL('./jobRead.worker.js', import.meta.url).href,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 60_000,
  });

  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly access: Access,
    private readonly store: PhotoStore,
  ) {}

  async onModuleDestroy(): Promise<void> {
    await this.pool.end();
  }

  async bring(who: Who, sent: unknown): Promise<Imported> {
    const { file, photos } = await this.read(sent);
    const putInside = await this.putPictures(who, file, photos);
    return this.writes.run(who, async (scope) => {
      const here = await scope.manager.findOneBy(JobEntity, { id: file.job.id, firmId: who.firmId });
      if (here) return this.already(scope, file);
      for (const put of putInside) await put(scope.manager);
      await this.write(scope, file);
      await this.opens(scope, file.job.id);
      return { jobId: file.job.id, already: false, entries: file.ledger.length, photos: file.photos.length };
    });
  }

  private async putPictures({ firmId }: Who, file: JobFile, photos: ReadJob['photos']) {
    const puts = [];
    for (const { id, hash } of file.photos)
      puts.push(await this.store.put({ firmId, hash }, Buffer.from(photos.get(id)!)));
    return puts;
  }

  /** What a file holds, before anything of it is written: what is wrong with it is said as when it is brought in. */
  async look(who: Who, sent: unknown) {
    const { file } = await this.read(sent);
    const scope = this.writes.reading(who);
    const here = await scope.manager.findOneBy(JobEntity, { id: file.job.id, firmId: who.firmId });
    if (here) await this.already(scope, file);
    const { currency } = await scope.firm();
    return { ...heldBy(file), already: here !== null, currency };
  }

  private async read(sent: unknown): Promise<ReadJob> {
    if (!Buffer.isBuffer(sent) || sent.length === 0) throw refusedWith([{ path: '$', message: 'is empty' }]);
    if (sent.length > JOB_LIMIT_BYTES)
      throw new PayloadTooLargeException({
        code: 'too-large',
        message: 'The file is over 128 MB. Nothing was written.',
      });
    const read = (await turns.take(() => this.pool.run(new Uint8Array(sent)))) as ReadJob | { faults: InputFault[] };
    if ('faults' in read) throw refusedWith(read.faults);
    return read;
  }

  /** A job that is here: the file may hold nothing that is not. */
  private async already(scope: FirmScope, { job, ledger }: JobFile): Promise<Imported> {
    const ours = await this.ledger.entries(scope, job.id);
    const at = ledger.findIndex((entry, i) => ours[i]?.hash !== entry.hash);
    if (at === -1) return { jobId: job.id, already: true, entries: 0, photos: 0 };
    throw new ConflictException({
      code: 'differs',
      message: ours[at]
        ? `This job is here already, and its record parts from the file at entry ${at + 1}. Nothing was written; both stand as they are.`
        : `This job is here already with ${ours.length} entries; the file goes on to ${ledger.length}. Nothing was written. Restore a backup to go to a later state.`,
      yours: ledger[at],
      theirs: ours[at] ?? null,
    });
  }

  private async write(scope: FirmScope, file: JobFile): Promise<void> {
    const { manager, who } = scope;
    const { firmId } = who;
    const owned = { firmId, jobId: file.job.id };
    const job = tableRow(manager, JobEntity, file.job) as unknown as JobEntity;
    await manager.insert(JobEntity, { ...job, firmId } as never);
    for (const kind of ROW_KINDS) {
      const rows = (file[kind] as object[]).map((row) => ({ ...tableRow(manager, JOB_TABLES[kind], row), ...owned }));
      for (const some of batches(rows)) await manager.insert(JOB_TABLES[kind], some as never);
    }
    for (const some of batches(file.ledger as Entry[]))
      await manager.insert(
        LedgerEntryEntity,
        some.map(({ by, ...rest }) => ({ ...rest, byName: by, firmId })) as never,
      );
    scope.paced.add(job.id);
    await this.ledger.carryForward(scope, await scope.one(JobEntity, job.id, 'job'));
    await scope.set(JobEntity, job, {
      crewIds: await this.crew(scope, job.crewIds),
      cameFrom: await this.cameFrom(scope, file),
    });
    await this.numbers(scope, file);
    await this.products(scope, file.products);
    await this.ledger.append(scope, {
      jobId: file.job.id,
      kind: 'job-brought-in',
      subject: null,
      at: who.now,
      payload: { entries: file.ledger.length, head: file.ledger.at(-1)?.hash ?? null, photos: file.photos.length },
    });
    const noted = { firmId, personId: who.personId, byName: who.name, at: who.now };
    await this.access.note(manager, { ...noted, kind: 'imported', detail: file.job.title });
  }

  /** Where it was before; a job that comes home to where it began came from nowhere else. */
  private async cameFrom(scope: FirmScope, file: JobFile): Promise<CameFrom | null> {
    const began = beganAt(file);
    const { name, currency } = await scope.firm();
    return began && (began.firm !== name || began.currency !== currency) ? began : null;
  }

  /** Of the crew, those who are of this firm; of another firm's, everybody here who paints. */
  private async crew(scope: FirmScope, ids: readonly string[]): Promise<string[]> {
    const painters = (await scope.find(PersonEntity)).filter((p) => p.hours !== null && p.leftAt === null);
    const ours = painters.filter((p) => ids.includes(p.id));
    return (ours.length ? ours : painters).map((p) => p.id);
  }

  /** Quotes brought in keep their numbers; the firm gives none of them again. */
  private async numbers({ manager, who }: FirmScope, { documents, job }: JobFile): Promise<void> {
    const numbers = [...new Set(documents.map((d) => d.number))];
    const rows = numbers.map((number) => ({ firmId: who.firmId, number, jobId: job.id }));
    if (rows.length)
      await manager.createQueryBuilder().insert().into(QuoteNumberEntity).values(rows).orIgnore().execute();
  }

  /** Sheets that are not known here are kept, but not put on the shelf; what is known here stands. */
  private async products(scope: FirmScope, products: JobFile['products']): Promise<void> {
    const known = new Set([
      ...(await readFirmShelf(scope)).all.map((p) => p.id),
      ...(await scope.find(ProductEntity)).map((p) => p.productId),
    ]);
    for (const { productId, sheet } of products.filter((p) => !known.has(p.productId)))
      await scope.add(ProductEntity, {
        id: uuid(),
        productId,
        sheet: asProduct({ ...(sheet as Product), id: productId }),
        kept: false,
      });
  }

  /** Opens the job as its pages will. What cannot be opened is not kept: the transaction ends with the fault. */
  private async opens(scope: FirmScope, jobId: string): Promise<void> {
    const { now } = scope.who;
    try {
      const records = await readJob(scope, jobId);
      for (const surface of records.surfaces) surfaceView(records, surface, now);
      const [people, busy] = await Promise.all([scope.find(PersonEntity), scope.find(BusyTimeEntity)]);
      planInputOf(records, { people, busy, elsewhere: [], visits: [] }, now);
    } catch (error) {
      throw refusedWith([{ path: '$', message: `cannot be opened as a job: ${(error as Error).message}` }]);
    }
  }
}

function batches<T>(rows: readonly T[]): T[][] {
  const count = Math.ceil(rows.length / BATCH);
  return Array.from({ length: count }, (_, i) => rows.slice(i * BATCH, (i + 1) * BATCH));
}

@ApiTags('ledger')
@Controller('api/job-imports')
export class JobImportController {
  constructor(private readonly imports: JobImport) {}

  /** Looks into the file of a job: nothing is written. */
  @Sent() @Answers('lookIntoJob', jobFileAnswer) @Post('look') @HttpCode(200) look(
    @Sender() who: Who,
    @Req() request: { body: unknown },
  ) {
    return this.imports.look(who, request.body);
  }

  @Sent() @Answers('bringJobIn', importAnswer) @Post() bring(
    @Sender() who: Who,
    @Query() _query: JobImportQuery,
    @Req() request: { body: unknown },
  ): Promise<Imported> {
    return this.imports.bring(who, request.body);
  }
}
