import type { NestExpressApplication } from '@nestjs/platform-express';
import type { NextFunction, Request, Response } from 'express';

/** So many requests are worked on at once, in this process; whoever comes then is told when to come again. */
const MOST_AT_ONCE = 64;
const AGAIN_AFTER_S = 2;

/** What has to be answered however many ask: whether we live, whether we can write, and the feed, which stays open. */
const ALWAYS = ['/api/alive', '/api/ready', '/api/health', '/api/events'];

/**
 * Lets no more in than can be worked on: past that everybody would wait longer than anybody does wait, and what waits
 * takes memory. A device sends its writes again by itself, under the same ids.
 */
export function keepCrowdOut(app: NestExpressApplication, most = MOST_AT_ONCE): void {
  let inside = 0;
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (!request.path.startsWith('/api/') || ALWAYS.includes(request.path)) return next();
    if (inside >= most) {
      response.setHeader('Retry-After', String(AGAIN_AFTER_S));
      response.status(429).json({
        code: 'crowded',
        message: `More ask at this moment than can be answered. Nothing was written; try again in ${AGAIN_AFTER_S} seconds.`,
        requestId: String((request as { id?: unknown }).id ?? ''),
      });
      return;
    }
    inside++;
    let isIn = true;
    const out = () => {
      if (isIn) inside--;
      isIn = false;
    };
    // Answered is out, however slowly it is read; and so is whoever has gone.
    response.once('prefinish', out);
    response.once('close', out);
    next();
  });
}
