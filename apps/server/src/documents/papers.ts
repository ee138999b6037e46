import { Injectable } from '@nestjs/common';
import type { Paper } from '@rustic/core';
import { readJob } from '../reading/jobRecords.ts';
import { pricedJob } from '../reading/pricedJob.ts';
import { PersonEntity } from '../record/firmEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { Writes } from '../record/writes.service.ts';
import { CareSheets } from './careSheets.ts';
import type { PaperKind } from './documents.dto.ts';
import { paperOf } from './papersOf.ts';
import { Quotes } from './quotes.ts';

/** The papers of a job, as they stand now. */
@Injectable()
export class Papers {
  constructor(
    private readonly writes: Writes,
    private readonly quotes: Quotes,
    private readonly careSheets: CareSheets,
  ) {}

  /** A paper as it stands now. */
  async paper(who: Who, jobId: string, kind: PaperKind): Promise<Paper> {
    const scope = this.writes.reading(who);
    const records = await readJob(scope, jobId);
    if (kind === 'care-sheet') return this.careSheets.of(scope, records);
    const priced = await pricedJob(scope, records);
    const { draft } = await this.quotes.standing(scope, records, priced);
    return paperOf(kind, {
      records,
      priced,
      draft,
      now: who.now,
      people: await scope.find(PersonEntity),
    });
  }
}
