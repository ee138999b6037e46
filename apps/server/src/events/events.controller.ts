import { Controller, Get, HttpException, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import type { Who } from '../record/firmScope.ts';
import { People } from '../people/people.service.ts';
import { steadyNow } from '../people/steadyClock.ts';
import { Sender, sessionToken, type SessionRequest } from '../people/session.ts';
import { Events, type Happening } from './events.ts';
import { OpenFeeds } from './openFeeds.ts';

const BEAT_MS = 20_000;

/** What is written in the firm, as it happens (server-sent events): a page listens, and fetches anew what it shows. */
@ApiTags('on site')
@Controller('api/events')
export class EventsController {
  constructor(
    private readonly events: Events,
    private readonly feeds: OpenFeeds,
    private readonly people: People,
  ) {}

  @Get()
  async listen(@Sender() who: Who, @Req() request: SessionRequest, @Res() response: Response): Promise<void> {
    const feed = await this.feeds.open(who.personId);
    if (feed === null)
      throw new HttpException({ code: 'too-often', message: 'Too many pages are open. Close some of them.' }, 429);
    // Heard from the first moment: a line that breaks while the feed is being opened is one that closed.
    const atClose: (() => void)[] = [() => void this.closed(feed)];
    let isClosed = false;
    const close = () => {
      if (isClosed) return;
      isClosed = true;
      atClose.forEach((act) => act());
    };
    response.once('close', close);
    const isGone = () => response.destroyed;
    if (isGone()) return close();
    response.writeHead(200, {
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-store',
      'x-accel-buffering': 'no',
    });
    const tell = ({ id, firmId: _firm, ...moved }: Happening) =>
      response.write(`id: ${id}\ndata: ${JSON.stringify(moved)}\n\n`);
    const stop = await this.events.listen(who.firmId, tell);
    if (isGone()) return stop();
    atClose.push(stop);
    response.write('retry: 2000\n: listening\n\n');
    const beat = setInterval(() => void this.beat(feed, request, response), BEAT_MS);
    atClose.push(() => clearInterval(beat));
    await this.catchUp(request, who, tell, response);
  }

  /** Where the database is away its row stays, and is no feed any more in a minute. */
  private closed(feed: string): Promise<void> {
    return this.feeds.close(feed).catch(() => undefined);
  }

  /** After a gap: what was missed, or that too much was. */
  private async catchUp(request: SessionRequest, who: Who, tell: (h: Happening) => void, response: Response) {
    const last = Number(request.get('last-event-id'));
    if (!Number.isSafeInteger(last) || last <= 0) return;
    const missed = await this.events.since(who.firmId, last);
    if (missed === null) response.write('event: reload\ndata: {}\n\n');
    else missed.forEach(tell);
  }

  /** A sign of life, and a look whether the session still stands. */
  private async beat(feed: string, request: SessionRequest, response: Response): Promise<void> {
    const there = await this.feeds
      .keep(feed)
      .then(() => this.people.whoIs(sessionToken(request), steadyNow()))
      .catch(() => 'the database is away' as const);
    if (there === null) response.end('event: signed-out\ndata: {}\n\n');
    else response.write(': \n\n');
  }
}
