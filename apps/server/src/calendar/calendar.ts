import { createHash } from 'node:crypto';
import { Body, Controller, Get, Injectable, NotFoundException, Param, Post, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { IsOptional, IsString, IsUUID, Matches } from 'class-validator';
import { DataSource, In } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { CalendarFeedEntity } from '../database/calendarEntities.ts';
import { JobEntity, PersonEntity, PostedPlanEntity } from '../database/entities.ts';
import type { FirmScope, Who } from '../database/firmScope.ts';
import { TOKEN } from '../documents/clientLinks.ts';
import { readJob, readJobs } from '../jobs/jobRecords.ts';
import { Open, Sender } from '../people/session.ts';
import { Writes } from '../writes/writes.service.ts';
import { calendarFile, eventsOf } from './calendarFile.ts';

export class FeedBody {
  @IsUUID() id: string;
  /** Made where the act is made: only its hash is kept. Null closes the feed. */
  @IsOptional() @IsString() @Matches(TOKEN) token: string | null;
}

const digest = (text: string) => createHash('sha256').update(text).digest('hex');
const nothing = () => new NotFoundException('There is nothing here. The feed may have been closed.');

/** The posted plans as calendars: a file for a job, and a private feed for a person. */
@Injectable()
export class Calendar {
  constructor(
    private readonly writes: Writes,
    private readonly database: DataSource,
  ) {}

  /** Every posted plan of the firm, the newest of each job. */
  private async posted(scope: FirmScope, jobIds: readonly string[]): Promise<Map<string, PostedPlanEntity>> {
    const rows = await scope.find(PostedPlanEntity, { jobId: In([...jobIds]) }, { at: 'ASC', id: 'ASC' });
    return new Map(rows.map((row) => [row.jobId, row]));
  }

  async ofJob(who: Who, jobId: string): Promise<string> {
    const scope = this.writes.reading(who);
    const records = await readJob(scope, jobId);
    const posted = (await this.posted(scope, [jobId])).get(jobId);
    return calendarFile(records.job.title, posted ? eventsOf(records, posted, null) : []);
  }

  /** Where this person's feed stands. */
  async feed(who: Who): Promise<{ madeAt: Date | null }> {
    const [feed] = await this.writes.reading(who).find(CalendarFeedEntity, { personId: who.personId });
    return { madeAt: feed?.madeAt ?? null };
  }

  /** A new feed closes the one before it. */
  async setFeed(who: Who, body: FeedBody): Promise<{ open: boolean }> {
    return this.writes.once(who, body.id, body, async (scope) => {
      await scope.manager.delete(CalendarFeedEntity, { firmId: who.firmId, personId: who.personId });
      if (!body.token) return { open: false };
      await scope.add(CalendarFeedEntity, {
        id: uuid(),
        personId: who.personId,
        tokenHash: digest(body.token),
        madeAt: who.now,
      });
      return { open: true };
    });
  }

  async ofToken(token: string, now: Date): Promise<string> {
    if (!TOKEN.test(token)) throw nothing();
    const feed = await this.database.manager.findOneBy(CalendarFeedEntity, { tokenHash: digest(token) });
    const person = feed && (await this.database.manager.findOneBy(PersonEntity, { id: feed.personId }));
    if (!feed || !person) throw nothing();
    const who: Who = { firmId: feed.firmId, personId: person.id, name: person.name, now };
    const scope = this.writes.reading(who);
    const jobs = await scope.find(JobEntity, { status: In(['planned', 'active']) }, { startsAt: 'ASC' });
    const posted = await this.posted(
      scope,
      jobs.map((j) => j.id),
    );
    const all = await readJobs(
      scope,
      jobs.filter((j) => posted.has(j.id)),
    );
    return calendarFile(
      `${person.name}, hands on`,
      all.flatMap((records) => eventsOf(records, posted.get(records.job.id)!, person.id)),
    );
  }
}

@ApiTags('plans')
@Controller('api')
export class CalendarController {
  constructor(private readonly calendar: Calendar) {}

  @Get('jobs/:id/calendar')
  async ofJob(@Sender() who: Who, @Param('id') id: string, @Res() response: Response) {
    const file = await this.calendar.ofJob(who, id);
    response.setHeader('Content-Disposition', 'attachment; filename="plan.ics"');
    response.type('text/calendar; charset=utf-8').send(file);
  }

  @Get('calendar') feed(@Sender() who: Who) {
    return this.calendar.feed(who);
  }
  @Post('calendar') setFeed(@Sender() who: Who, @Body() body: FeedBody) {
    return this.calendar.setFeed(who, body);
  }

  /** What a calendar subscribes to: whoever has the address may read it, and nothing else. */
  @Open()
  @Get('calendar/:token')
  async ofToken(@Param('token') token: string, @Res() response: Response) {
    const file = await this.calendar.ofToken(token, new Date());
    response.setHeader('Cache-Control', 'private, no-store');
    response.type('text/calendar; charset=utf-8').send(file);
  }
}
