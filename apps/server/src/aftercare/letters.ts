import { Controller, Get, Injectable, Param, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Paper } from '@rustic/core';
import type { Response } from 'express';
import { In } from 'typeorm';
import { JobEntity } from '../record/jobEntities.ts';
import type { VisitEntity } from '../record/visitEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { calendarFile } from '../calendar/calendarFile.ts';
import { visitEvents } from '../calendar/visitEvents.ts';
import { readJob, readJobs, type JobRecords } from '../reading/jobRecords.ts';
import { Sender } from '../people/session.ts';
import { Writes } from '../record/writes.service.ts';
import { standingVisits } from '../reading/standingVisits.ts';
import { visitLetter } from './visitLetter.ts';
import { papers } from '../answers/aftercare.ts';
import { Answers } from '../answers/answer.ts';

/** What is sent about visits that are fixed: letters to print, and calendar files. */
@Injectable()
export class Letters {
  constructor(private readonly writes: Writes) {}

  /** A letter to each client of a round, in the order in which they are called on. */
  async ofRound(who: Who, roundId: string): Promise<Paper[]> {
    const round = await this.read(this.writes.reading(who), roundId);
    return round.map(({ records, visits }) => visitLetter(records, visits, who.now));
  }

  async calendarOfRound(who: Who, roundId: string): Promise<string> {
    const round = await this.read(this.writes.reading(who), roundId);
    return calendarFile(
      'Round',
      round.flatMap(({ records, visits }) => visitEvents(records, visits)),
    );
  }

  async calendarOfJob(who: Who, jobId: string): Promise<string> {
    const records = await readJob(this.writes.reading(who), jobId);
    return calendarFile(`${records.job.title}: visits`, visitEvents(records, records.visits));
  }

  /** The jobs of a round with the visits of each that stand. */
  async read(scope: FirmScope, roundId: string): Promise<{ records: JobRecords; visits: VisitEntity[] }[]> {
    const visits = (await standingVisits(scope)).filter((v) => v.roundId === roundId);
    const ids = [...new Set(visits.map((v) => v.jobId))];
    const all = await readJobs(scope, await scope.find(JobEntity, { id: In(ids) }));
    return ids.flatMap((id) => {
      const records = all.find((r) => r.job.id === id);
      return records ? [{ records, visits: visits.filter((v) => v.jobId === id) }] : [];
    });
  }
}

const sendCalendar = (response: Response, file: string, name: string) => {
  response.setHeader('Content-Disposition', `attachment; filename="${name}.ics"`);
  response.type('text/calendar; charset=utf-8').send(file);
};

@ApiTags('aftercare')
@Controller('api')
export class LettersController {
  constructor(private readonly letters: Letters) {}

  @Answers('roundLetters', papers) @Get('aftercare/rounds/:roundId/letters') ofRound(
    @Sender() who: Who,
    @Param('roundId') id: string,
  ) {
    return this.letters.ofRound(who, id);
  }
  @Get('aftercare/rounds/:roundId/calendar')
  async round(@Sender() who: Who, @Param('roundId') id: string, @Res() response: Response) {
    sendCalendar(response, await this.letters.calendarOfRound(who, id), 'round');
  }
  @Get('jobs/:jobId/visit-calendar')
  async job(@Sender() who: Who, @Param('jobId') id: string, @Res() response: Response) {
    sendCalendar(response, await this.letters.calendarOfJob(who, id), 'visits');
  }
}
