import { Controller, Get, HttpException, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import type { Who } from '../record/firmScope.ts';
import { People } from '../people/people.service.ts';
import { steadyNow } from '../people/steadyClock.ts';
import { Sender, sessionToken, type SessionRequest } from '../people/session.ts';
import { Events, type Happening } from './events.ts';

const BEAT_MS = 20_000;
/** One person has few pages open; more than this is no person. */
const MOST_EACH = 12;

/** What is written in the firm, as it happens (server-sent events): a page listens, and fetches anew what it shows. */
@ApiTags('on site')
@Controller('api/events')
export class EventsController {
  private readonly open = new Map<string, number>();

  constructor(
    private readonly events: Events,
    private readonly people: People,
  ) {}

  @Get()
  async listen(@Sender() who: Who, @Req() request: SessionRequest, @Res() response: Response): Promise<void> {
    const count = this.open.get(who.personId) ?? 0;
    if (count >= MOST_EACH)
      throw new HttpException({ code: 'too-often', message: 'Too many pages are open. Close some of them.' }, 429);
    this.open.set(who.personId, count + 1);
    // Heard from the first moment: a line that breaks while the feed is being opened is one that closed.
    const atClose: (() => void)[] = [() => this.closed(who.personId)];
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
    const beat = setInterval(() => void this.beat(request, response), BEAT_MS);
    atClose.push(() => clearInterval(beat));
    await this.catchUp(request, who, tell, response);
  }

  private closed(personId: string): void {
    const left = (this.open.get(personId) ?? 1) - 1;
    if (left > 0) this.open.set(personId, left);
    else this.open.delete(personId);
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
  private async beat(request: SessionRequest, response: Response): Promise<void> {
    const there = await this.people
      .whoIs(sessionToken(request), steadyNow())
      .catch(() => 'the database is away' as const);
    if (there === null) response.end('event: signed-out\ndata: {}\n\n');
    else response.write(': \n\n');
  }
}
