import { Injectable } from '@nestjs/common';
import { careSheetPaper, inWordsOf, type CareSurface, type Paper } from '@rustic/core';
import { Aftercare } from '../aftercare/aftercare.ts';
import { careSurfaces } from '../reading/careSurfaces.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import { paperHead } from '../reading/letterhead.ts';
import type { FirmScope } from '../record/firmScope.ts';

/** What the client of a job is told about what is finished. */
@Injectable()
export class CareSheets {
  constructor(private readonly aftercare: Aftercare) {}

  /** The sheet as it stands now; of a job where nothing is finished it says so. */
  of(scope: FirmScope, records: JobRecords): Promise<Paper> {
    return this.about(careSurfaces(records), scope, records);
  }

  /** The same, where something is finished; null where nothing is. */
  async ifFinished(scope: FirmScope, records: JobRecords): Promise<Paper | null> {
    const finished = careSurfaces(records);
    return finished.length ? this.about(finished, scope, records) : null;
  }

  private async about(finished: readonly CareSurface[], scope: FirmScope, records: JobRecords): Promise<Paper> {
    // How long the firm's films last is read only where a film is told of.
    const lives = finished.length ? await this.aftercare.lives(scope) : [];
    const now = scope.who.now.toISOString();
    return inWordsOf(
      careSheetPaper(finished, lives, now, records.firm.timeZone, paperHead(records, scope.who.now)),
      records.firm.terms,
    );
  }
}
