import { newId, text } from '@rustic/core';
import {
  Body,
  Controller,
  Get,
  Injectable,
  NotFoundException,
  Param,
  Post,
  Res,
  type OnModuleDestroy,
} from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { STANDS } from '../record/takenOut.ts';
import { BusyTimeEntity, CalendarFeedEntity } from '../record/calendarEntities.ts';
import { PersonEntity } from '../record/firmEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { readJob, readJobs } from '../reading/jobRecords.ts';
import { Open, Sender } from '../people/session.ts';
import { ForEverybody } from '../people/roles.ts';
import { digest, TOKEN, token } from '../people/tokens.ts';
import { newestPlan } from '../reading/newestPlan.ts';
import { Writes } from '../record/writes.service.ts';
import { refusedWith } from '../http/refused.ts';
import type { BusyAsked } from './busy.worker.ts';
import type { Busy } from './busyFile.ts';
import { careEvents } from './careEvents.ts';
import { calendarFile, eventsOf, type CalendarEvent } from './calendarFile.ts';
import { visitEvents } from './visitEvents.ts';
import { standingVisits } from '../reading/standingVisits.ts';
import { bodyOf } from '../http/bodyOf.ts';
import { Answers } from '../answers/answer.ts';
import { busyAnswer, calendarPage, feedAnswer } from '../answers/firm.ts';
import { Threads } from '../threads/threads.ts';

/** Null closes the feed. */
export class FeedBody extends bodyOf({ id: newId, token: token.nullish() }) {}

/** An iCalendar file; null takes back what was read in. */
export class BusyBody extends bodyOf({ id: newId, ics: text(400_000).nullish() }) {}

const UNDER_WAY = ['planned', 'active'];
/** So far ahead another calendar is read. */
const AHEAD_DAYS = 400;
/** So far ahead somebody's own work is shown: four whole weeks, and what is left of this one. */
const SHOWN_DAYS = 34;
const DAY_MS = 86_400_000;

const nothing = () => new NotFoundException('There is nothing here. The feed may have been closed.');

/** The posted plans as calendars: a file for a job, and a private feed for a person. */
@Injectable()
export class Calendar implements OnModuleDestroy {
  private readonly pool = new Threads({
    filename: new URL('./busy.worker.js', import.meta.url).href,
    minThreads: 0,
    maxThreads: 1,
  });

  constructor(
    private readonly writes: Writes,
    private readonly database: DataSource,
  ) {}

  async onModuleDestroy(): Promise<void> {
    await this.pool.end();
  }

  async ofJob(who: Who, jobId: string): Promise<string> {
    const scope = this.writes.reading(who);
    const records = await readJob(scope, jobId);
    const posted = await newestPlan(scope, jobId);
    return calendarFile(records.job.title, [
      ...(posted ? eventsOf(records, posted, null) : []),
      ...visitEvents(records, records.visits),
    ]);
  }

  /** What a client may do and when, and what is looked at again, as whole days of a calendar. */
  async careOfJob(who: Who, jobId: string): Promise<string> {
    const records = await readJob(this.writes.reading(who), jobId);
    return calendarFile(`${records.job.title}: looking after it`, careEvents(records, who.now));
  }

  /** Where this person's feed stands, what stands in it in the weeks ahead, and when they are taken by something else. */
  async feed(who: Who) {
    const scope = this.writes.reading(who);
    const [feed] = await scope.find(CalendarFeedEntity, { personId: who.personId });
    const busy = await scope.find(BusyTimeEntity, { personId: who.personId }, { startsAt: 'ASC' });
    const until = new Date(who.now.getTime() + SHOWN_DAYS * DAY_MS);
    return {
      madeAt: feed?.madeAt ?? null,
      busy: busy.filter((b) => b.endsAt > who.now).length,
      taken: busy
        .filter((b) => b.endsAt > who.now && b.startsAt < until)
        .map(({ title, startsAt, endsAt }) => ({ title, startsAt, endsAt })),
      work: (await this.ownEvents(scope, who.personId))
        .filter(({ event }) => event.end > who.now && event.start < until)
        .map(({ job, event }) => ({
          id: event.id,
          jobId: job.id,
          job: job.title,
          words: event.title,
          startsAt: event.start,
          endsAt: event.end,
        }))
        .sort((a, b) => a.startsAt.getTime() - b.startsAt.getTime()),
    };
  }

  /** Everything that wants this person's hands: their part of every posted plan, and the visits that are theirs. */
  private async ownEvents(scope: FirmScope, personId: string): Promise<{ job: JobEntity; event: CalendarEvent }[]> {
    const visits = (await standingVisits(scope)).filter((v) => v.personId === personId);
    const jobs = (await scope.find(JobEntity, STANDS, { startsAt: 'ASC' })).filter(
      (j) => UNDER_WAY.includes(j.status) || visits.some((v) => v.jobId === j.id),
    );
    const all = await readJobs(scope, jobs);
    const events = await Promise.all(
      all.map(async (records) => {
        const posted = await newestPlan(scope, records.job.id);
        const own = visits.filter((v) => v.jobId === records.job.id);
        const those = [...(posted ? eventsOf(records, posted, personId) : []), ...visitEvents(records, own)];
        return those.map((event) => ({ job: records.job, event }));
      }),
    );
    return events.flat();
  }

  /** Reads a person's own calendar in: what it held before gives way to what it holds now. Read whole or not at all. */
  async setBusy(who: Who, body: BusyBody): Promise<{ busy: number }> {
    const times = body.ics ? await this.read(who, body.ics) : [];
    return this.writes.run(who, async (scope) => {
      await scope.manager.delete(BusyTimeEntity, { firmId: who.firmId, personId: who.personId });
      for (const time of times) await scope.add(BusyTimeEntity, { id: uuid(), personId: who.personId, ...time });
      return { busy: times.length };
    });
  }

  private async read(who: Who, ics: string): Promise<Busy[]> {
    const { timeZone } = await this.writes.reading(who).firm();
    const from = new Date(who.now.getTime() - DAY_MS);
    const to = new Date(who.now.getTime() + AHEAD_DAYS * DAY_MS);
    const asked: BusyAsked = { ics, zone: timeZone, from, to };
    const read = (await this.pool.run(asked)) as Busy[] | { fault: string };
    if ('fault' in read) throw refusedWith([{ path: 'ics', message: read.fault }]);
    return read;
  }

  /** A new feed closes the one before it. */
  async setFeed(who: Who, body: FeedBody): Promise<{ open: boolean }> {
    return this.writes.run(who, async (scope) => {
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
    const who: Who = { firmId: feed.firmId, personId: person.id, name: person.name, now, write: null };
    const scope = this.writes.reading(who);
    const events = await this.ownEvents(scope, person.id);
    return calendarFile(
      `${person.name}, hands on`,
      events.map(({ event }) => event),
    );
  }
}

@ApiTags('plans')
@Controller('api')
export class CalendarController {
  constructor(private readonly calendar: Calendar) {}

  @Get('jobs/:jobId/calendar')
  async ofJob(@Sender() who: Who, @Param('jobId') id: string, @Res() response: Response) {
    const file = await this.calendar.ofJob(who, id);
    response.setHeader('Content-Disposition', 'attachment; filename="plan.ics"');
    response.type('text/calendar; charset=utf-8').send(file);
  }

  @Get('jobs/:jobId/care-calendar')
  async careOfJob(@Sender() who: Who, @Param('jobId') id: string, @Res() response: Response) {
    const file = await this.calendar.careOfJob(who, id);
    response.setHeader('Content-Disposition', 'attachment; filename="looking-after-it.ics"');
    response.type('text/calendar; charset=utf-8').send(file);
  }

  @Answers('feed', calendarPage) @Get('calendar') feed(@Sender() who: Who) {
    return this.calendar.feed(who);
  }
  @ForEverybody() @Answers('setBusy', busyAnswer) @Post('calendar/busy') setBusy(
    @Sender() who: Who,
    @Body() body: BusyBody,
  ) {
    return this.calendar.setBusy(who, body);
  }
  @ForEverybody() @Answers('setFeed', feedAnswer) @Post('calendar') setFeed(
    @Sender() who: Who,
    @Body() body: FeedBody,
  ) {
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
